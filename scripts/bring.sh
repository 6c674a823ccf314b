#!/usr/bin/env bash
# Makes a bench of a file that another machine wrote. What is there is laid aside, never deleted.
set -euo pipefail
. scripts/lib.sh

[ $# -eq 1 ] || fail "bring takes the FILE of a bench"
FILE=$(cd "$JACKREST_FROM" && realpath -e "$1" 2>/dev/null) || fail "there is no file $1"
want_packages serve
prepare_data
install_php serve
exec php artisan bring "$FILE"
