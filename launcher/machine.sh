# What the machine must have, and how it gets it: Debian's packages, and a newer Node where Debian's is too old.

state=${YUNQUE_HOME:-$root/.yunque}
postgres_root=/usr/lib/postgresql
jvm_root=/usr/lib/jvm
own_database=${YUNQUE_DB_URL:-}
export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1

# Whether somebody named a PostgreSQL of their own, which is not ours to start, stop or replace.
has_own_database() { [ -n "$own_database" ]; }

is_root() { [ "$(id -u)" = 0 ]; }

# Installs Debian packages, as root or with sudo; otherwise says in one sentence what to do.
install_packages() {
    command -v apt-get >/dev/null || fail "needs $*; there is no apt-get here, so install them with this machine's own packages and start again."
    local sudo=()
    if ! is_root; then
        may_sudo || fail "needs the packages: $*. Ask somebody with root rights to run: apt-get install $*"
        sudo=(sudo)
    fi
    say "Installing $*"
    # Another installation may be under way: wait for it instead of giving up.
    local apt=(env DEBIAN_FRONTEND=noninteractive apt-get -qq -o DPkg::Lock::Timeout=300)
    "${sudo[@]}" "${apt[@]}" update >/dev/null || say "The package list could not be refreshed; going on with the old one."
    "${sudo[@]}" "${apt[@]}" install -y --no-install-recommends "$@" >/dev/null ||
        fail "could not install $*. Look at what apt-get says above, check the network and the package sources, and start again."
}

# With a terminal sudo may ask for the password; without one it must not have to.
may_sudo() { command -v sudo >/dev/null && { sudo -n true 2>/dev/null || [ -t 0 ]; }; }

java_major() { "$1" -version 2>&1 | sed -nE '1s/.*"([0-9]+).*/\1/p'; }

# The folder of a JDK of 17 or newer: the one that is set, the one on the path, or one in the usual places. Nothing when there
# is none.
find_jdk() {
    local compiler home
    compiler=$(command -v javac || true)
    for home in "${JAVA_HOME:-}" "${compiler:+$(dirname "$(dirname "$(readlink -f "$compiler")")")}" \
        "$jvm_root"/java-17-openjdk-* "$jvm_root"/java-21-openjdk-* "$jvm_root"/default-java "$jvm_root"/*; do
        if [ -n "$home" ] && [ -x "$home/bin/javac" ] && [ "$(java_major "$home/bin/java")" -ge 17 ] 2>/dev/null; then
            printf '%s' "$home"
            return
        fi
    done
}

need_java() {
    step "looking for Java" "Install a JDK of 17 or newer and set JAVA_HOME to its folder."
    JAVA_HOME=$(find_jdk)
    if [ -z "$JAVA_HOME" ]; then
        install_packages default-jdk-headless
        JAVA_HOME=$(find_jdk)
    fi
    [ -n "$JAVA_HOME" ] ||
        fail "needs a JDK of 17 or newer, and this machine's packages brought none. Install one and set JAVA_HOME to its folder."
    export JAVA_HOME
}

node_is_new_enough() {
    command -v node >/dev/null && node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||a===20&&b>=19?0:1)'
}

# Node of 20.19 or newer; an older machine gets one of its own inside the project.
need_node() {
    step "looking for Node" "Install Node 20.19 or newer with npm."
    local own=$state/node/node_modules/node/bin
    [ ! -x "$own/node" ] || export PATH="$own:$PATH"
    command -v npm >/dev/null || install_packages nodejs npm
    command -v npm >/dev/null || fail "needs npm, and this machine's packages brought none. Install Node 20.19 or newer with npm."
    if node_is_new_enough; then return; fi
    say "This machine's Node is too old; fetching Node 22 for this project"
    mkdir -p "$state/node"
    npm install --silent --no-audit --no-fund --prefix "$state/node" node@22 >/dev/null ||
        fail "needs Node 20.19 or newer and could not fetch it from the npm registry. Check the network and start again."
    export PATH="$own:$PATH"
    node_is_new_enough || fail "needs Node 20.19 or newer, and the one fetched into $state/node does not run. Install one yourself."
}

need_maven() {
    step "looking for Maven" "Install Maven."
    command -v mvn >/dev/null || install_packages maven
    command -v mvn >/dev/null || fail "needs Maven, and this machine's packages brought none. Install it and start again."
}

# The programs of the newest PostgreSQL server here. Nothing when there is none.
postgres_bin() {
    local dir best="" version=0
    for dir in "$postgres_root"/*/bin; do
        if [ -x "$dir/initdb" ] && [ "$(postgres_version "$dir")" -gt "$version" ] 2>/dev/null; then
            best=$dir
            version=$(postgres_version "$dir")
        fi
    done
    printf '%s' "$best"
}

postgres_version() { basename "$(dirname "$1")"; }

# need_postgres [always]: not where a PostgreSQL of one's own is named, unless its programs are needed all the same.
need_postgres() {
    if has_own_database && [ "${1:-}" != always ]; then return; fi
    step "looking for PostgreSQL" "Install PostgreSQL 15 or newer."
    pg_bin=$(postgres_bin)
    if [ -z "$pg_bin" ]; then
        install_packages postgresql
        pg_bin=$(postgres_bin)
    fi
    [ -n "$pg_bin" ] ||
        fail "needs PostgreSQL 15 or newer, and this machine's packages brought none to $postgres_root. Install it and start again."
    [ "$(postgres_version "$pg_bin")" -ge 15 ] ||
        fail "needs PostgreSQL 15 or newer; the newest here is $(postgres_version "$pg_bin"). Install a newer one and start again."
}

# For the tests: a browser, and the tool with which it is told to trust the shop's own authority.
need_chromium() {
    step "looking for Chromium" "Install Debian's packages chromium and libnss3-tools."
    command -v chromium >/dev/null || install_packages chromium
    command -v chromium >/dev/null || fail "needs Chromium for the browser tests, and this machine's packages brought none. Install it and start again."
    command -v certutil >/dev/null || install_packages libnss3-tools
    command -v certutil >/dev/null || fail "needs certutil for the browser tests, and this machine's packages brought none. Install libnss3-tools and start again."
}
