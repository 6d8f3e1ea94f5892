# Sourced by demo.sh and check.sh: installs the packages when the lock file has changed since the last install.
export NEXT_TELEMETRY_DISABLED=1
node -e 'const [a, b] = process.versions.node.split(".").map(Number); if (a < 20 || (a === 20 && b < 19)) { console.error(`Jade Pan needs Node 20.19 or newer; this is ${process.version}.`); process.exit(1); }'
stamp=node_modules/.installed-lock
if [ ! -f "$stamp" ] || ! cmp -s package-lock.json "$stamp"; then
  echo "Installing packages (about a minute) …"
  npm ci --no-audit --no-fund --loglevel=error
  cp package-lock.json "$stamp"
fi
