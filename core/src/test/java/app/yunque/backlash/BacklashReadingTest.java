package app.yunque.backlash;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.BevelPair;
import app.yunque.gear.GearPair;
import app.yunque.gear.Gears;
import app.yunque.gear.Hand;
import app.yunque.gear.Member;
import app.yunque.gear.ServiceDuty;
import app.yunque.gear.WormSet;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import java.util.List;
import org.junit.jupiter.api.Test;

class BacklashReadingTest {
    /** Working radii near those of the worked figures: a pair at its reference centre distance, α_wt 20°. */
    private final GearPair pair = Gears.spurPair(30, 60, 3);

    // Worked out apart from this code with 30-digit arithmetic.
    @Test
    void armLeverFeelerWireAndCentresSayTheSameThing() {
        var arm = new BacklashReading.Arm(Member.PINION, 0.42, 150, 0);
        assertThat(Math.toDegrees(arm.angleRad()) * 60).isCloseTo(9.62569, within(6e-5));
        assertThat(arm.circumferentialMm(pair)).isCloseTo(0.126, within(1e-6));
        var tilted = new BacklashReading.Arm(Member.PINION, 0.42, 150, 20);
        assertThat(Math.toDegrees(tilted.angleRad()) * 60).isCloseTo(9.04519, within(6e-5));

        assertThat(
                        Math.toDegrees(new BacklashReading.Lever(Member.WHEEL, 2.6, 400).angleRad())
                                * 60)
                .isCloseTo(22.3454, within(6e-5));
        assertThat(Math.toDegrees(new BacklashReading.Lever(Member.WHEEL, 18, 250).angleRad()))
                .isCloseTo(4.12619, within(6e-6));

        assertThat(new BacklashReading.Feeler(0.20).circumferentialMm(pair))
                .isCloseTo(0.212836, within(6e-7));
        assertThat(new BacklashReading.Feeler(0.12 + 0.09).circumferentialMm(pair))
                .isCloseTo(0.223477, within(6e-7));
        assertThat(new BacklashReading.CentreTravel(0.30).circumferentialMm(pair))
                .isCloseTo(0.218382, within(6e-7));
        assertThatThrownBy(() -> new BacklashReading.Lever(Member.WHEEL, 900, 400))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("cannot move 900 mm in a straight line: at most 800 mm");
    }

    /** Every way shows its formula with the numbers put in, and ends in the value it gives. */
    @Test
    void everyWayShowsItsWorking() {
        List<BacklashReading> ways =
                List.of(
                        new BacklashReading.Flank(
                                new IndicatorBacklash.Setup(Member.WHEEL, 61, 10), 0.21),
                        new BacklashReading.Arm(Member.PINION, 0.42, 150, 20),
                        new BacklashReading.Lever(Member.WHEEL, 2.6, 400),
                        new BacklashReading.Feeler(0.2),
                        new BacklashReading.CentreTravel(0.3));
        for (var way : ways) {
            var working = way.working(pair);
            assertThat(working.source()).isNotBlank();
            assertThat(working.lines())
                    .singleElement()
                    .satisfies(
                            l -> {
                                assertThat(l.formula()).contains("j_wt");
                                assertThat(l.numbers())
                                        .contains(
                                                PlainDigits.rounded(way.circumferentialMm(pair), 4)
                                                        + " mm");
                            });
        }
    }

    /** All ways of telling one backlash lead back to it. */
    @Test
    void oneBacklashHasFourNames() {
        var known = Backlash.ofCircumferential(pair, 0.2);
        assertThat(Backlash.ofNormal(pair, known.normalMm()).circumferentialMm())
                .isCloseTo(0.2, within(1e-12));
        assertThat(Backlash.ofAngle(pair, Member.WHEEL, known.wheelAngleMin()).circumferentialMm())
                .isCloseTo(0.2, within(1e-12));
        assertThat(known.pinionAngleMin() / known.wheelAngleMin()).isCloseTo(2, within(1e-12));
    }

    @Test
    void takesFloatsOffBeforeJudging() {
        var helical =
                new GearPair(
                        Gears.helical(18, Hand.LEFT).teeth(20).build(),
                        Gears.helical(18, Hand.RIGHT).teeth(40).build(),
                        94.6316);
        var corrected = FloatCorrection.of(helical, 0.2, 0.10, 0);
        assertThat(corrected.axialMm()).isCloseTo(0.0324920, within(6e-8));
        var play = FloatCorrection.of(pair, 0.2, 0, 0.06);
        assertThat(play.radialMm()).isCloseTo(0.0436764, within(6e-8));
        assertThatThrownBy(() -> FloatCorrection.of(helical, 0.02, 0.10, 0))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("The floats make up 0.032 mm");
    }

    /** A slip of paper thickens both flanks: solved by closing the thickened pair numerically. */
    @Test
    void aSlipOfPaperLeavesTwiceItsThickness() {
        var slip = PaperSlip.of(Gears.spurPair(30, 60, 1.5), 0.09);
        assertThat(slip.normalMm()).isEqualTo(0.18);
        assertThat(slip.circumferentialMm()).isCloseTo(0.191552, within(6e-7));
        assertThat(slip.centresOpenedMm()).isCloseTo(0.259429, within(6e-6));
        assertThat(slip.sentence()).contains("leaves about 0.19 mm");
    }

    // The stylus against a real flank: a line intersected with the turned involute helicoid, worked
    // out apart.
    @Test
    void aLeaningStylusOverReadsAndACaptiveOneUnderReads() {
        double r = pair.pinionWorkingRadiusMm();
        assertThat(0.25 * factor(r, 15, 0, false)).isCloseTo(0.241481, within(6e-7));
        assertThat(0.25 * factor(r, 0, 20, false)).isCloseTo(0.266044, within(6e-7));
        assertThat(factor(r, 15, 0, true))
                .isCloseTo(1 / Math.cos(Math.toRadians(15)), within(1e-12));
        assertThat(0.20 * factor(46.5, 0, 0, false)).isCloseTo(0.2 * 45 / 46.5, within(1e-12));
    }

