package app.yunque.server.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Backup, restore and reset-demo over a full private database of their own. */
class RestoreNeverDestroysTest {
    /** The tables of the app and one unit, as version N of the migrations makes them. */
    private static final String RECORDS =
            """
            in_cluster -c 'create database yunque'
            for v in $(seq 1 $(known_version)); do
                sql -d yunque -1 -f "$(find server/src/main/resources/db/migration -name "V${v}__*.sql")"
            done
            sql -d yunque -c "create table flyway_schema_history (version text primary key, success boolean)" \\
                -c "insert into flyway_schema_history select v, true from generate_series(1, $(known_version)) v" \\
                -c "insert into person (id, name, pin_hash, role, wrong_pins, version, changed_by, changed_at) values ('00000000-0000-0000-0000-000000000001', 'Inés', 'x', 'LEAD', 0, 0, 'Inés', now())" \\
                -c "insert into revision (at, author) values (1, 'Inés'), (2, 'Inés')" \\
                -c "update origin set kind = 'DEMO'"
            touch "$state/records"
            """;

    private static final String UNIT =
            """
            sql -d yunque -c "insert into unit (id, tag, duty, input_speed_rpm, kind, name, under_warranty, stages, version, changed_by, changed_at) \
            values (gen_random_uuid(), '%s', 'ENCLOSED_POWER', 1450, 'reducer', 'a pump', false, '[]', 0, 'Inés', now())"
            """;

    @TempDir static Path place;
    private static Launcher launcher;
    private static Path backup;
    private static byte[] whole;

    @BeforeAll
    static void aFullDatabaseAndItsBackup() throws IOException {
        launcher = new Launcher(place.resolve("home"));
        // Nothing of a test has to survive a power cut.
        did(
                "mkdir -p \"$state\"; run_private_cluster; in_cluster -c 'alter system set fsync = off' -c 'select pg_reload_conf()'\n"
                        + RECORDS
                        + UNIT.formatted("BRP-03"));
        backup = place.resolve("records.yunque");
        assertThat(launcher.yunque("backup", backup.toString()).status()).isZero();
        whole = Files.readAllBytes(backup);
        did(UNIT.formatted("CAP-1") + "in_cluster -c 'alter database yunque rename to later'");
    }

