package app.yunque.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import app.yunque.server.bench.Requests;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Whatever is sent, the app never answers with a fault of its own: every write of the API description with each of its values
 * left out, empty, of another kind, too large, too long; every drawer with nonsense in each field.
 */
@ExtendWith(RunningApp.class)
class NoFaultOfTheAppTest {
    private static final int DEEPEST = 5;
    private static final String WORKS_OUT =
            "/api/(calc|drawers|sign-in)/?.*|/api/jobs/\\{number}/(preview/.*|quick-line|plan|plan/runs/.*)";

    private final AtBench bench = AtBench.mechanic();
    private final JsonNode description = bench.get("/api/openapi").body();

    /** Nonsense for one's own PIN is a wrong PIN, and would turn the other tests of that person away. */
    @AfterEach
    void nobodyStaysLocked() {
        var lead = AtBench.lead();
        lead.post("/api/people/" + lead.idOf("Tomás Vega") + "/unlock", Map.of());
    }

    @Test
    void everyWriteBearsNonsense() {
        long number = Requests.openedForStrip(bench);
        var unit = bench.get("/api/jobs/" + number).body().path("unit").path("id").asString();
        var faults = new SoftAssertions();
        int sent = 0;
        for (var path : description.path("paths").propertyNames()) {
            for (var method : List.of("put", "post", "delete")) {
                var operation = description.path("paths").path(path).path(method);
                if (operation.isMissingNode() || path.startsWith("/api/sign-in")) {
                    continue;
                }
                var address =
                        path.replace("{number}", String.valueOf(number))
                                .replace("{unitId}", unit)
                                .replace("{name}", "span")
                                .replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
                for (var body : bodies(operation)) {
                    var answer = bench.send(method.toUpperCase(), address, body, UUID.randomUUID());
                    sent++;
                    faults.assertThat(answer.status())
                            .as("%s %s %s", method, path, body)
                            .isLessThan(500);
                }
            }
        }
        faults.assertAll();
        assertThat(sent).isGreaterThan(500);
    }

    @Test
    void everyWriteBearsABodyInAnyForm() {
        long number = Requests.openedForStrip(bench);
        var forms =
                Map.of(
                        "multipart/form-data", "x",
                        "multipart/form-data; boundary=b", "--b\r\n\r\nx\r\n--b--",
                        "application/x-www-form-urlencoded", "_csrf=1&a=2",
                        "text/plain", "null",
                        "application/xml", "<x/>",
                        "application/octet-stream", "null",
                        "application/json; charset=utf-16", "null");
        var faults = new SoftAssertions();
        for (var path : description.path("paths").propertyNames()) {
            for (var method : List.of("put", "post", "delete")) {
                if (description.path("paths").path(path).path(method).isMissingNode()) {
                    continue;
                }
                var address =
                        path.replace("{number}", String.valueOf(number))
                                .replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
                forms.forEach(
                        (type, body) ->
                                faults.assertThat(
                                                bench.form(
                                                                method.toUpperCase(),
                                                                address,
                                                                type,
                                                                body)
                                                        .status())
                                        .as("%s %s as %s", method, path, type)
                                        .isBetween(200, 499));
            }
        }
        faults.assertAll();
    }

