package app.yunque.server.rule;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Told;
import app.yunque.measure.Working;
import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Rules that are asked by their address only, reached by a program that knows nothing but the description and its examples. */
@ExtendWith(RunningApp.class)
class RulesWithoutFormTest {
    private static final AtBench VIEWER = AtBench.as("Visitor", "1234");
    private static JsonNode description;
    private static final List<String> RULES = new ArrayList<>();

    @BeforeAll
    static void read() {
        description = VIEWER.get("/api/openapi").body();
        for (var rule : VIEWER.get("/api/calc").body()) {
            if (!rule.has("form")) {
                RULES.add(rule.path("at").asString());
            }
        }
    }

    private static JsonNode content(String at) {
        return description
                .path("paths")
                .path("/api/calc/" + at)
                .path("post")
                .path("requestBody")
                .path("content")
                .path("application/json");
    }

    private static AtBench.Answer ask(String at, JsonNode input) {
        return VIEWER.post("/api/calc/" + at, input);
    }

    @Test
    void answersItsExampleWithKeyedFigures() {
        var soft = new SoftAssertions();
        assertThat(RULES.size()).isGreaterThan(115);
        for (var at : RULES) {
            var example = content(at).path("example");
            soft.assertThat(example.isObject()).as(at + " has an example").isTrue();
            var answer = ask(at, example);
            soft.assertThat(answer.status()).as("%s: %s", at, answer.detail()).isEqualTo(200);
            var told = answer.body().path("told");
            soft.assertThat(told.path("working").path("source").asString())
                    .as(at + " names its source")
                    .isNotBlank();
            soft.assertThat(
                            told.path("figures").size()
                                    + told.path("sentence").asString("").length()
                                    + answer.body().path("value").size()
                                    + answer.body().size()
                                    - 1)
                    .as(at + " tells something")
                    .isPositive();
            for (var figure : told.path("figures")) {
                soft.assertThat(figure.path("key").asString()).as(at).isNotBlank();
                soft.assertThat(figure.path("label").asString()).as(at).isNotBlank();
            }
        }
        soft.assertAll();
    }

    @Test
    void refusesWhatIsLeftOutAndWhatIsUnknown() {
        var soft = new SoftAssertions();
        for (var at : RULES) {
            var example = (ObjectNode) content(at).path("example").deepCopy();
            for (var name : content(at).path("schema").path("required")) {
                var less = example.deepCopy();
                less.remove(name.asString());
                soft.assertThat(ask(at, less).at(name.asString()))
                        .as("%s without %s", at, name)
                        .contains("is missing");
            }
            example.put("colour", "red");
            soft.assertThat(ask(at, example).at("colour"))
                    .as(at)
                    .contains("there is no such field");
        }
        soft.assertAll();
    }

    /** Whatever number is put in, wherever: it is refused with words, or answered with numbers; nothing falls over. */
    @Test
    void neverFallsOverANumber() {
        var soft = new SoftAssertions();
        int asked = 0;
        for (var at : RULES) {
            var example = (ObjectNode) content(at).path("example");
            for (var path : numbers("", example)) {
                for (double value : new double[] {0, -1, 1e12, -1e12, 1e-12}) {
                    var other = example.deepCopy();
                    put(other, path, value);
                    var answer = ask(at, other);
                    asked++;
                    soft.assertThat(answer.status())
                            .as("%s with %s %s: %s", at, path, value, answer.detail())
                            .isIn(200, 422);
                    soft.assertThat(answer.body().toString())
                            .as("%s with %s %s", at, path, value)
                            .doesNotContain("\"NaN\"")
                            .doesNotContain("Infinity");
                }
            }
        }
        soft.assertAll();
        assertThat(asked).isGreaterThan(1500);
    }

    /** A quantity that cannot be negative is refused when it is. */
    @Test
    void refusesWhatCannotBeNegative() {
        var soft = new SoftAssertions();
        for (var at : RULES) {
            var example = (ObjectNode) content(at).path("example");
            for (var path : numbers("", example)) {
                if (MAY_BE_NEGATIVE.stream().anyMatch(path::endsWith)) {
                    continue;
                }
                var other = example.deepCopy();
                put(other, path, -1e6);
                soft.assertThat(ask(at, other).status())
                        .as("%s with %s −1e6", at, path)
                        .isEqualTo(422);
            }
        }
        soft.assertAll();
    }