    private double factor(double radius, double tilt, double lean, boolean captive) {
        return IndicatorBacklash.circumferentialPerReading(
                pair, new IndicatorBacklash.Setup(Member.PINION, radius, tilt, lean, captive));
    }

    @Test
    void splitsLostMotionOverScrewNutThrustAndDrive() {
        var split = ScrewAndNut.of(0.46, 0.34, 0.12, 0.03, 5, 250, 0.01);
        assertThat(split.screwMm()).isCloseTo(0.12, within(1e-12));
        assertThat(split.nutMm()).isCloseTo(0.19, within(1e-12));
        assertThat(split.divisions()).isCloseTo(23, within(1e-9));
        assertThat(split.degrees()).isCloseTo(33.12, within(1e-9));
        assertThat(split.biggest()).startsWith("the nut");
        // 0.010 inch on 8 threads an inch with 125 divisions: ten divisions, by counting.
        assertThat(ScrewAndNut.of(0.254, 0.254, 0, 0, 3.175, 125, 0).divisions())
                .isCloseTo(10, within(1e-9));
        assertThat(ScrewAndNut.axialFromClosing(0.2, 14.5)).isCloseTo(0.103447, within(6e-7));
        assertThatThrownBy(() -> ScrewAndNut.of(0.3, 0.4, 0, 0, 5, 250, 0.01))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("cannot be looser than the worn middle");
        assertThatThrownBy(() -> ScrewAndNut.of(0.4, 0.3, 0.3, 0.1, 5, 250, 0.01))
                .hasMessageContaining("did not reach both stops");
    }

    @Test
    void readsAWormSetFromTheWheelAndFromTheWorm() {
        var set = new WormSet(2, 41, 4, 40, 20, 0, Hand.RIGHT);
        var wheel = WormBacklash.atWheel(set, 0.38, 84, 0.05);
        assertThat(wheel.rimMm()).isCloseTo(0.320952, within(6e-7));
        assertThat(wheel.wormAngleDeg()).isCloseTo(5.31350, within(6e-6));
        assertThat(wheel.normalMm()).isCloseTo(0.295740, within(6e-7));
        assertThat(wheel.wheelAngleMin()).isCloseTo(13.4555, within(6e-5));
        var single = new WormSet(1, 40, 5, 50, 20, 0, Hand.RIGHT);
        var worm = WormBacklash.atWorm(single, 7.5, 0);
        assertThat(worm.rimMm()).isCloseTo(0.327249, within(6e-7));
        assertThat(WormBacklash.disagreement(wheel, worm)).isEmpty();
        assertThat(WormBacklash.disagreement(wheel, WormBacklash.atWorm(set, 3, 0)))
                .hasValueSatisfying(told -> assertThat(told).contains("key loose"));
        assertThatThrownBy(() -> WormBacklash.atWheel(set, 0.03, 84, 0.05))
                .hasMessageContaining("end float of the worm, 0.05 mm, is more than");
    }

    // Usual range from memory of AGMA 2005: DP 5 to 6 has 0.005 to 0.007 inch.
    @Test
    void readsABevelPairAtTheHeel() {
        var straight = new BevelPair(16, 32, 4, 90, 20, 0, 20);
        var read = BevelBacklash.of(straight, 0.18, false);
        assertThat(read.normalMm()).isCloseTo(0.169145, within(6e-7));
        assertThat(read.wheelAngleMin()).isCloseTo(9.66866, within(6e-6));
        assertThat(read.midFaceMm()).isCloseTo(0.154844, within(6e-6));
        var spiral = BevelBacklash.of(new BevelPair(16, 32, 4, 90, 20, 35, 20), 0.18, false);
        assertThat(spiral.normalMm()).isCloseTo(0.138555, within(6e-7));
        var usual = BevelLimits.usual(new BevelPair(15, 30, 4.5, 90, 20, 0, 20));
        assertThat(usual.orElseThrow().leastMm() / 25.4).isCloseTo(0.005, within(1e-9));
        assertThat(BevelBacklash.of(straight, 0.18, true).normalMm())
                .isCloseTo(0.18, within(1e-12));
    }

    /** Every entry of the ISO/TR table printed, rounded up, and what the schools make of the same pair. */
    @Test
    void schoolsStandSideBySideAndTheDutyChooses() {
        var enclosed = BacklashSchools.of(Gears.spurPair(30, 70, 4), ServiceDuty.ENCLOSED_POWER);
        assertThat(enclosed.schools().get(0).name()).startsWith("ISO/TR 10064-2");
        double along = Math.cos(Math.toRadians(20));
        assertThat(enclosed.schools().get(0).fromMm() * along).isCloseTo(0.187, within(5e-4));
        var agma =
                enclosed.schools().stream()
                        .filter(s -> s.name().startsWith("AGMA"))
                        .findFirst()
                        .orElseThrow();
        assertThat(agma.fromMm() * along).isCloseTo(0.254, within(1e-9));
        assertThat(agma.toMm() * along).isCloseTo(0.508, within(1e-9));
        var feed = BacklashSchools.of(Gears.spurPair(20, 40, 2), ServiceDuty.FEED);
        assertThat(feed.schools().get(0).fromMm()).isCloseTo(0.06, within(1e-12));
        var tiny = BacklashSchools.of(Gears.spurPair(20, 40, 0.5), ServiceDuty.FEED);
        assertThat(tiny.schools()).anyMatch(s -> !s.answers());
    }
}
