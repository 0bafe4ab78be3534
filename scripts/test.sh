#!/usr/bin/env bash
# npm test: every test, from nothing: packages, database and browser are set up, checks run, then unit, database and
# end-to-end tests, and faults in short. The last line says how many passed and failed, over all of them.
#
#   TEST_PORT       the page's port in the tests (3311)
#   TEST_DB_PORT    the database's port in the tests (54339)
set -uo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
source scripts/test-place.sh
source scripts/database.sh
mkdir -p "$STATE" test-results
passed=0; failed=0

ensure_packages || exit 1
ensure_debian /usr/bin/chromium chromium || exit 1
ensure_debian /usr/bin/pdftoppm poppler-utils || exit 1
start_database || exit 1
trap 'bash scripts/stop.sh' EXIT

count() { # adds "N passed" and "N failed" of a JSON report to the totals; a report that is missing is a failure
  local numbers
  numbers="$(node -e "$2" "$1" 2>/dev/null)" || numbers="0 1"
  passed=$((passed + ${numbers% *})); failed=$((failed + ${numbers#* }))
}

say "== checks"
rm -rf .oven/cache  # lint keeps what it said of a file while only the types around it change; here nothing may be remembered
checks="$(bash scripts/check.sh)"; echo "$checks" | tail -1 > test-results/checks.txt
passed=$((passed + $(sed 's/ passed.*//' test-results/checks.txt))); failed=$((failed + $(sed 's/.*, \([0-9]*\) failed/\1/' test-results/checks.txt)))

vitest() { # runs one project, and adds what its report says
  rm -f "test-results/$1.json"
  NO_COLOR=1 node_modules/.bin/vitest run --project "$1" --reporter=dot --reporter=json --outputFile.json="test-results/$1.json" >&2
  count "test-results/$1.json" 'const r = JSON.parse(require("fs").readFileSync(process.argv[1])); const broken = r.testResults.filter((f) => f.status === "failed" && f.assertionResults.length === 0).length; const failed = r.numFailedTests + broken; console.log(r.numPassedTests, failed === 0 && !r.success ? 1 : failed)'
}
say "== unit"
vitest unit

say "== pages"
vitest page

say "== database, while the app is built"
ensure_programs
node dist/drop-database.mjs >&2
# The demo kitchen takes half a minute to work out: it is worked out once, and every suite has a copy.
node dist/set-up-database.mjs >&2
export OVEN_SEEDED="$STATE/seeded.dump"
"$PGBIN/pg_dump" -Fc --no-owner --no-privileges -f "$OVEN_SEEDED" "$OVEN_DATABASE_URL" || unset OVEN_SEEDED
bash scripts/start.sh > test-results/start.log 2>&1 &
starting=$!
vitest db

say "== end to end"
rm -f test-results/e2e.json
if wait "$starting"; then
  node_modules/.bin/playwright test >&2
  count test-results/e2e.json 'const { stats } = JSON.parse(require("fs").readFileSync(process.argv[1])); console.log(stats.expected + stats.flaky, stats.unexpected)'
else
  cat test-results/start.log >&2
  failed=$((failed + 1))
fi

say "== faults, in short; npm run test:faults does the long form"
OVEN_FAULTS=short vitest faults

echo "$passed passed, $failed failed"
[ "$failed" = 0 ] && [ "$passed" -gt 0 ]
