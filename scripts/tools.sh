# Finds the tools that are needed, and installs what is missing through the system's packages.

# Nothing ends without a word: what fails where nobody expected it is named.
set -E
trap 'printf "golden-tally: “%s” failed, which should not happen; please report it with what is above\n" "$BASH_COMMAND" >&2' ERR

say() { printf '%s\n' "golden-tally: $*"; }
fail() { printf '%s\n' "golden-tally: $*" >&2; exit 1; }

# need_known_system: said before anything is installed, rather than half-way.
need_known_system() {
  local id version name
  local about=${GOLDEN_TALLY_OS_RELEASE:-/etc/os-release}
  [ -r "$about" ] || return 0
  id=$(. "$about" && printf '%s' "${ID:-}")
  version=$(. "$about" && printf '%s' "${VERSION_ID:-0}")
  name=$(. "$about" && printf '%s' "${PRETTY_NAME:-this system}")
  if [ "$id" = debian ] && [ "${version%%.*}" -lt 13 ] && [ "$version" != 0 ] && ! has_all_tools; then
    fail "$name is too old: its packages have no JDK 21 and only Node 18. Use Debian 13 or newer, or install a JDK of version 21 or newer and Node 20.19 or newer yourself; then run this again. Nothing was installed"
  fi
}

has_all_tools() {
  [ -n "$(newest_jdk)" ] && command -v node >/dev/null && node_is_new_enough
}

node_is_new_enough() { node -e 'const [a,b]=process.versions.node.split(".").map(Number); process.exit(a>20||(a===20&&b>=19)?0:1)'; }

# A new machine has no list of packages yet; without one nothing can be looked up.
refresh_packages() {
  [ -z "${packages_refreshed:-}" ] || return 0
  packages_refreshed=yes
  local as_root=()
  [ "$(id -u)" -eq 0 ] || as_root=(sudo -n)
  "${as_root[@]}" apt-get update -qq >/dev/null 2>&1 || say "the list of packages could not be refreshed; trying with the old one"
}

install_packages() {
  local why=$1; shift
  command -v apt-get >/dev/null || fail "$why is missing and this system has no apt-get; please install: $*"
  local as_root=()
  if [ "$(id -u)" -ne 0 ]; then
    sudo -n true 2>/dev/null || fail "$why is missing; please run: sudo apt-get install $*"
    as_root=(sudo -n)
  fi
  say "installing $why ($*); this may take a few minutes"
  refresh_packages
  "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >/dev/null 2>&1 \
    || fail "$why could not be installed; please run: apt-get install $*"
}

java_version() { "$1/bin/java" -version 2>&1 | sed -n 's/.*version "\([0-9]*\).*/\1/p' | head -n 1; }

# Prints the home of the newest JDK that is 21 or newer.
newest_jdk() {
  local home version best='' best_version=20
  for home in "${JAVA_HOME:-}" /usr/lib/jvm/*/ /opt/java/*/; do
    [ -n "$home" ] && [ -x "${home%/}/bin/javac" ] || continue
    version=$(java_version "${home%/}")
    if [ "${version:-0}" -gt "$best_version" ]; then best=${home%/}; best_version=$version; fi
  done
  printf '%s' "$best"
}

# What is looked through to its first hit ends the program that prints it, so its output is taken whole first.
has_package() { [[ $(apt-cache policy "$1" 2>/dev/null) =~ Candidate:\ [^\(] ]]; }

need_jdk() {
  local jdk package
  jdk=$(newest_jdk)
  if [ -z "$jdk" ]; then
    ! command -v apt-get >/dev/null || refresh_packages
    for package in openjdk-25-jdk-headless openjdk-21-jdk-headless default-jdk-headless; do
      if has_package "$package"; then
        install_packages "a JDK" "$package"
        jdk=$(newest_jdk)
        [ -n "$jdk" ] && break
      fi
    done
  fi
  [ -n "$jdk" ] || fail "no JDK 21 or newer is here, and the system's packages have none; install one under /usr/lib/jvm or set JAVA_HOME to it"
  export JAVA_HOME=$jdk
}

need_node() {
  if ! command -v node >/dev/null || ! command -v npm >/dev/null; then install_packages "Node.js" nodejs npm; fi
  node_is_new_enough \
    || fail "Node $(node --version) is too old; the pages are built with Node 20.19 or newer"
}

need_build_tools() {
  need_jdk
  command -v mvn >/dev/null || install_packages "Maven" maven
  need_node
}

postgresql_bin() {
  local bin
  bin=$(find /usr/lib/postgresql -maxdepth 2 -name bin 2>/dev/null | sort -V | tail -n 1 || true)
  if [ -n "$bin" ] && [ -x "$bin/initdb" ]; then printf '%s' "$bin"
  elif command -v initdb >/dev/null && command -v pg_ctl >/dev/null; then dirname "$(command -v pg_ctl)"; fi
}

need_postgresql() {
  [ -n "$(postgresql_bin)" ] || install_packages "PostgreSQL" postgresql
  [ -n "$(postgresql_bin)" ] || fail "PostgreSQL's initdb cannot be found under /usr/lib/postgresql"
}

# Journeys need no window: where Debian has Chromium without one, that takes a quarter less time.
need_chromium() {
  ! command -v chromium-headless-shell >/dev/null || return 0
  ! command -v chromium >/dev/null || return 0
  ! command -v apt-get >/dev/null || refresh_packages
  if has_package chromium-headless-shell; then install_packages "headless Chromium" chromium-headless-shell
  else install_packages "Chromium" chromium; fi
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# Prints the first free port from the given one on.
free_port_from() {
  local port=$1
  until port_is_free "$port"; do port=$((port + 1)); done
  printf '%s' "$port"
}
