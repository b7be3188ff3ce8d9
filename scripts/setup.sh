#!/usr/bin/env bash
# Brings a fresh machine to where Pasture builds and, with "browser", where its interface tests run.
set -euo pipefail
cd "$(dirname "$0")/.."

say() { printf 'setup: %s\n' "$*"; }
fail() {
  printf 'setup: %s\n' "$@" >&2
  exit 1
}

node_needed=20.19.0
node_here=$(node -p 'process.versions.node' 2>/dev/null || echo none)
[ "$node_here" != none ] || fail "Node.js is not installed. Install version $node_needed or newer, then run this again."
if [ "$(printf '%s\n%s\n' "$node_needed" "$node_here" | sort -V | head -n 1)" != "$node_needed" ]; then
  fail "Node.js $node_needed or newer is needed; this is $node_here. Install a newer one, then run this again."
fi

lock_now=$(sha256sum package-lock.json | cut -d ' ' -f 1)
stamp=node_modules/.pasture-installed
if [ "$(cat "$stamp" 2>/dev/null || true)" != "$lock_now" ]; then
  say 'installing packages (about a minute)'
  npm ci --no-audit --no-fund --loglevel=error ||
    fail 'npm could not install the packages.' \
      'Check that this machine reaches a package registry (npm ping), then run this again.'
  printf '%s' "$lock_now" >"$stamp"
fi

[ "${1:-}" = browser ] || exit 0

browser=${CHROMIUM:-$(command -v chromium-headless-shell || command -v chromium || true)}
if [ -n "$browser" ] && [ -x "$browser" ]; then
  say "browser is $browser"
  exit 0
fi
how='apt-get update && apt-get install -y --no-install-recommends chromium-headless-shell'
command -v apt-get >/dev/null ||
  fail 'no Chromium here, and no apt-get to install it with.' \
    'Install Chromium, then set CHROMIUM=/path/to/chromium and run this again.'
if [ "$(id -u)" -eq 0 ]; then
  root=()
elif command -v sudo >/dev/null && sudo -n true 2>/dev/null; then
  root=(sudo)
else
  fail 'no Chromium here, and this account may not install it.' \
    "As root, run: $how" \
    'or set CHROMIUM=/path/to/chromium, then run this again.'
fi
say 'installing Chromium from Debian packages'
install() { "${root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get -qy install --no-install-recommends "$1" >/dev/null; }
for try in 1 2 3; do
  if "${root[@]}" apt-get -q update >/dev/null && { install chromium-headless-shell || install chromium; }; then
    exit 0
  fi
  [ "$try" = 3 ] || sleep $((try * 5))
done
fail 'apt-get could not install Chromium. Run this and look at what it says:' "  $how"
