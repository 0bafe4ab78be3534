#!/usr/bin/env bash
# npm run check: what a machine can say about the code without running it: format, types, purity of the core, lint, import
# directions, dead exports; and how heavy the pages that are built of it are. What has not changed since the last time is not looked at again (.oven/cache).
set -uo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
ensure_packages
CACHE="$ROOT/.oven/cache"
# The compiler that needs a fifth of the time; lint and the build read types through the older one, whose insides they use.
TSC=node_modules/typescript-native/bin/tsc
mkdir -p "$CACHE"
check() { # prints one line: ok or FAIL
  local name="$1"; shift
  local output
  if output="$("$@" 2>&1)"; then say "ok    $name"; echo ok
  else say "FAIL  $name"; say "$output"; echo failed; fi
}
weigh() { (ensure_build) >/dev/null || true; (ensure_programs) && node dist/page-weights.mjs; }
node_modules/.bin/next typegen >/dev/null 2>&1
# Lint takes as long as all the others together, so it runs beside them.
lint="$(mktemp)"
check "lint" node_modules/.bin/eslint --max-warnings 0 --cache --cache-strategy content --cache-location "$CACHE/eslint" --suppressions-location lint/exceptions.json . > "$lint" &
results="$(
  check "format" node_modules/.bin/prettier --check --log-level warn --cache --cache-strategy content --cache-location "$CACHE/prettier" .
  check "types" "$TSC" --noEmit -p tsconfig.json
  check "core is pure (compiles without DOM and Node)" "$TSC" -p src/core/tsconfig.json
  check "import directions" node_modules/.bin/depcruise src scripts tests
  check "dead code" node_modules/.bin/knip --no-progress
)"
wait
results="$results
$(check "page weights" weigh)
$(cat "$lint")"
rm -f "$lint"
passed="$(grep -c '^ok$' <<< "$results")"; failed="$(grep -cv '^ok$' <<< "$results")"
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
