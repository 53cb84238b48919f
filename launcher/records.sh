# The records of the shop: their database, their backup, and what takes their place. Nothing that is kept is destroyed: what
# comes in is made beside, compared, and changes places with what was there in one transaction; that is kept until what came
# in has served.

records=yunque
beside=yunque_beside

# One command at a time on the records of this place.
alone() {
    have_state
    exec 9>"$state/lock"
    flock -n 9 || fail "another ./yunque command is at work on these records. Wait until it has ended."
}

not_alone_any_more() { exec 9>&-; }

in_cluster() { PGOPTIONS="-c client_min_messages=warning" sql -d postgres -At "$@"; }

has_database() { [ "$(in_cluster -c "select count(*) from pg_database where datname = '$1'")" = 1 ]; }

# note_of DATABASE: what stands noted at it. ‘new’: just made, so that the demo may be loaded; ‘unserved N’: came in
# with N as its last change, and no start has served it yet.
note_of() { in_cluster -c "select coalesce(shobj_description(oid, 'pg_database'), '') from pg_database where datname = '$1'"; }

tables_in() { sql -d "$1" -Atc "select count(*) from pg_tables where schemaname = 'public'"; }

new_database() {
    in_cluster -c "create database $1"
    in_cluster -c "comment on database $1 is 'new'"
}

# The database of the records, made where there never was one. One that is gone or was emptied is told, never made anew.
have_records() {
    step "looking for the records in the private PostgreSQL" "Its log is $(cluster_place)/log."
    if ! has_database "$records"; then
        [ ! -f "$state/records" ] ||
            fail "the records are gone from the private PostgreSQL. Nothing was put in their place.$(ways_back)"
        new_database "$records"
    elif [ "$(tables_in "$records")" = 0 ] && [ "$(note_of "$records")" != new ]; then
        fail "the database of the records is empty, and it was not so when it was left. Nothing was put into it.$(ways_back)"
    fi
    : >"$state/records"
}

ways_back() {
    if [ -n "$(newest_kept)" ]; then printf ' Get the records back that are kept here from before with: ./yunque restore --back, or'; fi
    printf ' Restore a backup with: ./yunque restore FILE. To begin with the demo: ./yunque reset-demo'
}

# ---------------------------------------------------------------- one in the place of another

kept_databases() { in_cluster -c "select datname from pg_database where datname like '${records}_kept_%' order by datname desc"; }

newest_kept() { kept_databases | head -1; }

# swap_in DATABASE NOTE: it becomes the records; those there were are kept. Only what came in and was never written to since is
# not: what it came from is still there, and what was kept before it is what somebody wants back.
swap_in() {
    local old="" steps=()
    in_cluster -c "drop database if exists ${records}_unused"
    if has_database "$records"; then
        old=${records}_kept_$(date -u +%Y%m%d_%H%M%S)
        if is_unused "$records"; then old=${records}_unused; fi
        steps+=(-c "alter database $records rename to $old")
    fi
    in_cluster -1 "${steps[@]}" -c "alter database $1 rename to $records" -c "comment on database $records is $2"
    in_cluster -c "drop database if exists ${records}_unused"
    : >"$state/records"
}

# The number of the last change that somebody made; 0 where none was.
last_change() {
    if [ "$(sql -d "$1" -Atc "select to_regclass('public.revision') is not null")" = t ]; then
        sql -d "$1" -Atc "select coalesce(max(number), 0) from revision"
    else
        printf 0
    fi
}

# Whether a database came in, no start has served it, and nobody has written to it. Loading the demo is its first change.
is_unused() {
    local note
    note=$(note_of "$1")
    case "$note" in
        new) [ "$(last_change "$1")" -le 1 ] ;;
        "unserved "*) [ "$(last_change "$1")" = "${note#unserved }" ] ;;
        *) return 1 ;;
    esac
}

