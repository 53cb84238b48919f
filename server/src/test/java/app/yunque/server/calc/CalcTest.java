package app.yunque.server.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningApp.class)
class CalcTest {
    private final AtBench bench = AtBench.mechanic();

    private static Map<String, Object> gear(int teeth) {
        return new HashMap<>(
                Map.of(
                        "teeth", teeth,
                        "normalModuleMm", 3,
                        "pressureAngleDeg", 20,
                        "helixAngleDeg", 0,
                        "hand", "NONE",
                        "profileShift", 0,
                        "faceWidthMm", 30));
    }

    private static Map<String, Object> pair() {
        return Map.of("pinion", gear(20), "wheel", gear(40), "centreDistanceMm", 90.2);
    }

    private static final Map<String, Object> GAUGE =
            Map.of("resolutionMm", 0.01, "maxErrorMm", 0.005);

    /** 30.7 teeth is a slip of the key, and is not silently cut to 30. */
    @Test
    void aFractionWhereThingsAreCountedIsRefusedAtItsField() {
        var slipped = gear(30);
        slipped.put("teeth", 30.7);
        var refused = bench.post("/api/calc/gear/span", Map.of("gear", slipped, "teethSpanned", 4));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("gear.teeth")).contains("it is counted, so enter a whole number.");
        var spanned =
                bench.post("/api/calc/gear/span", Map.of("gear", gear(30), "teethSpanned", 4.5));
        assertThat(spanned.at("teethSpanned")).contains("whole number");
    }

    // Expected values: handbook tables and worked examples named at the tests of the core.
    @Test
    void reachesEveryRuleWithItsWorking() {
        check("gear/span", Map.of("gear", gear(30), "teethSpanned", 4), "spanMm", 32.2579, 5e-5);
        check(
                "gear/tooth-wear",
                Map.of(
                        "gear",
                        gear(30),
                        "teethSpanned",
                        4,
                        "readingsMm",
                        List.of(31.95, 31.95, 31.95),
                        "gauge",
                        GAUGE,
                        "duty",
                        "ENCLOSED_POWER"),
                "wearMm",
                0.327638,
                5e-7);
        check(
                "gear/recommended-backlash",
                Map.of("pair", pair(), "duty", "FEED"),
                "leastNormalMm",
                2.0 / 3 * (0.06 + 0.0005 * 90.2 + 0.09),
                1e-12);
        check(
                "gear/backlash",
                Map.of(
                        "pair",
                        pair(),
                        "touched",
                        "WHEEL",
                        "radiusMm",
                        60.1333333333333333,
                        "tiltDeg",
                        0,
                        "readingsMm",
                        List.of(0.31, 0.33, 0.32, 0.31, 0.33),
                        "gauge",
                        GAUGE,
                        "duty",
                        "ENCLOSED_POWER"),
                "uncertaintyMm",
                0.0121106,
                5e-8);
        check(
                "drive/turn-count",
                Map.of(
                        "stages",
                        List.of(pair()),
                        "inputTurns",
                        100,
                        "outputTurns",
                        50,
                        "readingErrorDeg",
                        5),
                "countedRatio",
                2,
                0);
        check(
                "lubricant/fill-quantity",
                Map.of(
                        "lengthMm", 420,
                        "widthMm", 260,
                        "heightMm", 200,
                        "levelMm", 95,
                        "gears", List.of()),
                "litres",
                10.374,
                1e-9);
        check(
                "upkeep/run-temperature",
                Map.of("ambientDegC", 20, "caseDegC", 62, "runMinutes", 60),
                "riseK",
                42,
                1e-12);
        var grade =
                bench.post(
                        "/api/calc/lubricant/oil-grade",
                        Map.of(
                                "pitchLineVelocityMPerS", 8.2,
                                "coldestAmbientDegC", 0,
                                "hottestAmbientDegC", 30));
        assertThat(grade.body().path("proposed").asString()).isEqualTo("VG_220");
        assertThat(grade.body().path("working").path("source").asString()).contains("from memory");
    }

    private void check(String rule, Object input, String field, double expected, double tolerance) {
        var answer = bench.post("/api/calc/" + rule, input);
        assertThat(answer.status()).as(rule + ": " + answer.detail()).isEqualTo(200);
        assertThat(answer.body().path(field).asDouble())
                .as(rule)
                .isCloseTo(expected, within(tolerance));
        assertThat(answer.body().path("working").path("lines"))
                .as(rule + " shows its working")
                .isNotEmpty();
        assertThat(answer.body().path("working").path("source").asString()).isNotBlank();
    }

    @Test
    void namesTheGearAtFault() {
        var pinion = gear(20);
        pinion.put("teeth", 2);
        var answer =
                bench.post(
                        "/api/calc/gear/recommended-backlash",
                        Map.of(
                                "pair",
                                Map.of("pinion", pinion, "wheel", gear(40), "centreDistanceMm", 90),
                                "duty",
                                "FEED"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("pinion.teeth")).contains("Number of teeth 2 is outside 4 to 2000.");
    }

    /** A plan carries its bound in place of a formula. */
    private void expect(String rule, Object input, String field, double value, double tolerance) {
        var answer = bench.post("/api/calc/" + rule, input);
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        assertThat(answer.body().path(field).asDouble())
                .as(rule)
                .isCloseTo(value, within(tolerance));
        assertThat(answer.body().path("boundMinutes").asDouble())
                .isLessThanOrEqualTo(value + tolerance);
    }

    private static Map<String, Object> task(
            String id, double minutes, int people, String... holds) {
        return Map.of(
                "id", id,
                "name", id,
                "minutes", minutes,
                "handling", Map.of(),
                "people", people,
                "holds", List.of(holds));
    }

    private static Map<String, Object> before(String first, String then) {
        return Map.of("first", first, "then", then, "reason", "told", "origin", "LOG");
    }

    // Worked examples named at the tests of the core: bound 18, optimum 19 minutes for two
    // mechanics.
    @Test
    void plansWithoutAJob() {
        var graph =
                Map.of(
                        "tasks",
                                List.of(
                                        task("a", 4, 1),
                                        task("b", 6, 1, "case"),
                                        task("c", 3, 1),
                                        task("d", 5, 2),
                                        task("e", 7, 1, "case"),
                                        task("f", 2, 1),
                                        task("g", 4, 1)),
                        "befores",
                                List.of(
                                        before("a", "d"),
                                        before("b", "e"),
                                        before("c", "f"),
                                        before("d", "g"),
                                        before("f", "g")),
                        "choices", List.of());
        var asked =
                Map.of(
                        "graph", graph,
                        "start", Map.of(),
                        "cost", Map.of("toolChange", 1, "flip", 2, "move", 1.5));
        expect("plan/two-mechanics", asked, "minutes", 19, 1e-9);
        expect("plan/rebuild", asked, "minutes", 31, 1e-9);
        var way = Map.of("name", "", "requires", List.of(), "minutes", 6, "barred", "");
        expect(
                "plan/least-strip",
                Map.of(
                        "removals",
                                List.of(
                                        Map.of(
                                                "part",
                                                "cover",
                                                "name",
                                                "cover",
                                                "ways",
                                                List.of(way))),
                        "targets", List.of("cover")),
                "minutes",
                6,
                1e-9);
        var round =
                bench.post(
                        "/api/calc/plan/contradiction",
                        Map.of(
                                "tasks", List.of(task("hub", 1, 1), task("shaft", 1, 1)),
                                "befores", List.of(before("hub", "shaft"), before("shaft", "hub")),
                                "choices", List.of()));
        assertThat(round.body().path("contradiction").path("says").asString())
                .contains("“hub” must come off before “shaft” (told)");
    }

    @Test
    void judgesScrewsPassagesAndLinesWithoutAJob() {
        var hole =
                Map.of(
                        "gripMm",
                        8,
                        "threadMm",
                        10,
                        "isThrough",
                        true,
                        "freeMm",
                        6,
                        "behind",
                        "gear",
                        "into",
                        "GREY_IRON");
        check(
                "fastener/screw-in-hole",
                Map.of("thread", "M6", "lengthMm", 25, "hole", hole),
                "clearanceMm",
                -1,
                1e-9);
        var passage =
                bench.post(
                        "/api/calc/teardown/passage",
                        Map.of(
                                "opening",
                                        Map.of(
                                                "name", "top",
                                                "shape", "RECTANGLE",
                                                "widthMm", 40,
                                                "heightMm", 110,
                                                "closedBy", "",
                                                "faces", "UNSAID",
                                                "shaft", 0),
                                "part",
                                        Map.of(
                                                "shape",
                                                "ROUND",
                                                "aMm",
                                                96,
                                                "bMm",
                                                96,
                                                "lengthMm",
                                                28,
                                                "outline",
                                                List.of())));
        assertThat(passage.body().path("words").asString()).isEqualTo("edge-on");
        var line =
                bench.post(
                        "/api/calc/teardown/quick-line",
                        Map.of("line", "6x M8x25 cover input", "shafts", List.of("input shaft")));
        assertThat(line.body().path("fastenings").get(0).path("thread").asString()).isEqualTo("M8");
        assertThat(line.body().path("parts").get(0).path("name").asString()).isEqualTo("cover");
    }

    /** The open form of a line: small letters, names of shafts, canonical numbers beside what was typed; what is not said is missing. */
    @Test
    void aLineAnswersInTheOpenForm() {
        var line =
                bench.post(
                                "/api/calc/teardown/quick-line",
                                Map.of(
                                        "line",
                                        "spacer next to it, 8.5, same shaft, nut 1/2-20 LH 45 ft-lb manual, 3/4 socket",
                                        "shafts",
                                        List.of("motor shaft", "worm shaft"),
                                        "previous",
                                        Map.of("shaft", "worm shaft", "part", "bearing")))
                        .body();
        assertThat(line.path("act").asString()).isEqualTo("take_off");
        var spacer = line.path("parts").get(0);
        assertThat(spacer.path("kind").asString()).isEqualTo("spacer");
        assertThat(spacer.path("shaft").asString()).isEqualTo("worm shaft");
        assertThat(spacer.path("thickness_mm").asDouble()).isEqualTo(8.5);
        assertThat(spacer.path("thickness_as_typed").asString()).isEqualTo("8.5 mm");
        assertThat(spacer.has("side")).isFalse();
        assertThat(spacer.has("condition")).isFalse();
        var nut = line.path("fastenings").get(0);
        assertThat(nut.path("hand").asString()).isEqualTo("left");
        assertThat(nut.path("torque_nm").asDouble()).isCloseTo(61.0118, within(1e-4));
        assertThat(nut.path("torque_as_typed").asString()).isEqualTo("45 lbf·ft");
        assertThat(nut.path("drive").asString()).isEqualTo("hex");
        assertThat(nut.path("size").asString()).isEqualTo("3/4");
        var left =
                bench.post(
                                "/api/calc/teardown/quick-line",
                                Map.of("line", "flywheel left on", "shafts", List.of()))
                        .body();
        assertThat(left.path("act").asString()).isEqualTo("left_in");
        assertThat(left.path("parts").get(0).path("stays").asBoolean()).isTrue();
        assertThat(left.has("fastenings")).isFalse();
    }

    /** A record of the core that comes over the wire refuses with its own sentence, at its own field. */
    @Test
    void namesTheFaultOfARecordThatCannotBe() {
        var hole =
                Map.of(
                        "gripMm",
                        -8,
                        "threadMm",
                        10,
                        "isThrough",
                        true,
                        "behind",
                        "",
                        "into",
                        "STEEL");
        var refused =
                bench.post(
                        "/api/calc/fastener/screw-in-hole",
                        Map.of("thread", "M6", "lengthMm", 25, "hole", hole));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("hole.gripMm"))
                .contains("Clamped thickness −8 mm is outside 0 to 1000 mm");
        assertThat(refused.at("hole.freeMm")).contains("Free room behind the hole is missing");
        assertThat(
                        bench.post(
                                        "/api/calc/fastener/screw-in-hole",
                                        Map.of("thread", "M8x1.3", "lengthMm", 25, "hole", hole))
                                .status())
                .isEqualTo(422);
    }

    private static Map<String, Object> counted(int driver, int driven) {
        return Map.of(
                "kind",
                "COUNTED",
                "values",
                Map.of(
                        "driverTeeth", Map.of("text", String.valueOf(driver), "unit", ""),
                        "drivenTeeth", Map.of("text", String.valueOf(driven), "unit", ""),
                        "internal", Map.of("text", "NO", "unit", "")));
    }

    // 60/30 × 80/20 = 8 and 50/40 × 80/20 = 5; 900/5 = 180 min⁻¹, by hand.
    @Test
    void aDriveOfAnyStagesInEachOfItsPositions() {
        var stages = List.of(counted(30, 60), counted(40, 50), counted(20, 80));
        var answer =
                bench.post(
                        "/api/calc/drive/line",
                        Map.of(
                                "stages",
                                stages,
                                "positions",
                                List.of(
                                        Map.of("name", "slow", "stages", List.of(1, 3)),
                                        Map.of("name", "fast", "stages", List.of(2, 3))),
                                "inputSpeedRpm",
                                900));
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        assertThat(answer.body().path("shafts").asInt()).isEqualTo(3);
        var positions = answer.body().path("positions");
        assertThat(positions.get(0).path("line").path("ratio").asDouble()).isEqualTo(8);
        assertThat(positions.get(1).path("name").asString()).isEqualTo("fast");
        assertThat(positions.get(1).path("line").path("outputSpeedRpm").asDouble()).isEqualTo(180);
        var row = bench.post("/api/calc/drive/line", Map.of("stages", stages));
        assertThat(row.body().path("positions").get(0).path("line").path("ratio").asDouble())
                .as("all in a row: 2 × 1.25 × 4, three times the other way")
                .isEqualTo(-10);
        assertThat(
                        bench.post(
                                        "/api/calc/drive/line",
                                        Map.of("stages", List.of(counted(3, 50))))
                                .at("stages[0].driverTeeth"))
                .contains("is outside 4 to 2000");
    }

    // Source: Bayes' rule on the weights of the table, worked apart at the test of the core.
    @Test
    void saysWhatItMayBeFromSigns() {
        var noDrive = bench.post("/api/calc/diagnosis/causes", Map.of("present", List.of("S01")));
        assertThat(noDrive.status()).as(noDrive.detail()).isEqualTo(200);
        var best = noDrive.body().path("causes").path(0);
        assertThat(best.path("id").asString()).isEqualTo("C01");
        assertThat(best.path("probability").asDouble()).isCloseTo(0.331797, within(5e-7));
        assertThat(noDrive.body().path("next").path(0).path("id").asString()).isEqualTo("T02");
        assertThat(
                        bench.post("/api/calc/diagnosis/causes", Map.of("present", List.of("S99")))
                                .at("present"))
                .contains("is in no table");
        var table = bench.get("/api/calc/diagnosis/table").body();
        assertThat(table.path("causes").size()).isGreaterThanOrEqualTo(40);
        assertThat(table.path("causes").path(0).path("levels").path("S01").asDouble())
                .isEqualTo(0.9);
        assertThat(table.path("tests").path(1).path("checks").path(0).asString())
                .isEqualTo("SHP-1");
    }

    /** The complaint of a job is evidence without being typed again, and what is found moves it. */
    @Test
    void saysWhatAJobMayBeAbout() {
        var whines = bench.get("/api/jobs/12/diagnosis").body().path("diagnosis");
        assertThat(whines.path("causes").path(0).path("evidence").toString())
                .contains("whine of the teeth");
        double sum =
                whines.path("causes")
                        .valueStream()
                        .mapToDouble(c -> c.path("probability").asDouble())
                        .sum();
        assertThat(sum).isCloseTo(1, within(1e-9));
        assertThat(whines.path("sentence").asString()).contains("by judgement");
        assertThat(bench.get("/api/jobs/99999/diagnosis").status()).isEqualTo(404);
    }
}
