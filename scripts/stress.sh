#!/usr/bin/env bash
# The long runs: kills while writing, pairs at once, generated input, a soak. stress [SHARE], 0.02 to try it out.
set -euo pipefail
. scripts/lib.sh

want_packages test
install_php
install_node
build_front_end
mkdir -p build
php bench/stress.php "${1:-1}"
