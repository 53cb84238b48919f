package app.yunque.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningApp.class)
class StoreTest {
    private final AtBench bench = AtBench.mechanic();

    @Test
    void keepsALubricantCorrectsItAndPutsItAway() {
        var path = "/api/lubricants/" + UUID.randomUUID();
        var can = oil("Trial oil 320");
        assertThat(bench.put(path, can).body().toString())
                .contains("ISO VG 320, mineral oil, mild EP");
        can.put("version", 0);
        can.put("viscosity", entered("290,5", ""));
        assertThat(bench.put(path, can).body().toString()).contains("ISO VG 320");
        assertThat(bench.put(path, can).status()).as("an old version").isEqualTo(409);
        assertThat(bench.delete(path + "?version=1").body().toString())
                .doesNotContain("Trial oil 320");
    }

    @Test
    void tellsEveryImpossibleFigureOfACanAtOnce() {
        var can = oil("");
        can.put("thickener", "LITHIUM");
        can.put("viscosity", entered("0", ""));
        can.put("viscosityIndex", 900);
        can.put("openedOn", "2026-05-01");
        can.put("useBy", "2026-04-01");
        var told = bench.put("/api/lubricants/" + UUID.randomUUID(), can);
        assertThat(told.status()).isEqualTo(422);
        assertThat(told.at("name")).contains("missing");
        assertThat(told.at("viscosity")).contains("0.3");
        assertThat(told.at("viscosityIndex")).contains("900", "400");
        assertThat(told.at("nlgi")).contains("000 to 6");
        assertThat(told.at("amount")).contains("“L” is not a unit", "kg, g, lb");
        assertThat(told.at("useBy")).contains("before the can was opened");
    }

    @Test
    void whatACallerLeftOutIsToldAndNeverAFaultOfTheApp() {
        var path = "/api/lubricants/" + UUID.randomUUID();
        for (var field : List.of("name", "base", "additive", "viscosity", "amount")) {
            var can = oil("Trial oil without " + field);
            can.remove(field);
            var told = bench.put(path, can);
            assertThat(told.status()).as(field).isEqualTo(422);
            assertThat(told.at(field)).as(field).isNotBlank();
        }
        var unnamedLot = oil("Trial oil of no lot");
        unnamedLot.put("lot", null);
        assertThat(bench.put(path, unnamedLot).body().toString()).contains("Trial oil of no lot");
        assertThat(bench.delete(path + "?version=0").status()).isEqualTo(200);
    }

    // Common practice, no source: active sulphur attacks bronze, compounded oil and polyglycol are
    // for worms, pawls are oiled.
    @Test
    void choosesFromTheShelfWhatTheBronzeWheelBears() {
        var goes = onTheShelf("BRONZE_WORM_WHEEL");
        assertThat(goes.get("Worm oil 460, compounded")).isEqualTo("goes");
        assertThat(goes.get("Synthetic gear oil 220")).contains("another grade");
        assertThat(goes.get("Hypoid oil 220, active sulphur")).startsWith("no: ");
        assertThat(goes.keySet()).as("an oil was sought").doesNotContain("Lithium grease, NLGI 2");
        assertThat(List.copyOf(goes.keySet()))
                .startsWith("Worm oil 460, compounded")
                .endsWith("Hypoid oil 220, active sulphur");
        var food = onTheShelf("FOOD");
        assertThat(food.get("Headstock oil 32")).startsWith("no");
        assertThat(food.get("White oil 220, food-grade")).startsWith("goes by its kind");
    }

    /** What stands on the shelf against a place, in the order told: name, what is said. */
    private Map<String, String> onTheShelf(String meets) {
        var fields = new HashMap<String, Object>();
        for (var drawer : bench.get("/api/drawers").body()) {
            if (drawer.path("name").asString().equals("does-it-go-there")) {
                var entered = drawer.path("examples").get(0).path("entries").path("fields");
                entered.propertyNames().forEach(name -> fields.put(name, entered.get(name)));
            }
        }
        fields.put("meets1", entered(meets, ""));
        var answer =
                bench.post(
                        "/api/drawers/does-it-go-there",
                        Map.of("fields", fields, "readings", Map.of()));
        var told = new LinkedHashMap<String, String>();
        for (var can : answer.body().path("shelf").path("cans")) {
            told.put(can.path("name").asString(), can.path("says").asString());
        }
        return told;
    }

    private static Map<String, Object> oil(String name) {
        return new HashMap<>(
                Map.of(
                        "name",
                        name,
                        "base",
                        "MINERAL",
                        "additive",
                        "MILD_EP",
                        "viscosity",
                        entered("320", ""),
                        "food",
                        false,
                        "solids",
                        false,
                        "lot",
                        "T-1",
                        "amount",
                        entered("20", "L")));
    }

    private static Map<String, String> entered(String text, String unit) {
        return Map.of("text", text, "unit", unit);
    }
}
