#!/usr/bin/env bash
# npm start: from a machine with Node and Debian's packages to a running Salt Ledger with demo homes.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/prepare.sh
require_node
[ -n "${DATABASE_URL:-}" ] || require_postgresql
require_npm_packages
exec node --import tsx scripts/start.ts "$@"
