package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Each record of a job, kept by two people who both saw the same version. */
@ExtendWith(RunningApp.class)
class TwoPeopleTest {
    private final AtBench tomas = AtBench.mechanic();
    private final AtBench ines = AtBench.lead();
    private final long number = Requests.openedForStrip(tomas);
    private final String job = "/api/jobs/" + number;

    private static Map<String, Object> with(Map<String, Object> body, String field, Object value) {
        var changed = new HashMap<>(body);
        changed.put(field, value);
        return changed;
    }

    private AtBench.Answer clash(String path, Map<String, Object> hers, Map<String, Object> his) {
        return clash(path, 0, hers, his);
    }

    /** Both saw one version; Inés keeps first, then Tomás is shown hers. */
    private AtBench.Answer clash(
            String path, long seen, Map<String, Object> hers, Map<String, Object> his) {
        var first = ines.put(path, with(hers, "version", seen));
        assertThat(first.status()).as(first.detail()).isEqualTo(200);
        var second = tomas.put(path, with(his, "version", seen));
        assertThat(second.status()).as("the second to keep it").isEqualTo(409);
        assertThat(second.body().path("changedBy").asString()).isEqualTo("Inés Roldán");
        return second;
    }

    @Test
    void meetAtThePermission() {
        var conflict =
                clash(
                        job + "/permission",
                        Map.of("approvedBy", "Owner", "reference", "mail"),
                        Map.of("approvedBy", "Manager", "reference", ""));
        assertThat(conflict.body().path("current").path("approvedBy").asString())
                .isEqualTo("Owner");
    }

    @Test
    void meetAtTheFill() {
        var fill = Requests.sump(tomas, number);
        tomas.put(fill, Requests.fill("9.5"));
        var conflict = clash(fill, Requests.fill("9.0"), Requests.fill("10.0"));
        assertThat(
                        conflict.body()
                                .path("current")
                                .path("given")
                                .path("amount")
                                .path("text")
                                .asString())
                .isEqualTo("9.0");
    }

    @Test
    void meetAtTheProof() {
        tomas.put(job + "/proof", Requests.proof());
        var conflict =
                clash(
                        job + "/proof",
                        with(Requests.proof(), "runMinutes", 90),
                        with(Requests.proof(), "remark", "hum"));
        assertThat(conflict.body().path("current").path("given").path("tight").asBoolean())
                .isFalse();
    }

    @Test
    void meetAtAMeasurement() {
        var path = job + "/measurements/" + UUID.randomUUID();
        var kept = tomas.put(path, Requests.backlash("INSPECT", "0.3", "0.3", "0.3", "0.3")).body();
        clash(
                path,
                kept.path("measurements").path(0).path("given").path("version").asLong(),
                Requests.backlash("INSPECT", "0.4", "0.4", "0.4", "0.4"),
                Requests.backlash("INSPECT", "0.5", "0.5", "0.5", "0.5"));
    }

    @Test
    void meetAtADecisionAndAtACard() {
        var seal = UUID.randomUUID();
        tomas.put(job + "/steps/" + seal, Requests.step("seal", "SEAL", 1));
        Requests.accept(tomas, job);
        var conflict =
                clash(
                        job + "/decisions/" + seal,
                        Map.of("disposition", "REUSE", "reason", "no new one to be had"),
                        Map.of("disposition", "DRESS", "reason", "lip only"));
        assertThat(conflict.body().path("current").path("reason").asString())
                .isEqualTo("no new one to be had");

        tomas.put(job + "/fittings/" + seal, Requests.fitting(1, 0, 0));
        clash(
                job + "/fittings/" + seal,
                with(Requests.fitting(1, 0, 0), "done", false),
                Requests.fitting(0, 1, 1));
    }

    @Test
    void doNotDisturbEachOtherOnDifferentRecords() {
        assertThat(tomas.put(Requests.sump(tomas, number), Requests.fill("9.5")).status())
                .isEqualTo(200);
        assertThat(ines.put(job + "/proof", Requests.proof()).status()).isEqualTo(200);
        assertThat(
                        tomas.put(
                                        job + "/steps/" + UUID.randomUUID(),
                                        Requests.step("key", "KEY", 1))
                                .status())
                .isEqualTo(200);
        var view = ines.get(job).body();
        assertThat(view.path("places").path(0).path("fill").path("keptBy").asString())
                .isEqualTo("Tomás Vega");
        assertThat(view.path("proof").path("keptBy").asString()).isEqualTo("Inés Roldán");
    }

    @Test
    void cannotTouchAStepThroughAnotherJob() {
        var seal = UUID.randomUUID();
        tomas.put(job + "/steps/" + seal, Requests.step("seal", "SEAL", 1));
        long other = Requests.openedForStrip(tomas);
        var stolen =
                tomas.put(
                        "/api/jobs/" + other + "/steps/" + seal,
                        with(Requests.step("x", "KEY", 1), "version", 0));
        assertThat(stolen.status()).isEqualTo(404);
        assertThat(stolen.detail()).isEqualTo("That step belongs to another job.");
    }
}
