#!/usr/bin/env bash
# Lists the copies of the database, takes one back, or begins anew. What stands there is laid aside, never deleted.
set -euo pipefail
. scripts/lib.sh

want_packages program
prepare_data
install_php serve
case "${1:-}" in
  "") exec php artisan restore ;;
  --new) exec php artisan restore --new ;;
  -*) fail "restore takes a FILE or --new, not \"$1\"" ;;
  *) FILE=$(cd "$JACKREST_FROM" && realpath -e "$1" 2>/dev/null) || fail "there is no file $1"
     exec php artisan restore "$FILE" ;;
esac
