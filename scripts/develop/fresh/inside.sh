# What is done inside a newly laid system: each function is a step of scripts/develop/fresh.sh.

INSIDE=/source/scripts/develop/fresh
PHP_ALONE='php-cli php-curl php-gd php-mbstring php-sqlite3 php-xml php-zip'
export DEBIAN_FRONTEND=noninteractive

install() {
  apt-get update -qq
  apt-get install -y -qq --no-install-recommends "$@"
}
# says TEXT COMMAND…: the command fails, and says this in one line of its errors.
says() {
  local expected=$1 said
  shift
  if said=$("$@" 2>&1 >/dev/null </dev/null); then
    printf 'this should have failed: %s\n' "$*"
    return 1
  fi
  if [ "$(wc -l <<<"$said")" -gt 1 ] || [[ "$said" != $expected ]]; then
    printf 'expected: %s\nsaid: %s\n' "$expected" "$said"
    return 1
  fi
}
# started NAME LIMIT COMMAND…: until it answers on port 8000; then it is ended, and so are all its workers. A machine that
# is busy with something else gets a second try.
started() {
  local try
  for try in 1 2; do
    ! started_once "$@" || return 0
  done
  printf '%s: %s s, %s at most\n' "$1" "$SECONDS_TAKEN" "$2"
  return 1
}
started_once() {
  local name=$1 limit=$2
  shift 2
  BEGAN=$(date +%s.%N)
  export BEGAN
  "$@" &
  local server=$!
  SECONDS_TAKEN=$(php_when_there "$server" up http://127.0.0.1:8000 600) || { echo "$name: no answer"; exit 1; }
  [ -z "${MEANWHILE:-}" ] || $MEANWHILE || exit 1
  kill "$server"
  wait "$server" || true
  gets_free 8000 || exit 1
  awk -v s="$SECONDS_TAKEN" -v most="$limit" 'BEGIN { exit s > most }' || return 1
  printf 'figure %s %s\n' "$name" "$SECONDS_TAKEN"
}
# The first start from a clone installs PHP itself.
php_when_there() {
  local server=$1
  shift
  until command -v php >/dev/null; do sleep 0.2; done
  SERVER=$server php "$INSIDE/ask.php" "$@"
}
# gets_free PORT: whoever listened there has ended, within two seconds.
gets_free() {
  for _ in $(seq 20); do
    (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null || return 0
    sleep 0.1
  done
  echo "somebody still listens at port $1"
  return 1
}
# Not a function: what is started and ended later must be the command itself.
AS_USER=(setpriv --reuid joiner --regid joiner --init-groups env HOME=/home/joiner PATH=/usr/bin:/bin)

clone() {
  apt-get update -qq
  apt-get install -y -qq git
  git clone -q /source /root/jack-rest
}
start_of_clone() {
  cd /root/jack-rest
  started 'from a clone, first' 600 ./jackrest start
  [ ! -e build/node ] || printf 'Node of the system: %s\n' "$(node --version)"
  started 'from a clone, second' 4 ./jackrest start
}
test_of_clone() {
  cd /root/jack-rest
  CI=true ./jackrest test "$@"
  if grep -rniE 'deprecat' data/logs build/test-data/logs build/browser-data-*/logs 2>/dev/null; then
    echo 'there are deprecations in the log'
    return 1
  fi
}

# One sentence each, and nothing half done left behind.
surroundings_of_clone() {
  useradd --create-home joiner
  # Git trusts no repository of another user's, and its own helper does not hear of it from the command line.
  git config --system safe.directory '*'
  "${AS_USER[@]}" git clone -q /source /home/joiner/jack-rest
  cd /home/joiner/jack-rest
  without_network
  says 'Jack Rest: cannot write to *' "${AS_USER[@]}" env JACKREST_DATA=/root/data ./jackrest start
  "${AS_USER[@]}" ./jackrest start >/dev/null 2>&1 &
  php "$INSIDE/ask.php" up http://127.0.0.1:8000 300
  says 'Jack Rest: port 8000 is taken. Try: ./jackrest start --port 8001' "${AS_USER[@]}" ./jackrest start
  kill %%
  wait || true
  # Built by one, run by another who may write the data alone.
  rm -rf /home/joiner/jack-rest/data
  chown -R root /home/joiner/jack-rest
  says 'Jack Rest: cannot write to *' "${AS_USER[@]}" ./jackrest start
  too_old
}
# A network of its own without anything in it.
without_network() {
  says '*the network cannot be reached*' unshare --net "${AS_USER[@]}" ./jackrest start
  [ ! -e vendor ] && [ ! -e node_modules ] && [ ! -e public/build ]
  small_disk
}
small_disk() {
  mkdir -p /mnt/small
  mount -t tmpfs -o size=40m,mode=777 tmpfs /mnt/small
  "${AS_USER[@]}" git clone -q --depth 1 file:///source /mnt/small/jack-rest
  says '*the disk is full*' "${AS_USER[@]}" /mnt/small/jack-rest/jackrest start
  [ ! -e /mnt/small/jack-rest/vendor ] && [ ! -e /mnt/small/jack-rest/node_modules ]
  umount /mnt/small
}
# Programs of another age, by their names alone.
too_old() {
  local bin=/tmp/old
  mkdir -p "$bin"
  printf '#!/bin/sh\nprintf "7.4\\n3.34\\nCore\\n"\n' >"$bin/php"
  chmod -R a+rx "$bin"
  says 'Jack Rest: PHP 7.4 is too old*' "${AS_USER[@]}" env "PATH=$bin:/usr/bin:/bin" ./jackrest start
  printf '#!/bin/sh\nprintf "8.2\\n3.34\\nCore\\n"\n' >"$bin/php"
  says 'Jack Rest: SQLite 3.34 is too old*' "${AS_USER[@]}" env "PATH=$bin:/usr/bin:/bin" ./jackrest start
  rm "$bin/php"
  printf '#!/bin/sh\necho 6.14.18\n' >"$bin/npm"
  chmod a+rx "$bin/npm"
  touch -d '1 second' web/index.ts 2>/dev/null || true
  rm -f public/build/.stamp
  says 'Jack Rest: npm 6.14.18 is too old*' "${AS_USER[@]}" env "PATH=$bin:/usr/bin:/bin" ./jackrest start
}

# shellcheck disable=SC2086
install_php_alone() { install $PHP_ALONE; }
released() {
  ! command -v composer && ! command -v node
  useradd --create-home joiner
  cd /home/joiner
  "${AS_USER[@]}" tar -xf /released/now/jack-rest.tar.gz
  cd "jack-rest-$(cat /released/now/version)"
  [ ! -e web ] && [ ! -e tests ] && [ ! -e vendor/phpunit ]
  started 'the released file, first' 8 "${AS_USER[@]}" ./jackrest start
  started 'the released file, second' 3 "${AS_USER[@]}" ./jackrest start
  [ "$("${AS_USER[@]}" ./jackrest --version)" = "Jack Rest $(cat /released/now/version)" ]
  "${AS_USER[@]}" ./jackrest calc --list >/dev/null
  says '*works on the source*' "${AS_USER[@]}" ./jackrest test
}
surroundings_of_released() {
  cd "/home/joiner/jack-rest-$(cat /released/now/version)"
  local ini
  says 'Jack Rest: cannot write to *' "${AS_USER[@]}" env JACKREST_DATA=/root/data ./jackrest start
  mkdir -p /mnt/full
  mount -t tmpfs -o size=200k,mode=777 tmpfs /mnt/full
  says '*disk*full*' "${AS_USER[@]}" env JACKREST_DATA=/mnt/full/data ./jackrest start
  dd if=/dev/zero of=/mnt/full/filled bs=1k 2>/dev/null || true
  says '*disk*full*' "${AS_USER[@]}" env JACKREST_DATA=/mnt/full/data ./jackrest start
  # What was begun is gone on with once there is room.
  rm /mnt/full/filled
  mount -o remount,size=100m /mnt/full
  started 'the released file, once there is room' 8 "${AS_USER[@]}" env JACKREST_DATA=/mnt/full/data ./jackrest start
  umount /mnt/full
  # An extension is switched off, as where it was never installed.
  for ini in /etc/php/*/cli/conf.d/*-gd.ini; do mv "$ini" "$ini.off"; done
  says 'Jack Rest: missing: php-gd. Run: sudo apt-get update && sudo apt-get install -y --no-install-recommends php-gd' \
    "${AS_USER[@]}" ./jackrest start
  for ini in /etc/php/*/cli/conf.d/*-gd.ini.off; do mv "$ini" "${ini%.off}"; done
  started 'the released file as root' 8 ./jackrest start
}

install_package_before() {
  apt-get update -qq
  cp /released/before/jack-rest.deb /tmp/
  apt-get install -y -qq /tmp/jack-rest.deb systemd systemd-sysv
  useradd --create-home joiner
}
recorded() { php "$INSIDE/ask.php" record http://127.0.0.1:8000 "chisel of the version before"; }
found() { php "$INSIDE/ask.php" find http://127.0.0.1:8000 "chisel of the version before"; }
use_before() {
  MEANWHILE=recorded started 'the package of the version before, first' 8 "${AS_USER[@]}" jackrest start
  [ -s /home/joiner/.local/share/jack-rest/jackrest.sqlite ]
  shared before
}
use_now() {
  MEANWHILE=found started 'the package, the first start after an upgrade' 8 "${AS_USER[@]}" jackrest start
  shared now
}
# processes_of USER: what that user runs, each name once.
processes_of() {
  local process
  for process in /proc/[0-9]*; do
    [ "$(stat -c %U "$process" 2>/dev/null)" != "$1" ] || cat "$process/comm"
  done | sort -u
}
# The service, by systemd, with its sandbox; its data carries the version.
shared() {
  systemctl is-system-running --wait || true
  systemctl start jack-rest
  php "$INSIDE/ask.php" up https://localhost:8443 60 ||
    { journalctl -u jack-rest --no-pager -n 15; return 1; }
  # Beside the services that Debian's packages of nginx and PHP start for themselves.
  processes_of jack-rest | grep -qx nginx && processes_of jack-rest | grep -q '^php-fpm'
  [ "$(stat -c '%U %a' /var/lib/jack-rest)" = 'jack-rest 700' ]
  systemctl stop jack-rest
  gets_free 8443
  [ -z "$(processes_of jack-rest)" ]
  php -r '
    [, $path, $version] = $argv;
    [$major, $minor, $patch] = explode(".", $version);
    $carried = (new PDO("sqlite:$path"))->query("PRAGMA user_version")->fetchColumn();
    echo "carries $carried\n";
    exit((int) $carried === $major * 1_000_000 + $minor * 1_000 + $patch ? 0 : 1);
  ' /var/lib/jack-rest/jackrest.sqlite "$(cat "/released/$1/version")"
}
upgrade_package() {
  cp /released/now/jack-rest.deb /tmp/
  apt-get install -y -qq /tmp/jack-rest.deb
  [ "$(jackrest --version)" = "Jack Rest $(cat /released/now/version)" ]
}
remove_package() {
  apt-get purge -y -qq jack-rest
  [ ! -e /usr/share/jack-rest ]
  [ -s /var/lib/jack-rest/jackrest.sqlite ] && [ -s /home/joiner/.local/share/jack-rest/jackrest.sqlite ]
}
