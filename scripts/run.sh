#!/usr/bin/env bash
# The commands of package.json: each brings the machine to where it can run, then runs.
set -euo pipefail
cd "$(dirname "$0")/.."
command=$1
shift

case $command in
  demo | start)
    bash scripts/setup.sh
    echo "$command: building"
    npm run --silent build >/dev/null
    [ "$command" = start ] || set -- --demo
    exec node --import tsx server/main.ts "$@"
    ;;
  test)
    bash scripts/setup.sh browser
    exec node --import tsx scripts/test.ts "$@"
    ;;
  deep)
    bash scripts/setup.sh browser
    exec node --import tsx scripts/deep.ts "$@"
    ;;
  bench)
    bash scripts/setup.sh
    exec node --import tsx scripts/bench.ts "$@"
    ;;
  shots)
    bash scripts/setup.sh browser
    echo 'shots: building'
    npm run --silent build >/dev/null
    exec node --import tsx scripts/shots.ts "$@"
    ;;
  pasture)
    bash scripts/setup.sh >&2
    exec node --import tsx cli/pasture.ts "$@"
    ;;
  *)
    echo "run: no command $command" >&2
    exit 2
    ;;
esac
