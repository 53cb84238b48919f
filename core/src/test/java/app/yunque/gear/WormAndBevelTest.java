package app.yunque.gear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import org.junit.jupiter.api.Test;

class WormAndBevelTest {

    // Worked out apart from this code with 30-digit arithmetic from the screw and the cone.
    @Test
    void aWormIsAScrew() {
        var set = new WormSet(2, 41, 4, 40, 20, 0, Hand.RIGHT);
        assertThat(Math.toDegrees(set.leadAngleRad())).isCloseTo(11.3099, within(6e-5));
        assertThat(set.leadMm()).isCloseTo(25.1327, within(6e-5));
        assertThat(set.centreDistanceMm()).isCloseTo(102, within(1e-12));
        assertThat(set.normalModuleMm()).isCloseTo(3.92232, within(6e-6));
        assertThat(Math.toDegrees(set.axialPressureAngleRad())).isCloseTo(20.3638, within(6e-5));
        assertThatThrownBy(() -> new WormSet(1, 40, 5, 12, 20, 0, Hand.RIGHT))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("would have no core left: it needs more than 12.00 mm");
        assertThatThrownBy(() -> new WormSet(1, 40, 5, 50, 20, 0, Hand.NONE))
                .hasMessageContaining("A worm has a hand");
    }

    @Test
    void bevelConesRollOnEachOther() {
        var pair = new BevelPair(16, 32, 4, 90, 20, 0, 20);
        assertThat(Math.toDegrees(pair.pitchAngleRad(Member.PINION)))
                .isCloseTo(26.5651, within(6e-5));
        assertThat(pair.outerConeDistanceMm()).isCloseTo(71.5542, within(6e-5));
        assertThat(pair.meanDiameterMm(Member.PINION)).isCloseTo(55.0557, within(6e-5));
        assertThat(pair.virtualTeeth(Member.WHEEL)).isCloseTo(71.5542, within(6e-5));
        for (double sigma : new double[] {60, 75, 90, 110}) {
            var skew = new BevelPair(15, 40, 3, sigma, 20, 0, 15);
            assertThat(
                            Math.sin(skew.pitchAngleRad(Member.WHEEL))
                                    / Math.sin(skew.pitchAngleRad(Member.PINION)))
                    .as("equal rim speed at %.0f°", sigma)
                    .isCloseTo(40 / 15.0, within(1e-12));
        }
        assertThatThrownBy(() -> new BevelPair(16, 32, 4, 90, 20, 0, 80))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("longer than the cone, 71.55 mm");
        assertThatThrownBy(() -> new BevelPair(16, 80, 4, 150, 20, 0, 20))
                .hasMessageContaining("internal bevel wheel");
    }

    @Test
    void ringsAndOtherRacksKeepTheirHeights() {
        var ring = Gears.ring().teeth(60).moduleMm(2).shift(0.1).build();
        assertThat(ring.tipDiameterMm()).isCloseTo(115.6, within(1e-9));
        assertThat(ring.rootDiameterMm()).isCloseTo(124.6, within(1e-9));
        assertThat(ring.normalToothThicknessMm()).isCloseTo(3.28718, within(6e-6));
        // ANSI B6.1, older edition, from memory: whole depth 2.157/DP.
        var old = Gears.spur().moduleMm(25.4 / 6).rack(BasicRack.FULL_DEPTH_OLD_INCH).build();
        assertThat((old.tipDiameterMm() - old.rootDiameterMm()) / 2)
                .isCloseTo(9.13130, within(6e-6));
        var stub = BasicRack.combinationStub(5, 7);
        assertThat(5.08 * stub.addendum()).isCloseTo(3.62857, within(6e-6));
        assertThat(5.08 * stub.dedendum()).isCloseTo(4.53571, within(6e-6));
    }

    // Worked out by hand: π m z for a turn; crossed pairs from the right triangle of the two
    // helices.
    @Test
    void racksAndCrossedHelicalPairs() {
        var rack = RackAndPinion.of(Gears.spur().teeth(18).moduleMm(2.5).build());
        assertThat(rack.perTurnMm()).isCloseTo(141.372, within(6e-4));
        assertThat(RackAndPinion.of(Gears.spur().teeth(20).build()).travelMm(90))
                .isCloseTo(47.1239, within(6e-5));
        assertThat(rack.turnDeg(rack.travelMm(123))).isCloseTo(123, within(1e-9));
        assertThat(new CrossedHelicalPair(20, 30, 2, 45, 45).centreDistanceMm())
                .isCloseTo(70.7107, within(6e-5));
        assertThat(new CrossedHelicalPair(15, 24, 2.5, 30, 60).centreDistanceMm())
                .isCloseTo(81.6506, within(6e-5));
        assertThatThrownBy(() -> new CrossedHelicalPair(20, 30, 2, 45, -45))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("the shafts are parallel");
    }

    // Source: least teeth without undercut of full-depth rack-cut gears, handbooks: 17.1 at 20°,
    // 31.9 at 14.5°.
    @Test
    void undercutBeginsBelowTheHandbooksTeeth() {
        var sharp = new BasicRack("sharp", 1, 1, 0);
        assertThat(undercut(17, 20, sharp)).isTrue();
        assertThat(undercut(18, 20, sharp)).isFalse();
        assertThat(undercut(31, 14.5, sharp)).isTrue();
        assertThat(undercut(32, 14.5, sharp)).isFalse();
        assertThat(Gears.spur().teeth(30).build().involuteStartDiameterMm() / 2)
                .isCloseTo(42.8012, within(6e-5));
        var tip = Gears.helical(20, Hand.LEFT).teeth(27).shift(0.2).build();
        assertThat(tip.tipLandMm()).isCloseTo(2.23641, within(6e-6));
        assertThat(Gears.spur().teeth(10).shift(0.6).build().isTipThin()).isTrue();
    }

    private static boolean undercut(int teeth, double alpha, BasicRack rack) {
        return Gears.spur()
                        .teeth(teeth)
                        .pressureAngleDeg(alpha)
                        .rack(rack)
                        .build()
                        .leastShiftWithoutUndercut()
                > 0;
    }
}
