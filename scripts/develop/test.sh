#!/usr/bin/env bash
# Everything: formatting, static analysis, contract, front end, core, HTTP, browser.
set -euo pipefail
. scripts/lib.sh

QUICK=
[ "${1:-}" = --quick ] && QUICK=1
step() { say; say "== $*"; }

want_packages test
# What only a shared shop takes: where it cannot be had, its browser test says so and is left out.
(want_packages share) || true
prepare_data
install_php
install_node
mkdir -p build

step "Versions"
# What is installed is what was tested, or the list is brought up to date in the same change.
php scripts/develop/versions.php ||
  fail "the installed packages differ from composer.versions: php scripts/develop/versions.php --write"

step "Formatting"
vendor/bin/pint --test --quiet || fail "PHP is not formatted: vendor/bin/pint"
npm run --silent format:check >build/format.log 2>&1 || { cat build/format.log; fail "the front end is not formatted: npm run format"; }

step "Static analysis"
vendor/bin/phpstan analyse -c phpstan.max.neon --no-progress --memory-limit=2G
vendor/bin/phpstan analyse --no-progress --memory-limit=2G
npm run --silent check
npm run --silent lint

step "The contract is fresh"
php contract/write.php build/openapi.json
cmp -s build/openapi.json contract/openapi.json || fail "contract/openapi.json is stale: ./jackrest contract"
npx openapi-typescript build/openapi.json -o build/contract.gen.ts >/dev/null 2>&1
cmp -s build/contract.gen.ts web/src/api/contract.gen.ts || fail "web/src/api/contract.gen.ts is stale: ./jackrest contract"

step "Front end"
npm run --silent test
build_front_end

step "HTTP and contract, and beside their first half the core and the rest"
# Two at a time use both cores, here and below; halved by the first letter of a test's name.
{ vendor/bin/phpunit --testsuite core && vendor/bin/phpunit --testsuite desk && vendor/bin/phpunit --testsuite http --filter '^Tests.(Http.[L-Z]|House|Upgrade)'; } >build/core.log 2>&1 &
CORE=$!
vendor/bin/phpunit --testsuite http --filter '^Tests.Http.[A-K]' || { kill "$CORE" 2>/dev/null || true; fail "the tests over HTTP failed"; }
wait "$CORE" || { cat build/core.log; fail "the tests of the core or over HTTP failed"; }
cat build/core.log

if [ -z "$QUICK" ]; then
  step "Faults: windows at once, full disks"
  vendor/bin/phpunit --testsuite fault
  step "Browser, in two halves beside each other"
  # Each half has a server and a browser of its own.
  vendor/bin/phpunit --testsuite browser-beside >build/beside.log 2>&1 &
  BESIDE=$!
  vendor/bin/phpunit --testsuite browser || { kill "$BESIDE" 2>/dev/null || true; fail "the browser tests failed"; }
  wait "$BESIDE" || { cat build/beside.log; fail "the browser tests failed"; }
  cat build/beside.log
fi
say
say "All tests passed."
