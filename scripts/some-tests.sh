#!/usr/bin/env bash
# Some of the tests, with the database or the application they need.
#
#   npm run test:unit [-- NAME...]    in seconds; what changed lately runs again with npm run test:watch; OVEN_SWEEPS=all tries every
#                                     made-up case, of which npm test tries a share
#   npm run test:db [-- NAME...]      use cases over a PostgreSQL of the tests' own
#   npm run test:e2e [-- FILE...]     journeys through Chromium, on an application that is built and started first
#   npm run test:faults [-- NAME...]  sudden ends, bad lines, full disks and nonsense, on houses of the tests' own; OVEN_FAULTS=short
#                                     does what npm test does, OVEN_FAULTS_SEED another course of it
#
# NAME is part of a file's path.
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
SUITE="$1"; shift
ensure_packages
case "$SUITE" in
  unit) exec node_modules/.bin/vitest run --project unit --project page "$@" ;;
  watch) exec node_modules/.bin/vitest --project unit --project page "$@" ;;
esac
source scripts/test-place.sh
source scripts/database.sh
mkdir -p "$STATE"
start_database
trap 'bash scripts/stop.sh >&2' EXIT
if [ "$SUITE" = db ]; then node_modules/.bin/vitest run --project db "$@"; exit; fi
ensure_debian /usr/bin/chromium-headless-shell chromium-headless-shell
if [ "$SUITE" = faults ]; then
  ensure_programs
  ensure_build || true
  OVEN_FAULTS="${OVEN_FAULTS:-long}" node_modules/.bin/vitest run --project faults "$@"; exit
fi
ensure_debian /usr/bin/pdftoppm poppler-utils
ensure_programs
node dist/drop-database.mjs >&2
bash scripts/start.sh >&2
node_modules/.bin/playwright test "$@"
