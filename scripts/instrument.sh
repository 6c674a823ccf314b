#!/usr/bin/env bash
# A simulated instrument: over HTTP, or as keys on the terminal.
set -euo pipefail
. scripts/lib.sh

usage() { fail "instrument dial|caliper|hygrometer [--at NAME] [--port N] [--keys | --log]"; }
case "${1:-}" in dial | caliper | hygrometer) INSTRUMENT=$1 ;; *) usage ;; esac
shift
POINTED_AT='900 mm straightedge' PORT=8201 KEYS= LOG=
while [ $# -gt 0 ]; do
  case "$1" in
    --at) POINTED_AT=${2:-}; shift 2 || usage ;;
    --port) PORT=${2:-}; shift 2 || usage ;;
    --keys) KEYS=1; shift ;;
    --log) LOG=1; shift ;;
    *) usage ;;
  esac
done
export INSTRUMENT POINTED_AT
want_packages program
install_php serve
if [ -n "$LOG" ]; then
  [ "$INSTRUMENT" = hygrometer ] || fail "a $INSTRUMENT keeps no log: instrument hygrometer --log"
  exec php instruments/log.php
fi
[ -z "$KEYS" ] || exec php instruments/keys.php
[[ "$PORT" =~ ^[0-9]+$ ]] || usage
port_taken "$PORT" && fail "port $PORT is taken. Try --port $((PORT + 1))"
[ "$INSTRUMENT" = hygrometer ] && ON='in the shed' || ON="on the $POINTED_AT"
say "A $INSTRUMENT $ON: http://127.0.0.1:$PORT/readings?at=450&count=5"
exec php -d display_errors=0 -d expose_php=0 -S "127.0.0.1:$PORT" instruments/serve.php 2>/dev/null
