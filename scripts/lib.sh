# Shared by the scripts: where things are, and how packages get installed. Source it, do not run it.
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
cd "$ROOT"
STATE="${OVEN_STATE:-$ROOT/.oven}"
export NEXT_TELEMETRY_DISABLED=1 LC_ALL=C.UTF-8

say() { echo "$@" >&2; }

# Installs the npm packages when package.json or the lock file changed since the last time.
ensure_packages() {
  local want have
  want="$(cat package.json package-lock.json | sha256sum | cut -d' ' -f1)"
  have="$(cat node_modules/.oven-packages 2>/dev/null || true)"
  [ "$want" = "$have" ] && return
  say "Installing packages (once, a minute or two) ..."
  npm ci --no-progress --loglevel=error >&2
  echo "$want" > node_modules/.oven-packages
}

# Installs Debian packages; only root can.
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