    @BeforeEach
    void laterRecords() {
        did(
                """
                run_private_cluster
                for old in $(kept_databases) yunque; do in_cluster -c "drop database if exists $old"; done
                in_cluster -c 'create database yunque template later'
                touch "$state/records"
                """);
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

    /** Everything that stands in the records. */
    private static String digest() {
        return did("run_private_cluster; digest_script | sql -d yunque -At");
    }

    private static String tags() {
        return did(
                "run_private_cluster; sql -d yunque -Atc \"select string_agg(tag, ' ' order by tag) from unit\"");
    }

    private static String databases() {
        return did(
                "run_private_cluster; in_cluster -c \"select string_agg(datname, ' ' order by datname) from pg_database where datname like 'yunque%'\"");
    }

    private static Path file(String name, byte[] bytes) throws IOException {
        return Files.write(place.resolve(name), bytes);
    }

    private void isRefused(Path file, String because) {
        var before = digest();
        var outcome = launcher.yunque("restore", file.toString());

        assertThat(outcome.status()).as(outcome.said()).isEqualTo(1);
        assertThat(outcome.said()).startsWith("yunque: " + file).contains(because);
        assertThat(digest()).as("what stands in the records").isEqualTo(before);
        assertThat(databases()).as("databases").isEqualTo("yunque\n");
    }

    @Test
    void bringsEverythingBackAndKeepsWhatWasThere() {
        assertThat(launcher.yunque("restore", backup.toString()).said()).contains("Restored from");
        assertThat(tags()).isEqualTo("BRP-03\n");

        assertThat(launcher.yunque("restore", "--back").said()).contains("Returned to the records");
        assertThat(tags()).isEqualTo("BRP-03 CAP-1\n");
    }

    @ParameterizedTest(name = "cut to {0} of 100")
    @ValueSource(ints = {0, 1, 33, 66, 98})
    void refusesAFileThatIsCutShort(int percent) throws IOException {
        var cut = file("cut", Arrays.copyOf(whole, whole.length * percent / 100));

        if (percent == 0) {
            assertThat(launcher.yunque("restore", cut.toString()).said())
                    .contains("say which file");
        } else {
            isRefused(cut, "Nothing was changed");
        }
    }

    @ParameterizedTest(name = "200 bytes changed, seed {0}")
    @ValueSource(longs = {1, 2, 3, 4})
    void refusesAFileInWhichBytesAreChanged(long seed) throws IOException {
        isRefused(file("flipped", flipped(whole, 200, seed)), "Nothing was changed");
    }

    @Test
    void refusesOneChangedByteOfTheDump() throws IOException {
        var one = whole.clone();
        one[whole.length * 2 / 3] ^= 1;
        isRefused(file("one", one), "its part ‘records.dump’ is not what was written");
    }

    private static byte[] flipped(byte[] whole, int bytes, long seed) {
        var changed = whole.clone();
        var random = new Random(seed);
        for (int i = 0; i < bytes; i++) {
            changed[random.nextInt(changed.length)] ^= (byte) (1 << random.nextInt(8));
        }
        return changed;
    }

    @Test
    void refusesWhatIsNoBackup() throws IOException {
        isRefused(
                file("letter.txt", "Dear sirs".getBytes()), "is no backup made by ./yunque backup");
    }

    /** A backup made again of other parts, its digests right: only the comparison beside can tell. */
    private Path madeAgain(String change) {
        did(
                """
                rm -rf '%1$s/parts'; mkdir '%1$s/parts'; cd '%1$s/parts'; tar -xf '%2$s'
                %3$s
                sha256sum manifest records.dump >sums
                tar -cf '%1$s/again' manifest sums records.dump
                """
                        .formatted(place, backup, change));
        return place.resolve("again");
    }

    @Test
    void refusesADumpThatDoesNotHoldWhatTheManifestSays() {
        isRefused(
                madeAgain("sed -i -E 's/^table.unit.1.*/table|unit|2|77/' manifest"),
                "what came back is not what was written (unit)");
    }

    @Test
    void refusesTheDumpOfAnotherProgram() {
        isRefused(
                madeAgain(
                        """
                        in_cluster -c 'drop database if exists other' -c 'create database other'
                        sql -d other -c 'create table till (pence int)'
                        PGPASSWORD=$(cat "$state/password") "$pg_bin/pg_dump" -Fc -h 127.0.0.1 -p "$(cat "$state/db.port")" -U yunque -d other -f records.dump
                        in_cluster -c 'drop database other'
                        """),
                "it holds no records of Yunque");
    }

    @Test
    void refusesRecordsOfANewerYunque() {
        did(
                "run_private_cluster; sql -d yunque -c \"insert into flyway_schema_history values ('999', true)\"");
        var newer = place.resolve("newer.yunque");
        assertThat(launcher.yunque("backup", newer.toString()).status()).isZero();
        laterRecords();

        isRefused(newer, "it was made by a newer Yunque (records of version 999");
    }

    private static byte[] bareDump() throws IOException {
        did(
                "PGPASSWORD=$(cat \"$state/password\") \"$pg_bin/pg_dump\" -Fc -h 127.0.0.1 -p \"$(cat \"$state/db.port\")\" -U yunque -d yunque -f '%s/bare'"
                        .formatted(place));
        return Files.readAllBytes(place.resolve("bare"));
    }

    @Test
    void takesABackupFromBeforeTheyHeldAManifest() throws IOException {
        var bare = file("old.dump", bareDump());
        did(UNIT.formatted("SGA-12"));

        assertThat(launcher.yunque("restore", bare.toString()).status()).isZero();
        assertThat(tags()).isEqualTo("BRP-03 CAP-1\n");
    }

    @Test
    void refusesSuchABackupThatIsCutOrChanged() throws IOException {
        var bare = bareDump();

        isRefused(file("old.cut", Arrays.copyOf(bare, bare.length * 2 / 3)), "cannot be read");
        isRefused(file("old.flipped", flipped(bare, 200, 5)), "old.flipped");
    }

    @Test
    void keepsTheRecordsThatServedAndNotARestoreNobodyUsed() {
        assertThat(launcher.yunque("restore", backup.toString()).status()).isZero();
        assertThat(launcher.yunque("restore", backup.toString()).status()).isZero();
        did("run_private_cluster; records_have_served");

        assertThat(launcher.yunque("restore", "--back").status()).isZero();
        assertThat(tags()).isEqualTo("BRP-03 CAP-1\n");
    }

    @Test
    void keepsARestoreThatSomebodyWroteTo() {
        assertThat(launcher.yunque("restore", backup.toString()).status()).isZero();
        // Served and written to, though the launcher that started it was killed before it noted so.
        did(
                "run_private_cluster\n"
                        + UNIT.formatted("TRL-1")
                        + "sql -d yunque -c \"insert into revision (at, author) values (3, 'Inés')\"");
        assertThat(launcher.yunque("restore", backup.toString()).status()).isZero();

        assertThat(launcher.yunque("restore", "--back").status()).isZero();
        assertThat(tags()).isEqualTo("BRP-03 TRL-1\n");
    }

    @Test
    void aStartDoesNotFillTheirPlaceWhenTheRecordsAreGone() {
        did("run_private_cluster; in_cluster -c 'drop database yunque'");

        var outcome = launcher.script("start_database");

        assertThat(outcome.said())
                .contains("the records are gone")
                .contains("./yunque restore FILE");
        assertThat(outcome.status()).isEqualTo(1);
        assertThat(databases()).isEqualTo("\n");
    }

    @Test
    void aStartDoesNotFillADatabaseThatWasEmptied() {
        did(
                "run_private_cluster; in_cluster -c 'drop database yunque' -c 'create database yunque'");

        assertThat(launcher.script("start_database").said())
                .contains("the database of the records is empty")
                .contains("Nothing was put into it");
    }

    @Test
    void aRestoreBringsBackRecordsThatAreGone() {
        did("run_private_cluster; in_cluster -c 'drop database yunque'");

        assertThat(launcher.yunque("restore", backup.toString()).status()).isZero();
        assertThat(tags()).isEqualTo("BRP-03\n");
    }

    @Test
    void resetDemoKeepsTheRecordsItPutsAside() {
        assertThat(launcher.yunque("reset-demo").said())
                .contains("The demo loads at the next start");
        assertThat(did("run_private_cluster; tables_in yunque")).isEqualTo("0\n");

        assertThat(launcher.yunque("restore", "--back").status()).isZero();
        assertThat(tags()).isEqualTo("BRP-03 CAP-1\n");
    }

    @Test
    void resetDemoLeavesAShopsRecordsAlone() {
        did("run_private_cluster; sql -d yunque -c \"update origin set kind = 'SHOP'\"");
        var before = digest();

        var outcome = launcher.yunque("reset-demo", "--all");

        assertThat(outcome.said()).contains("a shop's own and not the demo's");
        assertThat(outcome.status()).isEqualTo(1);
        assertThat(digest()).isEqualTo(before);
    }

    @Test
    void resetDemoLeavesADemoWithUnitsOfOnesOwnAlone() {
        did(
                "run_private_cluster; sql -d yunque -c \"insert into unit_aud (id, rev, revtype) select id, 2, 0 from unit where tag = 'CAP-1'\"");
        var before = digest();

        assertThat(launcher.yunque("reset-demo").said())
                .contains("1 of the units in these records did not come with the demo");
        assertThat(digest()).isEqualTo(before);

        assertThat(launcher.yunque("reset-demo", "--all").status()).isZero();
    }

    /** From the demo to a shop of one's own is one step, and back is another. */
    @Test
    void anOwnShopTakesThePlaceOfTheDemoWhichIsKept() {
        assertThat(launcher.yunque("own-shop").said())
                .contains("Your own shop begins in the browser at the next start")
                .contains("kept beside");
        assertThat(did("run_private_cluster; tables_in yunque")).isEqualTo("0\n");
        assertThat(did("run_private_cluster; choose_beginning; printf %s \"$YUNQUE_DEMO\""))
                .as("and no demo is loaded into it")
                .isEqualTo("false");
        assertThat(launcher.yunque("restore", "--back").status()).isZero();
        assertThat(tags()).isEqualTo("BRP-03 CAP-1\n");
    }

    @Test
    void anOwnShopIsNotBegunTwice() {
        did("run_private_cluster; sql -d yunque -c \"update origin set kind = 'SHOP'\"");
        var before = digest();
        assertThat(launcher.yunque("own-shop", "--all").said())
                .contains("a shop's own and not the demo's");
        assertThat(digest()).isEqualTo(before);
    }

    @Test
    void aBackupLeavesTheOldFileWhereItCannotBeWritten() {
        assertThat(launcher.yunque("backup", "/nowhere/at/all/x").said())
                .contains("nothing can be written in /nowhere/at/all");
        assertThat(launcher.yunque("backup", place.toString()).said()).contains("is a folder");
    }

    @Test
    void aBackupIsItsOwnersOnly() throws IOException {
        assertThat(Files.getPosixFilePermissions(backup)).hasSize(2);
    }
}
