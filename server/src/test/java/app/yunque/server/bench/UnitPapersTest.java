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

/** A unit registered unopened, and papers that are corrected while a job is open. */
@ExtendWith(RunningApp.class)
class UnitPapersTest extends PapersAtBench {

    @Test
    void aUnitIsRegisteredBeforeAnybodyKnowsItsGears() {
        var unit = unopened();
        var kept = mechanic.post("/api/units", unit);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(kept.body().path("inputSpeedRpm").isMissingNode()).isTrue();
        assertThat(kept.body().path("outputSpeedRpm").isMissingNode()).isTrue();
        assertThat(kept.body().path("drive")).isEmpty();
        var path = "/api/jobs/" + openJob(unit);
        var job = mechanic.get(path).body();
        assertThat(job.path("meshes")).isEmpty();
        assertThat(job.path("route").path("stops").size()).isEqualTo(8);
        // Everything that reads the papers does without them.
        assertThat(new String(mechanic.get(path + "/report").bytes()))
                .contains("The papers do not describe what is inside.");
        for (var also : List.of("/report.pdf", "/labels.pdf", "/plan", "/teardown", "/open")) {
            assertThat(mechanic.get(path + also).status()).as(also).isLessThan(500);
        }
        mechanic.put(path + "/permission", Requests.permission());
        var place =
                mechanic.put(
                        "/api/units/" + unit.get("id") + "/places/" + UUID.randomUUID(),
                        Requests.sump("95"));
        assertThat(place.status()).as("never a silent zero").isEqualTo(422);
        assertThat(place.detail()).contains("Pitch line of the slowest stage, m/s is missing");
        assertThat(mechanic.get("/api/units/" + unit.get("id") + "/places").status())
                .isEqualTo(200);
        assertThat(mechanic.get("/api/jobs/open").status()).isEqualTo(200);
        var signed = AtBench.lead().post(path + "/sign", Requests.allTheSame("not opened"));
        assertThat(signed.status()).as(signed.detail()).isEqualTo(200);
    }

    @Test
    void aPairWhoseSpeedNobodyKnowsIsShownAndSigned() {
        var unit = Requests.unit(Requests.stage());
        unit.remove("inputSpeedRpm");
        assertThat(mechanic.post("/api/units", unit).status()).isEqualTo(200);
        var path = "/api/jobs/" + openJob(unit);
        assertThat(new String(mechanic.get(path + "/report").bytes()))
                .contains("Overall ratio 2.000; speed not known.")
                .doesNotContain("0.00 m/s");
        assertThat(mechanic.get(path + "/papers-entries?stage=1&member=WHEEL").status())
                .isEqualTo(200);
        assertThat(mechanic.get("/api/units/" + unit.get("id") + "/places").status())
                .isEqualTo(200);
        var signed = AtBench.lead().post(path + "/sign", Requests.allTheSame("not opened"));
        assertThat(signed.status()).as(signed.detail()).isEqualTo(200);
    }

