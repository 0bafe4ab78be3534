#!/usr/bin/env bash
# npm start: sets up whatever is missing and serves Upbeat Oven on this machine. Run it again any time; it is quick then.
#
#   npm start -- --empty   leaves the made-up demo kitchen out, for good
#
#   PORT            the page's port (3210)
#   OVEN_DB_PORT    the database's port (54329)
#   OVEN_STATE      folder for database, logs and process ids (.oven)
#   OVEN_DATABASE_URL  any PostgreSQL 15 or newer, as the owner of its schema; then no database is started here
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
wishes=()
for word in "$@"; do
  case "$word" in
    --empty) wishes=(--empty) ;;
    *) say "npm start knows only --empty, not $word."; exit 1 ;;
  esac
done
source scripts/preflight.sh
source scripts/process.sh
source scripts/database.sh
ADDRESS="http://127.0.0.1:$PORT"
PIDFILE="$STATE/app.pid"
LOG="$STATE/app.log"
LOG_MOST=5000000
preflight

# Two that start at once do it one after the other: the second finds it up.
exec 8> "$STATE/start.lock"
flock 8

# A name for this installation, so that another one that answers at our port is not taken for it.
[ -s "$STATE/installation" ] || head -c 12 /dev/urandom | base64 | tr -d '/+=' > "$STATE/installation"
OVEN_INSTALLATION="$(cat "$STATE/installation")"
export OVEN_INSTALLATION
running() { noted_process "$PIDFILE" >/dev/null; }
healthy() { curl -fsS -m 5 "$ADDRESS/api/health" 2>/dev/null | grep -qF "\"installation\":\"$OVEN_INSTALLATION\""; }
ready() { echo "Upbeat Oven is up at $ADDRESS  (npm stop ends it)"; exit 0; }

if ! running && taken "$PORT"; then
  say "Port $PORT is taken by another program. Choose another: PORT=3211 npm start"
  exit 1
fi
ensure_packages
start_database
ensure_programs
# Before the schema changes, and once a day, everything is copied.
pending="$(node --enable-source-maps dist/set-up-database.mjs --pending 8>&-)"
[ -z "$pending" ] || node --enable-source-maps dist/backup.mjs "$STATE/backups" plain "$STATE/backups/before-${pending%.sql}.dump" >&2 8>&-
node --enable-source-maps dist/set-up-database.mjs "${wishes[@]}" >&2 8>&-
[ -n "$NAMED_URL" ] || node --enable-source-maps dist/backup.mjs "$STATE/backups" daily >&2 8>&- || say "Today's copy could not be made; see npm run backup."
if ensure_build && running; then
  # A running server would serve pages of the old build with chunks of the new one.
  end_noted "$PIDFILE" 20
fi
running && healthy && ready
end_noted "$PIDFILE" 20

# Logs go on where they ended; a long one is put aside, and the last three are kept.
if [ -f "$LOG" ] && [ "$(stat -c %s "$LOG")" -gt "$LOG_MOST" ]; then
  for old in 2 1; do [ -f "$LOG.$old" ] && mv "$LOG.$old" "$LOG.$((old + 1))"; done
  mv "$LOG" "$LOG.1"
fi
OVEN_DATABASE_URL="$OVEN_APP_URL" OVEN_COPY_URL="$OVEN_COPY_URL" OVEN_STATE="$STATE" NODE_ENV=production setsid node --enable-source-maps --max-semi-space-size=64 dist/serve.mjs 127.0.0.1 "$PORT" >> "$LOG" 2>&1 < /dev/null 8>&- &
note_process "$PIDFILE" "$!" dist/serve.mjs
for _ in $(seq 1 240); do
  healthy && ready
  running || break
  sleep 0.25
done
say "Upbeat Oven did not come up. The end of its log:"
tail -n 30 "$LOG" >&2
exit 1
