#!/usr/bin/env bash
# Installs, builds what has changed, and serves Jade Pan with the demo household. PORT is honoured (default 3000), and HOST:
# without it only this machine is answered.
set -euo pipefail
cd "$(dirname "$0")/.."
port="${PORT:-3000}"
host="${HOST:-127.0.0.1}"
node -e '
const server = require("node:net").createServer();
server.once("error", (e) => {
  console.error(e.code === "EADDRINUSE"
    ? `Port ${process.argv[1]} is taken. Choose another one: PORT=3010 npm run demo`
    : `Port ${process.argv[1]} cannot be used (${e.code}). Choose another one: PORT=3010 npm run demo`);
  process.exit(1);
});
server.listen(Number(process.argv[1]), process.argv[2], () => server.close());
' "$port" "$host"
. scripts/install.sh

sources() { { find src -type f; echo package-lock.json; echo next.config.ts; echo tsconfig.json; } | sort | xargs sha1sum | sha1sum; }
if [ ! -f .next/BUILD_ID ] || [ "$(sources)" != "$(cat .demo-build-stamp 2>/dev/null)" ]; then
  echo "Building (one to two minutes the first time) …"
  rm -f .demo-build-stamp
  npm run --silent build >/tmp/jade-pan-build.log 2>&1 || { cat /tmp/jade-pan-build.log; exit 1; }
  sources >.demo-build-stamp
fi

echo
echo "  Jade Pan with the demo household:  http://localhost:$port/?demo=1"
echo "  Your own, empty kitchen:           http://localhost:$port/"
if [ "$host" != "127.0.0.1" ] && [ "$host" != "localhost" ]; then
  echo "  Listening on $host: whoever reaches this machine over the network reaches this page too."
fi
echo "  Stop with Ctrl+C."
echo
exec node node_modules/next/dist/bin/next start -H "$host" -p "$port"
