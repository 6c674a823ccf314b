#!/usr/bin/env bash
# Writes a whole bench into one open file: carry FILE [BENCH].
set -euo pipefail
. scripts/lib.sh

[ $# -ge 1 ] && [ $# -le 2 ] || fail "carry takes the FILE to write, and the name of a bench"
case "$1" in /*) FILE=$1 ;; *) FILE=$JACKREST_FROM/$1 ;; esac
[ -d "$(dirname "$FILE")" ] || fail "there is no folder $(dirname "$FILE")"
shift
want_packages program
prepare_data
install_php serve
exec php artisan carry "$FILE" "$@"
