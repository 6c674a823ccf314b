# A newly laid system, and how a step is run in it. A step inside is a function of scripts/develop/fresh/inside.sh.

# Where this machine gets its own packages of Debian from.
mirror() {
  cat /etc/apt/sources.list /etc/apt/sources.list.d/* 2>/dev/null |
    sed -nE 's/^URIs: *([^ ]*debian)\/?( .*)?$/\1/p; s/^deb (\[[^]]*\] )?([^ ]*debian)\/? .*/\2/p' | head -n 1
}

lay_out() {
  case $1 in
    12) SUITE=bookworm ;;
    13) SUITE=trixie ;;
  esac
  BASE=$FRESH/base-$1
  ROOT=$FRESH/root
}

# The minimal system itself is kept: laying it again gives the same.
new_system() {
  if [ ! -e "$BASE/.laid" ]; then
    rm -rf "$BASE"
    debootstrap --variant=minbase "$SUITE" "$BASE" "$(mirror)"
    touch "$BASE/.laid"
  fi
  rm -rf "$ROOT"
  cp -a "$BASE" "$ROOT"
  cp -L /etc/resolv.conf /etc/hosts "$ROOT/etc/"
  # Authorities that this machine trusts beside the usual ones.
  mkdir -p "$ROOT/usr/local/share/ca-certificates"
  cp -r /usr/local/share/ca-certificates/. "$ROOT/usr/local/share/ca-certificates/"
}

# in_namespaces WITHOUT_NETWORK COMMAND…: with mounts and processes of its own; what is still running when it ends, ends.
in_namespaces() {
  local net=()
  [ -z "$1" ] || net=(--net)
  shift
  unshare --mount --pid --fork --kill-child "${net[@]}" bash -euc '
    root=$1; source=$2; shift 2
    mount -t proc proc "$root/proc"
    mount --rbind /dev "$root/dev"
    mount -t tmpfs tmpfs "$root/dev/shm"
    mkdir -p "$root/source" "$root/released"
    mount --bind -o ro "$source" "$root/source"
    mount --bind "$source/build/fresh" "$root/released"
    ip link set lo up
    exec chroot "$root" env -i HOME=/root LANG=C.UTF-8 PATH=/usr/sbin:/usr/bin:/sbin:/bin \
      bash -euo pipefail -c ". /source/scripts/develop/fresh/inside.sh; \"\$@\"" inside "$@"
  ' in_namespaces "$ROOT" "$JACKREST_ROOT" "$@"
}
inside() { in_namespaces '' "$@"; }
inside_alone() { in_namespaces 1 "$@"; }

php_alone() { new_system && inside install_php_alone; }
package_before() { new_system && inside install_package_before; }

# With systemd as the first process, as on a real machine.
booted() {
  local mounts pid
  mounts=$(cat <<'MOUNTS'
    root=$1; source=$2
    mount --bind "$root" "$root"
    mount -t proc proc "$root/proc"
    mount -t tmpfs tmpfs "$root/run"
    mount -t tmpfs -o mode=755 tmpfs "$root/dev"
    for device in null zero full random urandom tty; do
      touch "$root/dev/$device"
      mount --bind "/dev/$device" "$root/dev/$device"
    done
    mkdir "$root/dev/shm" "$root/dev/pts" "$root/dev/mqueue" "$root/dev/hugepages"
    mount -t devpts -o newinstance,ptmxmode=0666 devpts "$root/dev/pts"
    ln -s pts/ptmx "$root/dev/ptmx"
    mount -t tmpfs tmpfs "$root/dev/shm"
    ln -s /proc/self/fd "$root/dev/fd"
    mount -t sysfs sysfs "$root/sys"
    mount -t tmpfs tmpfs "$root/sys/fs/cgroup"
    if grep -qw cgroup2 /proc/filesystems && mount -t cgroup2 cgroup2 "$root/sys/fs/cgroup" 2>/dev/null; then :; else
      mkdir "$root/sys/fs/cgroup/systemd"
      mount -t cgroup -o none,name=systemd cgroup "$root/sys/fs/cgroup/systemd"
    fi
    mkdir -p "$root/source" "$root/released"
    mount --bind -o ro "$source" "$root/source"
    mount --bind "$source/build/fresh" "$root/released"
    ip link set lo up
    # Not chroot: a service's sandbox moves its own root, which can only be done from a real one.
    cd "$root"
    mkdir -p old
    pivot_root . old
    umount -l /old
    exec env -i container=fresh PATH=/usr/sbin:/usr/bin:/sbin:/bin /lib/systemd/systemd
MOUNTS
  )
  unshare --mount --pid --fork --kill-child --uts --ipc --net bash -euc "$mounts" boot "$ROOT" "$JACKREST_ROOT" &
  local boot=$!
  for _ in $(seq 100); do
    pid=$(pgrep -P "$boot" | head -n 1) || true
    [ -n "$pid" ] && [ "$(cat "/proc/$pid/comm" 2>/dev/null)" = systemd ] && [ -S "/proc/$pid/root/run/systemd/private" ] && break
    kill -0 "$boot" 2>/dev/null || return 1
    sleep 0.1
  done
  local code=0
  nsenter --target "$pid" --mount --pid --net --uts --ipc --root env -i HOME=/root LANG=C.UTF-8 \
    PATH=/usr/sbin:/usr/bin:/sbin:/bin bash -euo pipefail -c 'cd /; . /source/scripts/develop/fresh/inside.sh; "$@"' inside "$@" || code=$?
  kill -KILL "$pid" 2>/dev/null || true
  wait "$boot" 2>/dev/null || true
  return "$code"
}

