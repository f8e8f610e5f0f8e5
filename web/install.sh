#!/usr/bin/env bash
# Installs the page's packages where the lock file changed since the last time.
set -euo pipefail
cd "$(dirname "$0")"
stamp=node_modules/.lock-installed
if ! cmp -s package-lock.json "$stamp"; then
  npm ci --no-audit --no-fund
  cp package-lock.json "$stamp"
fi
