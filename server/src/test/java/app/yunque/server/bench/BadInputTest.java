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
                    pinionTeeth    | 0        | stages[0].pinionTeeth    | Number of teeth 0 is outside 4 to 2000.
                    wheelTeeth     | -3       | stages[0].wheelTeeth     | Number of teeth −3 is outside 4 to 2000.
                    pinionShift    | 1e308    | stages[0].pinionShift    | Profile shift coefficient above 1 followed by 15 zeros
                    helixAngleDeg  | 15       | stages[0].pinionHand     | A helical gear needs its hand.
                    pinionTeeth    | "twelve" | stages[0].pinionTeeth    | The value of “stages[0].pinionTeeth” is not understood
                    module         | {"text":"3x","unit":"module"}    | stages[0].module | “3x” is not a number for module.
                    module         | {"text":"1e308","unit":"module"} | stages[0].module | “1e308” is not a number for module.
                    module         | {"text":"0","unit":"DP"}         | stages[0].module | Normal module above
                    module         | {"text":"3","unit":"mm"}         | stages[0].module | “mm” is not a unit for module. Use one of module, DP.
                    faceWidth      | {"text":"","unit":"mm"}          | stages[0].faceWidth | Face width is missing.
                    centreDistance | {"text":"80","unit":"mm"}        | stages[0].centreDistance | Centre distance 80 mm is too small
                    centreDistance | {"text":"1.234,5","unit":"mm"}   | stages[0].centreDistance | is not a number for centre distance.
                    """)
    void tellsEachFaultOfAUnitAtItsField(String field, String value, String at, String sentence) {
        var unit = Requests.unit(Requests.stage());
        var json = JSON.writeValueAsString(unit);
        var good = JSON.writeValueAsString(Map.of(field, Requests.stage().get(field)));
        var bad = "\"" + field + "\":" + value;
        var answer =
                bench.post("/api/units", json.replace(good.substring(1, good.length() - 1), bad));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at(at)).contains(sentence);
    }

    @Test
    void tellsAllFaultsTogether() {
        var stage = Requests.stage();
        stage.put("pinionTeeth", 0);
        stage.put("faceWidth", Requests.mm("wide"));
        var unit = Requests.unit(stage);
        unit.put("name", "x".repeat(300));
        unit.put("inputSpeedRpm", -1);
        var answer = bench.post("/api/units", unit);

        assertThat(answer.at("name"))
                .isEqualTo("Name has 300 characters; at most 120 fit. Shorten it.");
        assertThat(answer.at("stages[0].faceWidth")).contains("“wide” is not a number");
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
}
