package app.yunque.drive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.BevelPair;
import app.yunque.gear.GearPair;
import app.yunque.gear.Gears;
import app.yunque.gear.Hand;
import app.yunque.gear.WormSet;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class DriveLineTest {

    private static Stage stage(int z1, int z2) {
        return new Stage.Parallel(Gears.spurPair(z1, z2, 2));
    }

    @Test
    void ratiosMultiplyAndExternalMeshesTurnTheSenseRound() {
        var reducer = DriveLine.of(List.of(stage(18, 54), stage(20, 65)), 1440, 48);
        assertThat(reducer.ratio()).isCloseTo(9.75, within(1e-12));
        assertThat(reducer.outputSpeedRpm()).isCloseTo(147.692, within(6e-4));
        assertThat(reducer.outputTorqueNm()).isCloseTo(449.467, within(6e-4));
        assertThat(DriveLine.of(List.of(stage(17, 51), new Stage.Idler(20)), 100, 0).ratio())
                .isCloseTo(3, within(1e-12));
        var ring =
                new Stage.Parallel(
                        new GearPair(
                                Gears.spur().teeth(20).moduleMm(2).build(),
                                Gears.ring().teeth(60).moduleMm(2).build(),
                                40));
        assertThat(ring.ratio()).isEqualTo(3);
    }

    @Test
    void meshFrequencyAndHuntingTooth() {
        var at = DriveLine.of(List.of(stage(18, 63)), 1450, 0).stages().get(0);
        assertThat(at.meshHz()).isCloseTo(435, within(1e-9));
        assertThat(at.huntingHz()).isCloseTo(3.45238, within(6e-6));
        assertThat(DriveLine.of(List.of(stage(19, 64)), 1450, 0).stages().get(0).huntingHz())
                .isCloseTo(0.377604, within(6e-7));
        var rim = DriveLine.of(List.of(stage(21, 63)), 1440, 0).stages().get(0);
        assertThat(rim.velocityMPerS()).isCloseTo(Math.PI * 0.042 * 24, within(1e-9));
    }

    // Willis equation; two planetary stages in a row.
    @Test
    void planetarySetsGiveTheirSixRatios() {
        var set = new PlanetarySet(24, 24, 72, 3);
        assertThat(set.ratio(PlanetarySet.Path.SUN_TO_CARRIER)).isEqualTo(4);
        assertThat(set.ratio(PlanetarySet.Path.RING_TO_CARRIER)).isCloseTo(4 / 3.0, within(1e-12));
        assertThat(set.ratio(PlanetarySet.Path.SUN_TO_RING)).isEqualTo(-3);
        assertThat(set.planetSpinRpm(1200, 300)).isEqualTo(-900);
        var small = new PlanetarySet(18, 27, 72, 3);
        var second = new PlanetarySet(21, 21, 63, 3);
        var both =
                DriveLine.of(
                        List.of(
                                new Stage.Planetary(small, PlanetarySet.Path.SUN_TO_CARRIER),
                                new Stage.Planetary(second, PlanetarySet.Path.SUN_TO_CARRIER)),
                        1000,
                        0);
        assertThat(both.ratio()).isCloseTo(20, within(1e-12));
        assertThat(both.stages().get(0).meshHz())
                .as("z_s |n_s − n_c|/60")
                .isCloseTo(18 * 800 / 60.0, within(1e-9));
    }

    /** Assembly by trial: planet k at its place meets sun and ring in phase. */
    @Test
    void planetsCanBeSpacedEvenlyOnlyWhenTheSumDivides() {
        assertThatThrownBy(() -> new PlanetarySet(24, 24, 73, 3))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("(24 + 73)/3 is not whole")
                .hasMessageContaining("multiples of 3.711°");
        assertThatThrownBy(() -> new PlanetarySet(24, 24, 72, 5)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new PlanetarySet(24, 24, 80, 4))
                .hasMessageContaining("24 + 2 × 24 = 72 teeth, the ring has 80");
        assertThat(PlanetarySet.steppedPlanetsFit(18, 24, 16, 58, 2)).isTrue();
        assertThat(PlanetarySet.steppedPlanetsFit(18, 24, 16, 58, 4)).isFalse();
        assertThat(new PlanetarySet(24, 24, 72, 4).neighbourGapMm(48, 52))
                .isCloseTo(2 * 48 * Math.sin(Math.PI / 4) - 52, within(1e-12));
    }

    @Test
    void wormCycloidalAndFrictionStages() {
        assertThat(new Stage.Cycloidal(29, 30, false).ratio()).isEqualTo(-29);
        assertThat(new Stage.Cycloidal(29, 30, true).ratio()).isEqualTo(30);
        assertThat(new Stage.Cycloidal(34, 36, false).ratio()).isEqualTo(-17);
        assertThatThrownBy(() -> new Stage.Cycloidal(30, 30, false))
                .hasMessageContaining("needs more than 30 pins");
        var disc = DriveLine.of(List.of(new Stage.FrictionDisc(70, 55, 3)), 900, 0);
        assertThat(disc.outputSpeedRpm()).isCloseTo(685.929, within(6e-4));
        var back = DriveLine.of(List.of(new Stage.FrictionDisc(70, -30, 0)), 900, 0);
        assertThat(back.outputSpeedRpm()).isCloseTo(-385.714, within(6e-4));
        assertThatThrownBy(() -> new Stage.FrictionDisc(70, 0, 3)).hasMessageContaining("neutral");

        var worm = new WormSet(2, 41, 4, 40, 20, 0, Hand.RIGHT);
        assertThat(worm.efficiencyWormDriving(0.06)).isCloseTo(0.748325, within(6e-7));
        assertThat(new WormSet(1, 40, 5, 50, 20, 0, Hand.RIGHT).efficiencyWheelDriving(0.10))
                .isCloseTo(-0.0635020, within(6e-8));
        assertThat(new Stage.Worm(worm, 0.06).ratio()).isEqualTo(20.5);
    }

    /** A planetary set as plain equations, and the same set through its formula. */
    @Test
    void equationsOfShaftsAgreeWithWillis() {
        var meshes =
                List.of(
                        new ShaftSpeeds.Mesh("sun", 24, "planet", 24, false, "carrier"),
                        new ShaftSpeeds.Mesh("planet", 24, "ring", 72, true, "carrier"));
        var speeds = ShaftSpeeds.of(meshes, Set.of("ring"), "sun");
        assertThat(speeds.get("carrier")).isCloseTo(0.25, within(1e-12));
        assertThat(speeds.get("planet")).isCloseTo(-0.5, within(1e-12));
        assertThatThrownBy(() -> ShaftSpeeds.of(meshes, Set.of(), "sun"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("hold one more shaft");
        assertThatThrownBy(() -> ShaftSpeeds.of(meshes, Set.of("ring", "carrier"), "sun"))
                .hasMessageContaining("locked");
    }

    @Test
    void lashAddsUpAndTheLastMeshRules() {
        var lash =
                OverallLash.of(
                        List.of(
                                new OverallLash.Mesh(0.15, 60, 3),
                                new OverallLash.Mesh(0.20, 81, 3)));
        assertThat(lash.atOutputMin()).isCloseTo(11.3531, within(6e-5));
        assertThat(lash.sharePercent().get(1)).isCloseTo(74.7664, within(6e-5));
        assertThat(lash.atInputDeg()).isCloseTo(1.70296, within(6e-6));
        assertThat(OverallLash.planetaryCarrierMin(0.10, 0.12, 48))
                .isCloseTo(7.87817, within(6e-6));
    }

    // Definition of the ratio; 60 turns of a 1/40 worm behind a 2:1 chain turn the wheel three
    // quarters of a turn.
    @Test
    void turnCountsCheckAnyTrain() {
        var train =
                new Drive(List.of(new Stage.Chain(20, 40), new Stage.WormCounted(1, 40)), 1400, 0);
        assertThat(train.ratio()).isEqualTo(80);
        var right = TurnCountCheck.of(train, Optional.empty(), new TurnCountCheck.Count(400, 5, 2));
        assertThat(right.verdict()).isEqualTo(Verdict.CLEAR_PASS);
        var doubtful =
                TurnCountCheck.of(train, Optional.empty(), new TurnCountCheck.Count(60, 0.75, 5));
        assertThat(doubtful.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(doubtful.inputTurnsToBeSure()).isGreaterThan(60);
        var wrong = TurnCountCheck.of(train, Optional.empty(), new TurnCountCheck.Count(410, 5, 2));
        assertThat(wrong.sentence()).contains("It would fit stage 1 with chain z 20/41");
    }

    @Test
    void stagesOfOtherKindsStandWhereTheyAreInTheRow() {
        var bevelFirst =
                new Drive(
                        List.of(
                                new Stage.Bevel(new BevelPair(16, 32, 4, 90, 20, 0, 20)),
                                new Stage.Parallel(Gears.spurPair(20, 60, 2))),
                        900,
                        5);
        assertThat(bevelFirst.driverSpeedRpm(2)).isEqualTo(450);
        assertThat(bevelFirst.outputSpeedRpm()).isEqualTo(150);
        assertThat(bevelFirst.turnsTheSameWay()).isTrue();
        assertThat(bevelFirst.stage(1).orElseThrow()).isInstanceOf(Stage.Bevel.class);
    }

    // Affinity laws.
    @Test
    void aFasterCentrifugalPumpTakesTheCubeOfThePower() {
        var faster =
                ReRatio.of(
                        new ReRatio.Gears(40, 24),
                        new ReRatio.Gears(44, 20),
                        ReRatio.Pump.CENTRIFUGAL,
                        1000,
                        50,
                        4,
                        Optional.of(1200.0),
                        Optional.of(7.5));
        assertThat(faster.speedFactor()).isCloseTo(1.32, within(1e-12));
        assertThat(faster.newPowerKw()).isCloseTo(4 * 2.29997, within(6e-5));
        assertThat(faster.warnings())
                .anyMatch(w -> w.contains("above the maker's 1200"))
                .anyMatch(w -> w.contains("motor's 7.5 kW"));
        var slower =
                ReRatio.of(
                        new ReRatio.Gears(30, 45),
                        new ReRatio.Gears(28, 47),
                        ReRatio.Pump.DISPLACEMENT,
                        100,
                        1,
                        1,
                        Optional.empty(),
                        Optional.empty());
        assertThat(slower.newFlow()).isCloseTo(0.893617, within(6e-7));
        assertThat(slower.newPowerKw()).isEqualTo(slower.newFlow());
    }
}
