package app.yunque.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What the migrations from version 14 on carry over, and what they guard. */
class LaterMigrationsTest {
    private static final UUID ANA = UUID.randomUUID();
    private static final UUID UNIT = UUID.randomUUID();

    private final LandedDatabase landed = new LandedDatabase();

    private Connection records(int version) throws SQLException {
        var sql = landed.of(version);
        LandedDatabase.insert(
                sql,
                "person",
                Map.of("id", ANA, "name", "Ana Sol", "role", "LEAD", "wrong_pins", 3));
        LandedDatabase.insert(sql, "unit", Map.of("id", UNIT, "tag", "T-1"));
        job(sql, 7);
        return sql;
    }

    private static void job(Connection sql, long number) throws SQLException {
        LandedDatabase.insert(
                sql, "job", Map.of("id", UUID.randomUUID(), "unit_id", UNIT, "number", number));
    }

    @Test
    void namesThatWereBorneAreTakenFromThePeopleThereAre() throws SQLException {
        try (var sql = records(13)) {
            landed.migrate("14");
            assertThat(LandedDatabase.rows(sql, "select name, person_id from name_borne"))
                    .containsExactly(Map.of("name", "ana sol", "person_id", ANA));
        }
    }

    @Test
    void anOpenJobStaysTheOnlyOneUntilItIsPutAway() throws SQLException {
        try (var sql = records(14)) {
            landed.migrate("15");
            assertThatThrownBy(() -> job(sql, 8)).hasMessageContaining("one_open_job_a_unit");
            sql.createStatement()
                    .execute("update job set put_away_at = now(), put_away_by = 'Ana'");
            job(sql, 8);
            assertThatThrownBy(() -> job(sql, 9)).hasMessageContaining("one_open_job_a_unit");
            assertThat(
                            LandedDatabase.rows(
                                    sql, "select put_away_at from unit where put_away_at is null"))
                    .as("no unit is put away by it")
                    .hasSize(1);
        }
    }

    @Test
    void wrongPinsOnRecordCountOnAndADeviceGoesWithItsPerson() throws SQLException {
        try (var sql = records(15)) {
            landed.migrate("16");
            assertThat(LandedDatabase.rows(sql, "select wrong_pins, locks from person"))
                    .containsExactly(Map.of("wrong_pins", 3, "locks", 0));
            LandedDatabase.insert(sql, "known_device", Map.of("id", "d", "person_id", ANA));
            sql.createStatement().execute("delete from person");
            assertThat(LandedDatabase.rows(sql, "select id from known_device")).isEmpty();
        }
    }

    /** What lists show of a signed job is taken from its seal; one signed before views were sealed has none. */
    @Test
    void theBacklashOfASignedJobIsTakenFromItsSeal() throws SQLException {
        var view =
                "{\"meshes\":[{\"after\":{\"result\":{\"backlash\":{\"mean\":{\"circumferentialMm\":0.21}}}}},"
                        + "{\"before\":{}},{\"after\":{\"result\":{\"backlash\":{\"mean\":{\"circumferentialMm\":0.3}}}}}]}";
        try (var sql = records(19)) {
            for (long number = 8; number < 10; number++) {
                var id = UUID.randomUUID();
                LandedDatabase.insert(
                        sql,
                        "job",
                        Map.of(
                                "id",
                                id,
                                "unit_id",
                                UNIT,
                                "number",
                                number,
                                "signed_by",
                                "Ana Sol",
                                "signed_at",
                                new Timestamp(0)));
                var seal = new HashMap<String, Object>(Map.of("job_id", id, "pdf", new byte[] {1}));
                if (number == 8) {
                    seal.put("view", view);
                }
                LandedDatabase.insert(sql, "job_seal", seal);
            }
            landed.migrate("20");
            assertThat(
                            LandedDatabase.rows(
                                    sql,
                                    "select cast(backlash_mm as text) as mm from job_seal s join job j on j.id = s.job_id order by j.number"))
                    .extracting(r -> r.get("mm"))
                    .containsExactly("{0.21,0.3}", null);
        }
    }

    /** The history of a record is found by the record: every key of a history table begins with it. */
    @Test
    void everyKeyOfTheHistoryBeginsWithItsRecord() throws SQLException {
        try (var sql = records(19)) {
            landed.migrate("20");
            var keys =
                    LandedDatabase.rows(
                            sql,
                            """
                            select t.relname as name, a.attname as first from pg_constraint c
                            join pg_class t on t.oid = c.conrelid
                            join pg_attribute a on a.attrelid = t.oid and a.attnum = c.conkey[1]
                            where c.contype = 'p' and t.relname like '%\\_aud'
                                and t.relnamespace = cast(current_schema() as regnamespace)
                            """);
            assertThat(keys).hasSizeGreaterThan(20).noneMatch(k -> k.get("first").equals("rev"));
        }
    }

    /** jsonb knows no character 0; a backslash before the letters of its escape is a backslash and stays. */
    @Test
    void whatWasEnteredBecomesJsonWithoutTheCharacterThatJsonbRefuses() throws SQLException {
        try (var sql = records(32)) {
            var layout = "{\"axes\": [\"a\\u0000\\u0000b\\\\u0000c\"], \"ratio\": 1.50}";
            LandedDatabase.insert(
                    sql, "unit", Map.of("id", UUID.randomUUID(), "tag", "T-2", "layout", layout));
            sql.createStatement().execute("insert into revision (number, at) values (7, 0)");
            LandedDatabase.insert(sql, "unit_aud", Map.of("id", UNIT, "rev", 7L, "layout", layout));
            landed.migrate("33");
            for (var table : List.of("unit where tag = 'T-2'", "unit_aud")) {
                assertThat(
                                LandedDatabase.rows(
                                        sql,
                                        "select layout -> 'axes' ->> 0 as axis, layout ->> 'ratio' as ratio from "
                                                + table))
                        .containsExactly(Map.of("axis", "ab\\u0000c", "ratio", "1.50"));
            }
            assertThat(
                            LandedDatabase.rows(
                                    sql,
                                    "select cast(stages as text) as stages, layout is null as bare from unit where tag = 'T-1'"))
                    .containsExactly(Map.of("stages", "[]", "bare", true));
            assertThat(
                            LandedDatabase.rows(
                                    sql,
                                    """
                                    select table_name || '.' || column_name as kept from information_schema.columns
                                    where table_schema = current_schema() and data_type = 'jsonb' and table_name not like '%\\_aud'
                                    """))
                    .hasSize(16);
        }
    }

    @Test
    void aJobIsNotSignedByNobodyAndEndsOnlyOnce() throws SQLException {
        try (var sql = records(19)) {
            landed.migrate("20");
            var work = sql.createStatement();
            assertThatThrownBy(() -> work.execute("update job set signed_at = now()"))
                    .hasMessageContaining("job_signed_by_somebody");
            work.execute("update job set signed_at = now(), signed_by = 'Ana Sol'");
            assertThatThrownBy(
                            () ->
                                    work.execute(
                                            "update job set put_away_at = now(), put_away_by = 'Ana'"))
                    .hasMessageContaining("job_ends_once");
        }
    }
}
