#!/usr/bin/env bash
# npm run --silent read-recipe -- FILE: prints what is understood of a recipe in plain text. Standard output carries one JSON
# object and nothing else. FILE is a path, or - for standard input; the exit code is 2 when it cannot be read.
set -euo pipefail
HERE="$PWD"
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
help_if_asked "$@"
ensure_packages
file="${1:-}"
case "$file" in ''|-|/*) ;; *) file="$HERE/$file" ;; esac
ensure_programs
exec node --enable-source-maps dist/read-recipe.mjs "$file" "${@:2}"
