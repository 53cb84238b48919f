package app.yunque.server.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Backups that are made by themselves, and what doctor sees. */
class CareOfRecordsTest {
    private static final String OLDER_RECORDS =
            """
            have_state; run_private_cluster; in_cluster -c 'alter system set fsync = off' -c 'select pg_reload_conf()'
            in_cluster -c 'create database yunque'
            for v in $(seq 1 $(known_version)); do
                sql -d yunque -1 -f "$(find server/src/main/resources/db/migration -name "V${v}__*.sql")"
            done
            sql -d yunque -c "create table flyway_schema_history (version text primary key, success boolean)" \\
                -c "insert into flyway_schema_history select v, true from generate_series(1, $(known_version)) v"
            touch "$state/records"
            """;

    @TempDir static Path place;
    private static Launcher launcher;

    @BeforeAll
    static void records() {
        launcher = new Launcher(place.resolve("home"));
        did(OLDER_RECORDS);
    }

    @AfterAll
    static void nothingStays() {
        did("stop_database; as_postgres rm -rf \"$(cluster_place)\"");
    }

    private static String did(String script) {
        var outcome = launcher.script(script);
        assertThat(outcome.status()).as(outcome.said()).isZero();
        return outcome.said();
    }

    /** A folder with backups of these days, each made at its two o'clock. */
    private static Path nights(String name, List<String> days) throws Exception {
        var folder = Files.createDirectory(place.resolve(name));
        for (var day : days) {
            did(
                    "touch -d '%s 02:00:30' '%s'"
                            .formatted(day, folder.resolve("yunque-" + day + ".yunque")));
        }
        return folder;
    }

    @ParameterizedTest(name = "newest of {0}, now {1}: {2}")
    @CsvSource({
        "2026-11-27, 2026-11-27 02:01, no",
        "2026-11-27, 2026-11-27 23:59, no",
        "2026-11-27, 2026-11-28 01:59, no",
        "2026-11-27, 2026-11-28 02:00, yes",
        "2026-11-27, 2026-12-24 08:00, yes",
        "2026-02-28, 2026-03-01 01:30, no"
    })
    void aBackupIsDueOnceANight(String newest, String now, String due) throws Exception {
        var folder = nights("due-" + now.replaceAll("\\W", "-"), List.of(newest));
        assertThat(
                        did(
                                "if backup_is_due '%s' $(date -d '%s' +%%s); then echo yes; else echo no; fi"
                                        .formatted(folder, now)))
                .isEqualTo(due + "\n");
    }

    @Test
    void aBackupIsDueWhereThereIsNone() throws Exception {
        assertThat(did("backup_is_due '%s' 0 && echo yes".formatted(nights("none", List.of()))))
                .isEqualTo("yes\n");
    }

    /** Fourteen days, the first of each of twelve months, and the newest whatever its age. */
    @Test
    void whatIsSupersededGoes() throws Exception {
        var folder =
                nights(
                        "many",
                        List.of(
                                "2025-11-02",
                                "2025-12-03",
                                "2025-12-09",
                                "2026-11-02",
                                "2026-11-12",
                                "2026-11-13",
                                "2026-11-14",
                                "2026-11-26"));
        Files.writeString(folder.resolve("before-version-3-20200101-000000.yunque"), "x");
        Files.writeString(folder.resolve("yunque-of-the-owner.yunque"), "x");
        var at = "$(date -d '2026-11-27 02:01' +%s)";
        assertThat(did("superseded '%s' %s | xargs -n1 basename".formatted(folder, at)))
                .isEqualTo(
                        """
                        yunque-2025-11-02.yunque
                        yunque-2025-12-09.yunque
                        yunque-2026-11-12.yunque
                        yunque-2026-11-13.yunque
                        """);
        var only = nights("only", List.of("2020-01-01"));
        assertThat(did("superseded '%s' %s".formatted(only, at))).isEmpty();
    }

    @Test
    void olderRecordsAreBackedUpBeforeTheyAreChangedOver() throws Exception {
        did("run_private_cluster; backup_before_newer_version");
        var kept = place.resolve("home/backups");
        assertThat(kept).doesNotExist();

        did(
                """
                run_private_cluster
                sql -d yunque -c "delete from flyway_schema_history where version::int > 3"
                for n in 1 2 3 4; do backup_before_newer_version; sleep 1; done
                sql -d yunque -c "insert into flyway_schema_history select v, true from generate_series(4, $(known_version)) v"
                """);
        try (var files = Files.list(kept)) {
            var all = files.toList();
            assertThat(all).hasSize(3);
            for (var file : all) {
                assertThat(file.getFileName().toString()).startsWith("before-version-");
                assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                        .isEqualTo("rw-------");
                did("check_backup '%s'".formatted(file));
            }
        }
        assertThat(
                        PosixFilePermissions.toString(
                                Files.getPosixFilePermissions(place.resolve("home"))))
                .isEqualTo("rwx------");
    }