# A start has served the records: of those kept from before, only the last stay.
records_have_served() {
    if has_own_database; then return; fi
    in_cluster -c "comment on database $records is null"
    local old
    kept_databases | tail -n +2 | while read -r old; do in_cluster -c "drop database $old"; done
}

# ---------------------------------------------------------------- backup

plain_url() { printf '%s' "${YUNQUE_DB_URL#jdbc:}"; }

# What a backup leaves out: sessions that are signed in.
unsaved=("spring_session" "spring_session_attributes")

# rows_and_digests: a line for each table, with its rows and a digest of all they hold; read in the caller's transaction.
digest_script() {
    local list
    list=$(printf "'%s'," "${unsaved[@]}")
    cat <<SQL
set timezone = 'UTC'; set datestyle = 'ISO, YMD'; set intervalstyle = 'iso_8601'; set bytea_output = 'hex'; set extra_float_digits = 1;
select format(
    'select ''table'', %L, count(*), coalesce(sum((''x'' || left(md5(t::text), 16))::bit(64)::bigint::numeric), 0) from public.%I t',
    tablename, tablename)
from pg_tables where schemaname = 'public' and tablename not in (${list%,}) order by tablename \gexec
SQL
}

# backup FILE: the dump, and beside it what it must hold when it comes back, all of one moment; with a digest of both.
backup() {
    [ -n "${1:-}" ] || fail "say where to: ./yunque backup FILE"
    [ ! -d "$1" ] || fail "$1 is a folder. Say a file: ./yunque backup $1/records.yunque"
    need_postgres always
    have_state
    start_database
    database_settings
    step "writing the backup" "Is there room on the disk? $1 was left as it was."
    local place
    place=$(dirname "$1")
    [ -w "$place" ] || fail "nothing can be written in $place. Choose another folder for the backup."
    work=$(umask 077 && mktemp -d -p "$place")
    trap 'rm -rf "$work"' EXIT
    export work pg_bin PGPASSWORD=$YUNQUE_DB_PASSWORD url="$(plain_url)" YUNQUE_DB_USER
    digest_script >"$work/digest.sql"
    # shellcheck disable=SC2016
    {
        printf 'begin isolation level repeatable read read only;\n'
        printf 'select pg_export_snapshot() as snapshot \\gset\n\\setenv snapshot :snapshot\n'
        printf '\\! "$pg_bin/pg_dump" -Fc --snapshot="$snapshot" %s -d "$url" -U "$YUNQUE_DB_USER" -f "$work/records.dump" || touch "$work/failed"\n' \
            "$(printf -- '--exclude-table-data=%s ' "${unsaved[@]}")"
        printf '\\pset format unaligned\n\\pset tuples_only on\n\\o %s\n' "'$work/manifest'"
        printf '%s\n' "select 'yunque backup', 1; select 'made', to_char(now() at time zone 'UTC', 'YYYY-MM-DD\"T\"HH24:MI:SS\"Z\"');"
        printf '\\i %s\ncommit;\n' "'$work/digest.sql'"
    } >"$work/script.sql"
    "$pg_bin/psql" -X -q -v ON_ERROR_STOP=1 -d "$url" -U "$YUNQUE_DB_USER" -f "$work/script.sql" ||
        fail "the records could not be read for the backup. See what PostgreSQL says above; $1 was left as it was."
    [ ! -e "$work/failed" ] || fail "the records could not be written to the backup. See what pg_dump says above; $1 was left as it was."
    (cd "$work" && sha256sum manifest records.dump >sums && umask 077 && tar -b 1 -cf backup manifest sums records.dump)
    check_backup "$work/backup"
    mv -f "$work/backup" "$1"
    say "All records, their history and the signed reports are in $1 ($(rows_of "$work/manifest"))."
}

rows_of() { awk -F'|' '$1 == "table" { rows += $3; tables++ } END { printf "%d rows of %d tables", rows, tables }' "$1"; }

# ---------------------------------------------------------------- restore

is_bare_dump() { [ "$(head -c 5 "$1" 2>/dev/null | tr -d '\0')" = PGDMP ]; }

