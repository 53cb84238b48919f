package app.yunque.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.sql.SQLException;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/** PostgreSQL in trouble, as it says so itself (codes of its manual, appendix A): the screens keep the entry and try again. */
class RecordsDownTest {
    private static ConfigurableApplicationContext app;
    private static AtBench bench;

    @BeforeAll
    static void anAppOfItsOwn() throws SQLException {
        app = RunningApp.onNewRecords();
        bench = AtBench.strangerAt(RunningApp.portOf(app));
        assertThat(bench.signIn("Tomás Vega", "1470").status()).isEqualTo(200);
    }

    @AfterAll
    static void closed() {
        app.close();
    }

    private static JdbcClient records() {
        return app.getBean(JdbcClient.class);
    }

    /** Every new unit fails with a code from now on; none does without one. */
    private static void failWith(String code) {
        records()
                .sql(
                        """
                        create or replace function fail() returns trigger language plpgsql as $$
                        begin raise exception 'as if' using errcode = '%s'; end $$
                        """
                                .formatted(code))
                .update();
        records()
                .sql(
                        "create or replace trigger fail before insert on unit for each row execute function fail()")
                .update();
    }

    private static AtBench.Answer keepUnit() {
        return bench.post(
                "/api/units",
                Map.of(
                        "id",
                        UUID.randomUUID(),
                        "tag",
                        "X" + UUID.randomUUID().toString().substring(0, 6),
                        "name",
                        "a pump",
                        "kind",
                        "reducer",
                        "duty",
                        "FEED",
                        "underWarranty",
                        false,
                        "stages",
                        java.util.List.of()));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "53100, 503, There is no room left on the disk of the records.",
        "53200, 503, The records cannot be reached just now.",
        "57P01, 503, The records cannot be reached just now.",
        "57P03, 503, The records cannot be reached just now.",
        "58030, 503, The records cannot be reached just now.",
        "23505, 409, Somebody kept the same thing in this moment."
    })
    void isToldAsWhatItIs(String code, int status, String says) {
        failWith(code);
        var answer = keepUnit();
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.detail()).startsWith(says);
        records().sql("drop trigger fail on unit").update();
        assertThat(keepUnit().status()).as("once it is over").isEqualTo(200);
    }

    /** Every connection is ended in the middle of the work, as by a restart of PostgreSQL. */
    @Test
    void connectionsThatWereEndedAreMadeAnew() {
        for (int round = 0; round < 3; round++) {
            endAllConnections();
            int last = 0;
            for (int i = 0; i < 12 && last != 200; i++) {
                last = keepUnit().status();
                assertThat(last).isIn(200, 503);
            }
            assertThat(last).isEqualTo(200);
        }
    }

    private static void endAllConnections() {
        try {
            records()
                    .sql(
                            "select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database()")
                    .query((row, n) -> row.getBoolean(1))
                    .list();
        } catch (RuntimeException own) {
            assertThat(RecordsDown.isDown(own)).as("its own connection ended too").isTrue();
        }
    }
}
