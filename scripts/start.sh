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
[[ "$PORT" =~ ^[0-9]+$ ]] && [ "$PORT" -ge 1 ] && [ "$PORT" -le 65535 ] || fail "a port is a number from 1 to 65535, not \"$PORT\""
port_taken "$PORT" && fail "port $PORT is taken. Try: ./jackrest start --port $((PORT + 1))"

want_packages serve
prepare_data
mkdir -p build
# Each waits for its own registry, so both go at once.
(install_php serve) &
PHP=$!
install_node serve
build_front_end
wait "$PHP" || exit 1
migrate
php artisan demo:load >build/demo.log 2>&1 || { tail -n 5 build/demo.log >&2; fail "the demo bench could not be laid out (build/demo.log)"; }
php artisan begun
# Configuration, routes and the page's template as they are now, for the server alone: read once, not at each request.
CACHE=$(realpath "$(data_folder)")/framework/cache
export APP_CONFIG_CACHE="$CACHE/config.php" APP_ROUTES_CACHE="$CACHE/routes.php" APP_EVENTS_CACHE="$CACHE/events.php"
rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE"
# Answers of another start are of another program, perhaps.
rm -rf "$CACHE/answers"
JACKREST_STARTED=$(date +%s%N)
export JACKREST_STARTED
php artisan optimize >build/optimize.log 2>&1 || { tail -n 5 build/optimize.log >&2; fail "the configuration cannot be read (build/optimize.log)"; }

# Long work takes turns (app/Entry/TakeTurns.php): eight of these may be busy with it or wait, six answer a keystroke.
export PHP_CLI_SERVER_WORKERS=14
ROOT=$PWD
LOG=$(realpath "$(data_folder)")/logs/server.log
# At a limit for the size of files a write fails, and is answered for; without this the server would be ended.
trap '' XFSZ
(cd public && exec "${PHP_SERVE[@]}" -S "127.0.0.1:$PORT" "$ROOT/$ROUTER") > >(exec php scripts/bounded-log.php "$LOG") 2>&1 &
SERVER=$!
# PHP's own server leaves its workers behind when it is ended.
trap 'pkill -P "$SERVER" 2>/dev/null; kill "$SERVER" 2>/dev/null; wait "$SERVER" 2>/dev/null; exit 0' INT TERM
# And when this script is killed without a word, somebody has to end them all the same: it reads until nobody can write.
exec 9> >(exec setsid bash -c "cat; pkill -P $SERVER; kill $SERVER" >/dev/null 2>&1)
for _ in $(seq 100); do
  if answers "$PORT"; then
    say "Jack Rest is ready at http://127.0.0.1:$PORT"
    (warm_up "$PORT") >/dev/null 2>&1 &
    wait "$SERVER"
    exit $?
  fi
  kill -0 "$SERVER" 2>/dev/null || fail "the server ended at once; see $(data_folder)/logs/server.log"
  sleep 0.1
done
kill "$SERVER" 2>/dev/null
fail "the server does not answer; see $(data_folder)/logs/server.log and $(data_folder)/logs/jackrest.log"
