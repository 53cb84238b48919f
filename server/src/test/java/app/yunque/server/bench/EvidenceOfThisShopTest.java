package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** A lead corrects what causes are weighed by; open jobs follow, and nothing of it is forgotten. */
@ExtendWith(RunningApp.class)
class EvidenceOfThisShopTest {
    private final AtBench mechanic = AtBench.mechanic();
    private final AtBench lead = AtBench.lead();
    private final JdbcClient sql = RunningApp.bean(JdbcClient.class);
    private String job = "";

    @BeforeEach
    void aJob() {
        job = "/api/jobs/" + Requests.openedForStrip(mechanic);
    }

    @AfterEach
    void theTableAsItShips() {
        corrections()
                .valueStream()
                .filter(c -> c.path("stands").asBoolean())
                .map(c -> c.path("given"))
                .forEach(
                        c ->
                                lead.delete(
                                        "/api/evidence-corrections?cause=%s&of=%s&version=%d"
                                                .formatted(
                                                        c.path("cause").asString(),
                                                        c.path("of").asString(),
                                                        c.path("version").asLong())));
    }

    private JsonNode corrections() {
        return lead.get("/api/evidence-corrections").body();
    }

    private double chance(String cause) {
        return mechanic.get(job + "/diagnosis")
                .body()
                .path("diagnosis")
                .path("causes")
                .valueStream()
                .filter(c -> c.path("id").asString().equals(cause))
                .findFirst()
                .orElseThrow()
                .path("probability")
                .asDouble();
    }

    private static Map<String, Object> says(Long version, double value, String because) {
        var said = new HashMap<String, Object>();
        if (version != null) {
            said.put("version", version);
        }
        said.putAll(Map.of("cause", "C14", "of", "", "value", value, "because", because));
        return said;
    }

    @Test
    void aWeightIsCorrectedTakenBackAndRemembered() {
        double before = chance("C14");
        assertThat(mechanic.put("/api/evidence-corrections", says(null, 40, "seen often")).detail())
                .contains("Only a lead");
        assertThat(lead.put("/api/evidence-corrections", says(null, 400, "seen often")).at("value"))
                .contains("0.1 to 100");
        assertThat(lead.put("/api/evidence-corrections", says(null, 40, " ")).at("because"))
                .isNotEmpty();

        var known = seen("C14");
        var kept = lead.put("/api/evidence-corrections", says(known, 40, "salt in every box"));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(chance("C14")).isGreaterThan(before);
        var view = view("C14");
        assertThat(view.path("stands").asBoolean()).isTrue();
        assertThat(view.path("shipped").asDouble()).isNotEqualTo(40);
        assertThat(view.path("by").asString()).isNotEmpty();
        assertThat(lead.put("/api/evidence-corrections", says(null, 30, "again")).status())
                .as("without the version that was seen")
                .isEqualTo(409);

        long version = view.path("given").path("version").asLong();
        var back = lead.delete("/api/evidence-corrections?cause=C14&version=" + version);
        assertThat(back.status()).as(back.detail()).isEqualTo(200);
        assertThat(chance("C14")).isEqualTo(before);
        assertThat(
                        sql.sql(
                                        "select count(*) from evidence_correction_aud where cause = 'C14' and because = 'salt in every box'")
                                .query(Long.class)
                                .single())
                .as("said and taken back, both in the history")
                .isGreaterThanOrEqualTo(2);
    }

    private JsonNode view(String cause) {
        return corrections()
                .valueStream()
                .filter(c -> c.path("given").path("cause").asString().equals(cause))
                .findFirst()
                .orElse(tools.jackson.databind.node.MissingNode.getInstance());
    }

    private Long seen(String cause) {
        var view = view(cause);
        return view.isMissingNode() ? null : view.path("given").path("version").asLong();
    }
}
