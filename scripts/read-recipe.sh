#!/usr/bin/env bash
# Prints what is understood of a recipe in plain text. Standard output carries one JSON object and nothing else.
set -euo pipefail
HERE="$PWD"
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
ensure_packages
file="${1:-}"
case "$file" in ''|-|/*) ;; *) file="$HERE/$file" ;; esac
ensure_programs
exec node --enable-source-maps dist/read-recipe.mjs "$file" "${@:2}"
