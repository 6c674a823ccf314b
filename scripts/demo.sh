#!/usr/bin/env bash
# Puts the demo bench back as it was, or an empty bench in its place.
set -euo pipefail
. scripts/lib.sh

case "${1:-}" in
  --reset) command=demo:reset question="Everything recorded on the demo bench will be gone. Put it back? [y/N] " ;;
  --empty) command=demo:clear question="Everything recorded on this bench will be gone. Clear it? [y/N] " ;;
  *) fail "demo takes --reset or --empty, and --yes" ;;
esac
if [ "${2:-}" != --yes ]; then
  read -r -p "$question" answer || answer=
  [[ "$answer" =~ ^[Yy] ]] || { say "Left as it is."; exit 0; }
fi
want_packages serve
prepare_data
install_php
mkdir -p build
migrate
php artisan "$command"
