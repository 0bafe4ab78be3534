#!/usr/bin/env bash
# Ends the server that npm start began, once what it is saving is saved, and its database. Touches nothing else.
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
source scripts/process.sh
source scripts/database.sh
end_noted "$STATE/app.pid" 20
[ "${1:-}" = "--app-only" ] || stop_database
