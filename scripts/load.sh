#!/usr/bin/env bash
# npm run load: people at work on the house that npm start serves, for some minutes; says how long answers took and whether an edit was lost.
#
#   npm run load [-- PEOPLE [SECONDS]]   200 people for 180 seconds; their batches are called "Load"
#   npm run load -- fill                 first fills the house with twenty thousand batches, two million readings, five thousand packs
#
# Give it a house of its own: PORT=3240 OVEN_DB_PORT=54340 OVEN_STATE=.oven/load, for npm start and for this.
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
ensure_packages
source scripts/database.sh
start_database
node_modules/.bin/esbuild scripts/load/run.ts --bundle --platform=node --format=esm --target=node20 --packages=external --outfile=dist/load.mjs --log-level=warning
exec node dist/load.mjs "$@"
