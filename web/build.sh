#!/usr/bin/env bash
# Builds the front end with the system's npm. Dependencies are installed again only when the lock file changed. With "changed": only when something
# changed since it was last built.
set -euo pipefail
cd "$(dirname "$0")"
. ./unchanged.sh
stamp=node_modules/.installed-from
if [ ! -f "$stamp" ] || ! cmp -s package-lock.json "$stamp"; then
  npm ci --no-audit --no-fund
  cp package-lock.json "$stamp"
fi
# what it is made of is written last: it is there only where all else is
if [ "${1:-always}" = changed ] && unchanged dist/sbom.cdx.json; then
  echo "The front end has not changed since it was last built."
  exit 0
fi
npm run --silent build
# what the front end is made of, named in the application
node made-of.mjs
