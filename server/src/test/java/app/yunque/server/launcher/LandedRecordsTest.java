package app.yunque.server.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Records as landed versions left them, with jobs, pictures and seals: the present version carries them over, opens every job and every
 * unit, and prints what was signed. The files are what each version's own demo was, written by that version and saved by PostgreSQL.
 */
class LandedRecordsTest {
    private static final Path FILES = Path.of("src/test/resources/landed");
    private static final List<String> KEPT = List.of("job", "step", "unit", "photo", "person");

    @TempDir Path place;

    static Stream<Path> files() throws Exception {
        return Files.list(FILES).sorted();
    }

    private static String cluster() {
        return System.getenv("YUNQUE_TEST_DB");
    }

    private static String password() {
        return System.getenv("YUNQUE_TEST_DB_PASSWORD");
    }

    private String loaded(Path file) throws SQLException {
        var name = "landed_" + UUID.randomUUID().toString().substring(0, 8);
        try (var connection =
                        DriverManager.getConnection(cluster() + "postgres", "yunque", password());
                var statement = connection.createStatement()) {
            statement.execute("create database " + name);
        }
        var address = URI.create(cluster().substring("jdbc:".length()));
        var outcome =
                new Launcher(place)
                        .script(
                                "gunzip -c '%s' | PGPASSWORD='%s' \"$pg_bin/psql\" -X -q -v ON_ERROR_STOP=1 -h %s -p %d -U yunque -d %s >/dev/null"
                                        .formatted(
                                                file.toAbsolutePath(),
                                                password(),
                                                address.getHost(),
                                                address.getPort(),
                                                name));
        assertThat(outcome.status()).as(outcome.said()).isZero();
        return name;
    }

    private static Map<String, Long> counts(String database) throws SQLException {
        var counts = new TreeMap<String, Long>();
        try (var connection =
                        DriverManager.getConnection(cluster() + database, "yunque", password());
                var statement = connection.createStatement()) {
            for (var table : KEPT) {
                try (var rows = statement.executeQuery("select count(*) from " + table)) {
                    rows.next();
                    counts.put(table, rows.getLong(1));
                }
            }
        }
        return counts;
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("files")
    void everyJobOpensAndNothingIsGone(Path file) throws Exception {
        var database = loaded(file);
        var before = counts(database);
        assertThat(before.get("job")).isPositive();
        try (var app = RunningApp.on(cluster() + database, password())) {
            var lead = AtBench.strangerAt(RunningApp.portOf(app));
            assertThat(lead.signIn("Inés Roldán", "2580").status()).isEqualTo(200);
            assertThat(counts(database)).isEqualTo(before);
            assertThat(lead.get("/api/jobs/open").status()).isEqualTo(200);
            var signed = 0;
            for (long number = 1; number <= before.get("job"); number++) {
                var job = lead.get("/api/jobs/" + number);
                assertThat(job.status()).as("job %d: %s", number, job.detail()).isEqualTo(200);
                assertThat(job.body().path("job").path("number").asLong()).isEqualTo(number);
                assertThat(lead.get("/api/units/" + job.body().path("unit").path("id").asString()))
                        .as("the unit of job %d", number)
                        .returns(200, AtBench.Answer::status);
                if (job.body().path("job").has("signedAt")) {
                    signed++;
                    assertThat(lead.get("/api/jobs/%d/report.pdf".formatted(number)).bytes())
                            .as("the report of job %d", number)
                            .startsWith('%', 'P', 'D', 'F');
                }
            }
            assertThat(signed).as("signed jobs among them").isPositive();
        }
    }

    @Test
    void thereAreRecordsOfSeveralVersions() throws Exception {
        assertThat(files()).hasSizeGreaterThanOrEqualTo(5);
    }
}
