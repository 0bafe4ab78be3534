#!/usr/bin/env bash
# Reads recipes. Standard output carries one JSON object per file, each on one line, and nothing else.
#
#   npm run --silent read-recipe -- [--cups us|metric|uk] FILE...
#
# FILE is a path, or - for standard input: plain words, a saved page, JSON-LD, a table (.csv) or a spreadsheet (.xlsx, .ods), told
# apart by content. --cups says whose cups are meant; without it they are told from the words. A file that cannot be read prints
# { "error": { code, message, path } }; the exit code is then 2. What is printed: docs/batch-file.md, Recipes in and out.
set -euo pipefail
HERE="$PWD"
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
ensure_packages
words=()
while [ $# -gt 0 ]; do
  case "$1" in
    --cups) words+=("$1" "${2:-}"); shift ;;
    -|/*|--*) words+=("$1") ;;
    *) words+=("$HERE/$1") ;;
  esac
  [ $# -gt 0 ] && shift
done
ensure_programs
exec node --enable-source-maps dist/read-recipe.mjs "${words[@]}"
