#!/usr/bin/env bash
# Who has an account in the shared shop; with a name, an address that takes a new password for it.
set -euo pipefail
. scripts/lib.sh

AT=https://localhost:8443
NAME=()
while [ $# -gt 0 ]; do
  case "$1" in
    --at) AT=${2:-}; shift 2 || fail "--at wants the address of the shop" ;;
    -*) fail "account takes a name and --at ADDRESS, not \"$1\"" ;;
    *) NAME=("$1"); shift ;;
  esac
done
want_packages program
prepare_data
install_php serve
exec php artisan account "${NAME[@]}" --at="$AT"
