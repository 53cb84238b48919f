# The app itself: built once, started, found again, stopped.

first_port=${YUNQUE_PORT:-8710}
jar=server/target/yunque-app.jar
quick=server/target/quick
jvm=(-Xms48m -Xmx320m -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Xss512k -XX:MaxMetaspaceSize=192m -XX:ReservedCodeCacheSize=64m)

build_if_needed() {
    if [ -f "$jar" ] && [ -z "$(find pom.xml core/pom.xml core/src/main web/pom.xml web/src web/index.html web/package-lock.json web/vite.config.ts server/pom.xml server/src/main -newer "$jar" -print -quit)" ]; then
        return
    fi
    need_maven
    need_node
    step "building"
    say "Building; the first time takes a few minutes"
    have_state
    mvn -B -q -ntp -DskipTests -Dspotless.check.skip=true -pl core,web,server -am package >"$state/build.log" 2>&1 || {
        tail -40 "$state/build.log" >&2
        fail "the build failed; the whole log is $state/build.log. Is the network there, and room on the disk? Start again to go on."
    }
}

# The jar laid out flat, with an archive of its loaded classes, starts in half the time. Made once for each build; when
# it cannot be made, the jar starts as it is.
prepare_quick_start() {
    if [ "$quick/yunque-app.jar" -nt "$jar" ]; then return; fi
    say "Preparing a quick start"
    rm -rf "$quick"
    "$JAVA_HOME/bin/java" -Djarmode=tools -jar "$jar" extract --destination "$quick" >"$state/quick.log" 2>&1 || return 0
    touch "$quick/yunque-app.jar"
    YUNQUE_PORT=$(free_port 8900) timeout 120 "$JAVA_HOME/bin/java" "${jvm[@]}" -XX:ArchiveClassesAtExit="$quick/classes.jsa" \
        -Dspring.context.exit=onRefresh -jar "$quick/yunque-app.jar" >>"$state/quick.log" 2>&1 || true
}

# The process of the running app; nothing, and a status that says so, when none runs.
server_pid() {
    local pid
    pid=$(cat "$state/server.pid" 2>/dev/null || true)
    [ -n "$pid" ] && kill -0 "$pid" 2>/dev/null && grep -qa yunque-app.jar "/proc/$pid/cmdline" 2>/dev/null && printf '%s' "$pid"
}

# Asks the server whether it is ready, the demo loaded, without needing curl.
healthy() {
    local line
    exec 3<>"/dev/tcp/127.0.0.1/$1" || return 1
    printf 'GET /actuator/health/readiness HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3
    IFS= read -r -t 5 line <&3 || true
    exec 3>&- 3<&-
    case "$line" in *" 200"*) return 0 ;; *) return 1 ;; esac
}

# Whose records the running app holds: NEW, DEMO or SHOP.
begun() {
    local line
    exec 3<>"/dev/tcp/127.0.0.1/$1" || return 1
    printf 'GET /api/begin HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3
    while IFS= read -r -t 5 line <&3 || [ -n "$line" ]; do
        case "$line" in *'"kind":"'*)
            line=${line#*'"kind":"'}
            printf '%s' "${line%%'"'*}"
            break
            ;;
        esac
    done
    exec 3>&- 3<&-
}

announce() {
    say ""
    say "Yunque is at  http://127.0.0.1:$1"
    case "$(begun "$1" 2>/dev/null)" in
        DEMO) say "Demo sign-ins: Inés Roldán (lead) 2580 · Tomás Vega (mechanic) 1470 · Aitana Luna (mechanic) 3690 · Visitor (viewer) 1234" ;;
        NEW) say "Open it to begin your own shop, or to look around with the demo." ;;
    esac
    if [ -f "$state/lan" ]; then
        say "On the shop's network at  https://$(cat "$state/lan")"
        if [ -z "${YUNQUE_TLS_KEYSTORE:-}" ]; then
            say "A tablet takes the certificate first, once, at  http://$(cat "$state/lan.certificate")/certificate"
        fi
    fi
    say "Stop it with Ctrl-C here or ./yunque stop"
}

# choose_beginning [demo|shop]: what new records become. Where nobody can be asked and nothing was said, the demo loads.
choose_beginning() {
    if [ -n "${YUNQUE_DEMO:-}" ] || has_own_database; then return; fi
    local wanted=${1:-$(cat "$state/begin" 2>/dev/null || true)} answer
    if [ -z "$wanted" ] && [ "$(records_are)" = nothing ] && [ -t 0 ] && [ -t 1 ]; then
        say "There are no records here yet. 1 looks around with the demo, 2 begins your own shop, empty."
        printf '1 or 2? '
        read -r answer || answer=1
        if [ "$answer" = 2 ]; then wanted=shop; else wanted=demo; fi
    fi
    [ -z "$wanted" ] || printf '%s' "$wanted" >"$state/begin"
    if [ "$wanted" = shop ]; then export YUNQUE_DEMO=false; fi
}

