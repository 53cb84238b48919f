package app.yunque.bearing;

import static app.yunque.bearing.ClearanceGroups.Group.C2;
import static app.yunque.bearing.ClearanceGroups.Group.C3;
import static app.yunque.bearing.ClearanceGroups.Group.C4;
import static app.yunque.bearing.ClearanceGroups.Group.CN;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.bearing.ClearanceGroups.Group;
import app.yunque.bearing.ClearanceLeft.Seated;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClearanceTest {

    // Source: ISO 5753-1, table, from memory (µm).
    @Test
    void oneReadingMayBelongToTwoGroups() {
        assertThat(groups(30, 22)).containsExactly(C3);
        assertThat(groups(30, 15)).containsExactly(CN, C3);
        assertThat(groups(30, 23)).containsExactly(C3, C4);
        assertThat(groups(30, 3)).containsExactly(C2);
        assertThat(groups(35, 15)).containsExactly(CN, C3);
        assertThat(groups(10, 14)).containsExactly(C3, C4);
        assertThat(groups(5, 20)).as("C4 is not made there").containsExactly(C3);
        assertThat(groups(50, 60)).isEmpty();
        assertThat(ClearanceGroups.of(50, 60).told().sentence()).contains("above every group");
        assertThat(ClearanceGroups.of(35, 0).told().sentence()).contains("below every group");
    }

    private static List<Group> groups(double bore, double clearance) {
        return ClearanceGroups.of(bore, clearance).groups();
    }

    @ParameterizedTest
    @CsvSource({
        "6, CN, 2, 13", "18, CN, 3, 18", "18.1, CN, 5, 20", "24, C3, 13, 28", "40, CN, 6, 20",
                "50, CN, 6, 23",
        "65, CN, 8, 28", "80, C3, 25, 51", "100, C2, 1, 18", "120, C4, 61, 97", "140, C3, 41, 81",
                "160, CN, 18, 53",
        "180, C4, 91, 147", "200, C2, 2, 30", "30, C4, 23, 41"
    })
    void bandsOfTheTable(double bore, Group group, double least, double most) {
        assertThat(ClearanceGroups.band(bore, group))
                .contains(new ClearanceGroups.Band(least, most));
    }

    /** Groups overlap or touch and climb, in every row: what ISO 5753-1 makes them for. */
    @Test
    void groupsClimb() {
        for (double bore :
                new double[] {3, 8, 15, 20, 28, 35, 45, 60, 70, 90, 110, 130, 150, 170, 190}) {
            for (int g = 1; g < Group.values().length; g++) {
                var lower = ClearanceGroups.band(bore, Group.values()[g - 1]).orElseThrow();
                var upper = ClearanceGroups.band(bore, Group.values()[g]);
                if (upper.isPresent()) {
                    assertThat(upper.get().leastUm()).isBetween(lower.leastUm(), lower.mostUm());
                    assertThat(upper.get().mostUm()).isGreaterThan(lower.mostUm());
                }
            }
        }
    }

    @Test
    void beyondTheTableNothingIsTold() {
        assertThatThrownBy(() -> ClearanceGroups.of(2.5, 5))
                .hasMessageContaining("over 2.5 up to 200 mm");
        assertThatThrownBy(() -> ClearanceGroups.of(200.1, 5))
                .hasMessageContaining("over 2.5 up to 200 mm");
    }

    // 30 mm CN is 5 to 20 µm (ISO 5753-1, from memory); renewed from twice, or one and a half times
    // that: judgement.
    @ParameterizedTest
    @CsvSource({
        "4, false, BELOW",
        "20, false, AS_NEW",
        "20.1, false, WATCH",
        "40, false, WATCH",
        "40.1, false, BEYOND",
        "30, true, WATCH",
        "30.1, true, BEYOND"
    })
    void aWornBearing(double clearance, boolean demanding, Zone zone) {
        assertThat(WornClearance.of(30, CN, clearance, 0, demanding, false).told().zone())
                .isEqualTo(zone);
        assertThatThrownBy(() -> WornClearance.of(5, C4, 20, 1, false, false))
                .hasMessageContaining("is not made for a bore of 5 mm");
    }

    // Source: Lamé's thick rings, worked apart.
    @Test
    void whatTightRingsTake() {
        var solid = new Seated(50, 90, 60.0, 78.0, 0, null);
        assertThat(ClearanceLeft.byInnerRing(solid, 20)).isEqualTo(16.6667, within(5e-5));
        var hollow = new Seated(50, 90, 60.0, 78.0, 25, 140.0);
        assertThat(ClearanceLeft.byInnerRing(hollow, 20)).isEqualTo(15.1261, within(5e-5));
        assertThat(ClearanceLeft.byOuterRing(hollow, 20)).isEqualTo(14.7480, within(5e-5));
        assertThat(ClearanceLeft.byOuterRing(solid, 20))
                .as("thick housing: h I")
                .isEqualTo(20 * 78 / 90.0, within(1e-9));
        assertThat(ClearanceLeft.byHeat(solid, 10)).isEqualTo(9.75, within(1e-9));
        assertThat(ClearanceLeft.byInnerRing(solid, -5)).as("a loose ring takes nothing").isZero();
    }

    @Test
    void whatIsLeftWhenWarm() {
        var bearing = new Seated(50, 90, 60.0, 78.0, 0, null);
        var left = ClearanceLeft.of(bearing, 20, 13, 0, 10);
        // 13 × 50/52 smoothed, × 50/60, and 9.75 for the heat.
        assertThat(left.leftUm()).isEqualTo(20 - 13 * 50 / 52.0 * 50 / 60 - 9.75, within(1e-9));
        assertThat(left.told().verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(left.told().sentence()).contains("take a wider clearance group");
        assertThat(ClearanceLeft.of(bearing, 30, 13, 0, 10).told().verdict())
                .isEqualTo(Verdict.NOT_JUDGED);
    }

    /** Without its races they are taken as (D + 4 d)/5 and (4 D + d)/5; judgement, no source. */
    @Test
    void racesThatAreNotKnown() {
        var guessed = new Seated(50, 90, null, null, 0, null);
        var said = new Seated(50, 90, 58.0, 82.0, 0, null);
        assertThat(ClearanceLeft.byInnerRing(guessed, 20))
                .isEqualTo(ClearanceLeft.byInnerRing(said, 20));
        assertThat(ClearanceLeft.byOuterRing(guessed, 20))
                .isEqualTo(ClearanceLeft.byOuterRing(said, 20));
    }

    @Test
    void diametersKeepTheirOrder() {
        assertThatThrownBy(() -> new Seated(50, 90, 60.0, 78.0, 50, null))
                .hasMessageContaining("out of order");
        assertThatThrownBy(() -> new Seated(50, 90, 60.0, 78.0, 0, 90.0))
                .hasMessageContaining("out of order");
        assertThatThrownBy(() -> new Seated(50, 90, 80.0, 78.0, 0, null))
                .hasMessageContaining("out of order");
    }

    // Source: derived, worked by hand.
    @Test
    void axialPlayAndLift() {
        assertThat(AxialPlay.of(0.020, 0.5).axialMm()).isEqualTo(0.198997, within(5e-7));
        assertThat(AxialPlay.of(0.010, 0.3).axialMm()).isEqualTo(0.109087, within(5e-7));
        // The same by the angle: 2 A sin α₀, cos α₀ = 1 − G_r/(2 A).
        double angle = Math.acos(1 - 0.03 / (2 * 0.4));
        assertThat(AxialPlay.of(0.03, 0.4).axialMm())
                .isEqualTo(2 * 0.4 * Math.sin(angle), within(1e-12));
        assertThatThrownBy(() -> AxialPlay.of(0.9, 0.4))
                .hasMessageContaining("balls would fall out");

        assertThat(LiftedClearance.of(0.032, 0.037, 0, 100).clearanceMm())
                .isEqualTo(0.027, within(1e-12));
        assertThat(LiftedClearance.of(0.060, 0.060, 40, 120).clearanceMm())
                .isEqualTo(0.045, within(1e-12));
        assertThat(LiftedClearance.of(0.045, 0.045, 25, 100).clearanceMm())
                .isEqualTo(0.036, within(1e-12));
        assertThatThrownBy(() -> LiftedClearance.of(0.04, 0.03, 0, 100))
                .hasMessageContaining("Read both again");
        assertThatThrownBy(() -> LiftedClearance.of(0.04, 0.081, 0, 100))
                .hasMessageContaining("Read both again");
    }
}
