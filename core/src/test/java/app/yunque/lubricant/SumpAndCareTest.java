package app.yunque.lubricant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.condition.OilCondition;
import app.yunque.lubricant.condition.WearMetal;
import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.interval.ChangeInterval;
import app.yunque.lubricant.interval.OilChange;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.LubricatedPlace;
import app.yunque.lubricant.sump.DishedEnd;
import app.yunque.lubricant.sump.SumpShape;
import app.yunque.lubricant.sump.TiltedSump;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class SumpAndCareTest {

    /** Every shape against slices added up. */
    @Test
    void volumesAgreeWithSlicesAddedUp() {
        var lying = new SumpShape.LyingCylinder(150, 500, DishedEnd.FLAT, 0);
        assertThat(lying.litres(90)).isCloseTo(8.91758, within(6e-6));
        assertThat(lying.litres(90))
                .isCloseTo(
                        slices(90, h -> 2 * Math.sqrt(150 * 150 - (150 - h) * (150 - h)) * 500),
                        within(1e-4));
        var dished = new SumpShape.LyingCylinder(200, 600, DishedEnd.ELLIPSOID, 100);
        assertThat(dished.litres(120)).isCloseTo(22.6433, within(6e-5));
        assertThat(
                        dished.litres(120)
                                - new SumpShape.LyingCylinder(200, 600, DishedEnd.FLAT, 0)
                                        .litres(120))
                .as("two half ellipsoids, each slice a half ellipse")
                .isCloseTo(
                        slices(120, h -> Math.PI * 100 / 200 * (200 * 200 - (200 - h) * (200 - h))),
                        within(1e-4));
        assertThat(new SumpShape.Box(400, 250, 200, 30).litres(20))
                .isCloseTo(0.666667, within(6e-7));
        assertThat(new SumpShape.Box(400, 250, 200, 30).litres(80)).isCloseTo(6.5, within(1e-12));
        assertThat(new SumpShape.StandingCylinder(110, 300).litres(130))
                .isCloseTo(4.94173, within(6e-6));
        var table =
                new SumpShape.Sections(
                        List.of(
                                row(0, 18_000),
                                row(15, 30_000),
                                row(40, 42_000),
                                row(80, 46_000),
                                row(120, 46_000)));
        assertThat(table.litres(60)).isCloseTo(2.12, within(1e-9));
        assertThat(table.levelMm(3.0)).isCloseTo(79.5650, within(6e-5));
        var drawn =
                new SumpShape.Extruded(
                        List.of(
                                new SumpShape.Corner(0, 0),
                                new SumpShape.Corner(400, 0),
                                new SumpShape.Corner(400, 200),
                                new SumpShape.Corner(0, 200)),
                        250);
        assertThat(drawn.litres(80)).isCloseTo(8.0, within(1e-12));
        // a trough, 100 wide at the floor, 300 at 100 mm, with a step of 40 x 40 standing in it
        var trough =
                new SumpShape.Extruded(
                        List.of(
                                corner(100, 0),
                                corner(130, 0),
                                corner(130, 40),
                                corner(170, 40),
                                corner(170, 0),
                                corner(200, 0),
                                corner(300, 100),
                                corner(0, 100)),
                        1000);
        assertThat(trough.litres(20)).isCloseTo((100 + 140) / 2.0 * 20 / 1000 - 0.8, within(1e-9));
        assertThat(trough.litres(80)).isCloseTo((100 + 260) / 2.0 * 80 / 1000 - 1.6, within(1e-9));
        assertThatThrownBy(
                        () ->
                                new SumpShape.Extruded(
                                        List.of(
                                                corner(0, 0),
                                                corner(10, 10),
                                                corner(10, 0),
                                                corner(0, 10)),
                                        100))
                .hasMessageContaining("crosses itself");
        assertThatThrownBy(
                        () ->
                                new SumpShape.Extruded(
                                        List.of(corner(0, 0), corner(5, 5), corner(10, 10)), 100))
                .hasMessageContaining("enclose nothing");
        // the drawn circle falls short of the true one by less than a tenth of a percent
        assertThat(new SumpShape.Extruded(lying.outline(), 500).litres(90))
                .isCloseTo(lying.litres(90), withinPercentage(0.1));
    }

    private static SumpShape.Corner corner(double x, double y) {
        return new SumpShape.Corner(x, y);
    }

    private static SumpShape.Sections.Section row(double h, double a) {
        return new SumpShape.Sections.Section(h, a);
    }

    private static double slices(double level, DoubleUnaryOperator areaAt) {
        int n = 200_000;
        double sum = 0;
        for (int i = 0; i < n; i++) {
            sum += areaAt.applyAsDouble(level * (i + 0.5) / n);
        }
        return sum * level / n / 1e6;
    }

    @Test
    void aTiltedBoxHoldsWhatItsDepthsAddUpTo() {
        var box = new SumpShape.Box(420, 260, 200, 0);
        assertThat(SumpShape.levelOnStick(12, 100, 25)).isCloseTo(102.631, within(6e-4));
        assertThat(new TiltedSump(box, 5).litres(95)).isCloseTo(10.3740, within(6e-4));
        assertThat(new TiltedSump(box, 5).litres(10)).isCloseTo(1.19616, within(6e-4));
        assertThat(new TiltedSump(box, 5).litres(190)).isCloseTo(20.6438, within(6e-4));
        assertThatThrownBy(() -> new TiltedSump(box, 60).litres(95))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("another mounting position");
        assertThatThrownBy(() -> box.litres(250)).hasMessageContaining("outside 0 to 200");
        assertThatThrownBy(() -> box.levelMm(99))
                .hasMessageContaining("99 L is outside 0 to 21.84 L");
    }

    // Source: ISO 4406 range numbers, from memory.
    @Test
    void countsBecomeACleanlinessCode() {
        assertThat(OilCondition.cleanliness(1523, 214, 37)).isEqualTo("18/15/12");
        assertThat(OilCondition.cleanliness(24_500, 5200, 610)).isEqualTo("22/20/16");
        assertThat(OilCondition.rangeNumber(1300)).isEqualTo("17");
        assertThat(OilCondition.rangeNumber(1300.1)).isEqualTo("18");
        assertThat(OilCondition.rangeNumber(3e6)).isEqualTo(">28");
        assertThatThrownBy(() -> OilCondition.cleanliness(10, 20, 5))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("must not grow with size");
    }

    @Test
    void aSampleIsJudgedAgainstItsOwnHistory() {
        var metal =
                OilCondition.metal(
                        WearMetal.IRON,
                        17.5,
                        List.of(12.0, 15.0, 11.0, 14.0, 13.0, 16.0, 12.0),
                        WearMetal.Box.STEEL_GEARS);
        assertThat(metal.verdict()).as("above 16.88, below 18.68").isEqualTo(Verdict.DOUBTFUL);
        assertThat(
                        OilCondition.metal(
                                        WearMetal.IRON, 120, List.of(), WearMetal.Box.STEEL_GEARS)
                                .sentence())
                .contains("too few samples");
        assertThat(OilCondition.viscosity(246, 224).sentence()).startsWith("9.8 %");
        assertThat(OilCondition.viscosity(186, 224).verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(OilCondition.water(3000, BaseOil.PAG).verdict()).isEqualTo(Verdict.CLEAR_PASS);
        assertThat(OilCondition.water(3000, BaseOil.MINERAL).verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(OilCondition.ratePer1000h(40, 58, 8, 1.5, 500)).isCloseTo(51, within(1e-9));
    }

    @Test
    void tenKelvinsHalveTheLife() {
        assertThat(interval(BaseOil.MINERAL, 90).hours()).isCloseTo(2500, within(1e-9));
        assertThat(interval(BaseOil.MINERAL, 86).hours()).isCloseTo(3298.77, within(6e-3));
        assertThat(interval(BaseOil.MINERAL, 60).hours()).as("cap").isCloseTo(10_000, within(1e-9));
        assertThat(
                        ChangeInterval.of(
                                        BaseOil.PAO,
                                        95,
                                        352,
                                        ChangeInterval.Dirt.DUSTY,
                                        ChangeInterval.Water.CONDENSATION)
                                .hours())
                .isCloseTo(1237.44, within(6e-3));
        assertThatThrownBy(() -> interval(BaseOil.MINERAL, 100))
                .hasMessageContaining("reduce the temperature first");
    }

    private static ChangeInterval interval(BaseOil base, double t) {
        return ChangeInterval.of(base, t, 352, ChangeInterval.Dirt.CLEAN, ChangeInterval.Water.DRY);
    }

    @Test
    void flushingAndContainers() {
        assertThat(OilChange.oldShare(0.6, 8, 2)).isCloseTo(0.00486750, within(6e-9));
        assertThat(OilChange.fillsNeeded(0.6, 8, 0.01)).isEqualTo(2);
        assertThat(OilChange.fillsNeeded(1.5, 6, 0.01)).isEqualTo(3);
        var sizes = List.of(1, 4, 5, 20);
        assertThat(OilChange.containers(6.3, sizes)).containsExactly(5, 1, 1);
        assertThat(OilChange.containers(7.6, sizes)).containsExactly(4, 4);
        assertThat(OilChange.containers(12.5, sizes)).containsExactly(5, 4, 4);
        assertThat(OilChange.containers(27.5, sizes)).containsExactly(20, 4, 4);
        assertThat(OilChange.coldLitres(10.1643, BaseOil.MINERAL, 70, 20))
                .isCloseTo(9.82061, within(6e-5));
    }

    // Trade facts, common practice, no source.
    @Test
    void forbidsWhatHarmsAndNamesWhatToUse() {
        var gl5 = oil(BaseOil.MINERAL, Lubricant.Additive.ACTIVE_SULPHUR);
        var worm =
                place(
                        Set.of(LubricatedPlace.Thing.BRONZE_WORM_WHEEL),
                        LubricatedPlace.Seal.NBR,
                        60);
        assertThat(Compatibility.of(gl5, worm, Optional.empty()).verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        var cke = oil(BaseOil.MINERAL, Lubricant.Additive.COMPOUNDED);
        assertThat(Compatibility.of(cke, worm, Optional.empty()).verdict())
                .isEqualTo(Verdict.CLEAR_PASS);

        var pag = oil(BaseOil.PAG, Lubricant.Additive.NONE);
        var left = Optional.of(new Compatibility.Remains(cke, 0.07));
        assertThat(Compatibility.of(pag, worm, left).findings().get(0).reason())
                .contains("do not mix")
                .contains("7.0 %");
        var flushed = Optional.of(new Compatibility.Remains(cke, 0.005));
        assertThat(Compatibility.of(pag, worm, flushed).verdict())
                .as("NBR in PAG")
                .isEqualTo(Verdict.DOUBTFUL);

        var pawl = place(Set.of(LubricatedPlace.Thing.PAWL), LubricatedPlace.Seal.PTFE, 20);
        assertThat(
                        Compatibility.of(grease(Thickener.LITHIUM), pawl, Optional.empty())
                                .findings()
                                .get(0)
                                .instead())
                .contains("VG 15 to 32");
        var old = Optional.of(new Compatibility.Remains(grease(Thickener.CLAY), 0.3));
        assertThat(
                        Compatibility.of(
                                        grease(Thickener.LITHIUM),
                                        place(Set.of(), LubricatedPlace.Seal.PTFE, 20),
                                        old)
                                .verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        var epdm = place(Set.of(), LubricatedPlace.Seal.EPDM, 40);
        assertThat(Compatibility.of(cke, epdm, Optional.empty()).verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
    }

    /** The chart reads the same from both sides. */
    @Test
    void theThickenerChartIsSymmetric() {
        for (var one : Thickener.values()) {
            assertThat(one.with(one)).isEqualTo('O');
            for (var two : Thickener.values()) {
                assertThat(one.with(two)).as(one + " with " + two).isEqualTo(two.with(one));
            }
        }
    }

    private static Lubricant oil(BaseOil base, Lubricant.Additive additive) {
        return new Lubricant(base, additive, Optional.empty(), Optional.empty(), 460, false, false);
    }

    private static Lubricant grease(Thickener thickener) {
        return new Lubricant(
                BaseOil.MINERAL,
                Lubricant.Additive.NONE,
                Optional.of(thickener),
                Optional.of(2),
                150,
                false,
                false);
    }

    private static LubricatedPlace place(
            Set<LubricatedPlace.Thing> touches, LubricatedPlace.Seal seal, double t) {
        return new LubricatedPlace(touches, seal, LubricatedPlace.Plastic.NONE, t, 0);
    }
}
