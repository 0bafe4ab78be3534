#!/usr/bin/env bash
# npm run dev: the page with hot reload, on a database of its own that is kept between times.
#
#   PORT            the page's port (3212)
#   OVEN_DB_PORT    the database's port (54332)
#
# Ctrl-C ends it. `npm run db:reset` begins with the demo kitchen again.
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
source scripts/dev-place.sh
source scripts/database.sh
ensure_packages
start_database
trap stop_database EXIT
ensure_programs
node --enable-source-maps dist/set-up-database.mjs >&2
OVEN_DATABASE_URL="$OVEN_APP_URL" NODE_ENV=development node --enable-source-maps dist/serve.mjs 127.0.0.1 "$PORT"
