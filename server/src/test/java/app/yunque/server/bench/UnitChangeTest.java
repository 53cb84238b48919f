package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A job that changes the unit: new teeth, another lubricant, with what it was; the unit is proved again. */
@ExtendWith(RunningApp.class)
class UnitChangeTest extends PapersAtBench {

    private static Map<String, Object> change(String what, String was, String becomes) {
        return new HashMap<>(
                Map.of(
                        "what",
                        what,
                        "was",
                        was,
                        "becomes",
                        becomes,
                        "because",
                        "kit of the maker"));
    }

    private JsonNode ratioStep(String job) {
        for (var line : mechanic.get(job).body().path("procedure").path("acceptance")) {
            if (line.path("id").asString().equals("P-04")) {
                return line;
            }
        }
        throw new IllegalStateException("no P-04");
    }

    private void turnsAsThePapersSay(String job) {
        var said =
                mechanic.put(
                        job + "/steps-of-procedure/" + UUID.randomUUID(),
                        Map.of("step", "P-04", "result", "DONE", "remark", ""));
        assertThat(said.status()).as(said.detail()).isEqualTo(200);
    }

    @Test
    void newTeethStandWithTheJobThatCutThemAndTheRatioIsProvedAgain() {
        var unit = Requests.unit(Requests.stage());
        mechanic.post("/api/units", unit);
        var number = openJob(unit);
        var job = "/api/jobs/" + number;
        turnsAsThePapersSay(job);
        assertThat(ratioStep(job).path("stale").asBoolean()).isFalse();

        unit.put(
                "stages",
                List.of(Requests.with(Requests.stage(), "wheel.teeth", Requests.plain(41))));
        var corrected =
                mechanic.put(
                        "/api/units/"
                                + unit.get("id")
                                + "/papers?version="
                                + seen(unit)
                                + "&job="
                                + number
                                + "&because=wheel%20cut%20anew",
                        unit);
        assertThat(corrected.status()).as(corrected.detail()).isEqualTo(200);
        var changes = mechanic.get(job).body().path("unitChanges");
        assertThat(changes).hasSize(2);
        // 40/20 = 2, 41/20 = 2.05.
        assertThat(changes.toString())
                .contains("\"was\":\"2\"")
                .contains("ratio from input to output: 2.05\"")
                .contains("wheel cut anew");
        assertThat(ratioStep(job).path("stale").asBoolean()).isTrue();
        turnsAsThePapersSay(job);
        assertThat(ratioStep(job).path("stale").asBoolean()).isFalse();
        assertThat(new String(mechanic.get(job + "/report").bytes()))
                .contains("Changed on the unit")
                .contains("ratio: ratio from input to output: 2.05, was 2 (wheel cut anew)");
        assertThat(mechanic.get("/api/units/" + unit.get("id") + "/changes").body())
                .hasSize(2)
                .allSatisfy(c -> assertThat(c.path("job").asLong()).isEqualTo(number));
    }

    @Test
    void papersThatWereWrongChangeNothingOnTheUnit() {
        var unit = Requests.unit(Requests.stage());
        mechanic.post("/api/units", unit);
        var job = "/api/jobs/" + openJob(unit);
        turnsAsThePapersSay(job);
        unit.put(
                "stages",
                List.of(Requests.with(Requests.stage(), "wheel.teeth", Requests.plain(41))));
        assertThat(correct(unit, seen(unit)).status()).isEqualTo(200);
        assertThat(mechanic.get(job).body().path("unitChanges")).isEmpty();
        assertThat(ratioStep(job).path("stale").asBoolean()).isFalse();
    }

    @Test
    void anotherLubricantIsKeptAndProvesNothingAgain() {
        var unit = Requests.unit(Requests.stage());
        mechanic.post("/api/units", unit);
        var job = "/api/jobs/" + openJob(unit);
        turnsAsThePapersSay(job);
        var id = UUID.randomUUID();
        var kept =
                mechanic.put(
                        job + "/unit-changes/" + id, change("LUBRICANT", "CKC 220", "CKE 460"));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(ratioStep(job).path("stale").asBoolean()).isFalse();
        var version =
                mechanic.get(job).body().path("unitChanges").get(0).path("given").path("version");
        assertThat(
                        mechanic.delete(
                                        job
                                                + "/unit-changes/"
                                                + id
                                                + "?version="
                                                + version.asLong())
                                .status())
                .isEqualTo(200);
        assertThat(mechanic.get(job).body().path("unitChanges")).isEmpty();
    }

    @Test
    void refusesWhatChangesNothing() {
        var unit = Requests.unit(Requests.stage());
        mechanic.post("/api/units", unit);
        var job = "/api/jobs/" + openJob(unit);
        var path = job + "/unit-changes/" + UUID.randomUUID();
        assertThat(mechanic.put(path, change("KIT", "nut", "Nut")).at("becomes"))
                .contains("that is no change");
        assertThat(mechanic.put(path, change("KIT", " ", "nut")).at("was")).contains("missing");
        var other = Requests.unit(Requests.stage());
        mechanic.post("/api/units", other);
        var elsewhere =
                mechanic.put(
                        "/api/units/"
                                + other.get("id")
                                + "/papers?version="
                                + seen(other)
                                + "&because=x&job="
                                + job.replace("/api/jobs/", ""),
                        other);
        assertThat(elsewhere.status()).isEqualTo(422);
        assertThat(elsewhere.detail()).contains("is not open on this unit");
    }

    @Test
    void theLayOutListIsTickedByEverybodyAtOnce() {
        var unit = Requests.unit(Requests.stage());
        mechanic.post("/api/units", unit);
        var job = "/api/jobs/" + openJob(unit);
        var line = mechanic.get(job).body().path("layOut").get(0);
        assertThat(line.path("out").asBoolean()).isFalse();
        var tick = new HashMap<String, Object>();
        tick.put("what", line.path("what").asString());
        tick.put("out", true);
        assertThat(mechanic.put(job + "/laid-out", tick).status()).isEqualTo(200);
        var ticked = AtBench.lead().get(job).body().path("layOut").get(0);
        assertThat(ticked.path("out").asBoolean()).isTrue();
        tick.put("out", false);
        assertThat(mechanic.put(job + "/laid-out", tick).status())
                .as("by an old screen")
                .isEqualTo(409);
        tick.put("version", ticked.path("version").asLong());
        assertThat(
                        mechanic.put(job + "/laid-out", tick)
                                .body()
                                .path("layOut")
                                .get(0)
                                .path("out")
                                .asBoolean())
                .isFalse();
    }
}
