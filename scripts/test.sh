#!/usr/bin/env bash
# npm test: everything, from nothing. The last line is "N passed, N failed".
# `npm run check` and `npm run test:unit|test:api|test:browser` run one part each.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/prepare.sh
require_node
parts=${*:-check unit api browser}
for part in $parts; do
  case $part in
    api) require_postgresql ;;
    browser) require_postgresql; require_chromium ;;
  esac
done
require_npm_packages
exec node --import tsx scripts/test.ts $parts
