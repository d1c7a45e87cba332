#!/usr/bin/env bash
# Types, lint, format and tests of the front end. With "changed": only when something changed since they last passed.
set -euo pipefail
cd "$(dirname "$0")"
. ./unchanged.sh
stamp=node_modules/.checked
if [ "${1:-always}" = changed ] && unchanged "$stamp"; then
  echo "The front end has not changed since it was last checked."
  exit 0
fi
began=$(mktemp)
npm run check
mv "$began" "$stamp"
