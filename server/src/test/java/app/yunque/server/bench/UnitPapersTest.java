package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A unit registered unopened, and papers that are corrected while a job is open. */
@ExtendWith(RunningApp.class)
class UnitPapersTest {
    private final AtBench mechanic = AtBench.mechanic();

    private static Map<String, Object> unopened() {
        var unit = new HashMap<>(Requests.unit(Requests.stage()));
        unit.put("stages", List.of());
        unit.remove("inputSpeedRpm");
        return unit;
    }

    private AtBench.Answer correct(Map<String, Object> unit, long version) {
        return mechanic.put("/api/units/" + unit.get("id") + "/papers?version=" + version, unit);
    }

    private long seen(Map<String, Object> unit) {
        return mechanic.get("/api/units/" + unit.get("id")).body().path("version").asLong();
    }

    private long openJob(Map<String, Object> unit) {
        return mechanic.post(
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "unitId",
                                unit.get("id"),
                                "complaint",
                                "Growls"))
                .body()
                .path("job")
                .path("number")
                .asLong();
    }

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

    private static Map<String, Object> worm() {
        return Requests.stage(
                "WORM",
                Map.of(
                        "starts", Requests.plain(1),
                        "wheelTeeth", Requests.plain(40),
                        "axialModuleMm", Requests.in("module", "4"),
                        "wormDiameterMm", Requests.mm("40"),
                        "normalPressureAngleDeg", Requests.in("°", "20"),
                        "hand", Requests.plain("RIGHT")));
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

    private JsonNode example(String drawer) {
        for (var d : mechanic.get("/api/drawers").body()) {
            if (d.path("name").asString().equals(drawer)) {
                return d.path("examples").get(0).path("entries");
            }
        }
        throw new IllegalStateException(drawer);
    }

    private void keep(String job, JsonNode entries, @Nullable Map<String, Integer> about) {
        var answer = new HashMap<String, Object>();
        answer.put("station", "INSPECT");
        answer.put("drawer", "worm-backlash");
        answer.put("subject", "a worm");
        answer.put("remark", "");
        answer.put("entries", entries);
        if (about != null) {
            answer.put("about", about);
        }
        var kept = mechanic.put(job + "/answers/" + UUID.randomUUID(), answer);
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
    }
}