    @Test
    void openJobsFollowTheCorrectedPapers() {
        var unit = unopened();
        mechanic.post("/api/units", unit);
        var number = openJob(unit);
        long touched = mechanic.get("/api/jobs/" + number).body().path("touched").asLong();
        unit.put("stages", List.of(Requests.stage()));
        unit.put("inputSpeedRpm", 960);
        unit.put("name", "Test reducer, opened");
        var corrected = correct(unit, seen(unit));
        assertThat(corrected.status()).as(corrected.detail()).isEqualTo(200);
        assertThat(corrected.body().path("ratio").asDouble()).isEqualTo(2);
        assertThat(corrected.body().path("outputSpeedRpm").asDouble()).isEqualTo(480);
        var job = mechanic.get("/api/jobs/" + number).body();
        assertThat(job.path("meshes").get(0).path("words").asString())
                .isEqualTo("stage 1, z 20/40");
        assertThat(job.path("unit").path("name").asString()).isEqualTo("Test reducer, opened");
        assertThat(job.path("touched").asLong()).isGreaterThan(touched);
        // Two people on one sheet: the second sees what the first kept.
        var stale = correct(unit, 0);
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.body().toString()).contains("Test reducer, opened");
    }

    @Test
    void aStageThatAnOpenJobMeasuredStays() {
        var unit = Requests.unit(Requests.stage());
        mechanic.post("/api/units", unit);
        var job = "/api/jobs/" + openJob(unit);
        mechanic.put(job + "/permission", Requests.permission());
        mechanic.put(job + "/isolation", Requests.isolation());
        mechanic.put(
                job + "/measurements/" + UUID.randomUUID(),
                Requests.backlash("INSPECT", "0.25", "0.26", "0.25", "0.24"));
        unit.put("stages", List.of());
        var refused = correct(unit, seen(unit));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("stages"))
                .contains(
                        "Stage 1 cannot be taken away", "measured it", "correct the stage instead");
        // Corrected, it is judged anew: another module, another limit.
        var before = least(job);
        var stage = Requests.stage();
        Requests.with(stage, "normalModuleMm", Requests.in("module", "2.9"));
        Requests.with(stage, "centreDistanceMm", Requests.mm("87.3"));
        unit.put("stages", List.of(stage));
        assertThat(correct(unit, seen(unit)).status()).isEqualTo(200);
        assertThat(least(job)).isNotEqualTo(before);
    }

    private double least(String job) {
        return mechanic.get(job)
                .body()
                .path("meshes")
                .get(0)
                .path("before")
                .path("result")
                .path("backlash")
                .path("recommended")
                .path("leastCircumferentialMm")
                .asDouble();
    }

    /** A reading that the corrected papers cannot judge stays on record, with the reason in the place of its verdict. */
    @Test
    void aReadingTheNewPapersCannotJudgeIsNotLost() {
        var unit = Requests.unit(Requests.stage());
        mechanic.post("/api/units", unit);
        var job = "/api/jobs/" + openJob(unit);
        var kept =
                mechanic.put(
                        job + "/measurements/" + UUID.randomUUID(),
                        Requests.backlash("INSPECT", "0.25", "0.26", "0.25", "0.24"));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        var stage = Requests.stage();
        Requests.with(stage, "normalModuleMm", Requests.in("module", "6"));
        Requests.with(stage, "centreDistanceMm", Requests.mm("180.4"));
        unit.put("stages", List.of(stage));
        var corrected = correct(unit, seen(unit));
        assertThat(corrected.status()).as(corrected.detail()).isEqualTo(200);
        var before = mechanic.get(job).body().path("meshes").get(0).path("before");
        assertThat(before.path("result").path("verdict").asString()).isEqualTo("NOT_JUDGED");
        assertThat(before.path("result").path("sentence").asString())
                .contains("Stylus radius 61 mm");
        assertThat(before.path("given").path("readings")).hasSize(4);
        assertThat(new String(mechanic.get(job + "/report").bytes()))
                .contains("Stylus radius 61 mm");
    }

    @Test
    void aShaftThatAPartSatOnAndATurnCountHoldThePapers() {
        var unit = Requests.unit(Requests.stage());
        unit.put("stages", List.of(Requests.stage(), Requests.stage(), Requests.stage()));
        mechanic.post("/api/units", unit);
        var job = "/api/jobs/" + openJob(unit);
        mechanic.put(job + "/permission", Requests.permission());
        mechanic.put(job + "/isolation", Requests.isolation());
        var bearing = Requests.step("far bearing", "BEARING", 1);
        bearing.put("shaft", 3);
        var id = UUID.randomUUID();
        assertThat(mechanic.put(job + "/steps/" + id, bearing).status()).isEqualTo(200);
        unit.put("stages", List.of(Requests.stage()));
        assertThat(correct(unit, seen(unit)).at("stages"))
                .contains("far bearing", "shaft 3", "has 2");
        mechanic.delete(job + "/steps/" + id + "?version=0");
        var counted =
                mechanic.put(
                        job + "/turn-count",
                        Map.of(
                                "inputTurns", Requests.in("turns", "80"),
                                "outputTurns", Requests.in("turns", "10"),
                                "readingError", Requests.in("°", "3")));
        assertThat(counted.status()).as(counted.detail()).isEqualTo(200);
        unit.put("stages", List.of());
        assertThat(correct(unit, seen(unit)).at("stages"))
                .contains("cannot be read by these papers");
        assertThat(mechanic.get(job).status()).isEqualTo(200);
    }

    @Test
    void aGearThatCameOffHoldsItsStage() {
        var unit = Requests.unit(Requests.stage());
        unit.put("stages", List.of(Requests.stage(), Requests.stage()));
        mechanic.post("/api/units", unit);
        var job = "/api/jobs/" + openJob(unit);
        mechanic.put(job + "/permission", Requests.permission());
        mechanic.put(job + "/isolation", Requests.isolation());
        var wheel = Requests.step("wheel", "GEAR", 1);
        wheel.put("gear", Map.of("stage", 2, "member", "WHEEL"));
        wheel.put("shaft", 3);
        var kept = mechanic.put(job + "/steps/" + UUID.randomUUID(), wheel);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        unit.put("stages", List.of(Requests.stage()));
        assertThat(correct(unit, seen(unit)).at("stages")).contains("Stage 2 cannot be taken away");
    }

    @Test
    void theTagOfAnotherUnitIsRefusedOnesOwnIsNot() {
        var unit = Requests.unit(Requests.stage());
        var other = Requests.unit(Requests.stage());
        mechanic.post("/api/units", unit);
        mechanic.post("/api/units", other);
        assertThat(correct(unit, seen(unit)).status()).isEqualTo(200);
        unit.put("tag", other.get("tag"));
        assertThat(correct(unit, seen(unit)).at("tag")).contains("is already taken");
        unit.put("inputSpeedRpm", 0.05);
        assertThat(correct(unit, seen(unit)).at("inputSpeedRpm")).contains("0.1");
    }

    /** No figure stands in the papers before somebody read it off the unit; what is usually nothing may stay empty. */
    @Test
    void noFigureIsThereBeforeSomebodyReadIt() {
        for (var kind : mechanic.get("/api/units/stage-kinds").body()) {
            for (var field : kind.path("fields")) {
                if (!field.path("kind").asString().equals("CHOICE")) {
                    assertThat(field.path("start").asString())
                            .as(kind.path("kind") + " " + field.path("name"))
                            .isEmpty();
                }
            }
        }
        var unit = unopened();
        unit.put("stages", List.of(worm()));
        var kept = mechanic.post("/api/units", unit);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        assertThat(kept.body().path("ratio").asDouble()).isEqualTo(40);
        another(unit);
        unit.put(
                "stages",
                List.of(
                        counted(18, 54),
                        Requests.stage(
                                "WORM_COUNTED",
                                Map.of(
                                        "starts", Requests.plain(2),
                                        "wheelTeeth", Requests.plain(30)))));
        var counted = mechanic.post("/api/units", unit);
        assertThat(counted.body().path("ratio").asDouble()).isEqualTo(45);
        another(unit);
        unit.put("stages", List.of(Requests.stage("COUNTED", Map.of())));
        assertThat(mechanic.post("/api/units", unit).at("stages[0].driverTeeth"))
                .contains("Teeth of the driver is missing");
        unit.put("stages", List.of(Requests.stage("LEVER", Map.of())));
        assertThat(mechanic.post("/api/units", unit).at("stages[0].kind"))
                .contains("no kind of stage “LEVER”");
    }

    private static void another(Map<String, Object> unit) {
        unit.put("id", UUID.randomUUID());
        unit.put("tag", "C-" + UUID.randomUUID().toString().substring(0, 6));
    }

    private static Map<String, Object> counted(int driver, int driven) {
        return Requests.stage(
                "COUNTED",
                Map.of(
                        "driverTeeth", Requests.plain(driver),
                        "drivenTeeth", Requests.plain(driven),
                        "internal", Requests.plain("NO")));
    }

    /** A headstock: each position of its levers has its own path and ratio, and a turn count is held against the one it was made in. */
    @Test
    void aUnitHasAsManyRatiosAsItsLeversHavePositions() {
        var unit = unopened();
        unit.put("stages", List.of(counted(30, 60), counted(40, 50), counted(20, 80)));
        unit.put(
                "positions",
                List.of(
                        Map.of("name", "slow", "stages", List.of(1, 3)),
                        Map.of("name", "fast", "stages", List.of(2, 3))));
        unit.put("inputSpeedRpm", 800);
        var kept = mechanic.post("/api/units", unit);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
        var drive = kept.body().path("drive");
        assertThat(drive.get(0).path("ratio").asDouble()).isEqualTo(8);
        assertThat(drive.get(1).path("ratio").asDouble()).isEqualTo(5);
        assertThat(drive.get(1).path("outputSpeedRpm").asDouble()).isEqualTo(160);
        assertThat(kept.body().path("shafts").size()).isEqualTo(3);
        assertThat(kept.body().path("stages").get(2).path("driverSpeedRpm").asDouble())
                .as("the fastest of its positions, 800/1.25")
                .isEqualTo(640);
        var job = "/api/jobs/" + openJob(unit);
        var count =
                new HashMap<String, Object>(
                        Map.of(
                                "inputTurns", Requests.in("turns", "100"),
                                "outputTurns", Requests.in("turns", "20"),
                                "readingError", Requests.in("°", "3"),
                                "position", "fast"));
        var counted = mechanic.put(job + "/turn-count", count);
        assertThat(counted.status()).as(counted.detail()).isEqualTo(200);
        var check = counted.body().path("receive").path("turnCount");
        assertThat(check.path("check").path("verdict").asString()).isEqualTo("CLEAR_PASS");
        assertThat(check.path("position").asString()).isEqualTo("fast");
        count.remove("position");
        assertThat(
                        mechanic.post(job + "/preview/turn-count", count)
                                .body()
                                .path("verdict")
                                .asString())
                .as("the first position, when none is named")
                .isEqualTo("CLEAR_FAIL");
        count.put("position", "reverse");
        assertThat(mechanic.post(job + "/preview/turn-count", count).at("position"))
                .contains("no gear position “reverse”", "slow, fast");
        assertThat(new String(mechanic.get(job + "/report").bytes()))
                .contains("Position fast: ratio 5.000");
        another(unit);
        unit.put("positions", List.of(Map.of("name", "fast", "stages", List.of(4))));
        assertThat(mechanic.post("/api/units", unit).at("positions[0].stages"))
                .contains("goes through stage 4; the papers describe 3");
        unit.put("positions", List.of(Map.of("name", " ", "stages", List.of(1))));
        assertThat(mechanic.post("/api/units", unit).at("positions[0].name"))
                .contains("needs a name");
    }
}
