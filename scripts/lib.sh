# Shared by the scripts: one clear line when something is missing, and no work done twice.

say() { printf '%s\n' "$*"; }
fail() {
  printf 'Jack Rest: %s\n' "$*" >&2
  exit 1
}

data_folder() { printf '%s' "${JACKREST_DATA:-$JACKREST_ROOT/data}"; }

PACKAGES=()
want_command() { command -v "$1" >/dev/null 2>&1 || PACKAGES+=("$2"); }
# The list is fetched once and whole: a pipe that is left early would count as a failure now and then.
want_extension() { grep -qix "$1" <<<"$EXTENSIONS" || PACKAGES+=("$2"); }

# want_packages serve|share|test: installs missing Debian packages as root, otherwise names the command and stops.
want_packages() {
  PACKAGES=()
  local EXTENSIONS
  EXTENSIONS=$(php -m 2>/dev/null || true)
  want_command php php8.2-cli
  want_command composer composer
  want_command node nodejs
  want_command npm npm
  want_extension pdo_sqlite php8.2-sqlite3
  want_extension mbstring php8.2-mbstring
  want_extension xml php8.2-xml
  want_extension curl php8.2-curl
  want_extension zip php8.2-zip
  want_extension gd php8.2-gd
  if [ "$1" = share ]; then
    want_command nginx nginx-light
    want_command php-fpm8.2 php8.2-fpm
    want_command openssl openssl
    want_command curl curl
  fi
  if [ "$1" = test ]; then
    want_extension bcmath php8.2-bcmath
    want_command chromium chromium
    want_command chromedriver chromium-driver
    want_command units units
    want_command gnuplot gnuplot-nox
    want_command glpsol glpk-utils
    want_command geosop geos-bin
  fi
  [ ${#PACKAGES[@]} -eq 0 ] && return 0
  local install="apt-get install -y --no-install-recommends ${PACKAGES[*]}"
  if ! command -v apt-get >/dev/null 2>&1; then
    fail "missing: ${PACKAGES[*]} (Debian's names). Install them with your system's package manager and start again."
  elif [ "$(id -u)" -ne 0 ]; then
    fail "missing: ${PACKAGES[*]}. Run: sudo apt-get update && sudo $install"
  fi
  say "Installing ${PACKAGES[*]} …"
  { apt-get update -qq && DEBIAN_FRONTEND=noninteractive $install -qq; } >/tmp/jackrest-apt.log 2>&1 ||
    fail "could not install ${PACKAGES[*]}; see /tmp/jackrest-apt.log"
}

# Runs a command unless its stamp is newer than everything it depends on: unless_fresh STAMP "DEPS" COMMAND…
unless_fresh() {
  local stamp=$1 deps=$2
  shift 2
  # shellcheck disable=SC2086
  if [ -e "$stamp" ] && [ -z "$(find $deps -newer "$stamp" -print -quit 2>/dev/null)" ]; then return 0; fi
  mkdir -p build
  local log="build/$1-$2.log"
  "$@" >"$log" 2>&1 || { tail -n 30 "$log" >&2; fail "$1 $2 failed (the whole output is in $log)"; }
  touch "$stamp"
}

# Whoever only serves needs no tools of those who build: install_php serve, install_node serve. Where all of them were
# installed once, they stay.
install_php() {
  local other
  if [ "${1:-}" = serve ] && [ ! -e vendor/.stamp ]; then
    unless_fresh vendor/.stamp-serve composer.json composer install --no-dev --no-interaction --no-progress
    other=$(php scripts/versions.php --served)
  else
    unless_fresh vendor/.stamp composer.json composer install --no-interaction --no-progress
    other=$(php scripts/versions.php)
  fi || say "Other versions than those that were tested are installed:
$other"
}
install_node() {
  if [ "${1:-}" = serve ] && [ ! -e node_modules/.stamp ]; then
    unless_fresh node_modules/.stamp-serve "$NODE_DEPS" npm install --omit=dev --no-save --no-audit --no-fund
  else
    unless_fresh node_modules/.stamp "$NODE_DEPS" npm install --no-save --no-audit --no-fund
  fi
}
NODE_DEPS="package.json package-lock.json"
build_front_end() { unless_fresh public/build/.stamp "web public/mark.svg vite.config.ts vite.worker.config.ts package-lock.json" npm run build; }

# The folder for everything written, with a key of its own.
prepare_data() {
  local data
  data=$(data_folder)
  # What is kept here is nobody else's to read.
  umask 077
  mkdir -p "$data/framework/views" "$data/framework/cache" "$data/logs" bootstrap/cache 2>/dev/null ||
    fail "cannot write to $data. Give JACKREST_DATA a folder that can be written to."
  { : >>"$data/.writable"; } 2>/dev/null || fail "cannot write to $data. Give JACKREST_DATA a folder that can be written to."
  chmod 700 "$data" 2>/dev/null || true
  [ -s "$data/.env" ] || printf 'APP_KEY=base64:%s\n' "$(head -c 32 /dev/urandom | base64)" >"$data/.env"
}

# Everything that a server needs, with the demo bench where there is none.
make_ready() {
  mkdir -p build
  # Each waits for its own registry, so both go at once.
  (install_php serve) &
  local php=$!
  install_node serve
  build_front_end
  wait "$php" || exit 1
  migrate
  php artisan demo:load >build/demo.log 2>&1 ||
    { tail -n 5 build/demo.log >&2; fail "the demo bench could not be laid out (build/demo.log)"; }
  php artisan begun
}

# Configuration, routes and the page's template as they are now, for one server alone: read once, not at each request.
# read_once NAME: what two servers of the same data read stands apart.
read_once() {
  local cache
  cache=$(realpath "$(data_folder)")/framework/cache
  export APP_CONFIG_CACHE="$cache/$1config.php" APP_ROUTES_CACHE="$cache/$1routes.php"
  export APP_EVENTS_CACHE="$cache/$1events.php"
  rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE"
  # Answers of another start are of another program, perhaps.
  rm -rf "$cache/answers"
  JACKREST_STARTED=$(date +%s%N)
  export JACKREST_STARTED
  php artisan optimize >build/optimize.log 2>&1 ||
    { tail -n 5 build/optimize.log >&2; fail "the configuration cannot be read (build/optimize.log)"; }
}

# want_port N: a number that nobody listens at.
want_port() {
  [[ "$1" =~ ^[0-9]+$ ]] && [ "$1" -ge 1 ] && [ "$1" -le 65535 ] ||
    fail "a port is a number from 1 to 65535, not \"$1\""
  ! port_taken "$1" || fail "port $1 is taken. Try: ./jackrest $2 $(($1 + 1))"
}

migrate() {
  php artisan upgrade >build/migrate.log 2>&1 || { tail -n 40 build/migrate.log >&2; fail "nothing was started."; }
  # Where the copy lies that was made before.
  grep 'As it was before' build/migrate.log || true
}

# What a request may take at most, of memory and of computing time, whether or not anybody still waits for it.
PHP_SERVE=(php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=32M -d opcache.validate_timestamps=0 -d display_errors=0 -d expose_php=0 -d memory_limit=512M -d max_execution_time=20)
ROUTER=scripts/router.php

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
# A worker loads its classes at its first requests; a person's first keystroke should not wait for that.
warm_up() {
  command -v curl >/dev/null 2>&1 || return 0
  local test='{"bladeLengthMm":200,"farGapsMm":[0.3],"shavingMm":0.04,"toleranceMm":0.1}'
  for _ in 1 2 3 4 5 6; do
    curl -fsS "http://127.0.0.1:$1/api/bench" &
    curl -fsS "http://127.0.0.1:$1/api/references" &
    curl -fsS "http://127.0.0.1:$1/api/kit" &
    curl -fsS -H 'Content-Type: application/json' -d "$test" "http://127.0.0.1:$1/api/calc/square-reversal" &
    wait
    curl -fsS "http://127.0.0.1:$1/api/season" &
    curl -fsS "http://127.0.0.1:$1/api/blanks" &
    curl -fsS "http://127.0.0.1:$1/api/plans" &
    curl -fsS "http://127.0.0.1:$1/api/plans/bridle-square/template/whole.svg" &
    wait
  done
}
answers() { curl -fsS -o /dev/null "http://127.0.0.1:$1/up" 2>/dev/null || php -r 'exit(@file_get_contents("http://127.0.0.1:'"$1"'/up") === false ? 1 : 0);'; }
