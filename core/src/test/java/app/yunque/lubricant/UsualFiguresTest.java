package app.yunque.lubricant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.drive.PlanetarySet;
import app.yunque.drive.Stage;
import app.yunque.identify.BrokenGear;
import app.yunque.identify.UnknownGear;
import app.yunque.lubricant.condition.OilCondition;
import app.yunque.lubricant.grade.ColdStart;
import app.yunque.lubricant.grade.GearOilDuty;
import app.yunque.lubricant.grade.GradeByHeat;
import app.yunque.lubricant.grade.SumpHeat;
import app.yunque.lubricant.grade.ToothLoad;
import app.yunque.lubricant.interval.OilChange;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.lubricant.sump.FilledAmount;
import app.yunque.lubricant.sump.SumpShape;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.Gauge;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Assumptions of the trade where nothing was measured: common practice, no source, except where a source stands beside. */
class UsualFiguresTest {

    @ParameterizedTest
    @EnumSource(PlaceSort.class)
    void aWormWantsFortyGearsFifteenTheRestEight(PlaceSort sort) {
        double expected = sort == PlaceSort.WORM ? 40 : sort.isGearBath() ? 15 : 8;
        assertThat(sort.leastViscosityAtWork()).isEqualTo(expected);
    }

    // Gears: from 15; up to 4 × 15 = 60 where the oil is thin there, up to 1.5 × 100 = 150 where it
    // is not.
    @ParameterizedTest(name = "{0} mm²/s there: up to {1}")
    @CsvSource({"20, 60", "40, 60", "41, 61.5", "100, 150"})
    void fourTimesTheLeastIsNoWasteYet(double there, double most) {
        assertThat(PlaceSort.GEARS.wantedAtWork(there)).containsExactly(15, most);
    }

    private static SumpHeat sumpAt(double degC) {
        return new SumpHeat(degC, 50, 100, List.of(), new Working(List.of(), "none"));
    }

    // Mineral: aged fast from 80, limit 95 °C (AGMA 9005, from memory); both sides of each edge.
    @ParameterizedTest(name = "{0} at {1} °C: {2}")
    @CsvSource({
        "MINERAL, 80, CLEAR_PASS",
        "MINERAL, 80.1, DOUBTFUL",
        "MINERAL, 95, DOUBTFUL",
        "MINERAL, 95.1, CLEAR_FAIL",
        "PAG, 110, CLEAR_PASS",
        "PAG, 110.1, DOUBTFUL",
        "PAG, 120.1, CLEAR_FAIL"
    })
    void theBaseOilSaysHowHotASumpMayBe(BaseOil base, double degC, Verdict verdict) {
        assertThat(sumpAt(degC).verdict(base)).isEqualTo(verdict);
    }

    // 10 L cold, 1 L stays, 5 % reserve: 9 × 1.05 = 9.45 L, by hand.
    @Test
    void drawsWhatGoesInAndAReserve() {
        assertThat(OilChange.drawn(10, 1, 0.05)).isCloseTo(9.45, within(1e-12));
        assertThat(OilChange.drawn(10, 0, 0)).isEqualTo(10);
        assertThat(OilChange.drawn(1, 1, 0.05)).isEqualTo(0.01);
        assertThat(OilChange.USUAL_CONTAINERS).containsExactly(1, 4, 5, 20);
    }

    // A tenth of the old kind in a fill of 9 L: r = 1 L; 0.1, then 0.01 after the second fill.
    @ParameterizedTest(name = "{0} left: {1} fills")
    @CsvSource({"0, 1", "1, 1", "0.1, 2", "0.11, 3", "0.005, 1"})
    void anotherKindIsFlushedUntilLittleIsLeft(double share, int fills) {
        assertThat(OilChange.fillsForAnotherKind(9, share)).isEqualTo(fills);
    }

    // Rq = Ra √(π/2), two equal flanks √2 of that: 0.8 → 1.4180 µm, by hand.
    @Test
    void flanksAreAsRoughAsGroundOnesAndWarmerThanTheSump() {
        assertThat(ToothLoad.roughnessOfPair(Optional.empty())).isCloseTo(1.41796, within(5e-6));
        assertThat(ToothLoad.roughnessOfPair(Optional.of(1.6))).isCloseTo(2.83593, within(5e-6));
        assertThat(ToothLoad.flankDegC(60)).isEqualTo(75);
    }

    @Test
    void aBoxThatHardlyTurnsIsReckonedAsTheSlowest() {
        assertThat(GearOilDuty.atLeastSlowest(0)).isEqualTo(0.001);
        assertThat(GearOilDuty.atLeastSlowest(0.5)).isEqualTo(0.5);
    }

    private static OilCondition.Finding finding(Verdict verdict) {
        return new OilCondition.Finding("iron", verdict, "It is " + verdict + ".");
    }

