#!/usr/bin/env bash
# npm run restore -- FILE: brings a copy that npm run backup made back in place of what the kitchen keeps now. The application is
# ended first. What is there now stays beside it as another database, so that nothing is lost.
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
source scripts/database.sh
[ $# = 1 ] || { say "Name the copy: npm run restore -- FILE"; exit 1; }
ensure_packages
bash scripts/stop.sh --app-only
start_database
ensure_programs
node --enable-source-maps dist/restore.mjs "$1"
echo "Run npm start: an older copy is brought to the newest schema first."
