# Shared by the scripts: one clear line when something is missing, and no work done twice.

say() { printf '%s\n' "$*"; }
fail() {
  printf 'Jack Rest: %s\n' "$*" >&2
  exit 1
}

data_folder() { printf '%s' "${JACKREST_DATA:-$JACKREST_ROOT/data}"; }
# log_of NAME: where the last start wrote what it did, for whoever looks for the reason of a failure.
log_of() { printf '%s' "$(data_folder)/logs/$1.log"; }

. scripts/system.sh
. scripts/install.sh

# The folder for everything written, with a key of its own. Nothing is written beside the program, which may be
# another's: what the framework keeps of the program goes into the data, too.
prepare_data() {
  local data why
  data=$(data_folder)
  # What is kept here is nobody else's to read.
  umask 077
  why=$({ mkdir -p "$data/framework/views" "$data/framework/cache" "$data/logs" &&
    printf '.' >"$data/.writable"; } 2>&1) || no_data "$data" "$why"
  chmod 700 "$data" 2>/dev/null || true
  [ -s "$data/.env" ] || printf 'APP_KEY=base64:%s\n' "$(head -c 32 /dev/urandom | base64)" >"$data/.env" 2>/dev/null || no_room
  data=$(realpath "$data")
  export APP_PACKAGES_CACHE="$data/framework/cache/packages.php" APP_SERVICES_CACHE="$data/framework/cache/services.php"
}
no_data() {
  ! grep -qi 'no space left' <<<"$2" || no_room
  fail "cannot write to $1. Give JACKREST_DATA a folder that can be written to."
}

no_room() { fail "the disk is full that $(data_folder) is on. Make room there and start again."; }
# tell_failure LOG SENTENCE: a full disk has a sentence of its own; of anything else the log ends the answer.
tell_failure() {
  ! grep -qiE 'no space left|disk is full|ENOSPC' "$1" && [ -s "$1" ] || no_room
  tail -n 40 "$1" >&2
  fail "$2"
}

# Everything that a server needs, with the demo bench where there is none.
make_ready() {
  # Each waits for its own registry, so both go at once; where neither can be reached, one of them says so.
  local php said
  exec {php}< <(install_php serve 2>&1)
  if ! released && ! is_built_front_end; then
    (
      install_node serve
      build_front_end
    ) || { cat <&"$php" >/dev/null; exit 1; }
  fi
  said=$(cat <&"$php")
  exec {php}<&-
  released || is_installed_php || { printf '%s\n' "$said" >&2; exit 1; }
  migrate
  php artisan demo:load >"$(log_of demo)" 2>&1 ||
    tell_failure "$(log_of demo)" "the demo bench could not be made ($(log_of demo))"
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
  php artisan optimize >"$(log_of optimize)" 2>&1 ||
    tell_failure "$(log_of optimize)" "the configuration cannot be read ($(log_of optimize))"
}

# want_port N: a number that nobody listens at.
want_port() {
  [[ "$1" =~ ^[0-9]+$ ]] && [ "$1" -ge 1 ] && [ "$1" -le 65535 ] ||
    fail "a port is a number from 1 to 65535, not \"$1\""
  ! port_taken "$1" || fail "port $1 is taken. Try: ${JACKREST_COMMAND:-./jackrest} $2 $(($1 + 1))"
}

migrate() {
  local log
  log=$(log_of migrate)
  php artisan upgrade >"$log" 2>&1 || tell_failure "$log" "nothing was started."
  # Where the copy lies that was made before.
  grep 'As it was before' "$log" || true
}

# What a request may take at most, of memory and of computing time, whether or not anybody still waits for it.
PHP_SERVE=(php -d upload_max_filesize=20M -d post_max_size=24M -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=32M -d opcache.validate_timestamps=0 -d display_errors=0 -d expose_php=0 -d memory_limit=512M -d max_execution_time=20)
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
