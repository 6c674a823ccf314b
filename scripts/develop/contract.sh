#!/usr/bin/env bash
# Writes contract/openapi.json from the screens' shapes and the calculations, and the TypeScript types from it.
set -euo pipefail
. scripts/lib.sh

want_packages build
install_php
install_node
php contract/write.php
npm run --silent types >/dev/null 2>&1 || fail "the TypeScript types could not be made: npm run types"
say "Written: contract/openapi.json, web/src/api/contract.gen.ts"
