package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Signs and quick tests answered by hand, what it really was, and how often it was it in this shop. */
@ExtendWith(RunningApp.class)
class CauseOfAJobTest {
    private final AtBench mechanic = AtBench.mechanic();
    private final AtBench lead = AtBench.lead();
    private String job = "";

    @BeforeEach
    void aJob() {
        job = "/api/jobs/" + Requests.openedForStrip(mechanic);
    }

    private JsonNode diagnosis() {
        return mechanic.get(job + "/diagnosis").body();
    }

    private static double chance(JsonNode diagnosis, String cause) {
        return diagnosis
                .path("diagnosis")
                .path("causes")
                .valueStream()
                .filter(c -> c.path("id").asString().equals(cause))
                .findFirst()
                .orElseThrow()
                .path("probability")
                .asDouble();
    }

    private AtBench.Answer says(
            Map<String, Boolean> answers,
            boolean stated,
            boolean found,
            String cause,
            String words) {
        var said = new HashMap<String, Object>();
        var given = diagnosis().path("given");
        if (given.has("version")) {
            said.put("version", given.path("version").asLong());
        }
        said.put("answers", answers);
        said.put("isStated", stated);
        said.put("isFound", found);
        said.put("cause", cause);
        said.put("words", words);
        return mechanic.put(job + "/cause", said);
    }

    @Test
    void aQuickTestAnsweredByHandMovesTheRanking() {
        double before = chance(diagnosis(), "C24");
        var kept = says(Map.of("T19", true), false, false, "", "");
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(chance(diagnosis(), "C24")).isGreaterThan(before);
        assertThat(
                        diagnosis()
                                .path("diagnosis")
                                .path("next")
                                .valueStream()
                                .map(t -> t.path("id").asString()))
                .doesNotContain("T19");
        assertThat(says(Map.of("T99", true), false, false, "", "").at("positive"))
                .contains("“T99” is in no table");
        says(Map.of(), false, false, "", "");
        assertThat(chance(diagnosis(), "C24")).as("taken back").isEqualTo(before);
    }

    @Test
    void whatItWasStandsInTheReportAndCountsOnceItIsSigned() {
        var page = new String(mechanic.get(job + "/report").bytes(), StandardCharsets.UTF_8);
        assertThat(page).contains("The cause was not stated.");
        assertThat(says(Map.of(), true, true, "", "").at("words")).contains("Say what it was");
        assertThat(says(Map.of(), true, true, "C77", "").at("cause")).contains("in no table");
        long before = diagnosis().path("here").path("C12").asLong();
        var kept = says(Map.of(), true, true, "C12", "lip hard as glass");
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        var sentence = diagnosis().path("stated").path("sentence").asString();
        assertThat(sentence).startsWith("The cause: ").endsWith("lip hard as glass.");
        assertThat(kept.body().path("cause").asString()).isEqualTo(sentence);
        page = new String(mechanic.get(job + "/report").bytes(), StandardCharsets.UTF_8);
        assertThat(page).contains("lip hard as glass.");
        assertThat(diagnosis().path("here").path("C12").asLong())
                .as("still open")
                .isEqualTo(before);
        var signed = lead.post(job + "/sign", Requests.allTheSame("waits for its owner"));
        assertThat(signed.status()).as(signed.detail()).isEqualTo(200);
        assertThat(signed.body().path("cause").asString()).isEqualTo(sentence);
        assertThat(diagnosis().path("here").path("C12").asLong()).isEqualTo(before + 1);
        assertThat(says(Map.of(), true, false, "", "").status()).as("closed").isEqualTo(422);
    }

    @Test
    void notFoundTellsWhatWasRuledOut() {
        says(
                Map.of("T02", false, "T03", false, "T19", false),
                true,
                false,
                "",
                "looked for two days");
        assertThat(diagnosis().path("stated").path("sentence").asString())
                .startsWith("The cause was not found. Ruled out: ")
                .endsWith("looked for two days.");
    }

    @Test
    void twoWhoSayItAtOnce() {
        says(Map.of("T19", true), false, false, "", "");
        var old = new HashMap<String, Object>();
        old.put("version", 41);
        old.put("answers", Map.of());
        old.put("isStated", false);
        old.put("isFound", false);
        old.put("cause", "");
        old.put("words", "");
        assertThat(mechanic.put(job + "/cause", old).status()).isEqualTo(409);
    }

    /** A practitioner may take a line out of the tables: what was said by it is told, and no job is hidden by it. */
    @Test
    void whatAnEarlierTableKnewHidesNoJob() {
        says(Map.of("T19", true), true, true, "C12", "lip hard as glass");
        RunningApp.bean(JdbcClient.class)
                .sql(
                        "update job_cause set answers = '{\"T99\":true,\"T19\":true}', cause = 'C99' where job_id = (select id from job where number = ?)")
                .param(Long.parseLong(job.replaceAll(".*/", "")))
                .update();
        var view = mechanic.get(job);
        assertThat(view.status()).as(view.detail()).isEqualTo(200);
        assertThat(view.body().path("cause").asString())
                .isEqualTo("The cause: C99 of an earlier table. lip hard as glass.");
        assertThat(diagnosis().path("diagnosis").path("causes").size()).isPositive();
    }
}
