#!/usr/bin/env bash
# Writes what is given away, from the committed tree alone: build/jack-rest-VERSION.tar.gz and
# build/jack-rest_VERSION_all.deb, each with its SHA-256. The same commit gives the same bytes.
set -euo pipefail
. scripts/lib.sh

[ $# -eq 0 ] || fail "release takes nothing, not \"$1\""
want_packages build
command -v git >/dev/null 2>&1 || fail "a release is made of what is committed: install git"
git rev-parse --git-dir >/dev/null 2>&1 || fail "a release is made of what is committed, and this is no clone"
[ -z "$(git status --porcelain)" ] || say "What is not committed is left out of the release."

# What a user of the program needs of the source; the rest is for whoever builds and tests it.
PROGRAM=(
  CHANGELOG.md LICENSE VERSION app artisan bootstrap composer.json config core/src database/migrations database/relay
  demo deploy/nginx.conf deploy/php-fpm.conf deploy/trust.html desk/src docs/instruments.md docs/security.md
  docs/server.md instruments jackrest public resources routes scripts ':!scripts/develop' terminal
)
umask 022
VERSION=$(git show HEAD:VERSION)
NAME=jack-rest-$VERSION
# When it was committed: no file of the release is of another time.
SOURCE_DATE_EPOCH=$(git show -s --format=%ct HEAD)
export SOURCE_DATE_EPOCH
WORK=$JACKREST_ROOT/build/release
rm -rf "$WORK"
mkdir -p "$WORK/$NAME"

# Built in a clone, with packages of its own: what lies about here has no part in it.
git clone -q --no-hardlinks "$JACKREST_ROOT" "$WORK/source"
(
  cd "$WORK/source"
  export JACKREST_ROOT=$PWD
  install_php serve
  install_node serve
  build_front_end
  # Nothing is added to it any more, so no class is looked for anywhere else.
  COMPOSER_ALLOW_SUPERUSER=1 composer dump-autoload --no-dev --classmap-authoritative --quiet
)
git archive HEAD "${PROGRAM[@]}" | tar -x -C "$WORK/$NAME"
cp deploy/README.release.md "$WORK/$NAME/README.md"
cp -r "$WORK/source/public/build" "$WORK/$NAME/public/"
cp -r "$WORK/source/vendor" "$WORK/$NAME/"
# What packages carry for their own builders and no program reads, and the marks of this build.
rm -rf "$WORK/$NAME"/vendor/*/*/{tests,Tests,docs,doc,.github,benchmarks} "$WORK/$NAME"/{vendor,public/build}/.stamp*

archive() {
  tar --sort=name --format=ustar --owner=0 --group=0 --numeric-owner --mode=u+rwX,go=rX --mtime="@$SOURCE_DATE_EPOCH" \
    -C "$WORK" -c "$NAME" | gzip -9n
}
archive >"build/$NAME.tar.gz"
. scripts/develop/package.sh
make_package "$WORK/$NAME" "build/jack-rest_${VERSION}_all.deb"
rm -rf "$WORK"
cd build
for made in "$NAME.tar.gz" "jack-rest_${VERSION}_all.deb"; do
  sha256sum "$made" >"$made.sha256"
  say "build/$made  $(du -k "$made" | cut -f1) kB  SHA-256 $(cut -d' ' -f1 "$made.sha256")"
done
