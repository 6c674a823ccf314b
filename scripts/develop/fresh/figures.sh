# write_figures FIGURES DOCUMENT: the seconds of each step as the last section of the document, in place of an earlier one.
write_figures() {
  local heading='## On newly installed systems' kept
  kept=$(sed "/^$heading/,\$d" "$2")
  {
    printf '%s\n\n%s\n\n' "$kept" "$heading"
    printf 'Measured by `./jackrest fresh` on %s, on %s cores: seconds of each step, and, indented, until the program\n' \
      "$(LC_ALL=C date '+%-d %B %Y')" "$(nproc)"
    printf 'answered. The released file has %s kB, the Debian package %s kB.\n\n' \
      "$(du -k "$FRESH/now/jack-rest.tar.gz" | cut -f1)" "$(du -k "$FRESH/now/jack-rest.deb" | cut -f1)"
    printf '| step | s |\n| --- | ---: |\n'
    awk -F'\t' '{ name = $1; if (sub(/^  /, "", name)) name = "– " name; printf "| %s | %s |\n", name, $2 }' "$1"
  } >"$2.new"
  mv "$2.new" "$2"
}
