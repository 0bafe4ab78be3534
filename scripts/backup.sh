#!/usr/bin/env bash
# npm run backup: copies everything that the kitchen keeps to one file, while it is served or not.
#
#   npm run backup                     into .oven/backups, which npm start does once a day and keeps 14 of
#   npm run backup -- FILE             into a file of your own
#   npm run backup -- --rehearse       and reads it back into a database of its own, and compares every table
#
# A copy holds everything in clear; only its owner may read the file. Bring it back with npm run restore -- FILE.
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
source scripts/database.sh
how=plain; file=()
for word in "$@"; do
  case "$word" in
    --rehearse) how=rehearse ;;
    *) file=("$word") ;;
  esac
done
ensure_packages
[ -n "$NAMED_URL" ] || [ -f "$STATE/db-password" ] || { say "There is nothing to copy yet: npm start makes it."; exit 1; }
start_database
ensure_programs
node --enable-source-maps dist/backup.mjs "$STATE/backups" "$how" "${file[@]}"
