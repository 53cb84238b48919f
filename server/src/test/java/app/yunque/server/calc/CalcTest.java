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
                        "sumpLengthMm", 420,
                        "sumpWidthMm", 260,
                        "sumpHeightMm", 200,
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
}
