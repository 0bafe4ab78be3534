#!/usr/bin/env bash
# The database of npm run dev.
#
#   npm run db:psql [-- -c "select ..."]   a prompt on it
#   npm run db:reset                       throws it away, and sets up the demo kitchen again
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
source scripts/dev-place.sh
source scripts/database.sh
ensure_packages
WHAT="$1"; shift
DATA="$(data_folder)"
as_owner "$PGBIN/pg_ctl" -D "$DATA" status >/dev/null 2>&1 || trap stop_database EXIT
start_database
case "$WHAT" in
  psql) ensure_programs; node dist/set-up-database.mjs >&2; "$PGBIN/psql" "$OVEN_DATABASE_URL" "$@" ;;
  reset) ensure_programs; node dist/drop-database.mjs >&2; node dist/set-up-database.mjs >&2 ;;
esac
