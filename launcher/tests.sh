# Everything is tested on a PostgreSQL of its own, which is thrown away.

run_tests() {
    need_java
    need_maven
    need_node
    need_postgres always
    need_chromium
    local place port
    step "making a PostgreSQL for the tests"
    if is_root; then place=$(runuser -u postgres -- mktemp -d); else place=$(mktemp -d); fi
    have_state
    rm -f "$state/test.password"
    new_password "$state/test.password"
    make_cluster "$place" "$state/test.password"
    port=$(free_port 25310)
    # Nothing of a test has to survive a power cut.
    run_cluster "$place" "$port" -c fsync=off -c synchronous_commit=off -c full_page_writes=off
    # shellcheck disable=SC2064
    trap "stop_cluster '$place'; as_postgres rm -rf '$place'" EXIT
    export YUNQUE_TEST_DB="jdbc:postgresql://127.0.0.1:$port/"
    YUNQUE_TEST_DB_PASSWORD=$(cat "$state/test.password")
    export YUNQUE_TEST_DB_PASSWORD
    unset YUNQUE_DB_URL YUNQUE_PORT
    mvn -B -ntp verify "$@" || fail "the tests did not all pass; what failed stands above."
}
