#!/usr/bin/env bash
# Makes a bench of a file that another machine wrote, beside those that are here; with --alone under the numbers it had,
# and what is here is laid aside, never deleted.
set -euo pipefail
. scripts/lib.sh

FILE='' HOW=()
while [ $# -gt 0 ]; do
  case $1 in
    --alone) HOW+=(--alone) ;;
    --for) [ -n "${2:-}" ] || fail "--for takes the name of somebody who signs in"
           HOW+=(--for="$2"); shift ;;
    *) [ -z "$FILE" ] || fail "bring takes one FILE of a bench"
       FILE=$(cd "$JACKREST_FROM" && realpath -e "$1" 2>/dev/null) || fail "there is no file $1" ;;
  esac
  shift
done
[ -n "$FILE" ] || fail "bring takes the FILE of a bench"
want_packages program
prepare_data
install_php serve
exec php artisan bring "$FILE" "${HOW[@]}"