of_backup() { tar -xOf "$1" "$2" 2>/dev/null; }

# The dump inside a backup, to the standard output; one made before backups held a manifest is the dump itself.
dump_in() { if is_bare_dump "$1"; then cat "$1"; else of_backup "$1" records.dump; fi; }

# check_backup FILE: read to its end and held against its digests. Ends with a sentence where it is not whole.
check_backup() {
    step "reading $1" "Nothing was changed."
    local name untouched="Nothing was changed. Take another copy of it, or an earlier backup."
    if ! is_bare_dump "$1"; then
        [ "$(tar -tf "$1" 2>/dev/null | tr '\n' ' ' || true)" = "manifest sums records.dump " ] && tar -tf "$1" >/dev/null 2>&1 ||
            fail "$1 is no backup made by ./yunque backup, or it is cut short or damaged. $untouched"
        for name in manifest records.dump; do
            [ "$(of_backup "$1" "$name" | sha256sum | cut -c1-64)" = "$(of_backup "$1" sums | sed -n "s/^\([0-9a-f]\{64\}\)  $name\$/\1/p")" ] ||
                fail "$1 is damaged: its part ‘$name’ is not what was written. $untouched"
        done
        [ "$(of_backup "$1" manifest | head -1)" = "yunque backup|1" ] ||
            fail "$1 was made by a newer Yunque. $untouched"
    fi
    local told
    told=$(dump_in "$1" | "$pg_bin/pg_restore" -f /dev/null 2>&1 >/dev/null) ||
        fail "$1 cannot be read to its end: ${told%%$'\n'*}. $untouched"
}

known_version() { find "$root/server/src/main/resources/db/migration" -name 'V*.sql' | sed -E 's/.*\/V([0-9]+)__.*/\1/' | sort -n | tail -1; }

# fits FILE: whether what stands in the database beside is records of Yunque, as new as this one at most, and all that the
# backup held. Says why not, and nothing where it fits.
misfit() {
    if [ "$(sql -d "$beside" -Atc "select count(*) from pg_tables where schemaname = 'public' and tablename in ('flyway_schema_history', 'person', 'unit', 'job')")" != 4 ]; then
        printf 'it holds no records of Yunque'
        return
    fi
    local version
    version=$(sql -d "$beside" -Atc "select coalesce(max(version::int), 0) from flyway_schema_history where success")
    if [ "$version" -gt "$(known_version)" ]; then
        printf 'it was made by a newer Yunque (records of version %s; this one knows %s). Update this one first' "$version" "$(known_version)"
        return
    fi
    if is_bare_dump "$1"; then return; fi
    local differs
    differs=$(diff <(of_backup "$1" manifest | grep '^table|') <(digest_script | sql -d "$beside" -At | grep '^table|') | sed -n 's/^[<>] table|\([^|]*\)|.*/\1/p' | sort -u | tr '\n' ' ') || true
    [ -z "$differs" ] || printf 'what came back is not what was written (%s)' "${differs% }"
}

restore() {
    ! has_own_database || fail "restore works on the private database only; use pg_restore on your own."
    if server_pid >/dev/null; then fail "stop it first: ./yunque stop"; fi
    if [ "${1:-}" = --back ]; then
        alone
        back
        return
    fi
    [ -s "${1:-}" ] || fail "say which file: ./yunque restore FILE. To return to the records kept from before the last one: ./yunque restore --back"
    alone
    need_postgres
    check_backup "$1"
    run_private_cluster
    step "bringing the records back beside the present ones" "The present records are as they were."
    in_cluster -c "drop database if exists $beside" -c "create database $beside"
    local told why
    told=$(dump_in "$1" | PGPASSWORD=$(cat "$state/password") "$pg_bin/pg_restore" --exit-on-error --single-transaction --no-owner --no-privileges \
        -h 127.0.0.1 -p "$(cat "$state/db.port")" -U yunque -d "$beside" 2>&1) || refuse_restored "$1" "PostgreSQL says: ${told%%$'\n'*}"
    why=$(misfit "$1")
    [ -z "$why" ] || refuse_restored "$1" "$why"
    local rows="read to its end; being of an older kind it tells no digests to compare"
    is_bare_dump "$1" || rows=$(rows_of <(of_backup "$1" manifest))
    swap_in "$beside" "'unserved $(last_change "$beside")'"
    stop_database
    say "Restored from $1 ($rows). Start it with ./yunque start"
    say "The records there were before are kept beside; ./yunque restore --back returns to them."
}

