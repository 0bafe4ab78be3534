#!/usr/bin/env bash
# npm run people: looks after people at the machine itself.
#
#   npm run people                      lists everybody
#   npm run people -- owner NAME        makes somebody who looks after every kitchen; asks for a passphrase
#   npm run people -- reset NAME        gives a new passphrase, and signs them out everywhere
#   npm run people -- sign-out NAME     signs them out everywhere
#   npm run people -- sign-in on        asks everybody who comes, as behind a proxy; npm run share does it by itself
#
# A passphrase is typed without being shown, or piped in.
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
source scripts/database.sh
ensure_packages
start_database
ensure_programs
exec node --enable-source-maps dist/people.mjs "$@"
