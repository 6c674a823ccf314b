#!/usr/bin/env bash
# Backs everything up now, whether or not it is being served; --due where it is due.
set -euo pipefail
. scripts/lib.sh

case "${1:-}" in
  "" | --due) ;;
  *) fail "backup takes --due, not \"$1\"" ;;
esac
want_packages program
prepare_data
install_php serve
exec php artisan backup "$@"
