# The shop's own small authority, and the certificate of its server; made once, renewed when it has to be.

# make_certificates FOLDER "ADDRESSES" "NAMES"
make_certificates() {
  local folder=$1 names address
  mkdir -p "$folder"
  chmod 700 "$folder"
  if [ ! -s "$folder/ca.crt" ]; then
    openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -days 3650 -subj "/CN=Jack Rest, the shop's own authority" \
      -addext 'basicConstraints=critical,CA:TRUE,pathlen:0' -addext 'keyUsage=critical,keyCertSign' \
      -keyout "$folder/ca.key" -out "$folder/ca.crt" 2>/dev/null || fail "openssl could not make the shop's authority"
  fi
  names=$(
    for address in $2; do printf 'IP:%s,' "$address"; done
    printf 'IP:127.0.0.1,'
    for address in $3; do printf 'DNS:%s,' "$address"; done
  )
  names=${names%,}
  # A month before it ends, or when the machine goes by another address.
  if [ -s "$folder/server.crt" ] && [ "$(cat "$folder/names" 2>/dev/null)" = "$names" ] &&
    openssl x509 -in "$folder/server.crt" -noout -checkend 2592000 >/dev/null 2>&1; then
    return 0
  fi
  openssl req -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -subj '/CN=Jack Rest' \
    -keyout "$folder/server.key" -out "$folder/server.csr" 2>/dev/null || fail "openssl could not make a certificate"
  printf 'subjectAltName=%s\nkeyUsage=critical,digitalSignature\nextendedKeyUsage=serverAuth\nbasicConstraints=CA:FALSE\n' \
    "$names" >"$folder/server.ext"
  openssl x509 -req -in "$folder/server.csr" -CA "$folder/ca.crt" -CAkey "$folder/ca.key" -CAcreateserial -days 397 \
    -extfile "$folder/server.ext" -out "$folder/server.crt" 2>/dev/null || fail "openssl could not sign the certificate"
  printf '%s' "$names" >"$folder/names"
}
