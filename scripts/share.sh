#!/usr/bin/env bash
# Serves a shared shop over TLS, with sign-in, on the shop's own network.
set -euo pipefail
. scripts/lib.sh

PORT=8443
TRUST_PORT=8080
NAMES=
CERT=
KEY=
while [ $# -gt 0 ]; do
  case "$1" in
    --port) PORT=${2:-}; shift 2 || fail "--port wants a number" ;;
    --trust-port) TRUST_PORT=${2:-}; shift 2 || fail "--trust-port wants a number" ;;
    --name) NAMES="$NAMES ${2:-}"; shift 2 || fail "--name wants a host name" ;;
    --cert) CERT=${2:-}; shift 2 || fail "--cert wants a file" ;;
    --key) KEY=${2:-}; shift 2 || fail "--key wants a file" ;;
    *) fail "share takes --port N, --trust-port N, --name HOST, --cert FILE --key FILE, not \"$1\"" ;;
  esac
done
want_port "$PORT" "share --port"
want_port "$TRUST_PORT" "share --trust-port"
if [ -n "$CERT$KEY" ]; then
  CERT=$(cd "$JACKREST_FROM" && realpath "${CERT:-.}") KEY=$(cd "$JACKREST_FROM" && realpath "${KEY:-.}")
fi
[ -z "$CERT" ] || { [ -f "$CERT" ] && [ -r "$CERT" ] && [ -f "$KEY" ] && [ -r "$KEY" ]; } || fail "--cert and --key go together, and both must be readable"

want_packages share
prepare_data
make_ready

DATA=$(realpath "$(data_folder)")
# The path of a socket may have 107 characters at most, so it does not lie in the data; a service has a folder for it.
RUN=$(mktemp -d "${RUNTIME_DIRECTORY:-/tmp}/jackrest-share.XXXXXX")
trap 'rm -rf "$RUN"' EXIT
mkdir -p "$RUN/trust"

ADDRESSES=$(hostname -I 2>/dev/null || true)
FIRST=${ADDRESSES%% *}
HOST_NAMES="localhost $(hostname 2>/dev/null || true)$NAMES"
SHOWN=${NAMES# }
SHOWN=${SHOWN%% *}
SHOWN=${SHOWN:-${FIRST:-localhost}}
if [ -z "$CERT" ]; then
  . scripts/certificates.sh
  make_certificates "$DATA/tls" "$ADDRESSES" "$HOST_NAMES"
  CERT="$DATA/tls/server.crt" KEY="$DATA/tls/server.key"
  FINGERPRINT=$(openssl x509 -in "$DATA/tls/ca.crt" -noout -fingerprint -sha256 | cut -d= -f2)
  cp "$DATA/tls/ca.crt" "$RUN/trust/jackrest-ca.crt"
else
  export JACKREST_OWN_CERTIFICATE=1
fi

export JACKREST_SHARED=1
JACKREST_HOSTS=$(printf '%s ' $HOST_NAMES $ADDRESSES | sed -E 's/([0-9a-f]*:[0-9a-f:]+)/[\1]/g; s/ +$//' | tr ' ' ',' | tr 'A-Z' 'a-z')
export JACKREST_HOSTS
export JACKREST_DATA=$DATA
read_once shared-

URL="https://$SHOWN:$PORT"
USER_LINE=
[ "$(id -u)" -ne 0 ] || USER_LINE='user root;'
fill() {
  sed -e "s|@RUN@|$RUN|g; s|@ROOT@|$PWD|g; s|@PORT@|$PORT|g; s|@TRUST_PORT@|$TRUST_PORT|g; s|@CERT@|$CERT|g; s|@KEY@|$KEY|g; s|@URL@|$URL|g; s|@FINGERPRINT@|${FINGERPRINT:-}|g; s|@USER@|$USER_LINE|g" "$1"
}
fill deploy/nginx.conf >"$RUN/nginx.conf"
fill deploy/php-fpm.conf >"$RUN/php-fpm.conf"
fill deploy/trust.html >"$RUN/trust/index.html"

FPM=("$(php_fpm)" --fpm-config "$RUN/php-fpm.conf" -d opcache.jit=tracing -d opcache.jit_buffer_size=32M -d opcache.validate_timestamps=0)
if [ "$(id -u)" -eq 0 ]; then
  # Program and data are root's then, and nobody else could read them.
  FPM+=(--allow-to-run-as-root)
  printf 'user = root\ngroup = root\n' >>"$RUN/php-fpm.conf"
  say "You run this as root. A user of its own is safer: docs/server.md tells how."
fi
trap '' XFSZ
exec 8> >(exec php scripts/bounded-log.php "$DATA/logs/server.log")
"${FPM[@]}" >&8 2>&1 &
WORKERS=$!
nginx -e stderr -c "$RUN/nginx.conf" >&8 2>&1 &
SERVER=$!
trap 'kill "$SERVER" "$WORKERS" 2>/dev/null; wait "$SERVER" "$WORKERS" 2>/dev/null; rm -rf "$RUN"; exit 0' INT TERM
# Killed without a word, they end all the same.
exec 9> >(exec setsid bash -c "cat; kill $SERVER $WORKERS; rm -rf $RUN" >/dev/null 2>&1)
for _ in $(seq 100); do
  if curl -fsSk -o /dev/null "https://localhost:$PORT/up" 2>/dev/null; then
    say "Jack Rest is ready at $URL"
    # The address as a code for a phone's camera.
    qrencode -t UTF8 -m 2 "$URL" 2>/dev/null || say "Install qrencode to see this address as a code for a camera, too."
    if [ -n "${FINGERPRINT:-}" ]; then
      say "A device that warns of its certificate learns to trust it at http://$SHOWN:$TRUST_PORT"
      say "Fingerprint of the shop (SHA-256): $FINGERPRINT"
    fi
    php artisan account:first --at="$URL"
    wait "$SERVER"
    exit $?
  fi
  kill -0 "$SERVER" 2>/dev/null && kill -0 "$WORKERS" 2>/dev/null ||
    { kill "$SERVER" "$WORKERS" 2>/dev/null; fail "the server ended at once; see $DATA/logs/server.log"; }
  sleep 0.1
done
kill "$SERVER" "$WORKERS" 2>/dev/null
fail "the server does not answer; see $DATA/logs/server.log and $DATA/logs/jackrest.log"
