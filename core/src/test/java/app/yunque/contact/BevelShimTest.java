package app.yunque.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.contact.ContactPattern.Kind;
import app.yunque.contact.ContactPattern.Place;
import app.yunque.gear.BevelPair;
import app.yunque.gear.Member;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import java.util.List;
import org.junit.jupiter.api.Test;

class BevelShimTest {
    private final BevelPair pair = new BevelPair(16, 32, 4, 90, 20, 0, 20);

    // Worked out apart from this code with 30-digit arithmetic; the formula checked with a
    // spherical-involute pair.
    @Test
    void aShimMovesTheBacklash() {
        assertThat(BevelShim.backlashChangeMm(pair, Member.PINION, 0.10))
                .isCloseTo(0.0325545, within(6e-8));
        assertThat(BevelShim.backlashChangeMm(pair, Member.WHEEL, 0.10))
                .isCloseTo(0.0651090, within(6e-8));
        var spiral = new BevelPair(16, 32, 4, 90, 20, 35, 20);
        assertThat(BevelShim.backlashChangeMm(spiral, Member.WHEEL, 0.10))
                .isCloseTo(0.0794834, within(6e-8));
    }

    @Test
    void findsTheStackThatComesNearestAndSaysWhenItIsNotNear() {
        var shim =
                BevelShim.of(pair, Member.WHEEL, 0.30, 0.18, 0.60, List.of(0.05, 0.10, 0.20, 0.50));
        assertThat(shim.moveMm()).isCloseTo(-0.184306, within(6e-7));
        assertThat(shim.shims()).containsExactly(0.20, 0.10, 0.05);
        assertThat(shim.predictedMm()).isCloseTo(0.137228, within(6e-7));
        assertThat(shim.warnings())
                .anyMatch(w -> w.contains("No stack of these shims comes close"));
        assertThat(shim.otherMoveMm()).as("−Δ sin δ₂/sin δ₁").isCloseTo(0.368612, within(2e-6));
        assertThatThrownBy(() -> BevelShim.of(pair, Member.WHEEL, 0.30, 0.05, 0.1, List.of(0.1)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("this member cannot come in that far");
    }

    @Test
    void misalignedShaftsOpenAGapAtTheFarEnd() {
        var gap = ShaftMisalignment.of(30, 0.05, 200, Math.toRadians(20));
        assertThat(gap.skewGapMm()).isCloseTo(0.00704769, within(6e-9));
        assertThat(gap.inPlaneGapMm()).isCloseTo(0.00256515, within(6e-9));
        assertThat(ShaftMisalignment.skewMoveMm(gap.skewGapMm(), 30, 200, Math.toRadians(20)))
                .isCloseTo(0.05, within(1e-12));
        assertThat(ShaftMisalignment.inPlaneMoveMm(gap.inPlaneGapMm(), 30, 200, Math.toRadians(20)))
                .isCloseTo(0.05, within(1e-12));
    }

    // Trade facts, common practice: what the marking means and which way to move.
    @Test
    void patternsSayWhichWayToMove() {
        assertThat(told(Kind.STRAIGHT_BEVEL, Place.FAR_END, Place.FAR_END).move())
                .startsWith("Wheel in");
        assertThat(told(Kind.STRAIGHT_BEVEL, Place.TIP, Place.TIP).move()).startsWith("Pinion in");
        assertThat(told(Kind.SPUR, Place.NEAR_END, Place.NEAR_END).meaning())
                .contains("closer there");
        assertThat(told(Kind.SPUR, Place.NEAR_END, Place.FAR_END).meaning())
                .contains("shafts cross");
        // Entering in one direction is leaving in the other: this is one side of the wheel.
        assertThat(told(Kind.WORM, Place.NEAR_END, Place.FAR_END).move())
                .contains("towards the side that shows contact");
        assertThat(told(Kind.WORM, Place.FAR_END, Place.NEAR_END).move())
                .contains("towards the side that shows contact");
        assertThat(told(Kind.WORM, Place.NEAR_END, Place.NEAR_END).meaning())
                .contains("not square");
        assertThat(told(Kind.SPIRAL_BEVEL, Place.FAR_END, Place.NEAR_END).move())
                .startsWith("Pinion in");
        for (var kind : Kind.values()) {
            assertThat(told(kind, Place.MIDDLE, Place.MIDDLE).verdict())
                    .as(kind.words())
                    .isEqualTo(Verdict.CLEAR_PASS);
            for (var place : ContactPattern.places(kind)) {
                assertThat(told(kind, place, Place.MIDDLE).meaning()).isNotBlank();
            }
        }
    }

    /** Over every pair of markings there is: only one in the middle passes, and no move mends shafts that do not meet. */
    @Test
    void onlyAMarkingInTheMiddlePasses() {
        for (var kind : Kind.values()) {
            for (var drive : Place.values()) {
                for (var coast : Place.values()) {
                    var middle =
                            kind == Kind.WORM
                                    ? List.of(Place.MIDDLE, Place.FAR_END)
                                    : List.of(Place.MIDDLE);
                    boolean good =
                            middle.contains(drive)
                                    && middle.contains(coast)
                                    && (drive == Place.MIDDLE || coast == Place.MIDDLE);
                    assertThat(told(kind, drive, coast).verdict() == Verdict.CLEAR_PASS)
                            .as("%s, %s and %s", kind, drive, coast)
                            .isEqualTo(good);
                }
            }
        }
        assertThat(told(Kind.STRAIGHT_BEVEL, Place.NEAR_END, Place.FAR_END).verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(told(Kind.SPUR, Place.TIP, Place.MIDDLE).verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(told(Kind.WORM, Place.ROOT, Place.MIDDLE).verdict())
                .isEqualTo(Verdict.NOT_JUDGED);
    }

    private static ContactPattern told(Kind kind, Place drive, Place coast) {
        return ContactPattern.of(kind, drive, coast);
    }
}
