#!/usr/bin/env bash
# Measures speed and size against a server of its own, with a demo bench in a folder of its own.
set -euo pipefail
. scripts/lib.sh

want_packages test
want_packages share
install_php
install_node
mkdir -p build
PORT=$(php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);')
JACKREST_DATA="$JACKREST_ROOT/build/bench-data-$$"
export JACKREST_DATA
./jackrest start --port "$PORT" >build/bench-server.log 2>&1 </dev/null &
SERVER=$!
trap 'kill "$SERVER" 2>/dev/null; wait "$SERVER" 2>/dev/null; rm -rf "$JACKREST_DATA"' EXIT
for _ in $(seq 600); do
  grep -q "is ready" build/bench-server.log && break
  kill -0 "$SERVER" 2>/dev/null || fail "$(tail -n 1 build/bench-server.log)"
  sleep 0.2
done
# The workers are warmed up in the background once the server is ready; that is not what is measured.
sleep 5
# With the settings of the server, but for its bound: this takes minutes.
"${PHP_SERVE[@]}" -d max_execution_time=0 bench/run.php "$PORT"
