# What looks after the records by itself: backups before they are changed over to a newer version and every night, and what
# ./yunque doctor sees.

# Days of which each keeps its backup; of the months before, the first of each.
keep_days=14
keep_months=12
before_kept=3
night_hour=2

# What is written here, and the log, is the owner's only: it holds the records of the shop.
have_state() {
    mkdir -p "$state" && chmod 700 "$state" || fail "cannot write its folder $state. Choose another with YUNQUE_HOME=/another/folder ./yunque start"
}

# ---------------------------------------------------------------- before a newer version

# The version of the records; 0 where there are none yet.
records_version() {
    if [ "$(sql -d "$records" -Atc "select to_regclass('public.flyway_schema_history') is not null")" = t ]; then
        sql -d "$records" -Atc "select coalesce(max(version::int), 0) from flyway_schema_history where success"
    else
        printf 0
    fi
}

# A start of a newer Yunque changes the records over: as they were, they are in a backup first. Older than the records, it does
# not start.
backup_before_newer_version() {
    if has_own_database; then return; fi
    local is knows place
    is=$(records_version)
    knows=$(known_version)
    [ "$is" -le "$knows" ] ||
        fail "these records were kept by a newer Yunque (version $is; this one knows $knows). Nothing was changed. Start them with the newer one, or restore a backup made before with: ./yunque restore FILE"
    if [ "$is" = 0 ] || [ "$is" = "$knows" ]; then return; fi
    place=$state/backups
    mkdir -p "$place" && chmod 700 "$place"
    say "The records are of version $is and become $knows; as they are, they are backed up first."
    (backup "$place/before-version-$knows-$(date +%Y%m%d-%H%M%S).yunque")
    oldest_first "$place" 'before-version-*.yunque' | head -n "-$before_kept" | while IFS= read -r old; do rm -f "$old"; done
}

oldest_first() { find "$1" -maxdepth 1 -name "$2" -printf '%T@ %p\n' | sort -n | cut -d' ' -f2-; }

# ---------------------------------------------------------------- every night

# The folder of the nightly backups; nothing where none is wanted.
backups_place() { cat "$state/backups.place" 2>/dev/null || true; }

# want_backups FOLDER | no: noted, so that every later start goes on with it.
want_backups() {
    if [ "$1" = no ]; then
        rm -f "$state/backups.place"
        return
    fi
    mkdir -p "$1" 2>/dev/null && [ -w "$1" ] || fail "nothing can be written in $1. Choose another folder for the backups."
    chmod 700 "$1" 2>/dev/null || say "$1 is not this user's own; the backups in it are readable by their owner only all the same."
    (cd "$1" && pwd) >"$state/backups.place"
}

newest_backup() { oldest_first "$1" 'yunque-????-??-??.yunque' | tail -1; }

# backup_is_due FOLDER NOW: whether a night has begun since the newest backup, or none is there. NOW in seconds.
backup_is_due() {
    local newest night
    newest=$(newest_backup "$1")
    night=$(date -d "$(date -d "@$2" +%F) $night_hour:00" +%s)
    if [ "$night" -gt "$2" ]; then night=$(date -d "$(date -d "@$2" +%F) 1 day ago $night_hour:00" +%s); fi
    [ -z "$newest" ] || [ "$(stat -c %Y "$newest")" -lt "$night" ]
}

