package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningApp.class)
class BadInputTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final AtBench bench = AtBench.mechanic();

    @ParameterizedTest(name = "{0} = {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    pinion.teeth         | 0       | Number of teeth 0 is outside 4 to 2000.
                    wheel.teeth          | -3      | “-3” is not a whole number for teeth of the wheel.
                    pinion.teeth         | 20.5    | “20.5” is not a whole number
                    pinion.teeth         | twelve  | “twelve” is not a whole number for teeth of the pinion.
                    pinion.profileShift  | 9       | Profile shift
                    normalModuleMm       | 3x module | “3x” is not a number for module
                    normalModuleMm       | 1e308 module | “1e308” is not a number for module
                    normalModuleMm       | 0 DP    | A tooth size must be above 0.
                    normalModuleMm       | 3 mm    | “mm” is not a unit for module
                    faceWidthMm          | '' mm   | Face width is missing.
                    centreDistanceMm     | 80 mm   | Centre distance 80 mm is too small
                    centreDistanceMm     | 1.234,5 mm | is not a number for centre distance.
                    hand                 | BOTH    | hand
                    """)
    void tellsEachFaultOfAUnitAtItsField(String field, String typed, String sentence) {
        var words = typed.split(" ");
        var entered = Requests.in(words.length == 1 ? "" : words[1], words[0].replace("''", ""));
        var stage = Requests.with(Requests.stage(), field, entered);
        var answer = bench.post("/api/units", Requests.unit(stage));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("stages[0]." + field)).contains(sentence);
    }

    @Test
    void tellsAllFaultsTogether() {
        var stage = Requests.stage();
        Requests.with(stage, "pinion.teeth", Requests.plain(0));
        Requests.with(stage, "faceWidthMm", Requests.mm("wide"));
        var unit = Requests.unit(stage);
        unit.put("name", "x".repeat(300));
        unit.put("inputSpeedRpm", -1);
        var answer = bench.post("/api/units", unit);

        assertThat(answer.at("name"))
                .isEqualTo("Name has 300 characters; at most 120 fit. Shorten it.");
        assertThat(answer.at("stages[0].faceWidthMm")).contains("“wide” is not a number");
        assertThat(answer.at("inputSpeedRpm"))
                .contains("Input speed −1 min⁻¹ is outside 0.1 to 60000 min⁻¹.");
    }

    @Test
    void refusesATagThatIsTaken() {
        var unit = Requests.unit(Requests.stage());
        unit.put("tag", "brp-03");
        assertThat(bench.post("/api/units", unit).at("tag"))
                .startsWith("Tag BRP-03 is already taken");
    }

    @Test
    void warnsOfAReadingOfTheOtherUnit() {
        long number = Requests.openedForStrip(bench);
        var preview =
                bench.post(
                        "/api/jobs/" + number + "/preview/measurement",
                        Requests.backlash("INSPECT", "8", "8.2", "8.1", "8.3"));
        assertThat(preview.body().path("result").isMissingNode()).isTrue();
        assertThat(preview.body().path("backlash").path("warnings").path(0).asString())
                .contains("about 25.4 times off");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "/api/jobs/99999, There is no job 99999. Look on the Floor.",
        "/api/jobs/abc, “abc” is not a valid number. Look on the Floor.",
        "/api/units/11111111-1111-1111-1111-111111111111, There is no such unit. Look under Units.",
        "/api/nothing/here, There is nothing at this address."
    })
    void saysWhereToLookForWhatIsNotThere(String path, String sentence) {
        var answer = bench.get(path);
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.detail()).isEqualTo(sentence);
    }

    @Test
    void refusesAnEmptyStepHalfAPieceAndAThreadThatIsNone() {
        long number = Requests.openedForStrip(bench);
        var path = "/api/jobs/" + number + "/steps/" + UUID.randomUUID();
        var empty = Requests.step(" ", "OTHER", 0);
        var answer = bench.put(path, empty);
        assertThat(answer.at("part")).isEqualTo("Say what came off.");
        assertThat(answer.at("count")).contains("Number of pieces 0 is outside 1 to 9999.");

        var screws = Requests.step("cover", "COVER", 1);
        screws.put(
                "fastening",
                Map.of("count", 6, "thread", "M", "leftHand", false, "torqueSource", ""));
        assertThat(bench.put(path, screws).at("fastening.thread")).contains("Write it like M8");
        screws.put("shaft", 9);
        assertThat(bench.put(path, screws).at("shaft")).contains("There is no shaft 9");
    }

    @Test
    void namesTheLevelAndItsRangeAtFill() {
        long number = Requests.openedForStrip(bench);
        var unit = bench.get("/api/jobs/" + number).body().path("unit").path("id").asString();
        var answer =
                bench.put(
                        "/api/units/" + unit + "/places/" + UUID.randomUUID(),
                        Requests.sump("250"));
        assertThat(answer.at("levelMm")).contains("Oil level 250 mm is outside 0 to 200 mm");
    }

    @Test
    void refusesAnIsolationThatWasNotTried() {
        long number = Requests.openJob(bench);
        var answer =
                bench.put(
                        "/api/jobs/" + number + "/isolation",
                        Map.of("sources", List.of(), "how", "", "triedToStart", false));
        assertThat(answer.at("sources")).isNotEmpty();
        assertThat(answer.at("how")).isNotEmpty();
        assertThat(answer.at("triedToStart")).contains("only a failed start proves the isolation");
        var half = new java.util.HashMap<String, Object>(Requests.isolation());
        half.put("done", List.of("ELECTRIC_LOCKED"));
        assertThat(bench.put("/api/jobs/" + number + "/isolation", half).at("done"))
                .contains("Not confirmed yet: “Proved dead");
    }

    @Test
    void answersBrokenJsonUnknownFieldsAndMissingIdentities() {
        assertThat(bench.post("/api/units", "{\"tag\":").status()).isEqualTo(400);
        var unknown =
                Map.of(
                        "pitchLineVelocityMPerS", 3,
                        "coldestAmbientDegC", 0,
                        "hottestAmbientDegC", 30,
                        "speed", 3);
        assertThat(bench.post("/api/calc/lubricant/oil-grade", unknown).detail())
                .contains("there is no such field");
        assertThat(bench.post("/api/calc/lubricant/oil-grade", Map.of()).status()).isEqualTo(422);
        assertThat(bench.post("/api/units", "null").status()).isBetween(400, 499);
    }

    /** Whoever reads inches is answered in inches, in a measurement and in a drawer alike. */
    @Test
    void inchesAreAnsweredInInches() {
        var bench = AtBench.mechanic();
        var job = "/api/jobs/" + Requests.openedForStrip(bench);
        var read = Requests.backlash("INSPECT", "0.20", "0.21");
        read.put("radius", Map.of("text", "0.00002", "unit", "in"));
        var told = bench.put(job + "/measurements/" + UUID.randomUUID(), read);
        assertThat(told.status()).isEqualTo(422);
        assertThat(told.at("radius")).contains("0.00002 in is outside", " in.");
        assertThat(told.at("radius")).doesNotContain("mm");
        var drawer =
                bench.post(
                        "/api/drawers/fit-seal-land",
                        Map.of(
                                "fields",
                                Map.of(
                                        "shaftMm", Map.of("text", "900", "unit", "in"),
                                        "grooveMm", Map.of("text", "0.005", "unit", "in"),
                                        "uncertaintyMm", Map.of("text", "0.0004", "unit", "in"),
                                        "speedRpm", Map.of("text", "2800", "unit", "min⁻¹"),
                                        "strict", Map.of("text", "NO", "unit", "")),
                                "readings",
                                Map.of()));
        assertThat(drawer.at("shaftMm")).contains("900 in is outside", " in.");
    }
}
