# Shared by the scripts: where things are, and how packages get installed. Source it, do not run it.
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
cd "$ROOT"
STATE="${OVEN_STATE:-$ROOT/.oven}"
PORT="${PORT:-3210}"
export PORT NEXT_TELEMETRY_DISABLED=1 LC_ALL=C.UTF-8
# npm 11 warns about configuration of other tools; standard output must stay clean.
export npm_config_loglevel=error

say() { echo "$@" >&2; }

# Prints the lines that a script begins with, when it is asked for help, and ends. Called with the script's own words.
help_if_asked() {
  case " $* " in
    *" --help "* | *" -h "*) awk 'NR > 1 && !/^#/ { exit } NR > 1 { sub(/^# ?/, ""); print }' "$0"; exit 0 ;;
  esac
}
# Whether something listens on a port of this machine.
taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

hash_of() { sha256sum | cut -d' ' -f1; }

# Installs the npm packages when package.json or the lock file changed since the last time.
ensure_packages() {
  local want have
  want="$(cat package.json package-lock.json | hash_of)"
  have="$(cat node_modules/.oven-packages 2>/dev/null || true)"
  [ "$want" = "$have" ] && return
  mkdir -p "$ROOT/.oven"
  (
    # Two commands begun at once would install over each other.
    flock 9
    [ "$want" = "$(cat node_modules/.oven-packages 2>/dev/null || true)" ] && exit 0
    say "Installing packages (once, a minute or two) ..."
    npm ci --no-progress --loglevel=error >&2 9>&- || exit 1
    echo "$want" > node_modules/.oven-packages
  ) 9> "$ROOT/.oven/packages.lock" || exit 1
}

# Installs Debian packages when a program is missing; only root can.
ensure_debian() {
  local program="$1"; shift
  [ -x "$program" ] && return
  if [ "$(id -u)" != 0 ]; then
    say "Missing $program. Ask an administrator to run: apt-get install --no-install-recommends $*"
    exit 1
  fi
  say "Installing $* ..."
  apt-get update -qq >&2
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >&2
}

# Builds the programs beside the page (doors, set-up, the server's worker) when their sources changed; half a second.
ensure_programs() {
  local want have
  want="$( find src scripts -type f ! -name "*.test.*" | sort | xargs cat package-lock.json tsconfig.json 2>/dev/null | hash_of)"
  have="$(cat dist/.built 2>/dev/null || true)"
  [ "$want" = "$have" ] && return
  mkdir -p dist
  node scripts/build-scripts.mjs >&2
  echo "$want" > dist/.built
}

# Builds the application when its sources changed since the last build, or when the build is not what it was. Fails where there was
# nothing to do.
ensure_build() {
  local want have
  want="$(find src data examples public -type f ! -name "*.test.*" | sort | xargs cat scripts/bracket-modules.ts package.json package-lock.json next.config.ts postcss.config.mjs tsconfig.json | hash_of)"
  have="$(cat .next/oven-build 2>/dev/null || true)"
  [ "$have" = "$want $(built_files)" ] && return 1
  say "Building (about a minute) ..."
  rm -rf .next/oven-build .next/server .next/static
  node node_modules/next/dist/bin/next build >"$STATE/build.log" 2>&1 || { cat "$STATE/build.log" >&2; exit 1; }
  ensure_programs
  node dist/compile-ahead.mjs >&2 || exit 1
  echo "$want $(built_files)" > .next/oven-build
}

# What the build wrote that is served: half a build, or one that somebody changed, is made anew.
built_files() { find .next/BUILD_ID .next/server .next/static -type f -name '*.js' -o -name BUILD_ID 2>/dev/null | sort | xargs cat 2>/dev/null | hash_of; }