    @Test
    void recordsOfANewerYunqueAreNotStarted() {
        var outcome =
                launcher.script(
                        """
                        run_private_cluster
                        sql -d yunque -c "insert into flyway_schema_history values ('900', true)"
                        (backup_before_newer_version) || true
                        pg_bin=$(postgres_bin); amiss=0; see_records
                        sql -d yunque -c "delete from flyway_schema_history where version = '900'"
                        """);
        assertThat(outcome.said())
                .contains(
                        "kept by a newer Yunque (version 900; this one knows",
                        "Nothing was changed.",
                        "of version 900, kept by a newer Yunque");
    }

    @Test
    void aNightsBackupIsWholeAndTheOwnersOnly() throws Exception {
        var folder = place.resolve("nights");
        did(
                "run_private_cluster; want_backups '%s'; nightly_backup \"$(backups_place)\""
                        .formatted(folder));
        try (var files = Files.list(folder)) {
            var made = files.toList();
            assertThat(made).hasSize(1);
            assertThat(made.get(0).getFileName().toString())
                    .matches("yunque-\\d{4}-\\d\\d-\\d\\d\\.yunque");
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(made.get(0))))
                    .isEqualTo("rw-------");
            did("check_backup '%s'".formatted(made.get(0)));
        }
        var seen = did("pg_bin=$(postgres_bin); amiss=0; see_backups; echo amiss $amiss");
        assertThat(seen).contains("the newest is 0 hours old").endsWith("amiss 0\n");
        did("find '%s' -name 'yunque-*' -exec touch -d '3 days ago' {} +".formatted(folder));
        assertThat(did("amiss=0; see_backups; echo amiss $amiss"))
                .contains("the newest is 72 hours old")
                .endsWith("amiss 1\n");
        did("want_backups no");
        assertThat(did("see_backups")).contains("none by itself; ./yunque start --keep-backups");
    }

    /** It ends with the app, and by name: nothing else of that number is ended. */
    @Test
    void keepsThemWhileTheAppRunsAndNoLonger() {
        var said =
                did(
                        """
                        bash -c 'exec -a yunque-app.jar sleep 60' & app=$!
                        printf '%%s' $app >"$state/server.pid"
                        mkdir -p '%1$s'; touch '%1$s/yunque-2020-01-01.yunque' '%1$s/yunque-'$(date +%%F).yunque
                        want_backups '%1$s'; start_keeping_backups; sleep 1
                        kept=$(cat "$state/backups.pid")
                        tr '\\0' ' ' </proc/$kept/cmdline; echo
                        stop_keeping_backups; wait $kept || true
                        kill -0 $kept 2>/dev/null || echo ended
                        printf '%%s' $app >"$state/backups.pid"
                        stop_keeping_backups; kill -0 $app && echo 'the other goes on'
                        kill $app; rm "$state/server.pid"; want_backups no; start_keeping_backups
                        """
                                .formatted(place.resolve("while")));
        assertThat(said)
                .contains("Every night the records are backed up to", "launcher/nightly.sh")
                .contains("ended", "the other goes on");
        assertThat(place.resolve("home/backups.pid")).doesNotExist();
        assertThat(place.resolve("while/yunque-2020-01-01.yunque")).as("nothing was due").exists();
    }

    /** What is superseded goes only when the new one is there. */
    @Test
    void aNightThatFailsTakesNothingAway() throws Exception {
        var folder = nights("failing", List.of("2020-01-01", "2020-01-02"));
        var outcome =
                launcher.script(
                        "state='%s/nowhere'; : >'%s/nowhere'; nightly_backup '%s' || echo failed"
                                .formatted(place, place, folder));
        assertThat(outcome.said()).contains("failed");
        try (var files = Files.list(folder)) {
            assertThat(files).hasSize(2);
        }
    }

    @Test
    void doctorNamesWhatIsAmissAndCountsIt() {
        var well = launcher.yunque("doctor");
        assertThat(well.said()).contains("records", "room", "backups     none by itself");
        var outcome =
                launcher.script(
                        """
                        run_private_cluster
                        sql -d yunque -c "insert into revision (at, author) values (extract(epoch from now() + interval '1 day') * 1000, 'Inés')"
                        free_mb() { echo 499; }
                        (doctor) || echo "status $?"
                        sql -d yunque -c "delete from revision where author = 'Inés'"
                        """);
        assertThat(outcome.said())
                .contains(
                        "499 MB left for",
                        "before the last entry of",
                        "put the clock of this machine right",
                        "status 1")
                .containsPattern("To look at: [3-9]\\.");
    }

    @Test
    void aRecordsDatabaseThatAnswersToAnotherPasswordIsNotWell() {
        var outcome =
                launcher.script(
                        """
                        run_private_cluster
                        cp "$state/password" "$state/password.right"; printf wrong >"$state/password"
                        amiss=0; see_records; echo "amiss $amiss"
                        mv "$state/password.right" "$state/password"
                        """);
        assertThat(outcome.said()).contains("does not answer at port").contains("amiss 1");
    }
}
