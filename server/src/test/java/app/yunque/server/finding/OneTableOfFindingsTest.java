package app.yunque.server.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.LandedDatabase;
import app.yunque.server.measuring.MeasurementRequest;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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

    private final LandedDatabase landed = new LandedDatabase();

    private static void records(Connection sql, int version) throws SQLException {
        LandedDatabase.insert(sql, "unit", Map.of("id", UNIT, "tag", "T-1"));
        LandedDatabase.insert(sql, "job", Map.of("id", JOB, "unit_id", UNIT, "number", 7L));
        LandedDatabase.insert(sql, "step", Map.of("id", WHEEL, "job_id", JOB, "part", "Wheel"));
        LandedDatabase.insert(sql, "revision", Map.of("number", 1L, "at", 1L));
        LandedDatabase.insert(sql, "revision", Map.of("number", 2L, "at", 2L));
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
        LandedDatabase.insert(sql, "measurement", measured);
        measured.remove("version");
        for (long rev = 1; rev <= 2; rev++) {
            measured.put("rev", rev);
            LandedDatabase.insert(sql, "measurement_aud", measured);
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
            LandedDatabase.insert(sql, "measurement_reading", reading);
            reading.put("original_id_revtype", 0);
            reading.put("rev", 1L);
            LandedDatabase.insert(sql, "measurement_reading_aud", reading);
        }
        // The second reading was corrected at the second revision: the old line goes, the new one
        // comes.
        for (int type : List.of(2, 0)) {
            LandedDatabase.insert(
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
                LandedDatabase.insert(sql, "kept_answer", answer);
                answer.put("rev", 1L);
                LandedDatabase.insert(sql, "kept_answer_aud", answer);
            }
        }
    }

    @ParameterizedTest(name = "from version {0}")
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9})
    void carriesEveryLandedVersionOver(int version) throws SQLException {
        try (var sql = landed.of(version)) {
            records(sql, version);
            landed.migrate("latest");

            var measured =
                    LandedDatabase.rows(sql, "select * from finding where sort = 'MEASURED'")
                            .get(0);
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
                    LandedDatabase.rows(
                            sql,
                            "select given from finding_aud where sort = 'MEASURED' order by rev");
            assertThat(history)
                    .extracting(row -> texts(JSON.readTree((String) row.get("given"))))
                    .containsExactly(List.of("0,25", "0.27"), List.of("0,25", "0.29"));

            var answers =
                    LandedDatabase.rows(
                            sql, "select * from finding where sort = 'ANSWERED' order by words");
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
            assertThat(
                            LandedDatabase.rows(
                                    sql, "select 1 from finding_aud where sort = 'ANSWERED'"))
                    .hasSameSizeAs(answers);
            assertThat(
                            LandedDatabase.rows(
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
        try (var sql = landed.of(9)) {
            records(sql, 9);
            LandedDatabase.insert(
                    sql, "step", Map.of("id", UUID.randomUUID(), "job_id", JOB, "part", "wheel"));
            landed.migrate("latest");
            assertThat(
                            LandedDatabase.rows(
                                    sql, "select step_id from finding where words = ' wheel '"))
                    .extracting(row -> row.get("step_id"))
                    .containsExactly((Object) null);
        }
    }
}
