#!/usr/bin/env bash
# npm run bench: measures what must stay fast.
#
#   --json          prints one JSON array and nothing else
#   --no-browser    leaves the page out
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
ensure_packages
if [[ " $* " != *" --no-browser "* ]]; then
  ensure_debian /usr/bin/chromium-headless-shell chromium-headless-shell
  export OVEN_STATE="$ROOT/.oven/bench" PORT="${BENCH_PORT:-3231}" OVEN_DB_PORT="${BENCH_DB_PORT:-54331}"
  STATE="$OVEN_STATE"
  source scripts/database.sh
  start_database
  bash scripts/start.sh >&2
  trap 'bash scripts/stop.sh >&2' EXIT
fi
# Built as what ships is built: a loader that keeps every function's name costs a third of the time.
node_modules/.bin/esbuild scripts/bench.ts scripts/bench-band-worker.ts --bundle --platform=node --format=esm --target=node20 \
  --packages=external --alias:server-only=./tests/stubs/empty.ts --outdir=dist/bench --out-extension:.js=.mjs --log-level=warning
node dist/bench/bench.mjs "$@"
