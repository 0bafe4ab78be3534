#!/usr/bin/env bash
# Command-line doors. Standard output carries one JSON result per file, each on one line, and nothing else.
#
#   npm run --silent predict -- FILE...           one prediction per batch file
#   npm run --silent find-programme -- FILE...    the programmes that meet each file's target
#   npm run --silent plan-day -- FILE...          the plan of a bake day
#
# FILE is a path, or - for standard input. A file that cannot be read or worked out prints { "error": { code, message, path } };
# the exit code is then 2. The formats: docs/batch-file.md, docs/day-file.md, docs/errors.md.
set -euo pipefail
HERE="$PWD"
DOOR="$1"
shift
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
ensure_packages
files=()
for file in "$@"; do
  case "$file" in -|/*) files+=("$file") ;; *) files+=("$HERE/$file") ;; esac
done
ensure_programs
exec node --enable-source-maps dist/predict.mjs "$DOOR" "${files[@]}"