# superseded FOLDER NOW: nightly backups that nobody needs any more; never the newest.
superseded() {
    local newest file day first=""
    newest=$(newest_backup "$1")
    find "$1" -maxdepth 1 -name 'yunque-????-??-??.yunque' | sort | while IFS= read -r file; do
        day=$(basename "$file" .yunque)
        day=${day#yunque-}
        if [[ ! "$day" > "$(date -d "$(date -d "@$2" +%F) $keep_days days ago" +%F)" ]]; then
            if [ "${day%-*}" = "$first" ] || [[ "$day" < "$(date -d "$(date -d "@$2" +%F) $keep_months months ago" +%F)" ]]; then
                [ "$file" = "$newest" ] || printf '%s\n' "$file"
            fi
        fi
        first=${day%-*}
    done
}

# One night's backup, by a process of its own so that each of its steps is heeded; only after it is whole goes what it supersedes.
nightly_backup() {
    YUNQUE_HOME=$state "$root/yunque" backup "$1/yunque-$(date +%F).yunque" || return 1
    superseded "$1" "$(date +%s)" | while IFS= read -r old; do rm -f "$old"; done
}

# Looks every minute whether a backup is due, as long as the app runs. A failure is in the log and tried again after an hour.
keep_backups() {
    local place pause
    place=$(backups_place)
    while server_pid >/dev/null; do
        pause=60
        if backup_is_due "$place" "$(date +%s)"; then nightly_backup "$place" || pause=3600; fi
        sleep "$pause" &
        wait $!
    done
}

start_keeping_backups() {
    stop_keeping_backups
    if [ -z "$(backups_place)" ]; then return; fi
    # In place of its shell, so that nothing of this terminal stays open behind it.
    (umask 077 && exec nohup bash "$root/launcher/nightly.sh" "$root" >>"$state/backups.log" 2>&1 9>&-) &
    printf '%s' $! >"$state/backups.pid"
    say "Every night the records are backed up to  $(backups_place)"
}

stop_keeping_backups() {
    local pid
    pid=$(cat "$state/backups.pid" 2>/dev/null || true)
    if [ -n "$pid" ] && grep -qa nightly.sh "/proc/$pid/cmdline" 2>/dev/null; then kill "$pid" 2>/dev/null || true; fi
    rm -f "$state/backups.pid"
}

# ---------------------------------------------------------------- doctor

least_free_mb=500

told() { printf '%-11s %s\n' "$1" "$2"; }

# free_mb FOLDER, as its file system says.
free_mb() { df -Pm "$1" 2>/dev/null | awk 'NR == 2 { print $4 }'; }

# What is wrong counts, so that a script can ask.
doctor() {
    step "looking round"
    amiss=0
    local name
    for name in java javac mvn node npm chromium; do
        told "$name" "$(command -v $name || echo 'missing; start or test installs it')"
    done
    pg_bin=$(postgres_bin)
    told postgres "${pg_bin:-missing; start or test installs it}"
    told built "$([ -f "$jar" ] && echo yes || echo 'no; start builds it')"
    see_server
    see_records
    see_room
    see_clock
    see_backups
    if [ "$amiss" -gt 0 ]; then
        say "To look at: $amiss."
        exit 1
    fi
}

amiss() {
    told "$1" "$2"
    amiss=$((amiss + 1))
}

see_server() {
    local pid
    if ! pid=$(server_pid); then
        told server "not running"
        return
    fi
    told server "running, http://127.0.0.1:$(cat "$state/port"), $(awk '/VmRSS/{printf "%d MB", $2/1024}' "/proc/$pid/status")"
    if healthy "$(cat "$state/port")" 2>/dev/null; then told health well; else amiss health "not well; look at $state/server.log"; fi
}

# Whether the private PostgreSQL answers to this place's password: another one may have taken its port.
records_answer() { ! has_own_database && [ -s "$state/db.port" ] && [ -n "$pg_bin" ] && sql -d "$records" -Atc 'select 1' >/dev/null 2>&1; }

see_records() {
    if has_own_database; then
        told records "in a PostgreSQL of your own: $own_database"
    elif [ ! -f "$state/records" ]; then
        told records "none yet; start makes them"
    elif records_answer; then
        local is knows
        is=$(records_version)
        knows=$(known_version)
        if [ "$is" -gt "$knows" ]; then
            amiss records "of version $is, kept by a newer Yunque; this one knows $knows"
        else
            told records "version $is of $knows, $(sql -d "$records" -Atc "select pg_size_pretty(pg_database_size('$records'))")"
        fi
    elif ! cluster_runs "$(cluster_place)"; then
        if server_pid >/dev/null; then
            amiss records "their PostgreSQL does not run while the app does; ./yunque stop, then start. Its log is $(cluster_place)/log"
        else
            told records "their PostgreSQL is not running; start brings it up"
        fi
    else
        amiss records "their PostgreSQL does not answer at port $(cat "$state/db.port"); its log is $(cluster_place)/log"
    fi
}

see_room() {
    local place free
    for place in "$state" "$(cluster_place)" "$(backups_place)"; do
        [ -n "$place" ] && as_postgres test -e "$place" 2>/dev/null || [ -e "$place" ] || continue
        free=$(free_mb "$place" || true)
        [ -n "$free" ] || continue
        if [ "$free" -lt "$least_free_mb" ]; then
            amiss room "$free MB left for $place; less than $least_free_mb MB and the next thing kept may be refused"
        else
            told room "$free MB left for $place"
        fi
    done
}

# A clock that stands before the last entry makes days and intervals wrong.
see_clock() {
    if [ -z "$pg_bin" ] || ! records_answer; then return; fi
    local last
    last=$(sql -d "$records" -Atc "select coalesce(max(at) / 1000, 0) from revision" 2>/dev/null || echo 0)
    if [ "$last" -gt $(($(date +%s) + 300)) ]; then
        amiss clock "$(date '+%F %H:%M'), before the last entry of $(date -d "@$last" '+%F %H:%M'); put the clock of this machine right"
    else
        told clock "$(date '+%F %H:%M %Z')"
    fi
}

see_backups() {
    local place newest hours
    place=$(backups_place)
    if [ -z "$place" ]; then
        told backups "none by itself; ./yunque start --keep-backups FOLDER keeps one of each night"
        return
    fi
    newest=$(newest_backup "$place")
    if [ -z "$newest" ]; then
        amiss backups "none in $place yet; its log is $state/backups.log"
        return
    fi
    hours=$((($(date +%s) - $(stat -c %Y "$newest")) / 3600))
    if [ "$hours" -gt 48 ]; then
        amiss backups "the newest is $hours hours old: $newest; its log is $state/backups.log"
    else
        told backups "the newest is $hours hours old: $newest"
    fi
}
