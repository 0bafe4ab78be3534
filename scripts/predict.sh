#!/usr/bin/env bash
# predict.sh DOOR FILE...: prints one result per batch file. Standard output carries the results and nothing else.
set -euo pipefail
HERE="$PWD"
DOOR="$1"
shift
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
ensure_packages
files=()
for file in "$@"; do
  case "$file" in -|/*) files+=("$file") ;; *) files+=("$HERE/$file") ;; esac
done
ensure_programs
exec node --enable-source-maps dist/predict.mjs "$DOOR" "${files[@]}"
