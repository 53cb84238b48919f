package app.yunque.server.unit;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.LandedDatabase;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Pairs and stages of other kinds, two lists before, become one row; what was said of a stage goes with it. */
class OneRowOfStagesTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final UUID UNIT = UUID.randomUUID();
    private static final UUID JOB = UUID.randomUUID();

    private final LandedDatabase landed = new LandedDatabase();

    /** A pair 17/51 and a pair 20/65, with what the version knew of other kinds of stages. */
    private static void records(Connection sql, String otherStages, String layout)
            throws SQLException {
        LandedDatabase.insert(sql, "revision", Map.of("number", 1L, "at", 1L));
        LandedDatabase.insert(sql, "revision", Map.of("number", 2L, "at", 2L));
        var unit = new HashMap<String, Object>(Map.of("id", UNIT, "tag", "T-1"));
        if (!otherStages.isEmpty()) {
            unit.put("other_stages", otherStages);
        }
        if (!layout.isEmpty()) {
            unit.put("layout", layout);
        }
        LandedDatabase.insert(sql, "unit", unit);
        unit.put("rev", 1L);
        LandedDatabase.insert(sql, "unit_aud", unit);
        unit.put("rev", 2L);
        LandedDatabase.insert(sql, "unit_aud", unit);
        for (int place = 0; place < 2; place++) {
            var pair = new HashMap<String, Object>();
            pair.put("unit_id", UNIT);
            pair.put("place", place);
            pair.put("pinion_teeth", List.of(17, 20).get(place));
            pair.put("wheel_teeth", List.of(51, 65).get(place));
            pair.put("module_text", "2,5");
            pair.put("module_unit", "module");
            pair.put("pressure_angle_deg", 20.0);
            pair.put("helix_angle_deg", 12.5);
            pair.put("pinion_hand", "LEFT");
            pair.put("pinion_shift", -0.25);
            pair.put("face_text", "1 1/8");
            pair.put("face_unit", "in");
            pair.put("centre_text", "86");
            pair.put("centre_unit", "mm");
            LandedDatabase.insert(sql, "unit_stage", pair);
            // The second pair came by at the second revision.
            pair.put("rev", place == 0 ? 1L : 2L);
            pair.put("original_id_revtype", 0);
            LandedDatabase.insert(sql, "unit_stage_aud", pair);
        }
        LandedDatabase.insert(sql, "job", Map.of("id", JOB, "unit_id", UNIT, "number", 7L));
        for (int shaft = 1; shaft <= 3; shaft++) {
            LandedDatabase.insert(
                    sql,
                    "step",
                    Map.of(
                            "id",
                            UUID.randomUUID(),
                            "job_id",
                            JOB,
                            "part",
                            "bearing " + shaft,
                            "shaft",
                            shaft,
                            "gear_stage",
                            Math.min(shaft, 2),
                            "gear_member",
                            "PINION"));
        }
    }

    private static List<String> kinds(JsonNode stages) {
        var kinds = new ArrayList<String>();
        for (var stage : stages) {
            kinds.add(stage.path("kind").asString());
        }
        return kinds;
    }

    @ParameterizedTest(name = "from version {0}")
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11})
    void pairsKeepEveryValueAsItWasEntered(int version) throws SQLException {
        try (var sql = landed.of(version)) {
            records(sql, "", "");
            landed.migrate("latest");
            var row = LandedDatabase.rows(sql, "select * from unit").get(0);
            var stages = JSON.readTree((String) row.get("stages"));
            assertThat(kinds(stages)).containsExactly("PAIR", "PAIR");
            var values = stages.get(0).path("values");
            assertThat(values.at("/pinion.teeth/text").asString()).isEqualTo("17");
            assertThat(values.at("/wheel.teeth/text").asString()).isEqualTo("51");
            assertThat(values.at("/normalModuleMm/text").asString()).isEqualTo("2,5");
            assertThat(values.at("/normalModuleMm/unit").asString()).isEqualTo("module");
            assertThat(values.at("/pressureAngleDeg/text").asString()).isEqualTo("20");
            assertThat(values.at("/helixAngleDeg/text").asString()).isEqualTo("12.5");
            assertThat(values.at("/hand/text").asString()).isEqualTo("LEFT");
            assertThat(values.at("/pinion.profileShift/text").asString()).isEqualTo("-0.25");
            assertThat(values.at("/wheel.profileShift/text").asString()).isEqualTo("0");
            assertThat(values.at("/faceWidthMm/text").asString()).isEqualTo("1 1/8");
            assertThat(values.at("/faceWidthMm/unit").asString()).isEqualTo("in");
            assertThat(values.at("/centreDistanceMm/text").asString()).isEqualTo("86");
            assertThat(stages.get(1).at("/values/pinion.teeth/text").asString()).isEqualTo("20");
            assertThat(row.get("positions")).isNull();
            // Its history tells what the papers said then.
            var history =
                    LandedDatabase.rows(sql, "select stages from unit_aud order by rev").stream()
                            .map(r -> kinds(JSON.readTree((String) r.get("stages"))))
                            .toList();
            assertThat(history).containsExactly(List.of("PAIR"), List.of("PAIR", "PAIR"));
            assertThat(shaftsAndStages(sql)).containsExactly("1 1", "2 2", "3 2");
        }
    }

    private static List<String> shaftsAndStages(Connection sql) throws SQLException {
        return LandedDatabase.rows(sql, "select shaft, gear_stage from step order by part").stream()
                .map(r -> r.get("shaft") + " " + r.get("gear_stage"))
                .toList();
    }

    private static final String BEVEL_BETWEEN_AND_RING_LAST =
            """
            [{"after": 1, "kind": "BEVEL", "values": {"pinionTeeth": {"text": "16", "unit": ""}}},
             {"after": 6, "kind": "RING", "values": {"pinion.teeth": {"text": "20", "unit": ""}}}]
            """;

    /** Pair, bevel, pair, ring: what was said of the second pair is said of the third stage, and the output stays the output. */
    @Test
    void whatWasSaidOfAPairGoesWithIt() throws SQLException {
        try (var sql = landed.of(11)) {
            records(sql, BEVEL_BETWEEN_AND_RING_LAST, "");
            LandedDatabase.insert(
                    sql,
                    "finding",
                    Map.of(
                            "id",
                            UUID.randomUUID(),
                            "job_id",
                            JOB,
                            "sort",
                            "MEASURED",
                            "question",
                            "BACKLASH",
                            "stage",
                            2));
            landed.migrate("latest");
            var row = LandedDatabase.rows(sql, "select * from unit").get(0);
            var stages = JSON.readTree((String) row.get("stages"));
            assertThat(kinds(stages)).containsExactly("PAIR", "BEVEL", "PAIR", "PAIR");
            assertThat(stages.get(1).at("/values/pinionTeeth/text").asString()).isEqualTo("16");
            assertThat(stages.get(1).has("after")).isFalse();
            assertThat(stages.get(2).at("/values/pinion.teeth/text").asString()).isEqualTo("20");
            assertThat(LandedDatabase.rows(sql, "select stage from finding"))
                    .extracting(r -> r.get("stage"))
                    .containsExactly(3);
            assertThat(shaftsAndStages(sql)).containsExactly("1 1", "3 3", "5 3");
            assertThat(row.get("layout")).isNull();
        }
    }

    @Test
    void shaftsThatWereNamedKeepTheirNames() throws SQLException {
        try (var sql = landed.of(11)) {
            records(
                    sql,
                    BEVEL_BETWEEN_AND_RING_LAST,
                    "{\"axes\": [\"motor\", \"middle\", \"drum\"], \"openings\": []}");
            landed.migrate("latest");
            var layout =
                    JSON.readTree(
                            (String)
                                    LandedDatabase.rows(sql, "select layout from unit")
                                            .get(0)
                                            .get("layout"));
            assertThat(layout.path("axes").valueStream().map(JsonNode::asString))
                    .containsExactly("motor", "middle", "drum", "shaft 4", "shaft 5");
            assertThat(shaftsAndStages(sql)).containsExactly("1 1", "2 3", "3 3");
        }
    }
}
