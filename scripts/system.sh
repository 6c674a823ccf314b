# What this system must have: programs, extensions of PHP, and how old they may be. Nothing is changed before all of it
# has been looked at.

# Debian's nginx and php-fpm are kept where a usual user's PATH does not lead.
export PATH="$PATH:/usr/sbin:/sbin"

# A released file holds what is built, and not what it is built from.
released() { [ ! -e package.json ]; }

PACKAGES=()
want_command() { command -v "$1" >/dev/null 2>&1 || PACKAGES+=("$2"); }
want_extension() { grep -qix "$1" <<<"$PHP_HAS" || PACKAGES+=("$2"); }

# What PHP has here, asked once: its version, the version of its SQLite, and a line for each extension.
ask_php() {
  PHP_HAS=$(php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION, "\n",
    extension_loaded("pdo_sqlite") ? (new PDO("sqlite::memory:"))->query("SELECT sqlite_version()")->fetchColumn() : "",
    "\n", implode("\n", get_loaded_extensions());' 2>/dev/null) || PHP_HAS=
  PHP_VERSION=$(sed -n 1p <<<"$PHP_HAS")
  SQLITE_VERSION=$(sed -n 2p <<<"$PHP_HAS")
}

# want_packages program|serve|share|build|test: installs missing Debian packages as root; otherwise names the command that
# does, and stops. The names carry no version, so that they are right on every release of Debian and Ubuntu.
want_packages() {
  ask_php
  want_versions
  missing_packages "$1"
  [ ${#PACKAGES[@]} -eq 0 ] && return 0
  install_packages
  ask_php
  missing_packages "$1"
  [ ${#PACKAGES[@]} -eq 0 ] || fail "installed ${PACKAGES[*]}, but $(command -v php || echo php) does not use them"
  want_versions
}

missing_packages() {
  PACKAGES=()
  want_command php php-cli
  want_extension pdo_sqlite php-sqlite3
  want_extension mbstring php-mbstring
  want_extension dom php-xml
  want_extension curl php-curl
  want_extension zip php-zip
  want_extension gd php-gd
  released || packages_of_source "$1"
  if [ "$1" = share ]; then
    want_command nginx nginx-light
    [ -n "$(php_fpm)" ] || PACKAGES+=(php-fpm)
    want_command openssl openssl
    want_command curl curl
  fi
}

# What is built already is not built again, and takes none of the tools that build it.
packages_of_source() {
  local builds=
  [[ "$1" != build && "$1" != test ]] || builds=1
  if [ -n "$builds" ] || ! is_installed_php; then
    want_command composer composer
    [ -e /etc/ssl/certs/ca-certificates.crt ] || PACKAGES+=(ca-certificates)
  fi
  if [ -n "$builds" ] || { [ "$1" != program ] && ! is_built_front_end; }; then
    want_command node nodejs
    want_command npm npm
  fi
  [ "$1" = test ] || return 0
  want_extension bcmath php-bcmath
  want_command chromium chromium
  want_command chromedriver chromium-driver
  want_command units units
  want_command gnuplot gnuplot-nox
  want_command glpsol glpk-utils
  want_command geosop geos-bin
}

install_packages() {
  local install="apt-get install -y --no-install-recommends ${PACKAGES[*]}"
  if ! command -v apt-get >/dev/null 2>&1; then
    fail "missing: ${PACKAGES[*]} (Debian's names). Install them with your system's package manager and start again."
  elif [ "$(id -u)" -ne 0 ]; then
    fail "missing: ${PACKAGES[*]}. Run: sudo apt-get update && sudo $install"
  fi
  say "Installing ${PACKAGES[*]} …"
  local log
  log=$(mktemp -t jackrest-apt.XXXXXX)
  { apt-get update -qq && DEBIAN_FRONTEND=noninteractive $install -qq; } >"$log" 2>&1 ||
    fail "could not install ${PACKAGES[*]}. Is there a network? Its last line: $(tail -n 1 "$log") (all of it: $log)"
  rm -f "$log"
}

# The workers of PHP that go with the php on the PATH, whatever their program is called here; empty: there are none.
php_fpm() {
  command -v "php-fpm$PHP_VERSION" || command -v php-fpm || true
}

# at_least VERSION LEAST
at_least() { [ "$(printf '%s\n%s\n' "$2" "$1" | sort -V | head -n 1)" = "$2" ]; }

# Too old a program is one sentence, with the way out, before anything is installed or written.
want_versions() {
  local found
  [ -z "$PHP_VERSION" ] || at_least "$PHP_VERSION" 8.2 ||
    fail "PHP $PHP_VERSION is too old; it takes 8.2 or later. Debian 12 and Ubuntu 24.04 have it as php-cli."
  [ -z "$SQLITE_VERSION" ] || at_least "$SQLITE_VERSION" 3.35 ||
    fail "SQLite $SQLITE_VERSION is too old; it takes 3.35 or later. Update libsqlite3-0 or the whole system."
  released || want_versions_of_builders
}

want_versions_of_builders() {
  local found
  if ! is_installed_php && command -v composer >/dev/null 2>&1; then
    found=$(COMPOSER_ALLOW_SUPERUSER=1 composer --version --no-ansi 2>/dev/null | sed -nE 's/^Composer version ([0-9.]+).*/\1/p')
    at_least "${found:-2}" 2.0 || fail "Composer $found is too old; it takes 2.0 or later. Run: composer self-update --2"
  fi
  if ! is_built_front_end && command -v npm >/dev/null 2>&1; then
    found=$(npm --version 2>/dev/null || true)
    at_least "${found:-8}" 8 || fail "npm $found is too old; it takes 8 or later. Run: npm install --global npm@10"
  fi
}
