#!/usr/bin/env bash
# What a machine can say about the code without running it: format, types, purity of the core, lint, import directions, dead exports.
set -uo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
ensure_packages
check() { # prints one line: ok or FAIL
  local name="$1"; shift
  local output
  if output="$("$@" 2>&1)"; then say "ok    $name"; echo ok
  else say "FAIL  $name"; say "$output"; echo failed; fi
}
node_modules/.bin/next typegen >/dev/null 2>&1
# Lint takes as long as all the others together, so it runs beside them.
lint="$(mktemp)"
check "lint" node_modules/.bin/eslint --max-warnings 0 . > "$lint" &
results="$(
  check "format" node_modules/.bin/prettier --check --log-level warn .
  check "types" node_modules/.bin/tsc --noEmit -p tsconfig.json
  check "core is pure (compiles without DOM and Node)" node_modules/.bin/tsc -p src/core/tsconfig.json
  check "import directions" node_modules/.bin/depcruise src scripts tests
  check "dead code" node_modules/.bin/knip --no-progress
)"
wait
results="$results
$(cat "$lint")"
rm -f "$lint"
passed="$(grep -c '^ok$' <<< "$results")"; failed="$(grep -cv '^ok$' <<< "$results")"
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