    /** What lies on either side of nothing: moves, angles, readings of a dial, a shift, a profile. */
    private static final List<String> MAY_BE_NEGATIVE =
            List.of(
                    "Deg",
                    "moveMm",
                    "shift",
                    "Shift",
                    "offsetMm",
                    "gapMm",
                    "travelMm",
                    "a",
                    "b",
                    "value",
                    "limit",
                    "expectedMm",
                    "valueMm",
                    "hours",
                    "readingsMm/0",
                    "mostNew");

    private static List<String> numbers(String prefix, JsonNode node) {
        var paths = new ArrayList<String>();
        if (node.isNumber()) {
            paths.add(prefix);
        } else if (node.isObject()) {
            node.properties()
                    .forEach(p -> paths.addAll(numbers(prefix + "/" + p.getKey(), p.getValue())));
        } else if (node.isArray() && !node.isEmpty()) {
            paths.addAll(numbers(prefix + "/0", node.get(0)));
        }
        return paths;
    }

    private static void put(JsonNode root, String path, double value) {
        int last = path.lastIndexOf('/');
        var in = root.at(path.substring(0, last));
        var name = path.substring(last + 1);
        if (in instanceof ArrayNode list) {
            set(list, Integer.parseInt(name), value);
        } else if (value == Math.rint(value) && Math.abs(value) < 1e15) {
            ((ObjectNode) in).put(name, (long) value);
        } else {
            ((ObjectNode) in).put(name, value);
        }
    }

    private static void set(ArrayNode list, int place, double value) {
        if (value == Math.rint(value)) {
            list.set(place, list.numberNode((long) value));
        } else {
            list.set(place, list.numberNode(value));
        }
    }

    /** Results that carry a working and are reached otherwise: by an address of their own, or inside the answer of another rule. */
    private static final Map<String, String> REACHED_OTHERWISE =
            Map.of(
                    "DriveLine", "drive/line",
                    "IndicatorBacklash", "gear/backlash",
                    "LimitReading", "measure/limit-reading",
                    "NextMove", "procedure/next-move",
                    "OilGrade", "lubricant/oil-grade",
                    "RecommendedBacklash", "gear/recommended-backlash",
                    "RunTemperature", "upkeep/run-temperature",
                    "ScrewInHole", "fastener/screw-in-hole",
                    "ToothWear", "gear/tooth-wear",
                    "TurnCountCheck", "drive/turn-count");

    /** Every result of the core that carries its working or tells itself is the answer of a rule that is reachable from outside. */
    @Test
    void everyRuleOfTheCoreIsReachable() {
        var classes = new ClassFileImporter().importPackages("app.yunque");
        var missing =
                classes.stream()
                        .filter(c -> !c.getPackageName().startsWith("app.yunque.server"))
                        .filter(RulesWithoutFormTest::tellsItsWorking)
                        .filter(c -> !hasPublicRule(c))
                        .map(JavaClass::getSimpleName)
                        .filter(name -> !REACHED_OTHERWISE.containsKey(name))
                        .sorted()
                        .toList();
        assertThat(missing).isEmpty();
        assertThat(REACHED_OTHERWISE.values())
                .allSatisfy(
                        at ->
                                assertThat(description.path("paths").has("/api/calc/" + at))
                                        .as(at)
                                        .isTrue());
    }

    private static boolean tellsItsWorking(JavaClass type) {
        var raw = type.reflect();
        return raw.isRecord()
                && raw != Told.class
                && Arrays.stream(raw.getRecordComponents())
                        .anyMatch(c -> c.getType() == Working.class || c.getType() == Told.class);
    }

    private static boolean hasPublicRule(JavaClass type) {
        return Arrays.stream(type.reflect().getDeclaredMethods())
                .anyMatch(m -> m.isAnnotationPresent(PublicRule.class));
    }
}
