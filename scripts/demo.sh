#!/usr/bin/env bash
# Puts the demo bench back as it was, or leaves it for a bench of the user's own.
set -euo pipefail
. scripts/lib.sh

case "${1:-}" in
  --leave) command=demo:leave ;;
  --reset)
    command=demo:reset
    if [ "${2:-}" != --yes ]; then
      read -r -p "Everything recorded on the demo bench will be gone. Put it back? [y/N] " answer || answer=
      [[ "$answer" =~ ^[Yy] ]] || { say "Left as it is."; exit 0; }
    fi
    ;;
  *) fail "demo takes --reset [--yes] or --leave" ;;
esac
want_packages program
prepare_data
install_php serve
migrate
php artisan "$command"
