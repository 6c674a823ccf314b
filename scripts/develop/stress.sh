#!/usr/bin/env bash
# The long runs: kills while writing, pairs at once, generated input, a soak, a shared shop. stress [SHARE], 0.02 to try it out.
set -euo pipefail
. scripts/lib.sh

SHARE=${1:-1}
[[ "$SHARE" =~ ^(1|0?\.[0-9]*[1-9][0-9]*)$ ]] || fail "stress takes a share of the whole, above 0 and at most 1, not \"$SHARE\""
want_packages test
want_packages share
install_php
install_node
build_front_end
mkdir -p build
php bench/stress.php "$SHARE"
