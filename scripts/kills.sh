#!/usr/bin/env bash
# Kills everything at random moments of first starts and of work, and starts again; by hand:
#   scripts/kills.sh [ROUNDS] [PORT]
# Prints how many of the next starts served, and how many acknowledged recipes were lost.
set -uo pipefail
exec 2>/dev/null
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
rounds=${1:-40}
port=${2:-8077}
at="http://127.0.0.1:$port"
data=$(mktemp -d)/data
served=0
lost=0
known=()

begin() {
  "$root/honest-stack" start --port "$port" --data "$data" >>"$data.log" 2>&1 &
  launcher=$!
}

# Everything at once: the launcher, what installs, the database, the application, the watcher.
kill_all() {
  kill -9 "$launcher" 2>/dev/null
  pkill -9 -f -- "$data" 2>/dev/null
  wait "$launcher" 2>/dev/null
  sleep 0.5
}

serves() {
  for _ in $(seq 1 600); do
    curl -sf "$at/api/recipes" >/dev/null && return 0
    kill -0 "$launcher" 2>/dev/null || return 1
    sleep 0.1
  done
  return 1
}

work() { # until it is killed: start recipes, and note what was acknowledged
  local draft='{"kind":"PANCAKE","system":"US","bowl":[{"id":"a","text":"100 g rye flour"}],"griddle":{"pieces":5,"discarded":0,"portioning":"LADLE","left":"","panFat":{"id":"p","text":""},"panFatLeft":""},"plate":{"pieces":1,"toppings":[]}}'
  local n=0 id
  while :; do
    n=$((n + 1))
    id=$(curl -sf -m 5 -H 'Content-Type: application/json' -d "{\"name\":\"kill $1 $n\",\"draft\":$draft}" "$at/api/recipes" |
      sed -n 's/^{"id":"\([^"]*\)".*/\1/p')
    [ -z "$id" ] || echo "$id" >>"$data.known"
    sleep 0.05
  done
}

mkdir -p "$data"
: >"$data.known"
begin # builds what has changed
serves
kill_all
for round in $(seq 1 "$rounds"); do
  if [ $((round % 2)) -eq 1 ]; then # every other round is a first start
    rm -rf "$data"
    mkdir -p "$data"
    : >"$data.known"
  fi
  begin
  work "$round" 2>/dev/null &
  worker=$!
  sleep "$((RANDOM % 14)).$((RANDOM % 10))"
  kill_all
  kill "$worker" 2>/dev/null
  wait "$worker" 2>/dev/null
  begin
  if serves; then
    served=$((served + 1))
    sleep 1
    curl -sf "$at/api/recipes" >"$data.now"
    while read -r id; do
      grep -q "$id" "$data.now" || lost=$((lost + 1))
    done <"$data.known"
  else
    echo "round $round did not serve: $(tail -n 3 "$data.log")"
  fi
  kill_all
  echo "round $round: $served served, $(wc -l <"$data.known") acknowledged, $lost lost"
done
echo "$served of $rounds next starts served; $lost acknowledged recipes lost"
