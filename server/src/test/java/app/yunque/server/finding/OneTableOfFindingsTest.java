package app.yunque.server.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.measuring.MeasurementRequest;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Measurements and kept answers of every landed version are carried into the one table of findings, with their history. */
class OneTableOfFindingsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final UUID UNIT = UUID.randomUUID();
    private static final UUID JOB = UUID.randomUUID();
    private static final UUID WHEEL = UUID.randomUUID();
    private static final UUID MEASURED = UUID.randomUUID();

    private final String database = "landed_" + UUID.randomUUID().toString().substring(0, 8);

    private static Connection connect(String name) throws SQLException {
        return DriverManager.getConnection(
                System.getenv("YUNQUE_TEST_DB") + name,
                "yunque",
                System.getenv("YUNQUE_TEST_DB_PASSWORD"));
    }

    private void migrate(String to) {
        Flyway.configure()
                .dataSource(
                        System.getenv("YUNQUE_TEST_DB") + database,
                        "yunque",
                        System.getenv("YUNQUE_TEST_DB_PASSWORD"))
                .locations("classpath:db/migration")
                .target(to)
                .load()
                .migrate();
    }

    private Connection landed(int version) throws SQLException {
        try (var cluster = connect("postgres");
                var statement = cluster.createStatement()) {
            statement.execute("create database " + database);
        }
        migrate(String.valueOf(version));
        return connect(database);
    }

    /** A row with what matters; every other column that must not be empty gets the emptiest value of its type. */
    private static void insert(Connection sql, String table, Map<String, Object> given)
            throws SQLException {
        var row = new HashMap<>(given);
        try (var columns =
                sql.createStatement()
                        .executeQuery(
                                "select column_name, data_type from information_schema.columns where table_name = '"
                                        + table
                                        + "' and is_nullable = 'NO' and column_default is null and is_identity = 'NO'")) {
            while (columns.next()) {
                row.putIfAbsent(columns.getString(1), emptiest(columns.getString(2)));
            }
        }
        var names = new ArrayList<>(row.keySet());
        var into =
                "insert into %s (%s) values (%s)"
                        .formatted(
                                table,
                                String.join(", ", names),
                                names.stream().map(n -> "?").collect(Collectors.joining(", ")));
        try (var statement = sql.prepareStatement(into)) {
            for (int i = 0; i < names.size(); i++) {
                statement.setObject(i + 1, row.get(names.get(i)));
            }
            statement.execute();
        }
    }

    private static Object emptiest(String type) {
        return switch (type) {
            case "text" -> "";
            case "boolean" -> false;
            case "uuid" -> UUID.randomUUID();
            case "timestamp with time zone" -> Timestamp.from(Instant.EPOCH);
            case "integer", "smallint" -> 0;
            case "bigint" -> 0L;
            case "double precision" -> 0.0;
            case "bytea" -> new byte[0];
            default -> throw new IllegalStateException(type);
        };
    }

    private static void records(Connection sql, int version) throws SQLException {
        insert(sql, "unit", Map.of("id", UNIT, "tag", "T-1"));
        insert(sql, "job", Map.of("id", JOB, "unit_id", UNIT, "number", 7L));
        insert(sql, "step", Map.of("id", WHEEL, "job_id", JOB, "part", "Wheel"));
        insert(sql, "revision", Map.of("number", 1L, "at", 1L));
        insert(sql, "revision", Map.of("number", 2L, "at", 2L));
        var measured = new HashMap<String, Object>();
        measured.put("id", MEASURED);
        measured.put("job_id", JOB);
        measured.put("kind", "BACKLASH");
        measured.put("station", "INSPECT");
        measured.put("stage", 1);
        measured.put("member", "WHEEL");
        measured.put("remark", "cold");
        for (var typed : List.of("radius 61", "resolution 0,01", "max_error 0.01")) {
            var name = typed.split(" ");
            measured.put(name[0] + "_text", name[1]);
            measured.put(name[0] + "_unit", "mm");
            measured.put(name[0] + "_canonical", 1.0);
        }
        measured.put("version", 3L);
        measured.put("changed_by", "Mira Halden");
        insert(sql, "measurement", measured);
        measured.remove("version");
        for (long rev = 1; rev <= 2; rev++) {
            measured.put("rev", rev);
            insert(sql, "measurement_aud", measured);
        }
        for (int place = 0; place < 2; place++) {
            var text = List.of("0,25", "0.27").get(place);
            var reading =
                    new HashMap<String, Object>(
                            Map.of(
                                    "measurement_id", MEASURED,
                                    "place", place,
                                    "reading_text", text,
                                    "reading_unit", "mm",
                                    "reading_mm", 0.25));
            insert(sql, "measurement_reading", reading);
            reading.put("original_id_revtype", 0);
            reading.put("rev", 1L);
            insert(sql, "measurement_reading_aud", reading);
        }
        // The second reading was corrected at the second revision: the old line goes, the new one
        // comes.
        for (int type : List.of(2, 0)) {
            insert(
                    sql,
                    "measurement_reading_aud",
                    Map.of(
                            "measurement_id",
                            MEASURED,
                            "place",
                            1,
                            "rev",
                            2L,
                            "original_id_revtype",
                            type,
                            "reading_text",
                            type == 2 ? "0.27" : "0.29",
                            "reading_unit",
                            "mm",
                            "reading_mm",
                            0.3));
        }
        if (version >= 3) {
            for (var subject : List.of(" wheel ", "pinion 2, z 17", "the far end")) {
                var id = UUID.randomUUID();
                var answer =
                        new HashMap<String, Object>(
                                Map.of(
                                        "id", id,
                                        "job_id", JOB,
                                        "station", "SET",
                                        "drawer", "over-pins",
                                        "subject", subject,
                                        "remark", "warm",
                                        "entries",
                                                "{\"fields\":{\"pinMm\":{\"text\":\"5\",\"unit\":\"mm\"}}}",
                                        "changed_by", "Teo Brand"));
                insert(sql, "kept_answer", answer);
                answer.put("rev", 1L);
                insert(sql, "kept_answer_aud", answer);
            }
        }
    }

    private static List<Map<String, Object>> rows(Connection sql, String query)
            throws SQLException {
        var rows = new ArrayList<Map<String, Object>>();
        try (var found = sql.createStatement().executeQuery(query)) {
            var meta = found.getMetaData();
            while (found.next()) {
                var row = new HashMap<String, Object>();
                for (int i = 1; i <= meta.getColumnCount(); i++) {
                    row.put(meta.getColumnName(i), found.getObject(i));
                }
                rows.add(row);
            }
        }
        return rows;
    }

    @ParameterizedTest(name = "from version {0}")
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9})
    void carriesEveryLandedVersionOver(int version) throws SQLException {
        try (var sql = landed(version)) {
            records(sql, version);
            migrate("latest");

            var measured = rows(sql, "select * from finding where sort = 'MEASURED'").get(0);
            assertThat(measured)
                    .containsEntry("id", MEASURED)
                    .containsEntry("job_id", JOB)
                    .containsEntry("question", "BACKLASH")
                    .containsEntry("station", "INSPECT")
                    .containsEntry("stage", 1)
                    .containsEntry("member", "WHEEL")
                    .containsEntry("remark", "cold")
                    .containsEntry("version", 3L)
                    .containsEntry("changed_by", "Mira Halden");
            var given = JSON.readValue((String) measured.get("given"), MeasurementRequest.class);
            assertThat(given.radius().text()).isEqualTo("61");
            assertThat(given.resolution().text()).isEqualTo("0,01");
            assertThat(given.makersBacklash()).isNull();
            assertThat(given.readings()).extracting(r -> r.text()).containsExactly("0,25", "0.27");

            var history =
                    rows(sql, "select given from finding_aud where sort = 'MEASURED' order by rev");
            assertThat(history)
                    .extracting(row -> texts(JSON.readTree((String) row.get("given"))))
                    .containsExactly(List.of("0,25", "0.27"), List.of("0,25", "0.29"));

            var answers = rows(sql, "select * from finding where sort = 'ANSWERED' order by words");
            assertThat(answers).hasSize(version < 3 ? 0 : 3);
            for (var answer : answers) {
                assertThat(answer)
                        .containsEntry("question", "over-pins")
                        .containsEntry("station", "SET")
                        .containsEntry("changed_by", "Teo Brand");
                assertThat(
                                JSON.readTree((String) answer.get("given"))
                                        .at("/entries/fields/pinMm/text")
                                        .asString())
                        .isEqualTo("5");
                var words = (String) answer.get("words");
                assertThat(answer.get("step_id")).isEqualTo(words.equals(" wheel ") ? WHEEL : null);
                assertThat(answer.get("stage")).isEqualTo(words.startsWith("pinion") ? 2 : null);
                assertThat(answer.get("member"))
                        .isEqualTo(words.startsWith("pinion") ? "PINION" : null);
            }
            assertThat(rows(sql, "select 1 from finding_aud where sort = 'ANSWERED'"))
                    .hasSameSizeAs(answers);
            assertThat(
                            rows(
                                    sql,
                                    "select 1 from information_schema.tables where table_name like 'measurement%' or table_name like 'kept_answer%'"))
                    .isEmpty();
        }
    }

    private static List<String> texts(JsonNode given) {
        return given.path("readings").valueStream().map(r -> r.path("text").asString()).toList();
    }

    /** Of two parts with the same name nobody can tell which was meant. */
    @Test
    void anAnswerThatNamesTwoPartsIsTiedToNeither() throws SQLException {
        try (var sql = landed(9)) {
            records(sql, 9);
            insert(sql, "step", Map.of("id", UUID.randomUUID(), "job_id", JOB, "part", "wheel"));
            migrate("latest");
            assertThat(rows(sql, "select step_id from finding where words = ' wheel '"))
                    .extracting(row -> row.get("step_id"))
                    .containsExactly((Object) null);
        }
    }
}
