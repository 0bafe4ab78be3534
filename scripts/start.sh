#!/usr/bin/env bash
# npm start: sets up whatever is missing and serves Upbeat Oven on this machine. Run it again any time; it is quick then.
#
#   PORT            the page's port (3210)
#   OVEN_DB_PORT    the database's port (54329)
#   OVEN_STATE      folder for database, logs and process ids (.oven)
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
source scripts/database.sh
ADDRESS="http://127.0.0.1:$PORT"
PIDFILE="$STATE/app.pid"
mkdir -p "$STATE"

running() { [ -f "$PIDFILE" ] && kill -0 "$(cat "$PIDFILE")" 2>/dev/null; }
healthy() { curl -fsS -m 5 "$ADDRESS/api/health" >/dev/null 2>&1; }

ensure_packages
start_database
ensure_programs
node --enable-source-maps dist/set-up-database.mjs >&2
export OVEN_COMPUTE_WORKER="$ROOT/dist/compute-worker.mjs"
if ensure_build && running; then
  # A running server would serve pages of the old build with chunks of the new one.
  bash scripts/stop.sh --app-only
fi
if running && healthy; then
  echo "Upbeat Oven is up at $ADDRESS  (npm stop ends it)"
  exit 0
fi
running && bash scripts/stop.sh --app-only
if curl -s -m 2 -o /dev/null "$ADDRESS"; then
  say "Port $PORT is taken by another program. Choose another: PORT=3211 npm start"
  exit 1
fi
setsid node node_modules/next/dist/bin/next start -H 127.0.0.1 -p "$PORT" >"$STATE/app.log" 2>&1 < /dev/null &
echo $! > "$PIDFILE"
for _ in $(seq 1 120); do
  healthy && { echo "Upbeat Oven is up at $ADDRESS  (npm stop ends it)"; exit 0; }
  running || break
  sleep 0.5
done
say "Upbeat Oven did not come up. The end of its log:"
tail -n 30 "$STATE/app.log" >&2
exit 1