    @ParameterizedTest(name = "{0}: {1}; {2}; {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "CLEAR_PASS | in order | The oil is in order. | As it should be.",
                "DOUBTFUL | watch | Watch it: sample again sooner. | It is DOUBTFUL.",
                "CLEAR_FAIL | act | Change the oil and find the cause. | It is CLEAR_FAIL.",
                "NOT_JUDGED | – | Nothing of it could be judged. | It is NOT_JUDGED."
            })
    void theWorstFindingOfAnOilSpeaks(
            Verdict verdict, String state, String sample, String drained) {
        var found = List.of(finding(Verdict.CLEAR_PASS), finding(verdict));
        assertThat(finding(verdict).state()).isEqualTo(state);
        assertThat(OilCondition.ofSample(found))
                .isEqualTo(new OilCondition.Together(verdict, sample));
        assertThat(OilCondition.ofDrained(found))
                .isEqualTo(new OilCondition.Together(verdict, drained));
    }

    @Test
    void ofNothingNothingIsSaid() {
        assertThat(OilCondition.ofSample(List.of()).verdict()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(OilCondition.ofDrained(List.of()))
                .isEqualTo(new OilCondition.Together(Verdict.NOT_JUDGED, ""));
    }

    @ParameterizedTest(name = "{1} of {0} L in {2} h: {3}")
    @CsvSource({
        "5, 1, 100, true",
        "5, 5, 1, true",
        "5, 0, 100, false",
        "5, 5.1, 100, false",
        "5, 1, 0.9, false"
    })
    void aRiseIsToldOnlyWithATopUpThatFits(double sump, double topped, double hours, boolean can) {
        assertThat(OilCondition.canRate(sump, topped, hours)).isEqualTo(can);
    }

    @Test
    void theHeatSpeaksBeforeTheColdStartAndADoubtfulLevelStandsOverBoth() {
        var thick = ViscosityLine.of(460, 95);
        var cold = ColdStart.of(thick, BaseOil.MINERAL, -30, ColdStart.Feed.PUMP, Optional.empty());
        assertThat(cold.verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        var warm =
                new GradeByHeat(
                        IsoViscosityGrade.VG_220,
                        sumpAt(60),
                        cold,
                        List.of(),
                        Verdict.CLEAR_PASS,
                        "");
        var none = Optional.<GradeByHeat>empty();
        assertThat(GradeByHeat.together(none, Optional.empty(), false))
                .isEqualTo(Verdict.NOT_JUDGED);
        assertThat(GradeByHeat.together(none, Optional.of(cold), false))
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(GradeByHeat.together(Optional.of(warm), Optional.of(cold), false))
                .isEqualTo(Verdict.CLEAR_PASS);
        assertThat(GradeByHeat.together(Optional.of(warm), Optional.of(cold), true))
                .isEqualTo(Verdict.DOUBTFUL);
        assertThat(GradeByHeat.together(none, Optional.of(cold), true))
                .isEqualTo(Verdict.CLEAR_FAIL);
    }

    // m 2, 18/18/54: a = 36, tip 2 (18 + 2) = 40; by hand.
    @Test
    void neighbouringPlanetsWantAMillimetre() {
        var set = new PlanetarySet(18, 18, 54, 3);
        assertThat(set.centreDistanceMm(2)).isEqualTo(36);
        assertThat(set.planetTipMm(2)).isEqualTo(40);
        assertThat(PlanetarySet.tooClose(1)).isEmpty();
        assertThat(PlanetarySet.tooClose(0.99))
                .contains("The planets touch or nearly touch: one millimetre of room is usual.");
    }

    @Test
    void aSumpNearlyFullLeavesHotOilNoRoom() {
        var box = new SumpShape.Box(400, 200, 100, 0);
        assertThat(box.isNearlyFull(95)).isFalse();
        assertThat(box.isNearlyFull(95.1)).isTrue();
    }

    @Test
    void whatNobodyMeasuredIsAssumed() {
        assertThat(Stage.Worm.USUAL_FRICTION).isEqualTo(0.06);
        assertThat(UnknownGear.USUAL_TIP_UNCERTAINTY_MM).isEqualTo(0.1);
        assertThat(UnknownGear.USUAL_HELIX_UNCERTAINTY_DEG).isEqualTo(1);
        assertThat(UnknownGear.Spans.uncertaintyWith(new Gauge(0.001, 0.002))).isEqualTo(0.02);
        assertThat(UnknownGear.Spans.uncertaintyWith(new Gauge(0.05, 0.05)))
                .isEqualTo(new Gauge(0.05, 0.05).standardUncertaintyMm());
        assertThat(BrokenGear.of(5, 60, 100)).isEqualTo(BrokenGear.of(5, 60, 100, 0.2, 0.2));
    }

    @Test
    void whatWentInIsCountedInLitresOrKilograms() {
        assertThat(FilledAmount.KILOGRAMS.judge(10_000)).isEmpty();
        assertThat(FilledAmount.KILOGRAMS.judge(10_000.1)).isPresent();
        assertThat(FilledAmount.KILOGRAMS.judge(0.00004)).isPresent();
        assertThat(FilledAmount.KILOGRAMS.unit()).isEqualTo("kg");
    }
}
