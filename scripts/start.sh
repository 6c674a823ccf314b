#!/usr/bin/env bash
# Starts Jack Rest on 127.0.0.1, installing and building what is missing.
set -euo pipefail
. scripts/lib.sh

PORT=8000
while [ $# -gt 0 ]; do
  case "$1" in
    --port) PORT=${2:-}; shift 2 || fail "--port wants a number" ;;
    *) fail "start takes --port N, not \"$1\"" ;;
  esac
done
want_port "$PORT" "start --port"

want_packages serve
prepare_data
make_ready
read_once ""

# Long work takes turns (app/Entry/TakeTurns.php): eight of these may be busy with it or wait, six answer a keystroke.
export PHP_CLI_SERVER_WORKERS=14
ROOT=$PWD
LOG=$(realpath "$(data_folder)")/logs/server.log
# At a limit for the size of files a write fails, and is answered for; without this the server would be ended.
trap '' XFSZ
# In a process group of its own: PHP's server leaves its workers behind when it alone is ended.
(cd public && exec setsid "${PHP_SERVE[@]}" -S "127.0.0.1:$PORT" "$ROOT/$ROUTER") > >(exec php scripts/bounded-log.php "$LOG") 2>&1 &
SERVER=$!
end() { kill -- "-$SERVER" 2>/dev/null || true; }
trap 'end; wait "$SERVER" 2>/dev/null; exit 0' INT TERM
# And when this script is killed without a word, somebody has to end them all the same: it reads until nobody can write.
exec 9> >(exec setsid bash -c "cat; kill -- -$SERVER" >/dev/null 2>&1)
for _ in $(seq 100); do
  if answers "$PORT"; then
    say "Jack Rest is ready at http://127.0.0.1:$PORT"
    (warm_up "$PORT") >/dev/null 2>&1 9>&- &
    wait "$SERVER"
    exit $?
  fi
  kill -0 "$SERVER" 2>/dev/null || fail "the server ended at once; see $(data_folder)/logs/server.log"
  sleep 0.1
done
end
fail "the server does not answer; see $(data_folder)/logs/server.log and $(data_folder)/logs/jackrest.log"
