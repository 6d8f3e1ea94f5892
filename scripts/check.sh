#!/usr/bin/env bash
# Everything that must be true before a change lands. Ends with one line: N passed, N failed.
set -uo pipefail
cd "$(dirname "$0")/.."
. scripts/install.sh || exit 1

as_root() { if [ "$(id -u)" -eq 0 ]; then "$@"; else sudo "$@"; fi; }
need() { command -v "$1" >/dev/null || missing="${missing:-} $2"; }
missing=""
need chromium-headless-shell chromium-headless-shell
need units units
need minizinc minizinc
/usr/bin/python3 -c "import icalendar" 2>/dev/null || missing="$missing python3-icalendar"
if [ -n "$missing" ]; then
  echo "Installing from Debian's packages:$missing"
  as_root apt-get update -qq && as_root apt-get install -y -qq $missing >/dev/null || exit 1
fi

failures=0
step() {
  echo "== $1"
  shift
  "$@" || { echo "!! failed: $*"; failures=$((failures + 1)); }
}
logs=$(mktemp -d)
run_jest() { npx jest --ci 2>&1 | tee "$logs/jest"; return "${PIPESTATUS[0]}"; }
run_attack() { npm run --silent attack -- --short 2>&1 | tee "$logs/attack"; return "${PIPESTATUS[0]}"; }
run_browser() { npx playwright test 2>&1 | tee "$logs/browser"; return "${PIPESTATUS[0]}"; }

# What takes one processor each runs beside each other; each tells what it has to say when it is through.
beside() {
  local name=$1 log="$logs/beside-$2" at
  shift 2
  { "$@" >"$log" 2>&1; echo $? >"$log.rc"; } &
  besides="${besides:-} $!:$name:$log"
}
together() {
  local each
  for each in $besides; do
    IFS=: read -r pid name log <<<"$each"
    wait "$pid"
    echo "== $name"
    cat "$log"
    [ "$(cat "$log.rc")" -eq 0 ] || { echo "!! failed: $name"; failures=$((failures + 1)); }
  done
  besides=""
}
format_and_types() { npm run --silent format:check && npm run --silent types; }
step "Build" npm run --silent build
beside Lint lint npm run --silent lint
beside Format-and-types types format_and_types
together
step "Unit tests" run_jest
step "Browser tests" run_browser
step "A short attack" run_attack

count() { grep -Eo "[0-9]+ $2" "$logs/$1" 2>/dev/null | tail -n 1 | grep -Eo '^[0-9]+' || echo 0; }
jest_line() { grep -E '^Tests:' "$logs/jest" | grep -Eo "[0-9]+ $1" | grep -Eo '^[0-9]+' || echo 0; }
passed=$(( $(jest_line passed) + $(count browser passed) + $(count attack passed) ))
failed=$(( $(jest_line failed) + $(count browser failed) + $(count attack failed) ))
# A failed lint, format, type check or build, or a runner that broke before counting, is a failure too.
if [ "$failures" -gt 0 ] && [ "$failed" -eq 0 ]; then failed=$failures; fi
echo "$passed passed, $failed failed"
[ "$failures" -eq 0 ] && [ "$failed" -eq 0 ] && [ "$passed" -gt 0 ]
