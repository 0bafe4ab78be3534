#!/usr/bin/env bash
# scripts/database-url.sh: prints the address of the database that npm start runs, password and all, for pg_dump and psql.
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
source scripts/database.sh
[ -z "$NAMED_URL" ] || { echo "$NAMED_URL"; exit 0; }
[ -f "$STATE/db-password" ] || { say "There is no database yet: npm start makes it."; exit 1; }
echo "postgresql://oven:$(cat "$STATE/db-password")@127.0.0.1:$DB_PORT/oven"