# Runs the server until it ends; the pid and the port stand in the state folder.
launch_server() {
    database_settings
    step "starting the app" "Its log is $state/server.log."
    prepare_quick_start
    local port
    port=$(free_port "$first_port")
    [ "$port" = "$first_port" ] || say "Port $first_port is taken; using $port"
    printf '%s' "$port" >"$state/port"
    local run=$jar options=("${jvm[@]}")
    if [ -f "$quick/yunque-app.jar" ]; then
        run=$quick/yunque-app.jar
        [ ! -f "$quick/classes.jsa" ] || options+=(-XX:SharedArchiveFile="$quick/classes.jsa" -Xlog:cds=off -Xlog:cds+dynamic=off)
    fi
    serve_lan
    # Its log is kept over starts and rolled by itself; what the machine says of Java stands in server.out.
    (umask 077 && YUNQUE_PORT=$port YUNQUE_LOG=$state/server.log YUNQUE_LOG_CONSOLE=off YUNQUE_PLACE=$state exec nohup "$JAVA_HOME/bin/java" "${options[@]}" \
        -jar "$root/$run" >"$state/server.out" 2>&1 9>&-) &
    local waited=0 process=$!
    printf '%s' "$process" >"$state/server.pid"
    until healthy "$port" 2>/dev/null; do
        # Not by its name: in its first moment the process still bears the launcher's.
        kill -0 "$process" 2>/dev/null || {
            tail -20 "$state/server.out" >&2
            tail -20 "$state/server.log" >&2 2>/dev/null || true
            fail "the server did not start; its log is $state/server.log."
        }
        waited=$((waited + 1))
        [ $waited -lt 600 ] || fail "the server did not answer within two minutes; its log is $state/server.log."
        sleep 0.2
    done
    records_have_served
    announce "$port"
    start_keeping_backups
}

start() {
    local wanted="" detach=no backups=""
    lan_wanted=no
    while [ $# -gt 0 ]; do
        case "$1" in
            --lan) lan_wanted=$(own_number) ;;
            --lan=?*) lan_wanted=${1#--lan=} ;;
            --keep-backups=?*) backups=${1#--keep-backups=} ;;
            --keep-backups)
                [ -n "${2:-}" ] || fail "say which folder keeps the backups: ./yunque start --keep-backups FOLDER, or no to keep none"
                backups=$2
                shift
                ;;
            --detach) detach=yes ;;
            --demo) wanted=demo ;;
            --own-shop) wanted=shop ;;
            *) fail "does not know ‘$1’. It is: ./yunque start [--detach] [--lan | --lan=NAME-OR-NUMBER] [--keep-backups FOLDER], and for new records [--demo | --own-shop]" ;;
        esac
        shift
    done
    have_state
    if [ -n "$backups" ]; then want_backups "$backups"; fi
    need_java
    need_postgres
    build_if_needed
    local pid
    if pid=$(server_pid); then
        start_database
        say "Yunque is already running."
        announce "$(cat "$state/port")"
        start_keeping_backups
        return
    fi
    alone
    start_database
    backup_before_newer_version
    choose_beginning $wanted
    launch_server
    not_alone_any_more
    if [ $detach = yes ]; then return; fi
    pid=$(cat "$state/server.pid")
    trap 'say ""; stop; exit 0' INT TERM
    while kill -0 "$pid" 2>/dev/null; do sleep 0.5; done
    # ./yunque stop takes the pid file away first, so a missing one is no accident.
    if [ -f "$state/server.pid" ]; then
        stop_database
        fail "the server ended by itself; its log is $state/server.log. Start it again with ./yunque start"
    fi
}

stop() {
    step "stopping"
    local pid
    stop_keeping_backups
    if pid=$(server_pid); then
        rm -f "$state/server.pid"
        kill "$pid" 2>/dev/null || true
        for _ in $(seq 150); do
            kill -0 "$pid" 2>/dev/null || break
            sleep 0.1
        done
        kill -9 "$pid" 2>/dev/null || true
    fi
    rm -f "$state/server.pid"
    stop_database
    say "Yunque is stopped."
}
