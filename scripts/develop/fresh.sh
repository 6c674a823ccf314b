#!/usr/bin/env bash
# Proves that it all works where nothing of ours was ever installed: a minimal Debian 12 and a minimal Debian 13, each
# newly installed, with the README's two commands, the released file with PHP alone and no network, the package, and bad
# surroundings. Each step is a line with its seconds; the first failure ends it. As root.
#
#   fresh [--whole] [12|13]   --whole: the test command with its browser; 12 or 13: that Debian alone
set -euo pipefail
. scripts/lib.sh
. scripts/develop/fresh/system.sh

QUICK=--quick
DEBIANS=(12 13)
for argument in "$@"; do
  case "$argument" in
    --whole) QUICK= ;;
    12 | 13) DEBIANS=("$argument") ;;
    *) fail "fresh takes --whole, 12 or 13, not \"$argument\"" ;;
  esac
done
[ "$(id -u)" -eq 0 ] || fail "fresh installs whole systems: run it as root"
PACKAGES=()
want_command debootstrap debootstrap
want_command lintian lintian
want_command systemd-analyze systemd
want_command ip iproute2
want_command git git
want_command buildah buildah
[ ${#PACKAGES[@]} -eq 0 ] || install_packages

FRESH=$JACKREST_ROOT/build/fresh
mkdir -p "$FRESH"
: >"$FRESH/figures.txt"
# What is tried is what is committed.
[ -z "$(git status --porcelain)" ] || say "What is not committed is not tried."

# step NAME COMMAND…: a line with the seconds it took, also into build/fresh/figures.txt.
step() {
  local name=$1 began seconds
  shift
  began=$(date +%s%N)
  printf '%-72s ' "$name"
  if ! "$@" >"$FRESH/last.log" 2>&1; then
    say "failed"
    tail -n 40 "$FRESH/last.log" >&2
    fail "the whole output is in $FRESH/last.log"
  fi
  seconds=$(awk -v ns=$(($(date +%s%N) - began)) 'BEGIN { printf "%.1f", ns / 1e9 }')
  printf '%7s s\n' "$seconds"
  printf '%s\t%s\n' "$name" "$seconds" >>"$FRESH/figures.txt"
  # What a step measured by itself: "figure NAME SECONDS" on a line of its own.
  sed -n 's/^figure \(.*\) \([0-9.]*\)$/  \1\t\2/p' "$FRESH/last.log" | tee -a "$FRESH/figures.txt" |
    while IFS=$'\t' read -r name seconds; do printf '%-72s %7s s\n' "$name" "$seconds"; done
}

BEGAN=$(date +%s)
step "the released file and the package of this version" release_of HEAD now
step "  the same again, to the byte" same_again
BEFORE=$(version_before)
step "the package of the version before ($(git show "$BEFORE:VERSION"))" release_of "$BEFORE" before
step "lintian finds no error in the package" lintian --fail-on error "$FRESH/now/jack-rest.deb"
step "systemd-analyze accepts the unit" unit_is_sound

for DEBIAN in "${DEBIANS[@]}"; do
  lay_out "$DEBIAN"
  name="Debian $DEBIAN:"
  step "$name newly installed" new_system
  step "$name git installed, and the project cloned" inside clone
  step "$name ./jackrest start, the first and the second" inside start_of_clone
  step "$name ./jackrest test $QUICK" inside test_of_clone "$QUICK"
  step "$name bad surroundings of a clone" inside surroundings_of_clone
  step "$name newly installed, PHP and its extensions installed" php_alone
  step "$name the released file without a network, as a usual user" inside_alone released
  step "$name bad surroundings of the released file" inside_alone surroundings_of_released
  step "$name newly installed, the package of the version before installed" package_before
  step "$name jackrest start as a usual user, jackrest share as a service" booted use_before
  step "$name upgraded to this version" inside upgrade_package
  step "$name the same, with what was recorded before" booted use_now
  step "$name removed, and what was recorded kept" inside remove_package
done
step "the container is built and serves" container
rm -rf "$FRESH/root"
. scripts/develop/fresh/figures.sh
write_figures "$FRESH/figures.txt" docs/figures.md
say "All of it works, after $(($(date +%s) - BEGAN)) s. The figures are in docs/figures.md."
