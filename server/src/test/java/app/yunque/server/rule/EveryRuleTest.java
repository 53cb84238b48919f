package app.yunque.server.rule;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Every public rule with a form, reached by a program that knows nothing but the description of the API, and by its drawer. */
@ExtendWith(RunningApp.class)
class EveryRuleTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static JsonNode description;
    private static JsonNode rules;
    private static JsonNode drawers;

    private final AtBench viewer = AtBench.as("Visitor", "1234");

    @BeforeAll
    static void read() {
        description = AtBench.lead().get("/api/openapi").body();
        var withForm = JSON.createArrayNode();
        AtBench.lead()
                .get("/api/calc")
                .body()
                .forEach(
                        rule -> {
                            if (rule.has("form")) {
                                withForm.add(rule);
                            }
                        });
        rules = withForm;
        drawers = AtBench.lead().get("/api/drawers").body();
    }

    private static JsonNode operation(String at) {
        return description.path("paths").path("/api/calc/" + at).path("post");
    }

    private static JsonNode inputOf(String at) {
        return operation(at)
                .path("requestBody")
                .path("content")
                .path("application/json")
                .path("schema");
    }

    private static JsonNode drawerOf(String at) {
        for (var drawer : drawers) {
            if (drawer.path("name").asString().equals(at.replace('/', '-'))) {
                return drawer;
            }
        }
        throw new AssertionError("no drawer of " + at);
    }

    @Test
    void isDescribedWithWhatItTakesAndTells() {
        var soft = new SoftAssertions();
        assertThat(rules.size()).isGreaterThan(45);
        for (var rule : rules) {
            var at = rule.path("at").asString();
            soft.assertThat(operation(at).isObject()).as(at).isTrue();
            soft.assertThat(inputOf(at).path("required").size()).as(at).isPositive();
            soft.assertThat(inputOf(at).path("additionalProperties").asBoolean(true))
                    .as(at)
                    .isFalse();
            soft.assertThat(operation(at).path("responses").has("422")).as(at).isTrue();
            var answer =
                    operation(at)
                            .path("responses")
                            .path("200")
                            .path("content")
                            .path("application/json")
                            .path("schema")
                            .path("$ref")
                            .asString();
            var told = schema(answer).path("properties").path("told").path("$ref").asString();
            soft.assertThat(told).as(at).endsWith("/Told");
        }
        soft.assertThat(description.path("paths").has("/api/calc/{subject}/{rule}")).isFalse();
        soft.assertAll();
    }

    private static JsonNode schema(String ref) {
        return description
                .path("components")
                .path("schemas")
                .path(ref.substring(ref.lastIndexOf('/') + 1));
    }

    /** The example of its drawer goes through both doors: what the drawer says is what the rule tells, figure by figure. */
    @Test
    void saysTheSameThroughItsDrawer() {
        var soft = new SoftAssertions();
        for (var rule : rules) {
            var at = rule.path("at").asString();
            var drawer = drawerOf(at);
            var entries = drawer.path("examples").path(0).path("entries");
            var shown = viewer.post("/api/drawers/" + at.replace('/', '-'), entries);
            soft.assertThat(shown.status()).as("%s: %s", at, shown.detail()).isEqualTo(200);
            var asked = viewer.post("/api/calc/" + at, canonical(at, drawer, entries));
            soft.assertThat(asked.status()).as("%s: %s", at, asked.detail()).isEqualTo(200);
            var told = asked.body().path("told");
            soft.assertThat(told.path("sentence")).as(at).isEqualTo(shown.body().path("sentence"));
            soft.assertThat(told.path("verdict")).as(at).isEqualTo(shown.body().path("verdict"));
            soft.assertThat(told.path("working").path("source").asString()).as(at).isNotBlank();
            soft.assertThat(told.path("working").path("lines").size()).as(at).isPositive();
            var keys = new HashSet<String>();
            for (int i = 0; i < told.path("figures").size(); i++) {
                var figure = told.path("figures").path(i);
                soft.assertThat(keys.add(figure.path("key").asString()))
                        .as("%s: one key twice", at)
                        .isTrue();
                soft.assertThat(figure.path("value"))
                        .as(at)
                        .isEqualTo(shown.body().path("figures").path(i).path("value"));
                soft.assertThat(figure.path("key"))
                        .as(at)
                        .isEqualTo(shown.body().path("figures").path(i).path("key"));
                soft.assertThat(figure.path("label"))
                        .as(at)
                        .isEqualTo(shown.body().path("figures").path(i).path("label"));
            }
        }
        soft.assertAll();
    }

    /** What the form holds, in the units of the rule, put where the description says. */
    private static ObjectNode canonical(String at, JsonNode drawer, JsonNode entries) {
        var input = JSON.createObjectNode();
        for (var field : drawer.path("fields")) {
            var path = field.path("name").asString().split("\\.");
            var kind = field.path("kind").asString();
            if (kind.equals("READINGS")) {
                var given = entries.path("readings").path(field.path("name").asString());
                if (path.length == 1) {
                    var list = input.putArray(path[0]);
                    given.forEach(v -> list.add(v.path("text").asDouble()));
                } else {
                    var list =
                            input.get(path[0]) == null
                                    ? input.putArray(path[0])
                                    : (tools.jackson.databind.node.ArrayNode) input.get(path[0]);
                    for (int i = 0; i < given.size(); i++) {
                        var one = i < list.size() ? (ObjectNode) list.get(i) : list.addObject();
                        put(one, path[1], given.path(i).path("text").asString());
                    }
                }
                continue;
            }
            var text =
                    entries.path("fields")
                            .path(field.path("name").asString())
                            .path("text")
                            .asString("");
            if (text.isEmpty()) {
                continue;
            }
            var in =
                    path.length == 1
                            ? input
                            : input.get(path[0]) == null
                                    ? input.putObject(path[0])
                                    : (ObjectNode) input.get(path[0]);
            var name = path[path.length - 1];
            if (text.equals("YES") || text.equals("NO")) {
                in.put(name, text.equals("YES"));
            } else if (kind.equals("CHOICE") || kind.equals("TEXT")) {
                in.put(name, text);
            } else {
                put(in, name, text);
            }
        }
        return input;
    }

    private static void put(ObjectNode in, String name, String number) {
        if (number.matches("-?\\d+")) {
            in.put(name, Long.parseLong(number));
        } else {
            in.put(name, Double.parseDouble(number));
        }
    }

    /** Each value left out, and one nobody asked for, is refused by the name the caller used. */
    @Test
    void refusesWhatIsLeftOutAndWhatIsUnknown() {
        var soft = new SoftAssertions();
        for (var rule : rules) {
            var at = rule.path("at").asString();
            var drawer = drawerOf(at);
            var input = canonical(at, drawer, drawer.path("examples").path(0).path("entries"));
            for (var name : inputOf(at).path("required")) {
                var less = input.deepCopy();
                less.remove(name.asString());
                var refused = viewer.post("/api/calc/" + at, less);
                soft.assertThat(refused.status()).as("%s without %s", at, name).isEqualTo(422);
                soft.assertThat(refused.at(name.asString()))
                        .as("%s without %s", at, name)
                        .contains("is missing");
            }
            for (var part : inputOf(at).path("properties").properties()) {
                for (var name :
                        schema(part.getValue().path("$ref").asString("")).path("required")) {
                    if (!(input.get(part.getKey()) instanceof ObjectNode)) {
                        continue;
                    }
                    var less = input.deepCopy();
                    ((ObjectNode) less.get(part.getKey())).remove(name.asString());
                    var field = part.getKey() + "." + name.asString();
                    var refused = viewer.post("/api/calc/" + at, less);
                    soft.assertThat(refused.status()).as("%s without %s", at, field).isEqualTo(422);
                    soft.assertThat(refused.at(field)).as("%s without %s", at, field).isNotBlank();
                }
            }
            var more = input.deepCopy();
            more.put("colour", "red");
            soft.assertThat(viewer.post("/api/calc/" + at, more).at("colour"))
                    .as(at)
                    .contains("there is no such field");
        }
        soft.assertAll();
    }

    /** Each end that the description gives is the end the rule keeps: beyond it the field is named, with value and range. */
    @Test
    void keepsTheRangesItDescribes() {
        var soft = new SoftAssertions();
        int ends = 0;
        for (var rule : rules) {
            var at = rule.path("at").asString();
            var drawer = drawerOf(at);
            var input = canonical(at, drawer, drawer.path("examples").path(0).path("entries"));
            for (var property : inputOf(at).path("properties").properties()) {
                for (var end : List.of("minimum", "maximum")) {
                    if (!property.getValue().has(end) || !input.has(property.getKey())) {
                        continue;
                    }
                    double limit = property.getValue().path(end).asDouble();
                    double beyond = end.equals("minimum") ? limit - 1 : limit + 1;
                    var far = input.deepCopy();
                    far.put(property.getKey(), beyond);
                    var refused = viewer.post("/api/calc/" + at, far);
                    soft.assertThat(refused.status())
                            .as("%s with %s %s", at, property.getKey(), beyond)
                            .isEqualTo(422);
                    soft.assertThat(fieldsOf(refused.body()))
                            .as("%s with %s %s", at, property.getKey(), beyond)
                            .contains(property.getKey());
                    ends++;
                }
            }
        }
        soft.assertAll();
        assertThat(ends).isGreaterThan(150);
    }

    private static List<String> fieldsOf(JsonNode refusal) {
        var fields = new ArrayList<String>();
        refusal.path("fields").forEach(f -> fields.add(f.path("field").asString()));
        return fields;
    }

    @Test
    void aNumberInAWordIsRefusedAtItsField() {
        var refused =
                viewer.post(
                        "/api/calc/fit/fit",
                        Map.of("nominalMm", "wide", "hole", "H7", "shaft", "k6"));
        assertThat(refused.at("nominalMm")).contains("enter a number in digits");
        assertThat(
                        viewer.post(
                                        "/api/calc/fit/fit",
                                        Map.of("nominalMm", 40, "hole", "H7", "shaft", "r6"))
                                .at("shaft"))
                .contains("not in the built-in subset");
        assertThat(viewer.post("/api/calc/fit/no-such", Map.of()).status()).isEqualTo(404);
    }

    @Test
    void aListOfRecordsIsRefusedAtItsReading() {
        var entries =
                Map.of(
                        "fields",
                        Map.of(
                                "targetUm",
                                Map.of("text", "450", "unit", "µm"),
                                "toleranceUm",
                                Map.of("text", "15", "unit", "µm")),
                        "readings",
                        Map.of(
                                "stock.thicknessUm",
                                List.of(
                                        Map.of("text", "50", "unit", "µm"),
                                        Map.of("text", "30000", "unit", "µm")),
                                "stock.pieces",
                                List.of(
                                        Map.of("text", "2", "unit", ""),
                                        Map.of("text", "1", "unit", ""))));
        assertThat(viewer.post("/api/drawers/shim-pack", entries).at("stock.thicknessUm[1]"))
                .contains("outside 1 to 20000");
    }

    /** In inches, in pounds, the same: 40 mm is 1.5748 in. */
    @Test
    void takesTheUnitsOfTheBench() {
        var metric = heat("40", "mm", "0.030", "mm", "20", "°C");
        var inch = heat("1.5748031496", "in", "1.1811023622", "thou", "68", "°F");
        assertThat(inch).isEqualTo(metric);
    }

    private String heat(String d, String du, String i, String iu, String t, String tu) {
        return viewer.post(
                        "/api/drawers/fit-mounting-heat",
                        Map.of(
                                "fields",
                                Map.of(
                                        "diameterMm", Map.of("text", d, "unit", du),
                                        "interferenceMm", Map.of("text", i, "unit", iu),
                                        "heated", Map.of("text", "OPEN_BEARING", "unit", ""),
                                        "roomDegC", Map.of("text", t, "unit", tu)),
                                "readings",
                                Map.of()))
                .body()
                .path("sentence")
                .asString();
    }

    /** The pin of the list may be unknown: then nothing of it is asked, and half of it is refused at the other half. */
    @Test
    void whatMayBeLeftOutMayBeLeftOutInTheForm() {
        var fields =
                drawerOf("fastener/shear-pin")
                        .path("examples")
                        .path(0)
                        .path("entries")
                        .path("fields");
        var without = JSON.createObjectNode();
        fields.properties().stream()
                .filter(f -> !f.getKey().startsWith("listed."))
                .forEach(f -> without.set(f.getKey(), f.getValue()));
        var pin =
                viewer.post(
                        "/api/drawers/fastener-shear-pin",
                        Map.of("fields", without, "readings", Map.of()));
        assertThat(pin.status()).as(pin.detail()).isEqualTo(200);
        without.set("listed.diameterMm", fields.path("listed.diameterMm"));
        var half =
                viewer.post(
                        "/api/drawers/fastener-shear-pin",
                        Map.of("fields", without, "readings", Map.of()));
        assertThat(half.status()).isEqualTo(422);
        assertThat(fieldsOf(half.body())).allSatisfy(f -> assertThat(f).startsWith("listed."));
    }

    /** A yes or no that decides a verdict is not answered by silence. */
    @Test
    void aYesOrNoIsAsked() {
        var entries = drawerOf("fastener/circlip").path("examples").path(0).path("entries");
        var fields = (ObjectNode) entries.path("fields").deepCopy();
        fields.remove("damaged");
        var asked =
                viewer.post(
                        "/api/drawers/fastener-circlip",
                        Map.of("fields", fields, "readings", Map.of()));
        assertThat(asked.at("damaged")).contains("Choose one");
    }
}
