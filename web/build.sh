#!/usr/bin/env bash
# Builds the front end with the system's npm. Dependencies are installed again only when the lock file changed.
set -euo pipefail
cd "$(dirname "$0")"
stamp=node_modules/.installed-from
if [ ! -f "$stamp" ] || ! cmp -s package-lock.json "$stamp"; then
  npm ci --no-audit --no-fund
  cp package-lock.json "$stamp"
fi
npm run --silent build
# what the front end is made of, named in the application
node made-of.mjs
