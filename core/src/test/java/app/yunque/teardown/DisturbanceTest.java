package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.drive.Drive;
import app.yunque.drive.Drives;
import app.yunque.gear.Gears;
import app.yunque.gear.Member;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A reading after the rebuild loses its value when what locates the mesh is changed afterwards. */
class DisturbanceTest {
    private static final Instant MEASURED = Instant.parse("2026-11-20T10:00:00Z");

    /** Stage 1 between shafts 1 and 2, stage 2 between shafts 2 and 3. */
    private static final Drive DRIVE =
            Drives.ofPairs(List.of(Gears.spurPair(20, 60, 2), Gears.spurPair(20, 60, 3)), 0, 0);

    private static final Set<PartKind> CHANGES_NOTHING =
            Set.of(
                    PartKind.O_RING,
                    PartKind.TAB_WASHER,
                    PartKind.COTTER_PIN,
                    PartKind.FELT,
                    PartKind.CIRCLIP,
                    PartKind.COLLET,
                    PartKind.SEAL,
                    PartKind.PLUG,
                    PartKind.COUPLING,
                    PartKind.NUT,
                    PartKind.WASHER,
                    PartKind.KEY,
                    PartKind.PAWL,
                    PartKind.SPRING,
                    PartKind.ROLLER,
                    PartKind.BALL,
                    PartKind.PLUNGER,
                    PartKind.PIN,
                    PartKind.LEVER,
                    PartKind.SCREW,
                    PartKind.OTHER);

    private static boolean isStale(TeardownStep part, int stage, Instant changed) {
        return Disturbance.after(List.of(new Disturbance(part, changed)), DRIVE, stage, MEASURED)
                .isPresent();
    }

    @ParameterizedTest
    @EnumSource(PartKind.class)
    void everyKindOfPartEitherLocatesItsShaftOrDoesNot(PartKind kind) {
        var later = MEASURED.plusSeconds(1);
        for (int shaft = 0; shaft <= 4; shaft++) {
            var part = step(6, "part", kind).on(shaft, Side.LEFT).build();
            for (int stage = 1; stage <= 2; stage++) {
                boolean isOnTheMesh = shaft == stage || shaft == stage + 1;
                boolean wanted =
                        kind == PartKind.HOUSING || isOnTheMesh && !CHANGES_NOTHING.contains(kind);
                assertThat(isStale(part, stage, later))
                        .as("%s on shaft %d, stage %d", kind, shaft, stage)
                        .isEqualTo(wanted);
            }
        }
    }

    @Test
    void whatWasThereWhenItWasMeasuredChangesNothing() {
        var shim = step(6, "shim 0.15", PartKind.SHIM).on(1, Side.LEFT).build();
        assertThat(isStale(shim, 1, MEASURED.minusSeconds(1))).isFalse();
        assertThat(isStale(shim, 1, MEASURED)).as("at the same moment").isFalse();
        assertThat(isStale(shim, 1, MEASURED.plusMillis(1))).isTrue();
    }

    /** A gear of the papers moves its own mesh and no other, whatever shaft it shares. */
    @Test
    void aGearMovesItsOwnMesh() {
        var wheel = step(9, "wheel 1", PartKind.GEAR).gear(new GearPlace(1, Member.WHEEL)).build();
        assertThat(isStale(wheel, 1, MEASURED.plusSeconds(1))).isTrue();
        assertThat(isStale(wheel, 2, MEASURED.plusSeconds(1))).isFalse();
    }

    @Test
    void theLatestChangeIsNamed() {
        var first = step(4, "shim 0.10", PartKind.SHIM).on(1, Side.LEFT).build();
        var last = step(6, "shim 0.15", PartKind.SHIM).on(1, Side.LEFT).build();
        assertThat(
                        Disturbance.after(
                                List.of(
                                        new Disturbance(last, MEASURED.plusSeconds(9)),
                                        new Disturbance(first, MEASURED.plusSeconds(5))),
                                DRIVE,
                                1,
                                MEASURED))
                .contains("shim 0.15 (6) was changed after it was measured: measure again");
    }

    /** Of a stage that the papers do not describe nobody can tell what moves it: any change counts. */
    @Test
    void anUnknownStageIsMovedByAnything() {
        var plug = step(1, "plug", PartKind.PLUG).on(0, Side.LEFT).build();
        assertThat(isStale(plug, 7, MEASURED.plusSeconds(1))).isTrue();
        assertThat(isStale(plug, 7, MEASURED)).isFalse();
    }
}
