#!/usr/bin/env bash
# npm run share: lets the phones and tablets of the house in, over an encrypted line; everybody signs in from then on.
#
#   npm run share -- --name NAME            the first time: who looks after this house; asks for a passphrase
#   npm run share -- --address 192.168.1.5  at this address of the machine, where it has several
#   npm run share -- --off                  this machine alone again
#
#   OVEN_TLS_PORT   the port for other devices (3443)
set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
source scripts/database.sh
source scripts/process.sh
ensure_debian /usr/bin/openssl openssl
bash scripts/start.sh >&2
start_database
seen="$(stat -c %s "$STATE/app.log")"
OVEN_STATE="$STATE" node --enable-source-maps dist/share.mjs "$@"
told() { tail -c "+$((seen + 1))" "$STATE/app.log" | grep "Other devices" | tail -1 | sed 's/^[^ ]* //'; }
# The running server looks at what was just said.
pid="$(noted_process "$STATE/app.pid")" && kill -HUP "$pid"
case " $* " in *" --off "*) exit 0 ;; esac
for _ in $(seq 1 40); do
  told | grep -q . && break
  sleep 0.25
done
told | grep . || say "Other devices are let in where they were before; Settings says where."
