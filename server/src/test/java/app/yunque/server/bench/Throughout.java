package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Answers whatever a job asks, each thing as it should be, so that a test can be about something else. */
public final class Throughout {
    private Throughout() {}

    /** Every must of the plan that is open, before the rebuild or after it. */
    public static void lookAtTheRest(AtBench bench, String job, boolean afterWork) {
        var checks = bench.get("/api/checks").body();
        for (var line : bench.get(job).body().path("plan").path("checks")) {
            if (isOpenMust(line) && line.path("afterWork").asBoolean() == afterWork) {
                answer(bench, job, line, check(checks, line), afterWork);
            }
        }
    }

    private static boolean isOpenMust(JsonNode line) {
        return line.path("level").asString().equals("MUST")
                && !line.path("conditional").asBoolean()
                && line.path("state").asString().equals("OPEN");
    }

    private static JsonNode check(JsonNode checks, JsonNode line) {
        return checks.valueStream()
                .filter(c -> c.path("id").asString().equals(line.path("check").asString()))
                .findFirst()
                .orElseThrow();
    }

    private static void answer(
            AtBench bench, String job, JsonNode line, JsonNode check, boolean afterWork) {
        var body = new HashMap<String, Object>();
        body.put("check", line.path("check").asString());
        body.put("remark", "");
        var about = new HashMap<String, Object>();
        if (line.path("stepId").isMissingNode()) {
            about.put("stage", line.path("stage").asInt());
        } else {
            about.put("stepId", line.path("stepId").asString());
        }
        var word = check.path("words").path(0).path("text").asString("");
        if (word.isEmpty()) {
            body.put("station", afterWork ? "SET" : "INSPECT");
            body.put("drawer", "against-limits");
            body.put("subject", "");
            body.put("about", about);
            body.put("entries", inLimits());
            done(bench.put(job + "/answers/" + UUID.randomUUID(), body));
        } else {
            body.putAll(about);
            body.put("word", word);
            body.put("look", afterWork ? "AFTER_WORK" : "WASHED");
            done(bench.put(job + "/findings/" + UUID.randomUUID(), body));
        }
    }

    private static Map<String, Object> inLimits() {
        var fields =
                Map.of(
                        "measure", Requests.plain("NUMBER"),
                        "uncertaintyNumber", Requests.plain("0.01"),
                        "direction", Requests.plain("GROWS"),
                        "mostNewNumber", Requests.plain("1"),
                        "renewNumber", Requests.plain("2"),
                        "part", Requests.plain("STRICT"));
        return Map.of(
                "fields",
                fields,
                "readings",
                Map.of("readingsNumber", List.of(Requests.plain("0.5"))));
    }

    /** Every step of setting and proving that is open. */
    public static void setAndProve(AtBench bench, String job) {
        var procedure = bench.get(job).body().path("procedure");
        for (var list : List.of("setting", "acceptance")) {
            for (var step : procedure.path(list)) {
                if (step.path("state").asString().equals("OPEN")
                        && !step.path("by").asString().equals("RUN")) {
                    done(bench.put(job + "/steps-of-procedure/" + UUID.randomUUID(), done(step)));
                }
            }
        }
    }

    private static Map<String, Object> done(JsonNode step) {
        var said = new HashMap<String, Object>();
        said.put("step", step.path("id").asString());
        said.put("result", "DONE");
        said.put("remark", "");
        if (step.path("by").asString().equals("VALUE")) {
            var unit = step.path("unit").asString();
            said.put(
                    "value",
                    Requests.in(
                            List.of("mm", "N·m").contains(unit) ? unit : "",
                            step.path("least").asString("0")));
        }
        return said;
    }

    private static void done(AtBench.Answer answer) {
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    }
}
