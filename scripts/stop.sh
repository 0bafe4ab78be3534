#!/usr/bin/env bash
# Ends the server that npm start began, and its database. Touches nothing else.
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
source scripts/database.sh
PIDFILE="$STATE/app.pid"
if [ -f "$PIDFILE" ]; then
  pid="$(cat "$PIDFILE")"
  kill -TERM "$pid" 2>/dev/null || true
  for _ in $(seq 1 40); do kill -0 "$pid" 2>/dev/null || break; sleep 0.25; done
  kill -KILL "$pid" 2>/dev/null || true
  rm -f "$PIDFILE"
fi
[ "${1:-}" = "--app-only" ] || stop_database