# release_of COMMIT FOLDER: built in a clone of that commit by its own script.
release_of() {
  local clone=$FRESH/clone version
  rm -rf "$clone" "${FRESH:?}/$2"
  git clone -q --no-hardlinks "$JACKREST_ROOT" "$clone"
  git -C "$clone" checkout -q "$1"
  (unset JACKREST_ROOT JACKREST_FROM JACKREST_DATA && cd "$clone" && ./jackrest release)
  version=$(cat "$clone/VERSION")
  mkdir -p "$FRESH/$2"
  cp "$clone/build/jack-rest-$version.tar.gz" "$FRESH/$2/jack-rest.tar.gz"
  cp "$clone/build/jack-rest_${version}_all.deb" "$FRESH/$2/jack-rest.deb"
  printf '%s\n' "$version" >"$FRESH/$2/version"
  rm -rf "$clone"
}

same_again() {
  mv "$FRESH/now" "$FRESH/once"
  release_of HEAD now
  cmp "$FRESH/once/jack-rest.tar.gz" "$FRESH/now/jack-rest.tar.gz"
  cmp "$FRESH/once/jack-rest.deb" "$FRESH/now/jack-rest.deb"
  rm -rf "$FRESH/once"
  [ "$(stat -c %s "$FRESH/now/jack-rest.tar.gz")" -lt 15000000 ]
}

# The last commit that had another number.
version_before() {
  local now commit
  now=$(git show HEAD:VERSION)
  for commit in $(git log --format=%H -- VERSION); do
    [ "$(git show "$commit:VERSION")" = "$now" ] || { printf '%s\n' "$commit"; return 0; }
  done
  fail "there is no version before $now"
}

unit_is_sound() {
  # The unit is looked at where the package puts what it names.
  local root=$FRESH/unit
  rm -rf "$root"
  dpkg-deb -x "$FRESH/now/jack-rest.deb" "$root"
  mkdir -p "$root/etc"
  printf 'root:x:0:0::/root:/bin/sh\njack-rest:x:100:100::/var/lib/jack-rest:/usr/sbin/nologin\n' >"$root/etc/passwd"
  sed "s|ExecStart=/usr|ExecStart=$root/usr|; /^Documentation/d" "$root/usr/lib/systemd/system/jack-rest.service" \
    >"$FRESH/jack-rest.service"
  systemd-analyze verify "$FRESH/jack-rest.service"
  systemd-analyze security --offline=true --threshold=15 "$FRESH/jack-rest.service"
  rm -rf "$root"
}

# Built by its file on a minimal Debian 12 of our own laying, and run. Nothing is fetched but Debian's packages.
container() {
  local build=(buildah --storage-driver vfs --root "$FRESH/images" --runroot "$FRESH/images-run") base run
  lay_out 12
  new_system
  rm -rf "$FRESH/images" "$FRESH/context"
  mkdir -p "$FRESH/context/build"
  cp "$FRESH/now/jack-rest.deb" "$FRESH/context/build/jack-rest_$(cat "$FRESH/now/version")_all.deb"
  base=$("${build[@]}" from scratch)
  "${build[@]}" add "$base" "$ROOT" /
  "${build[@]}" commit "$base" localhost/minimal-debian
  "${build[@]}" build --isolation chroot --build-arg BASE=localhost/minimal-debian -t localhost/jack-rest \
    -f deploy/Containerfile "$FRESH/context"
  run=$("${build[@]}" from localhost/jack-rest)
  "${build[@]}" run --isolation chroot "$run" -- /usr/share/jack-rest/jackrest share --port 18443 --trust-port 18080 &
  local serving=$!
  php scripts/develop/fresh/ask.php up https://localhost:18443 120
  kill "$serving"
  wait "$serving" || true
  rm -rf "$FRESH/images" "$FRESH/images-run" "$FRESH/context"
}
