package app.yunque.drive;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.BevelPair;
import app.yunque.gear.GearPair;
import app.yunque.gear.Gears;
import app.yunque.gear.Hand;
import app.yunque.gear.WormSet;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.ShaftStack;
import app.yunque.teardown.Side;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class LongTrainTest {
    private final List<GearPair> three =
            List.of(
                    Gears.spurPair(20, 40, 2),
                    Gears.spurPair(20, 60, 3),
                    Gears.spurPair(20, 80, 4));
    private final Drive train = Drives.ofPairs(three, 1200, 4);

    @Test
    void runsEachStageAtItsOwnSpeed() {
        assertThat(train.ratio()).isEqualTo(24);
        assertThat(train.turnsTheSameWay()).isFalse();
        assertThat(train.driverSpeedRpm(3)).isCloseTo(200, within(1e-9));
        // v = π d n / 60000 with d 80 mm at 200 min⁻¹.
        assertThat(train.pitchLineVelocityMPerS(3))
                .isCloseTo(Math.PI * 80 * 200 / 60_000, within(1e-12));
    }

    /** The wheel of a stage and the pinion of the next sit on one shaft, so their speeds agree. */
    @Test
    void sharesItsShafts() {
        for (int stage = 1; stage < 3; stage++) {
            double wheel = train.driverSpeedRpm(stage) / three.get(stage - 1).ratio();
            assertThat(train.driverSpeedRpm(stage + 1)).isCloseTo(wheel, within(1e-12));
        }
    }

    @Test
    void numbersItsMiddleShaftsAndStandsTheirGearsInOrder() {
        var stack = ShaftStack.of(train, List.of(), List.of(), Map.of());
        assertThat(stack.shafts())
                .extracting(ShaftStack.Shaft::name)
                .containsExactly(
                        "input shaft",
                        "intermediate shaft 1",
                        "intermediate shaft 2",
                        "output shaft");
        assertThat(stack.shafts().get(2).items())
                .extracting(ShaftStack.Item::part)
                .containsExactly("wheel 2, z 60", "pinion 3, z 20");
        assertThat(stack.meetings())
                .extracting(ShaftStack.Meeting::driver, ShaftStack.Meeting::driven)
                .containsExactly(tuple(1, 2), tuple(2, 3), tuple(3, 4));
    }

    @Test
    void keepsPartsOfNoShaftApart() {
        var plug = step(1, "drain plug", PartKind.PLUG).on(0, Side.LEFT).build();
        var lost = step(2, "part of a fifth shaft", PartKind.OTHER).on(5, Side.LEFT).build();
        var stack = ShaftStack.of(train, List.of(), List.of(plug, lost), Map.of());
        assertThat(stack.housing())
                .extracting(ShaftStack.Item::part)
                .containsExactly("drain plug", "part of a fifth shaft");
    }

    @Test
    void refusesMoreStagesThanAPathCanHaveAndAStandingInput() {
        assertThatThrownBy(() -> Drives.ofPairs(Collections.nCopies(13, three.get(0)), 1200, 4))
                .hasMessageContaining("Number of stages 13 is outside 1 to 12.");
        assertThatThrownBy(() -> Drives.ofPairs(Collections.nCopies(25, three.get(0)), 1200, 4))
                .hasMessageContaining("Number of stages 25 is outside 0 to 24.");
        assertThatThrownBy(() -> Drives.ofPairs(three, 0.05, -1))
                .hasMessageContaining("Input speed 0.05 min⁻¹ is outside")
                .hasMessageContaining("Input power −1 kW is outside 0 to 20000 kW.");
    }

    /** A unit that was never open: its speed is not known, and nothing that follows from it is. */
    @Test
    void aSpeedNobodyKnowsIsNoSpeed() {
        var unknown = Drives.ofPairs(three, 0, 4);
        assertThat(unknown.isSpeedKnown()).isFalse();
        assertThat(unknown.inputTorqueNm()).isZero();
        assertThat(unknown.outputSpeedRpm()).isZero();
        var known = Drives.ofPairs(three, 1200, 4);
        assertThat(known.isSpeedKnown()).isTrue();
        // T = 60 000 P/(2 π n), by hand: 31.831 N·m.
        assertThat(known.inputTorqueNm()).isCloseTo(31.831, within(5e-4));
        var line = DriveLine.of(unknown.stages(), 0, 0);
        assertThat(line.ratio()).isEqualTo(DriveLine.of(known.stages(), 1200, 0).ratio());
        assertThat(line.stages()).allMatch(at -> at.inputRpm() == 0 && at.meshHz() == 0);
    }

    /** Each kind of stage says how its backlash is measured. */
    @Test
    void wormsAndBevelsAreMeasuredInTheirOwnWay() {
        var bevel = new Stage.Bevel(new BevelPair(16, 32, 4, 90, 20, 0, 20));
        assertThat(bevel.mesh()).contains(MeshMeasure.BEVEL);
        var worm = new Stage.Worm(new WormSet(1, 40, 4, 40, 20, 0, Hand.RIGHT), 0.06);
        assertThat(worm.mesh()).contains(MeshMeasure.WORM);
        assertThat(new Stage.Parallel(three.get(0)).mesh()).isEmpty();
        assertThat(new Stage.Counted(18, 54, false).mesh()).isEmpty();
        assertThat(MeshMeasure.BEVEL.question()).isEqualTo("bevel-backlash");
        assertThat(MeshMeasure.WORM.question()).isEqualTo("worm-backlash");
    }

    /** Papers that do not describe the gears have no ratio to compare a count with. */
    @Test
    void comparesNothingWithPapersThatDescribeNoGears() {
        var unknown = Drives.ofPairs(List.of(), 1200, 4);

        assertThatThrownBy(
                        () ->
                                TurnCountCheck.of(
                                        unknown,
                                        Optional.empty(),
                                        new TurnCountCheck.Count(10, 1, 3)))
                .hasMessageContaining("papers do not describe the gears");
    }

    /** However it was counted, a count made with the turns asked for tells one tooth apart. */
    @Test
    void asksForTurnsEnough() {
        for (double error : new double[] {1, 3, 10, 30}) {
            int turns =
                    TurnCountCheck.of(
                                    train, Optional.empty(), new TurnCountCheck.Count(24, 1, error))
                            .inputTurnsToBeSure();
            var check =
                    TurnCountCheck.of(
                            train,
                            Optional.empty(),
                            new TurnCountCheck.Count(turns, turns / 24.0, error));
            assertThat(check.verdict())
                    .as("±" + error + "° after " + turns)
                    .hasToString("CLEAR_PASS");
            var fewer =
                    TurnCountCheck.of(
                            train,
                            Optional.empty(),
                            new TurnCountCheck.Count(turns * 0.4, turns * 0.4 / 24, error));
            assertThat(fewer.verdict()).as("with less than half of them").hasToString("DOUBTFUL");
        }
    }
}