    @Test
    void aFormOfAnswerThatNobodyGivesIsNoFaultOfTheApp() throws Exception {
        var request =
                java.net.http.HttpRequest.newBuilder(
                                java.net.URI.create(
                                        "http://127.0.0.1:"
                                                + RunningApp.port()
                                                + "/api/sign-in/people"))
                        .header("Accept", "audio/mpeg")
                        .build();
        var answer =
                java.net.http.HttpClient.newHttpClient()
                        .send(request, java.net.http.HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(406);
    }

    /** Somebody who may only look changes nothing anywhere; what only works something out is open. */
    @Test
    void aVisitorChangesNothing() {
        var visitor = AtBench.as("Visitor", "1234");
        long number = Requests.openedForStrip(bench);
        var before = bench.get("/api/jobs/" + number + "/pulse").body();
        var open = new SoftAssertions();
        for (var path : description.path("paths").propertyNames()) {
            for (var method : List.of("put", "post", "delete")) {
                var operation = description.path("paths").path(path).path(method);
                // A visitor has a PIN and devices too; and what has begun is not begun again by
                // anybody.
                boolean isOpen =
                        path.startsWith("/api/people/me/") || path.startsWith("/api/begin/");
                if (operation.isMissingNode() || path.matches(WORKS_OUT) || isOpen) {
                    continue;
                }
                var address =
                        path.replace("{number}", String.valueOf(number))
                                .replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
                var answer =
                        visitor.send(method.toUpperCase(), address, Map.of(), UUID.randomUUID());
                open.assertThat(answer.status()).as("%s %s", method, path).isEqualTo(403);
            }
        }
        open.assertAll();
        assertThat(bench.get("/api/jobs/" + number + "/pulse").body()).isEqualTo(before);
    }

    @Test
    void everyDrawerBearsNonsenseInEachField() {
        var faults = new SoftAssertions();
        for (var drawer : bench.get("/api/drawers").body()) {
            var name = drawer.path("name").asString();
            var example = drawer.path("examples").path(0).path("entries");
            for (var field : drawer.path("fields")) {
                for (var text : List.of("", "abc", "-1", "0", "1e308", "9".repeat(300))) {
                    var entries = with(example, field, text);
                    var answer = bench.post("/api/drawers/" + name, entries);
                    faults.assertThat(answer.status())
                            .as("%s, %s “%.20s”", name, field.path("name").asString(), text)
                            .isIn(200, 422);
                    if (answer.status() == 422) {
                        faults.assertThat(answer.detail())
                                .as("%s, %s “%.20s”", name, field.path("name").asString(), text)
                                .isNotBlank()
                                .doesNotContain("Exception", "null");
                    }
                }
            }
        }
        faults.assertAll();
    }

    private static Map<String, Object> with(JsonNode example, JsonNode field, String text) {
        var name = field.path("name").asString();
        var value = Map.of("text", text, "unit", field.path("units").path(0).asString(""));
        var fields = new HashMap<String, Object>();
        example.path("fields")
                .propertyNames()
                .forEach(f -> fields.put(f, example.path("fields").get(f)));
        var readings = new HashMap<String, Object>();
        example.path("readings")
                .propertyNames()
                .forEach(f -> readings.put(f, example.path("readings").get(f)));
        if (field.path("kind").asString().equals("READINGS")) {
            readings.put(name, List.of(value));
        } else {
            fields.put(name, value);
        }
        return Map.of("fields", fields, "readings", readings);
    }

    /** A body that could be meant, and the same with each of its values spoilt. */
    private List<Object> bodies(JsonNode operation) {
        var schema =
                operation
                        .path("requestBody")
                        .path("content")
                        .path("application/json")
                        .path("schema");
        var bodies = new ArrayList<Object>();
        bodies.add("");
        if (schema.isMissingNode()) {
            return bodies;
        }
        bodies.addAll(List.of("{", "[]", "null", "\"x\"", Map.of()));
        if (meant(schema, 0) instanceof Map<?, ?> whole) {
            bodies.add(whole);
            for (var key : whole.keySet()) {
                for (var spoilt : spoilt()) {
                    var body = new LinkedHashMap<Object, Object>(whole);
                    body.put(key, spoilt);
                    bodies.add(body);
                }
                var without = new LinkedHashMap<Object, Object>(whole);
                without.remove(key);
                bodies.add(without);
            }
        }
        return bodies;
    }

    private static List<Object> spoilt() {
        var nothing = new HashMap<String, Object>();
        nothing.put("text", null);
        nothing.put("unit", null);
        var values = new ArrayList<Object>();
        values.add(null);
        values.addAll(
                List.of(
                        "",
                        "a\u0000b\u000bc\ufffe",
                        "x".repeat(5000),
                        -1,
                        1e308,
                        10_000_000_000L,
                        List.of(),
                        nothing));
        values.add(Map.of("text", "1e308", "unit", "mm"));
        var holes = new ArrayList<Object>();
        holes.add(null);
        values.add(holes);
        return values;
    }

    /** What a schema describes, with small harmless values. */
    private Object meant(JsonNode given, int depth) {
        var schema = given;
        while (schema.has("$ref")) {
            var name = schema.path("$ref").asString().replaceAll(".*/", "");
            schema = description.path("components").path("schemas").path(name);
        }
        for (var choice : List.of("oneOf", "anyOf", "allOf")) {
            if (schema.has(choice)) {
                return meant(schema.path(choice).path(0), depth);
            }
        }
        if (schema.has("enum")) {
            return schema.path("enum").path(0).asString();
        }
        var type =
                schema.path("type").isArray()
                        ? schema.path("type").path(0).asString()
                        : schema.path("type").asString("");
        return switch (type) {
            case "object" -> object(schema, depth);
            case "array" ->
                    depth > DEEPEST ? List.of() : List.of(meant(schema.path("items"), depth + 1));
            case "integer" -> 1;
            case "number" -> 1.5;
            case "boolean" -> true;
            default -> text(schema.path("format").asString(""));
        };
    }

    private Object object(JsonNode schema, int depth) {
        var object = new LinkedHashMap<String, Object>();
        if (depth <= DEEPEST) {
            schema.path("properties")
                    .propertyNames()
                    .forEach(
                            p ->
                                    object.put(
                                            p,
                                            meant(schema.path("properties").path(p), depth + 1)));
        }
        return object;
    }

    /** The unit's tag starts like those of other tests, so that it is nobody's demo. */
    private static String text(String format) {
        return switch (format) {
            case "uuid" -> UUID.randomUUID().toString();
            case "date" -> "2026-05-01";
            case "date-time" -> "2026-05-01T10:00:00Z";
            default -> "T-1";
        };
    }
}
