package app.yunque.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.gear.ServiceDuty;
import app.yunque.inspection.Circumstance;
import app.yunque.inspection.Situation;
import app.yunque.inspection.UnitKind;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.procedure.ProcedureLine.State;
import app.yunque.procedure.ProcedureStep.By;
import app.yunque.procedure.ProcedureStep.Without;
import app.yunque.procedure.StepAnswer.Result;
import app.yunque.route.Station;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Common practice, no source, unless a line says otherwise: what is set and proved on each kind of unit. */
class ProcedureListTest {
    private static Situation of(UnitKind... kinds) {
        return Situation.of(
                "", List.of(kinds).stream().map(UnitKind::circumstance).toList(), "", List.of());
    }

    private static List<String> acceptance(UnitKind kind, ServiceDuty duty) {
        return ProcedureList.acceptance(of(kind), duty).stream().map(ProcedureStep::id).toList();
    }

    @ParameterizedTest(name = "{0}: set {1}; proved {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "RED | S-01 S-02 S-04 S-05 S-06 S-07 S-12 S-13 S-14 S-15 | P-02 P-03 P-04 P-09 P-10 P-11 P-12 P-13 P-14 P-16 P-17 P-39",
                "WGB | S-01 S-02 S-04 S-03 S-05 S-06 S-12 S-13 S-14 S-15 | P-02 P-03 P-04 P-09 P-10 P-11 P-12 P-13 P-16 P-17 P-39",
                "BVL | S-01 S-02 S-03 S-04 S-05 S-06 S-07 S-12 S-13 S-14 | P-02 P-03 P-09 P-10 P-11 P-12 P-13 P-17 P-37 P-39",
                "TWN | S-01 S-02 S-03 S-04 S-05 S-06 S-07 S-08 S-12 S-13 S-14 | P-02 P-04 P-09 P-10 P-12 P-13 P-17 P-25 P-33 P-39",
                "CYC | S-01 S-04 S-08 S-12 S-13 S-14 S-15 | P-02 P-03 P-04 P-09 P-10 P-11 P-12 P-13 P-16 P-17 P-39",
                "PLW | S-01 S-04 S-08 S-11 S-12 S-13 S-14 | P-02 P-04 P-05 P-09 P-10 P-17 P-19 P-20 P-21 P-39",
                "HWN | S-01 S-04 S-11 S-13 S-14 | P-02 P-04 P-05 P-17 P-18 P-19 P-20 P-39",
                "HOI | S-01 S-04 S-08 S-10 S-11 S-12 S-13 S-14 | P-02 P-04 P-05 P-09 P-10 P-17 P-18 P-19 P-20 P-23 P-38 P-39",
                "ACT | S-01 S-02 S-04 S-05 S-10 S-11 S-12 S-13 S-14 | P-02 P-10 P-17 P-22 P-23 P-24 P-39",
                "FDB | S-01 S-03 S-04 S-05 S-09 S-12 S-13 S-14 | P-02 P-05 P-06 P-07 P-09 P-10 P-13 P-17 P-32 P-33 P-39",
                "HDS | S-01 S-02 S-04 S-05 S-09 S-12 S-13 S-14 | P-02 P-05 P-06 P-10 P-12 P-14 P-17 P-29 P-30 P-39",
                "SLD | S-01 S-16 S-05 S-15 | P-02 P-17 P-30 P-31 P-39",
                "MTP | S-01 S-02 S-04 S-05 S-10 S-12 S-13 S-14 | P-02 P-09 P-10 P-13 P-17 P-26 P-27 P-28 P-39",
                "PGE | S-01 S-02 S-04 S-05 S-06 S-12 S-13 S-14 S-15 | P-02 P-04 P-09 P-10 P-11 P-12 P-13 P-17 P-27 P-28 P-39",
                "REV | S-01 S-03 S-04 S-05 S-09 S-12 S-13 S-14 | P-02 P-05 P-06 P-07 P-09 P-10 P-13 P-17 P-39",
                "THR | S-01 S-02 S-04 S-05 S-12 S-13 S-14 S-15 | P-02 P-04 P-09 P-10 P-11 P-17 P-33 P-37 P-39",
                "STE | S-01 S-05 S-13 S-15 | P-02 P-17 P-34 P-39",
                "STA | S-01 S-11 S-13 | P-02 P-10 P-17 P-35 P-39",
                "WSH | S-01 S-04 S-05 S-12 S-13 S-14 | P-02 P-09 P-10 P-13 P-17 P-36 P-39"
            })
    void listsOfEachKind(UnitKind kind, String setting, String proved) {
        assertThat(ProcedureList.setting(of(kind)).stream().map(ProcedureStep::id))
                .containsExactly(setting.split(" "));
        assertThat(acceptance(kind, kind.usualDuty())).containsExactly(proved.split(" "));
    }

    @Test
    void twoKindsAreProvedByBoth() {
        var both = of(UnitKind.HWN, UnitKind.ACT);
        assertThat(ProcedureList.acceptance(both, ServiceDuty.LIFTING))
                .extracting(ProcedureStep::id)
                .containsExactly(
                        "P-02", "P-04", "P-05", "P-10", "P-17", "P-18", "P-19", "P-20", "P-22",
                        "P-23", "P-24", "P-39");
        assertThat(ProcedureList.setting(both))
                .extracting(ProcedureStep::id)
                .containsExactly(
                        "S-01", "S-04", "S-11", "S-13", "S-14", "S-02", "S-05", "S-10", "S-12");
    }

    /** Judgement: whatever lifts shows at least that it holds its load still. */
    @ParameterizedTest
    @EnumSource(UnitKind.class)
    void whateverLiftsShowsThatItHolds(UnitKind kind) {
        assertThat(acceptance(kind, ServiceDuty.LIFTING))
                .containsAnyOf("P-18", "P-19", "P-20", "P-24");
        var holding =
                judged(kind, ServiceDuty.LIFTING, Map.of()).stream()
                        .filter(l -> Set.of("P-18", "P-19", "P-20", "P-24").contains(l.step().id()))
                        .toList();
        assertThat(holding)
                .isNotEmpty()
                .allSatisfy(l -> assertThat(l.without()).isEqualTo(Without.NOBODY));
    }

    private static List<ProcedureLine> judged(
            UnitKind kind, ServiceDuty duty, Map<String, StepAnswer> answers) {
        return ProcedureList.judge(
                ProcedureList.acceptance(of(kind), duty), of(kind), duty, answers, Map.of());
    }

    private static StepAnswer measured(double value, double uncertainty) {
        return new StepAnswer(Result.DONE, value, uncertainty, null, null, "");
    }

    private static ProcedureLine line(UnitKind kind, String step, StepAnswer answer) {
        return judged(kind, kind.usualDuty(), Map.of(step, answer)).stream()
                .filter(l -> l.step().id().equals(step))
                .findFirst()
                .orElseThrow();
    }

    // Guard band after ISO 14253-1, from memory: both sides of each edge; equality passes.
    @ParameterizedTest(name = "{0} {1}: {2} ± {3} is {4}, {5}")
    @CsvSource({
        "HWN, P-18, 0,     0,    PASSED",
        "HWN, P-18, 1,     0,    FAILED",
        "HWN, P-19, 0,     0,    PASSED",
        "HWN, P-19, 0.2,   0.3,  DOUBTFUL",
        "HWN, P-19, 0.5,   0.3,  FAILED",
        "PLW, P-19, 1,     0,    PASSED",
        "PLW, P-19, 1.1,   0,    FAILED",
        "PLW, P-19, 0.9,   0.2,  DOUBTFUL",
        "PLW, P-20, 10,    0,    PASSED",
        "PLW, P-20, 10.5,  0.2,  FAILED",
        "ACT, P-23, 2,     0,    PASSED",
        "ACT, P-23, 1.9,   0,    FAILED",
        "ACT, P-23, 2.1,   0.2,  DOUBTFUL",
        "ACT, P-24, 0.5,   0,    PASSED",
        "ACT, P-22, 1.01,  0,    FAILED",
        "BVL, P-37, 5,     0,    PASSED",
        "BVL, P-37, 5.1,   0,    FAILED",
        "TWN, P-25, 1,     0,    PASSED",
        "TWN, P-25, 1.1,   0,    FAILED",
        "MTP, P-26, 2.1,   0,    FAILED",
        "MTP, P-27, 1,     0,    PASSED",
        "MTP, P-28, 1,     0,    FAILED",
        "HDS, P-29, 0.010, 0,    PASSED",
        "HDS, P-29, 0.011, 0,    FAILED",
        "HDS, P-30, 0.021, 0,    FAILED",
        "SLD, P-31, 0.21,  0,    FAILED",
        "FDB, P-32, 1.1,   0,    FAILED",
        "FDB, P-07, 1,     0,    FAILED",
        "STE, P-34, 20,    0,    PASSED",
        "STE, P-34, 21,    0,    FAILED",
        "STA, P-35, 10,    0,    PASSED",
        "STA, P-35, 9,     0,    FAILED",
        "STA, P-35, 11,    0,    FAILED",
        "RED, P-09, 0,     0,    PASSED",
        "RED, P-13, 1,     0,    FAILED",
        "RED, P-03, 99,    0,    PASSED"
    })
    void judgesAgainstTheLimit(
            UnitKind kind, String step, double value, double uncertainty, State state) {
        assertThat(line(kind, step, measured(value, uncertainty)).state()).isEqualTo(state);
    }

    @Test
    void saysTheValueItsUncertaintyAndTheLimit() {
        assertThat(line(UnitKind.PLW, "P-19", measured(1.4, 0.1)).says())
                .isEqualTo("1.4 ± 0.1 mm: clear fail, at most 1 mm");
        assertThat(line(UnitKind.ACT, "P-23", measured(3, 0)).says())
                .isEqualTo("3 mm: clear pass, at least 2 mm");
        var makers = new StepAnswer(Result.DONE, 1.4, 0.1, 0.5, 2.0, "manual, page 4");
        assertThat(line(UnitKind.PLW, "P-19", makers).says())
                .as("the maker's limit wins")
                .isEqualTo("1.4 ± 0.1 mm: clear pass, 0.5 to 2 mm");
        assertThat(line(UnitKind.RED, "P-03", measured(0.8, 0)).says())
                .isEqualTo("0.8 N·m: recorded, no limit known");
        assertThat(line(UnitKind.RED, "P-03", measured(0.8, 0)).verdict())
                .as("no limit known is never a pass")
                .isEqualTo(Verdict.NOT_JUDGED);
    }

    /** A limit of the maker's takes the place of the one it is for; the other stays, or a least would lift the most. */
    @Test
    void aMakersLeastLeavesTheMostWhereItIs() {
        var least = new StepAnswer(Result.DONE, 50.0, 0, 0.0, null, "manual, page 4");
        assertThat(line(UnitKind.PLW, "P-19", least).says())
                .isEqualTo("50 mm: clear fail, 0 to 1 mm");
        var most = new StepAnswer(Result.DONE, 1.5, 0, null, 2.0, "manual, page 4");
        assertThat(line(UnitKind.ACT, "P-23", most).says())
                .isEqualTo("1.5 mm: clear fail, 2 to 2 mm");
    }

    // 3 thou = 3 · 0.0254 mm.
    @Test
    void aReadingInThouIsToldWithoutATrainOfDigits() {
        assertThat(line(UnitKind.PLW, "P-19", measured(3 * 0.0254, 0)).says())
                .isEqualTo("0.0762 mm: clear pass, at most 1 mm");
    }

    /** What a unit cannot be without is not "not needed", whoever says so: its holding test least of all. */
    @ParameterizedTest(name = "{0} on {1}, {2}: {3}")
    @CsvSource({
        "P-18, HWN, LIFTING, OPEN",
        "P-18, HOI, LIFTING, NOT_NEEDED",
        "P-19, HWN, LIFTING, OPEN",
        "P-19, PLW, LIFTING, OPEN",
        "P-20, HOI, LIFTING, OPEN",
        "P-24, ACT, FEED,    NOT_NEEDED",
        "P-24, ACT, LIFTING, OPEN",
        "P-24, WGB, LIFTING, OPEN",
        "P-02, RED, FEED,    OPEN",
        "P-10, RED, FEED,    OPEN",
        "P-23, ACT, FEED,    NOT_NEEDED",
        "P-12, RED, FEED,    NOT_NEEDED"
    })
    void whatAUnitCannotBeWithoutStaysOpen(
            String step, UnitKind kind, ServiceDuty duty, State state) {
        var none = new StepAnswer(Result.NOT_FITTED, null, 0, null, null, "");
        assertThat(judged(kind, duty, Map.of(step, none)))
                .filteredOn(l -> l.step().id().equals(step))
                .extracting(ProcedureLine::state)
                .containsExactly(state);
    }

    /** Over every kind, duty and answer short of a reading: nothing that lifts is signed without its holding test. */
    @ParameterizedTest
    @EnumSource(UnitKind.class)
    void noWordTakesTheHoldingTestAway(UnitKind kind) {
        var holding = Set.of("P-19", "P-20", "P-24");
        for (var result : List.of(Result.NOT_FITTED, Result.NOT_POSSIBLE, Result.FAILED)) {
            var said = new StepAnswer(result, null, 0, null, null, "no load here");
            var answers = Map.of("P-18", said, "P-19", said, "P-20", said, "P-24", said);
            assertThat(judged(kind, ServiceDuty.LIFTING, answers))
                    .filteredOn(l -> holding.contains(l.step().id()))
                    .isNotEmpty()
                    .allMatch(l -> l.standsAgainst() && l.without() == Without.NOBODY);
        }
    }

    @Test
    void theLimitIsToldInWordsOnceForAll() {
        assertThat(ProcedureList.step("P-19").limitInWords()).isEqualTo("at most 1 mm");
        assertThat(ProcedureList.step("P-23").limitInWords()).isEqualTo("at least 2 mm");
        assertThat(ProcedureList.step("P-35").limitInWords()).isEqualTo("10 to 10 times of 10");
        assertThat(ProcedureList.step("P-09").limitInWords()).isEqualTo("at most 0 drops");
        assertThat(ProcedureList.step("P-03").limitInWords()).isEmpty();
    }

    @Test
    void aYesANoAndWhatCannotBeMade() {
        var done = new StepAnswer(Result.DONE, null, 0, null, null, "");
        var failed = new StepAnswer(Result.FAILED, null, 0, null, null, "");
        var nowhere =
                new StepAnswer(Result.NOT_POSSIBLE, null, 0, null, null, "no load in the shop ");
        var none = new StepAnswer(Result.NOT_FITTED, null, 0, null, null, "");
        assertThat(line(UnitKind.HWN, "P-05", done).state()).isEqualTo(State.PASSED);
        assertThat(line(UnitKind.HWN, "P-05", failed).state()).isEqualTo(State.FAILED);
        assertThat(line(UnitKind.HWN, "P-19", nowhere).state()).isEqualTo(State.NOT_POSSIBLE);
        assertThat(line(UnitKind.HWN, "P-19", nowhere).says())
                .isEqualTo("not possible here: no load in the shop");
        assertThat(line(UnitKind.PLW, "P-21", none).state()).isEqualTo(State.NOT_NEEDED);
        assertThat(judged(UnitKind.HWN, ServiceDuty.LIFTING, Map.of()))
                .allSatisfy(l -> assertThat(l.state()).isEqualTo(State.OPEN));
        for (var state : State.values()) {
            var line = new ProcedureLine(null, null, state, Verdict.NOT_JUDGED, "");
            assertThat(line.standsAgainst())
                    .isEqualTo(state != State.PASSED && state != State.NOT_NEEDED);
        }
    }

    @ParameterizedTest(name = "{0} on {1}, {2}: {3}")
    @CsvSource({
        "P-05, FDB, FEED,           LEAD",
        "P-05, PLW, LIFTING,        NOBODY",
        "P-05, HWN, LIFTING,        NOBODY",
        "P-05, HOI, LIFTING,        NOBODY",
        "P-05, REV, FEED,           NOBODY",
        "P-24, ACT, FEED,           LEAD",
        "P-24, ACT, LIFTING,        NOBODY",
        "P-02, RED, ENCLOSED_POWER, NOBODY",
        "P-10, RED, ENCLOSED_POWER, NOBODY",
        "P-09, RED, ENCLOSED_POWER, LEAD",
        "P-12, RED, ENCLOSED_POWER, LEAD",
        "P-18, HWN, LIFTING,        NOBODY",
        "P-38, HOI, LIFTING,        LEAD"
    })
    void whoMaySignWithout(String step, UnitKind kind, ServiceDuty duty, Without without) {
        assertThat(judged(kind, duty, Map.of()))
                .filteredOn(l -> l.step().id().equals(step))
                .extracting(ProcedureLine::without)
                .containsExactly(without);
    }

    @Test
    void whatIsMeasuredAtItsOwnPlaceIsNotAskedTwice() {
        var situation = of(UnitKind.RED);
        var duty = ServiceDuty.ENCLOSED_POWER;
        var setting =
                ProcedureList.judge(
                        ProcedureList.setting(situation),
                        situation,
                        duty,
                        Map.of(),
                        Map.of(By.BACKLASH, Verdict.CLEAR_PASS, By.CONTACT, Verdict.NOT_JUDGED));
        assertThat(setting)
                .filteredOn(l -> l.state() != State.OPEN)
                .extracting(l -> l.step().id(), ProcedureLine::says)
                .containsExactly(org.assertj.core.groups.Tuple.tuple("S-05", "clear pass"));
        for (var verdict : Verdict.values()) {
            var run =
                    ProcedureList.judge(
                            ProcedureList.acceptance(situation, duty),
                            situation,
                            duty,
                            Map.of(),
                            Map.of(By.RUN, verdict));
            assertThat(run)
                    .filteredOn(l -> l.step().id().equals("P-12"))
                    .extracting(ProcedureLine::state)
                    .containsExactly(
                            switch (verdict) {
                                case CLEAR_PASS -> State.PASSED;
                                case DOUBTFUL -> State.DOUBTFUL;
                                case CLEAR_FAIL -> State.FAILED;
                                case NOT_JUDGED -> State.OPEN;
                            });
        }
    }

    @ParameterizedTest(name = "{0} {1}, value {2}, {3} to {4}, ± {5}, “{6}”: {7}")
    @CsvSource(
            nullValues = "-",
            value = {
                "P-19, DONE,         -, -, -, 0,  '',        value",
                "P-19, DONE,         0, -, -, 0,  '',        -",
                "P-19, FAILED,       -, -, -, 0,  '',        -",
                "P-02, DONE,         -, -, -, 0,  '',        -",
                "P-02, NOT_FITTED,   -, -, -, 0,  '',        result",
                "P-17, NOT_FITTED,   -, -, -, 0,  '',        result",
                "P-39, NOT_FITTED,   -, -, -, 0,  '',        result",
                "P-10, NOT_FITTED,   -, -, -, 0,  '',        result",
                "P-19, NOT_FITTED,   -, -, -, 0,  '',        result",
                "P-20, NOT_FITTED,   -, -, -, 0,  '',        result",
                "P-38, NOT_FITTED,   -, -, -, 0,  '',        result",
                "P-18, NOT_FITTED,   -, -, -, 0,  '',        -",
                "P-21, NOT_FITTED,   -, -, -, 0,  '',        -",
                "P-19, DONE,        -1, -, -, 0,  '',        value",
                "P-09, DONE,        -1, -, -, 0,  '',        value",
                "S-02, DONE,     -0.02, -, -, 0,  '',        -",
                "P-19, DONE,         1, -, 2, 0,  '',        remark",
                "P-19, DONE,         1, 0, -, 0,  'manual',  -",
                "P-19, DONE,         1, 5, -, 0,  'manual',  most",
                "P-23, DONE,         1, -, 1, 0,  'manual',  most",
                "P-19, NOT_POSSIBLE, -, -, -, 0,  ' ',       remark",
                "P-19, NOT_POSSIBLE, -, -, -, 0,  'no load', -",
                "P-19, DONE,         1, 2, 1, 0,  'manual',  most",
                "P-19, DONE,         1, 1, 1, 0,  'manual',  -",
                "P-19, DONE,         1, -, 2, -1, 'manual',  uncertainty"
            })
    void refusesWhatCannotBe(
            String step,
            Result result,
            Double value,
            Double least,
            Double most,
            double uncertainty,
            String remark,
            String field) {
        var answer = new StepAnswer(result, value, uncertainty, least, most, remark);
        var known = ProcedureList.step(step);
        if (field == null) {
            StepAnswer.refuseImpossible(known, answer);
        } else {
            assertThatThrownBy(() -> StepAnswer.refuseImpossible(known, answer))
                    .isInstanceOfSatisfying(
                            Refused.class,
                            r ->
                                    assertThat(r.problems())
                                            .extracting(p -> p.component())
                                            .containsExactly(field));
        }
    }

    @Test
    void aStepThatThereIsNotIsRefused() {
        assertThatThrownBy(() -> ProcedureList.step("P-99"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("P-99");
    }

    /** Every step of the tables is asked of some kind of unit, depends on steps that there are, and opens a station where it can fail. */
    @Test
    void theTablesHoldTogether() {
        var asked =
                List.of(UnitKind.values()).stream()
                        .flatMap(
                                k ->
                                        java.util.stream.Stream.concat(
                                                ProcedureList.setting(of(k)).stream(),
                                                ProcedureList.acceptance(of(k), k.usualDuty())
                                                        .stream()))
                        .map(ProcedureStep::id)
                        .collect(java.util.stream.Collectors.toSet());
        assertThat(ProcedureList.all())
                .allSatisfy(
                        s -> {
                            assertThat(s.after())
                                    .allSatisfy(a -> assertThat(ProcedureList.step(a)).isNotNull());
                            assertThat(s.source()).isNotBlank();
                            assertThat(s.reopens().isEmpty())
                                    .isEqualTo(Set.of("P-38", "P-39").contains(s.id()));
                            assertThat(s.at())
                                    .isEqualTo(
                                            s.id().startsWith("S") ? Station.SET : Station.PROVE);
                        });
        // A meter for vibration is asked for where there is one: no kind demands it.
        assertThat(ProcedureList.all())
                .extracting(ProcedureStep::id)
                .filteredOn(id -> !asked.contains(id))
                .containsExactly("P-15");
    }

    // Common practice, no source: what can hurt somebody says so at that moment.
    @ParameterizedTest
    @CsvSource({"P-10", "P-12", "P-18", "P-19", "P-20", "P-24", "P-28", "P-37", "S-10"})
    void whatCanHurtSomebodySaysSo(String step) {
        assertThat(ProcedureList.step(step).caution().isEmpty()).isEqualTo(step.equals("P-18"));
    }

    @Test
    void whatIsNotAskedOfAHandWinchIsSaid() {
        assertThat(UnitKind.HWN.notAsked()).contains("nothing heats");
        assertThat(UnitKind.HWN.isPowered()).isFalse();
        assertThat(UnitKind.RED.isPowered()).isTrue();
        assertThat(UnitKind.RED.notAsked()).isEmpty();
        assertThat(Circumstance.valueOf(UnitKind.HWN.name()).words())
                .isEqualTo(UnitKind.HWN.words());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "S-1 | too short",
                "P-02 | turns",
                "X-02 | a | b | c | d | e | f | g | h | i | j"
            })
    void aLineThatCannotBeReadEndsTheStart(String line) {
        assertThatThrownBy(() -> StepTable.acceptance(line))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining(line);
        assertThatThrownBy(() -> StepTable.setting(line)).isInstanceOf(IllegalStateException.class);
    }
}
