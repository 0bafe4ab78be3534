#!/usr/bin/env bash
# npm run check: what a machine can say about the code without running it: format, types, purity of the core, lint, import
# directions, dead exports; and how heavy the pages that are built of it are.
set -uo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
ensure_packages
# The compiler that needs a fifth of the time; the build and the import check read types through the older one, whose insides they use.
TSC=node_modules/typescript-native/bin/tsc
check() { # prints one line: ok or FAIL
  local name="$1"; shift
  local output
  if output="$("$@" 2>&1)"; then say "ok    $name"; echo ok
  else say "FAIL  $name"; say "$output"; echo failed; fi
}
weigh() { (ensure_build) >/dev/null || true; (ensure_programs) && node dist/page-weights.mjs; }
node_modules/.bin/next typegen >/dev/null 2>&1
results="$(
  check "format" node_modules/.bin/oxfmt --check
  check "lint" node_modules/.bin/oxlint
  check "types" "$TSC" --noEmit -p tsconfig.json
  check "core is pure (compiles without DOM and Node)" "$TSC" -p src/core/tsconfig.json
  check "import directions" node_modules/.bin/depcruise src scripts tests
  check "dead code" node_modules/.bin/knip --no-progress
  check "page weights" weigh
)"
passed="$(grep -c '^ok$' <<< "$results")"; failed="$(grep -cv '^ok$' <<< "$results")"
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