refuse_restored() {
    in_cluster -c "drop database if exists $beside"
    fail "$1 was not restored: $2. The present records are as they were."
}

# Returns to the records kept when others took their place; those are kept in turn.
back() {
    need_postgres
    run_private_cluster
    step "returning to the records kept from before" "The present records are as they were."
    local kept
    kept=$(newest_kept)
    [ -n "$kept" ] || fail "no records are kept here from before. Restore a backup with: ./yunque restore FILE"
    swap_in "$kept" null
    stop_database
    say "Returned to the records kept from before. Start it with ./yunque start"
}

# ---------------------------------------------------------------- the demo anew

# Whose records these are: demo, shop, or nothing yet.
records_are() {
    if ! has_database "$records" || [ "$(tables_in "$records")" = 0 ]; then
        printf nothing
    elif [ "$(sql -d "$records" -Atc "select to_regclass('public.origin') is not null")" = t ]; then
        sql -d "$records" -Atc "select case kind when 'NEW' then 'nothing' else lower(kind) end from origin"
    else
        # Before origins were noted, people came with the demo only.
        sql -d "$records" -Atc "select case when exists (select from person) then 'demo' else 'shop' end"
    fi
}

# Units that came after the demo: it is loaded in one transaction, which is the first revision.
own_units() { sql -d "$records" -Atc "select count(*) from unit_aud where revtype = 0 and rev > (select min(number) from revision)"; }

# reset_demo [--all]: the demo anew.
reset_demo() { fresh_records demo reset-demo "${1:-}"; }

# own_shop [--all]: from the demo to a shop of one's own, empty and to be begun in the browser.
own_shop() { fresh_records shop own-shop "${1:-}"; }

# fresh_records KIND COMMAND [--all]: empty records take the place of the demo's, which are kept; what they become is noted for
# the next start.
fresh_records() {
    ! has_own_database || fail "$2 works on the private database only; unset YUNQUE_DB_URL."
    have_state
    need_java
    need_postgres
    run_private_cluster
    step "making room for new records" "The records there were are kept; ./yunque restore --back returns to them."
    local own kind
    kind=$(records_are)
    if [ "$kind" = shop ]; then
        fail "these records are a shop's own and not the demo's; $2 leaves them alone. For others beside them: YUNQUE_HOME=/another/folder ./yunque start"
    fi
    if [ "$kind" = demo ] && [ "$3" != --all ]; then
        own=$(own_units)
        [ "$own" = 0 ] || fail "$own of the units in these records did not come with the demo; $2 leaves them alone. To put new records in the place of all of them: ./yunque $2 --all"
    fi
    local was_running=no
    if server_pid >/dev/null; then
        was_running=yes
        # The network that was served is served again.
        if [ -f "$state/lan" ]; then lan_wanted=$(sed 's/:[0-9]*$//' "$state/lan"); fi
    fi
    stop >/dev/null
    alone
    run_private_cluster
    in_cluster -c "drop database if exists $beside"
    new_database "$beside"
    swap_in "$beside" "'new'"
    printf '%s' "$1" >"$state/begin"
    if [ "$1" = demo ]; then say "The demo loads at the next start."; else say "Your own shop begins in the browser at the next start."; fi
    say "The records there were are kept beside; ./yunque restore --back returns to them."
    not_alone_any_more
    if [ $was_running = yes ]; then
        build_if_needed
        choose_beginning
        launch_server
    else
        stop_database
    fi
}
