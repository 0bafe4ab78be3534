#!/usr/bin/env bash
# npm test: every test, from nothing: packages, database and browser are set up, then database tests with faults in short, and
# end-to-end tests, with checks and unit tests in what these leave of the machine. The last line says how many passed and failed, over all of them.
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
ensure_debian /usr/bin/chromium-headless-shell chromium-headless-shell || exit 1
ensure_debian /usr/bin/pdftoppm poppler-utils || exit 1
start_database || exit 1
trap 'bash scripts/stop.sh' EXIT

FAILURES=test-results/failures.txt
rm -f "$FAILURES"
count() { # adds what a report says to the totals
  local numbers
  numbers="$(node dist/count-tests.mjs "$1" "$FAILURES")" || numbers="0 1"
  passed=$((passed + ${numbers% *})); failed=$((failed + ${numbers#* }))
}

began="$SECONDS"
part() { # says what comes now, and how long it is since the beginning
  say "== $1 ($((SECONDS - began)) s)"
}
vitest() { # runs one project
  rm -f "test-results/$1.json"
  NO_COLOR=1 node_modules/.bin/vitest run --project "$1" --reporter=dot --reporter=json --outputFile.json="test-results/$1.json" >&2
}

part "the build, and the demo kitchen"
ensure_programs
(ensure_build) &
building=$!
node dist/drop-database.mjs >&2
# The demo kitchen takes half a minute to work out: it is worked out once, and every suite has a copy.
node dist/set-up-database.mjs >&2
export OVEN_SEEDED="$STATE/seeded.dump"
"$PGBIN/pg_dump" -Fc --no-owner --no-privileges -f "$OVEN_SEEDED" "$OVEN_DATABASE_URL" || unset OVEN_SEEDED
wait "$building"

browser() { # runs a project of journeys, once the house is up
  rm -f "test-results/$1.json"
  if bash scripts/start.sh > test-results/start.log 2>&1; then
    OVEN_REPORT="$1" node_modules/.bin/playwright test --project "$1" >&2
    count "test-results/$1.json"
  else
    tee -a "$FAILURES" < test-results/start.log >&2
    failed=$((failed + 1))
  fi
}
part "what goes by the clock, and has the machine to itself"
browser by-the-clock

# A browser waits for most of its time, for pages, bands and clocks. What needs nothing but the processor runs meanwhile, and stands back
# whenever anything else would work.
(
  # Not only last in the queue: it gives way at once.
  chrt --idle -p 0 "$BASHPID" || renice -n 19 -p "$BASHPID" > /dev/null || true
  bash scripts/check.sh > test-results/checks.txt
  vitest unit
  vitest page
) 2> test-results/meanwhile.log &
meanwhile=$!

# Faults wait for most of their time: for lines that come back, for houses that start, for streams. The database's tests need the processor
# meanwhile; the limits of faults leave room for that.
part "database, and faults in short beside it; npm run test:faults does the long form"
vitest db 2> test-results/db.log &
database=$!
OVEN_FAULTS=short vitest faults
count test-results/faults.json
wait "$database"
cat test-results/db.log >&2
count test-results/db.json

part "journeys"
browser journeys

part "checks, unit tests and pages: what is left of them"
wait "$meanwhile"
cat test-results/meanwhile.log >&2
read -r checked _ refused _ < <(tail -1 test-results/checks.txt)
passed=$((passed + ${checked:-0})); failed=$((failed + ${refused:-1}))
[ "${refused:-1}" = 0 ] || sed -n 's/^FAIL */FAILED npm run check > /p' test-results/meanwhile.log >> "$FAILURES"
for suite in unit page; do count "test-results/$suite.json"; done

part "all of it"
# Once more together, where the end of a long output is read.
[ ! -f "$FAILURES" ] || cat "$FAILURES" >&2
echo "$passed passed, $failed failed"
[ "$failed" = 0 ] && [ "$passed" -gt 0 ]
