#!/usr/bin/env bash
# Builds the screens with the system's npm. npm ci is skipped while the lock file is the one that was installed.
# `build.sh true`: without lint and tests, for who only wants to see it run (Maven's skipTests), `build.sh false true`:
# because they run beside; `build.sh check`: these alone.
set -euo pipefail
cd "$(dirname "$0")"
hash=$(sha256sum package-lock.json package.json | sha256sum | cut -c1-64)
if [ ! -d node_modules ] || [ "$(cat .lock-hash 2>/dev/null)" != "$hash" ]; then
  npm ci --no-progress --no-audit --no-fund --loglevel=error
  echo "$hash" > .lock-hash
fi
checks() {
  npx openapi-typescript openapi.json -o .schema-now.d.ts >/dev/null
  if ! diff -q .schema-now.d.ts src/api/generated/schema.d.ts >/dev/null; then
    rm -f .schema-now.d.ts
    echo "src/api/generated/schema.d.ts is not what openapi.json says; run 'npm run types' in web/ and commit the result." >&2
    exit 1
  fi
  rm -f .schema-now.d.ts
  npm run --silent check
  npm run --silent test -- --reporter=dot
}
if [ "${1:-false}" != true ] && [ "${2:-false}" != true ]; then
  checks
fi
[ "${1:-false}" = check ] || npm run --silent build -- --logLevel warn
