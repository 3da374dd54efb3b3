# Sourced by start.sh and test.sh: everything that must be there before Node can run the rest.
# Needs only bash, Node and Debian's package manager.

say() { printf '%s\n' "$*" >&2; }

require_node() {
  command -v node >/dev/null || { say "Node.js 20.19 or newer is needed and was not found."; exit 1; }
  node -e 'const [a,b]=process.versions.node.split(".").map(Number); process.exit((a===20&&b>=19)||a>22||(a===22&&b>=12)?0:1)' || {
    say "Node.js $(node --version) is too old: 20.19 or newer is needed."; exit 1; }
}

# as_administrator COMMAND... : runs it as root, through sudo where that is needed and allowed.
as_administrator() {
  if [ "$(id -u)" -eq 0 ]; then "$@"
  elif command -v sudo >/dev/null && sudo -n true 2>/dev/null; then sudo -n "$@"
  elif command -v sudo >/dev/null && [ -t 0 ]; then sudo "$@"
  else return 1
  fi
}

# require_debian_packages WHAT PACKAGE... : installs Debian packages as root or through sudo, or says what to run.
require_debian_packages() {
  local what=$1; shift
  say "Installing $what from Debian's packages: $*"
  as_administrator true || {
    say "$what is missing and this user may not install it. Run this as root, then try again:"
    say "  apt-get update && apt-get install -y --no-install-recommends $*"
    exit 1
  }
  as_administrator env DEBIAN_FRONTEND=noninteractive apt-get update -qq >&2 &&
    as_administrator env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >&2 || {
    say "Debian's packages could not be installed: $*"; exit 1; }
}

require_postgresql() {
  compgen -G '/usr/lib/postgresql/*/bin/initdb' >/dev/null && return
  # Debian would make and start a cluster of its own; this project keeps its own and needs only the programs.
  if [ ! -e /etc/postgresql-common/createcluster.conf ]; then
    as_administrator sh -c "mkdir -p /etc/postgresql-common && echo 'create_main_cluster = false' >/etc/postgresql-common/createcluster.conf" || true
  fi
  require_debian_packages PostgreSQL postgresql
}

require_chromium() {
  [ -x /usr/bin/chromium ] && [ -x /usr/bin/chromedriver ] && return
  require_debian_packages 'Chromium and ChromeDriver' chromium chromium-driver
}

# Installs the locked packages when the lockfile is not the one last installed.
require_npm_packages() {
  local wanted; wanted=$(sha256sum package-lock.json .npmrc | sha256sum | cut -d' ' -f1)
  local stamp=node_modules/.installed-lock
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$wanted" ] && return
  say "Installing the locked npm packages"
  npm ci --no-fund --no-audit --loglevel=error >&2 || { say "npm ci failed"; exit 1; }
  echo "$wanted" >"$stamp"
}
