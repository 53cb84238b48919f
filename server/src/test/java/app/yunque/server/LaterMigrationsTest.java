package app.yunque.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.SQLException;
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
}
