package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What was found on a stage, and the papers that number it. */
@ExtendWith(RunningApp.class)
class StagesOfAUnitTest extends PapersAtBench {

    /** A stage that was forgotten is put in front; what was found on the others, and the parts on their shafts, go along. */
    @Test
    void whatWasFoundGoesWithItsStage() {
        var unit = Requests.unit(Requests.stage());
        mechanic.post("/api/units", unit);
        var job = "/api/jobs/" + openJob(unit);
        mechanic.put(job + "/permission", Requests.permission());
        mechanic.put(job + "/isolation", Requests.isolation());
        mechanic.put(
                job + "/measurements/" + UUID.randomUUID(),
                Requests.backlash("INSPECT", "0.25", "0.26", "0.25", "0.24"));
        var wheel = Requests.step("wheel", "GEAR", 1);
        wheel.put("gear", Map.of("stage", 1, "member", "WHEEL"));
        wheel.put("shaft", 2);
        mechanic.put(job + "/steps/" + UUID.randomUUID(), wheel);
        var bearing = Requests.step("far bearing", "BEARING", 1);
        bearing.put("shaft", 2);
        mechanic.put(job + "/steps/" + UUID.randomUUID(), bearing);
        var before = mechanic.get(job).body();

        var stage = Requests.stage();
        stage.put("was", 1);
        var chain =
                Requests.stage(
                        "CHAIN",
                        Map.of(
                                "driverTeeth", Requests.plain(15),
                                "drivenTeeth", Requests.plain(30)));
        unit.put("stages", List.of(chain, stage));
        var corrected = correct(unit, seen(unit));
        assertThat(corrected.status()).as(corrected.detail()).isEqualTo(200);

        var after = mechanic.get(job).body();
        var mesh = after.path("meshes").get(0);
        assertThat(mesh.path("words").asString()).isEqualTo("stage 2, z 20/40");
        assertThat(mesh.path("before").path("result"))
                .isEqualTo(before.path("meshes").get(0).path("before").path("result"));
        assertThat(mesh.path("before").path("given").path("stage").asInt()).isEqualTo(2);
        assertThat(mesh.path("before").path("keptBy").asString())
                .isEqualTo(before.path("meshes").get(0).path("before").path("keptBy").asString());
        assertThat(after.path("steps").get(0).path("given").path("gear").path("stage").asInt())
                .isEqualTo(2);
        assertThat(after.path("steps").get(1).path("given").path("shaft").asInt()).isEqualTo(3);

        var twice = Requests.stage();
        twice.put("was", 2);
        stage.put("was", 2);
        unit.put("stages", List.of(twice, stage));
        assertThat(correct(unit, seen(unit)).at("stages[1].was")).contains("each became one");
        unit.put("stages", List.of(chain));
        chain.put("was", 1);
        assertThat(correct(unit, seen(unit)).at("stages")).contains("Stage 2 cannot be taken away");
    }

    /** Two bevel stages of one box are two meshes: an answer is tied to the stage it was measured on. */
    @Test
    void eachWormStageIsMeasuredByItself() {
        var unit = unopened();
        unit.put("stages", List.of(worm(), worm()));
        mechanic.post("/api/units", unit);
        var job = "/api/jobs/" + openJob(unit);
        mechanic.put(job + "/permission", Requests.permission());
        mechanic.put(job + "/isolation", Requests.isolation());
        assertThat(
                        mechanic.get(job + "/papers-entries?stage=2&member=WHEEL")
                                .body()
                                .path("axialModuleMm")
                                .path("text")
                                .asString())
                .isEqualTo("4");
        var example = example("worm-backlash");
        keep(job, example, Map.of("stage", 2));
        var meshes = mechanic.get(job).body().path("otherMeshes");
        assertThat(meshes.size()).isEqualTo(2);
        assertThat(meshes.get(1).path("stage").asInt()).isEqualTo(2);
        assertThat(meshes.get(0).path("before").asBoolean()).isFalse();
        assertThat(meshes.get(1).path("before").asBoolean()).isTrue();
        // One from before, tied to no stage, counts for the stage that is still open.
        keep(job, example, null);
        assertThat(mechanic.get(job).body().path("otherMeshes").get(0).path("before").asBoolean())
                .isTrue();
    }

