package app.yunque.server.drawer;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class OilDrawersTest {
    private final AtBench bench = AtBench.mechanic();

    @ParameterizedTest(name = "{0}: {1} = {2} {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "sump-volume | levelMm | 260 | mm | 260 mm is outside 0 to 200 mm",
                "sump-volume | levelMm | -5 | mm | Measure from the lowest floor point",
                "sump-volume | litres | -3 | L | −3 L is outside 0 to 21.84 L",
                "sump-volume | litres | 40 | US qt | outside 0 to 21.84 L",
                "sump-volume | displaced | -4 | '' | −4",
                "sump-volume | displaced | 40 | '' | take away more, 40 L",
                "sump-volume | lengthMm | 420 | L | Use one of mm, in, thou, µm",
                "viscosity | viscosityIndex | 900 | '' | 900 is outside −100 to 400",
                "viscosity | sumpDegC | 250 | °C | 250 °C is outside",
                "viscosity | startDegC | -120 | °C | outside −60 to 60 °C",
                "viscosity | at40 | 0 | '' | outside 2 to 20000 mm²/s",
                "viscosity | wantedMost | 20 | '' | Enter the thinner first",
                "viscosity | wantedMost | '' | '' | A band has two ends",
                "oil-blend | litres2 | -3 | L | −3 L is outside",
                "grease-amount | massKg | 90 | kg | Mass and dimensions do not fit together",
                "grease-amount | speedRpm | 40000 | min⁻¹ | runs too fast",
                "loose-balls | ballMm | 20 | mm | too large for a pitch circle of 38 mm",
                "change-interval | sumpDegC | 130 | °C | above the limit of 95 °C for mineral oil"
            })
    void refusesWhatCannotBeWithItsRangeAtItsField(
            String drawer, String field, String text, String unit, String told) {
        var answer = ask(drawer, Map.of(field, entered(text, unit)));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at(field)).contains(told);
    }

    @Test
    void refusesAnOilThatThickensAsItWarms() {
        var answer =
                ask(
                        "viscosity",
                        Map.of(
                                "known", entered("POINTS", ""),
                                "v1", entered("20", ""),
                                "v2", entered("200", "")));
        assertThat(answer.at("v2")).contains("thinner at the higher temperature");
    }

    @Test
    void warnsOfASumpHotterThanTheOilBearsInEitherUnit() {
        for (var hot : new String[][] {{"110", "°C"}, {"230", "°F"}}) {
            var answer = ask("viscosity", Map.of("sumpDegC", entered(hot[0], hot[1])));
            assertThat(answer.body().path("warnings").toString())
                    .contains("110 °C is above what mineral oil bears");
        }
    }

    // Source: ISO 3448, from memory: VG 220 is 198 to 242 mm²/s at 40 °C. A quart is 0.946353 L
    // (definition).
    @Test
    void toppingUpInQuartsCountsLikeLitres() {
        var litres = blend(entered("9.46352946", "L"));
        var quarts = blend(entered("10", "US qt"));
        assertThat(figure(quarts, "mixture at 40 °C"))
                .isEqualTo(figure(litres, "mixture at 40 °C"))
                .isLessThan(198);
    }

    private JsonNode blend(Map<String, String> litres) {
        return ask("oil-blend", Map.of("litres2", litres)).body();
    }

    private static double figure(JsonNode answer, String label) {
        for (var figure : answer.path("figures")) {
            if (figure.path("label").asString().equals(label)) {
                return figure.path("value").asDouble();
            }
        }
        throw new AssertionError("no figure " + label + " in " + answer);
    }

    /** The drawer's first example with some fields changed. */
    private AtBench.Answer ask(String name, Map<String, ?> changed) {
        for (var drawer : bench.get("/api/drawers").body()) {
            if (drawer.path("name").asString().equals(name)) {
                var entries = drawer.path("examples").get(0).path("entries");
                var fields = new HashMap<String, Object>();
                var example = entries.path("fields");
                example.propertyNames().forEach(f -> fields.put(f, example.get(f)));
                fields.putAll(changed);
                return bench.post(
                        "/api/drawers/" + name,
                        Map.of("fields", fields, "readings", entries.path("readings")));
            }
        }
        throw new AssertionError("no drawer " + name);
    }

    private static Map<String, String> entered(String text, String unit) {
        return Map.of("text", text, "unit", unit);
    }
}
