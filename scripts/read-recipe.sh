#!/usr/bin/env bash
# Prints what is understood of a recipe in plain text. Standard output carries one JSON object and nothing else.
set -euo pipefail
HERE="$PWD"
source "$(dirname "${BASH_SOURCE[0]}")/lib.sh"
ensure_packages
file="${1:-}"
case "$file" in ''|-|/*) ;; *) file="$HERE/$file" ;; esac
exec node --import tsx scripts/read-recipe.ts "$file" "${@:2}"