    /** What was answered on a stage holds it, or a later stage of its number would have it. */
    @Test
    void aStageThatWasAnsweredStays() {
        var unit = unopened();
        unit.put("stages", List.of(worm(), worm()));
        mechanic.post("/api/units", unit);
        var job = "/api/jobs/" + openJob(unit);
        mechanic.put(job + "/permission", Requests.permission());
        mechanic.put(job + "/isolation", Requests.isolation());
        keep(job, example("worm-backlash"), Map.of("stage", 2));
        unit.put("stages", List.of(worm()));
        assertThat(correct(unit, seen(unit)).at("stages")).contains("Stage 2 cannot be taken away");
        var stays = worm();
        stays.put("was", 2);
        unit.put("stages", List.of(stays));
        assertThat(correct(unit, seen(unit)).status()).isEqualTo(200);
        assertThat(mechanic.get(job).body().path("otherMeshes").get(0).path("before").asBoolean())
                .as("the first worm is gone, the second bears its answer")
                .isTrue();
    }

    /** A stage that is taken away and another put in its place: what a signed job measured is not the new one's. */
    @Test
    void whatASignedJobMeasuredIsNotALaterStages() {
        var unit = Requests.unit(Requests.stage());
        mechanic.post("/api/units", unit);
        var number = openJob(unit);
        var job = "/api/jobs/" + number;
        mechanic.put(job + "/permission", Requests.permission());
        mechanic.put(job + "/isolation", Requests.isolation());
        mechanic.put(
                job + "/measurements/" + UUID.randomUUID(),
                Requests.backlash("SET", "0.25", "0.26", "0.25", "0.24"));
        AtBench.lead().post(job + "/sign", Requests.allTheSame("not opened"));
        var next = "/api/jobs/" + openJob(unit);
        assertThat(mechanic.get(next).body().path("meshes").get(0).has("last"))
                .as("the last signed job's, while the stage is the same")
                .isTrue();
        unit.put("stages", List.of());
        assertThat(correct(unit, seen(unit)).status()).isEqualTo(200);
        unit.put("stages", List.of(Requests.stage()));
        assertThat(correct(unit, seen(unit)).status()).isEqualTo(200);
        var open = mechanic.get("/api/units/" + unit.get("id")).body();
        assertThat(open.path("stages").size()).isEqualTo(1);
        var later = mechanic.get(next).body();
        assertThat(later.path("meshes").get(0).has("last")).isFalse();
        assertThat(mechanic.get(job).body().path("meshes").get(0).has("after"))
                .as("as it was signed")
                .isTrue();
    }

    /** A pinion in a ring is a pair: its backlash is measured, its ring has no outside to span. */
    @Test
    void aPinionInARingIsMeasuredLikeAnyPair() {
        var ring = Requests.stage();
        Requests.with(ring, "wheel.teeth", Requests.plain(60));
        Requests.with(ring, "wheelKind", Requests.plain("INSIDE"));
        Requests.with(ring, "centreDistanceMm", Requests.mm(""));
        var unit = Requests.unit(ring);
        var kept = mechanic.post("/api/units", unit);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(kept.body().path("turnsTheSameWay").asBoolean()).isTrue();
        var pair = kept.body().path("stages").get(0).path("pair");
        assertThat(pair.path("wheelTeethToSpan").asInt()).isZero();
        var job = "/api/jobs/" + openJob(unit);
        mechanic.put(job + "/permission", Requests.permission());
        mechanic.put(job + "/isolation", Requests.isolation());
        var lash = Requests.backlash("INSPECT", "0.25", "0.26", "0.25", "0.24");
        // 60 teeth of module 3 without backlash work at their reference radius.
        lash.put("radius", Requests.mm("90"));
        var measured = mechanic.put(job + "/measurements/" + UUID.randomUUID(), lash);
        assertThat(measured.status()).as(measured.detail()).isEqualTo(200);
        assertThat(
                        measured.body()
                                .path("meshes")
                                .get(0)
                                .path("before")
                                .path("result")
                                .path("verdict")
                                .asString())
                .isIn("CLEAR_PASS", "DOUBTFUL", "CLEAR_FAIL");
        var span = Requests.backlash("INSPECT", "32.1");
        span.put("kind", "SPAN");
        span.put("teethSpanned", 4);
        assertThat(mechanic.put(job + "/measurements/" + UUID.randomUUID(), span).status())
                .isEqualTo(422);
        for (var also :
                List.of("", "/report", "/report.pdf", "/papers-entries?stage=1&member=WHEEL")) {
            assertThat(mechanic.get(job + also).status()).as(also).isEqualTo(200);
        }
        assertThat(mechanic.get("/api/units/" + unit.get("id") + "/places").status())
                .isEqualTo(200);
    }
}
