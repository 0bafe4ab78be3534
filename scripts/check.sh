#!/usr/bin/env bash
# What a machine can say about the code without running it: format, types, purity of the core, lint, import directions, dead exports.
set -uo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
ensure_packages
passed=0; failed=0
check() {
  local name="$1"; shift
  local output
  if output="$("$@" 2>&1)"; then passed=$((passed + 1)); say "ok    $name"
  else failed=$((failed + 1)); say "FAIL  $name"; say "$output"; fi
}
node_modules/.bin/next typegen >/dev/null 2>&1
check "format" node_modules/.bin/prettier --check --log-level warn .
check "types" node_modules/.bin/tsc --noEmit -p tsconfig.json
check "core is pure (compiles without DOM and Node)" node_modules/.bin/tsc -p src/core/tsconfig.json
check "lint" node_modules/.bin/eslint --max-warnings 0 .
check "import directions" node_modules/.bin/depcruise src scripts tests
check "dead code" node_modules/.bin/knip --no-progress
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
