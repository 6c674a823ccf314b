# make_package FOLDER FILE: the Debian package of a released folder. What it takes is in deploy/debian.
make_package() {
  local from=$1 file=$2 root=$WORK/package version
  version=$(cat "$from/VERSION")
  mkdir -p "$root/DEBIAN" "$root/usr/bin" "$root/usr/share/doc/jack-rest" "$root/usr/share/man/man1" \
    "$root/usr/lib/systemd/system"
  cp -r "$from" "$root/usr/share/jack-rest"
  # Where a package keeps these by Debian's rules.
  rm "$root/usr/share/jack-rest/LICENSE"
  mv "$root/usr/share/jack-rest"/{README.md,docs} "$root/usr/share/doc/jack-rest/"
  mv "$root/usr/share/jack-rest/CHANGELOG.md" "$root/usr/share/doc/jack-rest/changelog"
  gzip -9n "$root/usr/share/doc/jack-rest/changelog"
  find "$root/usr/share/jack-rest" -type f -exec chmod 644 {} +
  chmod 755 "$root/usr/share/jack-rest/jackrest"
  install -m 755 deploy/debian/jackrest "$root/usr/bin/jackrest"
  install -m 644 deploy/debian/copyright "$root/usr/share/doc/jack-rest/copyright"
  install -m 644 deploy/jack-rest.service "$root/usr/lib/systemd/system/jack-rest.service"
  gzip -9nc deploy/debian/jackrest.1 >"$root/usr/share/man/man1/jackrest.1.gz"
  install -m 755 deploy/debian/{postinst,prerm,postrm} "$root/DEBIAN/"
  sed -e "s/@VERSION@/$version/" -e "s/@SIZE@/$(du -sk --apparent-size "$root/usr" | cut -f1)/" deploy/debian/control >"$root/DEBIAN/control"
  find "$root" -exec touch -h -d "@$SOURCE_DATE_EPOCH" {} +
  (cd "$root" && find usr -type f -print0 | sort -z | xargs -0 md5sum) >"$root/DEBIAN/md5sums"
  touch -d "@$SOURCE_DATE_EPOCH" "$root/DEBIAN" "$root/DEBIAN/md5sums"
  dpkg-deb --root-owner-group -Zxz --build "$root" "$file" >/dev/null
}
