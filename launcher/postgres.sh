# The private PostgreSQL: made once, on loopback, with a password of its own.

# PostgreSQL refuses to run as root; as root it runs as the postgres user, in a place that user can reach.
as_postgres() { if is_root; then runuser -u postgres -- "$@"; else "$@"; fi; }

# Nobody answers there, and no connection of something else goes out from it, which would keep a server from it too.
port_is_free() {
    if (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; then return 1; fi
    # All but those that are over and only wait for stragglers (06).
    ! grep -qE "^ *[0-9]+: [0-9A-F]+:$(printf '%04X' "$1") [0-9A-F]+:[0-9A-F]{4} 0[1-57-9A-F] " /proc/net/tcp /proc/net/tcp6 2>/dev/null
}

free_port() {
    local port=$1
    while ! port_is_free "$port"; do
        port=$((port + 1))
        [ "$port" -lt $(($1 + 400)) ] || fail "found no free port from $1 on. End what takes them, or set YUNQUE_PORT to another."
    done
    printf '%s' "$port"
}

cluster_place() {
    if is_root; then
        printf '/var/lib/postgresql/yunque-%s' "$(printf '%s' "$state" | sha256sum | cut -c1-12)"
    else
        printf '%s/postgresql' "$state"
    fi
}

# make_cluster DIR PASSWORD-FILE
make_cluster() {
    local pw
    as_postgres mkdir -p "$1"
    pw=$(as_postgres mktemp)
    as_postgres tee "$pw" <"$2" >/dev/null
    (cd / && as_postgres "$pg_bin/initdb" -D "$1/data" -U yunque -A scram-sha-256 --pwfile="$pw" -E UTF8 --locale=C.UTF-8 >/dev/null) ||
        fail "PostgreSQL could not make its files in $1. See what it says above; is the disk full?"
    as_postgres rm -f "$pw"
}

# run_cluster DIR PORT [more settings]
run_cluster() {
    local dir=$1 port=$2
    shift 2
    (cd / && as_postgres "$pg_bin/pg_ctl" -D "$dir/data" -w -t 60 -l "$dir/log" -o \
        "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c max_connections=60 -c shared_buffers=64MB $*" \
        start >/dev/null 2>&1 9>&-) || fail "PostgreSQL did not start; its log is $dir/log."
}

cluster_runs() {
    clear_dead_postmaster "$1"
    (cd / && as_postgres "$pg_bin/pg_ctl" -D "$1/data" status >/dev/null 2>&1)
}

# After a kill -9 the lock file stays; a process nobody has reaped yet would make PostgreSQL believe it still runs.
clear_dead_postmaster() {
    local pid
    pid=$(as_postgres head -1 "$1/data/postmaster.pid" 2>/dev/null || true)
    [ -n "$pid" ] || return 0
    case "$(sed -nE 's/^State:[[:space:]]+(.).*/\1/p' "/proc/$pid/status" 2>/dev/null || true)" in
        Z | "") as_postgres rm -f "$1/data/postmaster.pid" ;;
    esac
}

stop_cluster() { (cd / && as_postgres "$pg_bin/pg_ctl" -D "$1/data" -m fast -w stop >/dev/null 2>&1) || true; }

new_password() {
    if [ ! -s "$1" ]; then
        (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$1")
    fi
}

# sql [psql's options]: in the private PostgreSQL; -d names the database.
sql() { PGPASSWORD=$(cat "$state/password") "$pg_bin/psql" -X -q -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "$(cat "$state/db.port")" -U yunque "$@"; }

# Brings the private PostgreSQL up, with its database; never fills the place of records that are gone with new ones.
start_database() {
    if has_own_database; then return; fi
    run_private_cluster
    have_records
}

run_private_cluster() {
    step "starting the private PostgreSQL" "Its log is $(cluster_place)/log."
    local cluster
    cluster=$(cluster_place)
    if ! as_postgres test -s "$cluster/data/PG_VERSION"; then
        [ ! -f "$state/records" ] ||
            fail "the records of this place were in $cluster, and they are gone from there. Put that folder back, or take ‘records’ out of $state to begin anew and restore a backup."
        new_password "$state/password"
        make_cluster "$cluster" "$state/password"
    fi
    [ -s "$state/password" ] ||
        fail "the password of the records in $cluster is missing: $state/password. Put that file back."
    if ! cluster_runs "$cluster"; then
        local port
        port=$(cat "$state/db.port" 2>/dev/null || true)
        [ -n "$port" ] && port_is_free "$port" || port=$(free_port 24310)
        printf '%s' "$port" >"$state/db.port"
        run_cluster "$cluster" "$port"
    fi
}

stop_database() {
    if has_own_database; then return; fi
    pg_bin=$(postgres_bin)
    if [ -n "$pg_bin" ]; then stop_cluster "$(cluster_place)"; fi
}

database_settings() {
    if ! has_own_database; then
        export YUNQUE_DB_URL="jdbc:postgresql://127.0.0.1:$(cat "$state/db.port")/yunque"
        export YUNQUE_DB_USER=yunque
        YUNQUE_DB_PASSWORD=$(cat "$state/password")
        export YUNQUE_DB_PASSWORD
    fi
}
