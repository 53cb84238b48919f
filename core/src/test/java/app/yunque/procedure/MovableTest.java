package app.yunque.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.drive.Drive;
import app.yunque.drive.Stage;
import app.yunque.gear.BevelPair;
import app.yunque.gear.GearPair;
import app.yunque.gear.Gears;
import app.yunque.gear.Hand;
import app.yunque.gear.WormSet;
import app.yunque.procedure.Movable.Effect;
import java.util.EnumSet;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Figures by hand from Δj = 2 Δ tan α sin δ and Δj = 2 Δa tan α; the steps as common practice has them, no source. */
class MovableTest {
    /** z 16/32 at a right angle: tan δ₁ = 0.5, tan δ₂ = 2. */
    private static final Stage BEVEL = new Stage.Bevel(new BevelPair(16, 32, 4, 90, 20, 0, 25));

    private static final Stage WORM =
            new Stage.Worm(new WormSet(1, 40, 2, 22.4, 20, 0, Hand.RIGHT), 0.06);

    private static final Stage PAIR = new Stage.Parallel(Gears.spurPair(20, 40, 2));

    private static final Stage RING =
            new Stage.Parallel(
                    new GearPair(
                            Gears.spur().teeth(20).moduleMm(2).build(),
                            Gears.ring().teeth(60).moduleMm(2).build(),
                            40));

    private static Drive of(Stage... stages) {
        return new Drive(List.of(stages), 1000, 1);
    }

    private static String says(String step, Movable moved, Drive drive) {
        return Movable.at(step, drive).stream()
                .filter(e -> e.moved() == moved)
                .map(Effect::says)
                .collect(Collectors.joining("; "));
    }

    /** 2 × 0.1 × tan 20° = 0.0728, × sin 63.435° = 0.0651, × sin 26.565° = 0.0326; 14.5° only where the pressure angle is. */
    @ParameterizedTest(name = "{0} at {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "BEVEL_WHEEL | S-05 | 0.1 mm gives 0.065 mm more backlash at the heel of stage 1",
                "BEVEL_PINION | S-05 | 0.1 mm gives 0.033 mm more backlash at the heel of stage 1",
                "SHIM_UNDER_A_COVER | S-04 | 0.1 mm gives 0.100 mm more float",
                "NUT_OF_A_TAPER_PAIR | S-02 | changes the float; how much, a first small move tells",
                "SCREW_OF_A_GIB | S-16 | changes the play of the slide; how much, a first small move tells"
            })
    void saysWhatAMoveGives(Movable moved, String step, String says) {
        assertThat(says(step, moved, of(BEVEL))).isEqualTo(says);
    }

    @Test
    void theWheelFollowsItsPinionBySinesOfThePitchAngles() {
        assertThat(Movable.at("S-03", of(BEVEL)).get(0).also())
                .contains("the contact goes to the tip of the wheel")
                .endsWith("the wheel follows by 0.050 mm the other way");
    }

    @Test
    void centresChangeByTheTangentAndTheOtherWayInARing() {
        assertThat(says("S-05", Movable.GASKET_BETWEEN_HALVES, of(PAIR)))
                .isEqualTo("0.1 mm gives 0.073 mm more backlash of stage 1");
        // Axial section of the worm: tan α_x = tan 20° / cos γ, tan γ = 2/22.4.
        assertThat(says("S-05", Movable.CENTRES, of(WORM)))
                .isEqualTo("0.1 mm gives 0.073 mm more backlash of stage 1");
        assertThat(says("S-12", Movable.GASKET_BETWEEN_HALVES, of(RING)))
                .isEqualTo("0.1 mm gives 0.073 mm less backlash of stage 1");
        // Of gears whose sizes nobody knows the figure stays open.
        assertThat(says("S-05", Movable.CENTRES, of(new Stage.Counted(20, 40, false))))
                .isEqualTo("changes the backlash of stage 1; how much, a first small move tells");
    }

    @Test
    void onlyWhatTheUnitHasIsTold() {
        var moved =
                Movable.at("S-05", of(PAIR, WORM)).stream()
                        .map(e -> e.moved() + " " + e.stage())
                        .toList();
        assertThat(moved)
                .containsExactly(
                        "GASKET_BETWEEN_HALVES 1",
                        "GASKET_BETWEEN_HALVES 2",
                        "CENTRES 1",
                        "CENTRES 2");
        assertThat(Movable.at("S-13", of(BEVEL))).isEmpty();
        assertThat(Movable.at("P-19", of(BEVEL))).isEmpty();
        assertThat(says("S-02", Movable.SHIM_OF_THE_WORM, of(WORM)))
                .isEqualTo("0.1 mm gives 0.100 mm more float of the worm of stage 1");
    }

    /** Law: whatever can be moved is told at some step of setting, with what it changes beside. */
    @Test
    void everyMemberIsReached() {
        var drive = of(BEVEL, WORM, PAIR);
        var reached = EnumSet.noneOf(Movable.class);
        for (var step : ProcedureList.all()) {
            for (var effect : Movable.at(step.id(), drive)) {
                assertThat(step.id()).startsWith("S-");
                assertThat(effect.also()).isNotBlank();
                assertThat(effect.words()).isEqualTo(effect.moved().words()).isNotBlank();
                reached.add(effect.moved());
            }
        }
        assertThat(reached).isEqualTo(EnumSet.allOf(Movable.class));
    }
}
