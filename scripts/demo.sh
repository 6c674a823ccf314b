#!/usr/bin/env bash
# Puts the demo bench back as it was.
set -euo pipefail
. scripts/lib.sh

[ "${1:-}" = --reset ] || fail "demo takes --reset [--yes]"
if [ "${2:-}" != --yes ]; then
  read -r -p "Everything recorded on the demo bench will be gone. Put it back? [y/N] " answer || answer=
  [[ "$answer" =~ ^[Yy] ]] || { say "Left as it is."; exit 0; }
fi
want_packages serve
prepare_data
install_php
mkdir -p build
migrate
php artisan demo:reset
