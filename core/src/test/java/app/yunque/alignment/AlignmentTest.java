package app.yunque.alignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.alignment.CentreOffset.Run;
import app.yunque.alignment.CouplingFeet.Feet;
import app.yunque.alignment.CouplingFeet.Plane;
import app.yunque.alignment.CouplingFeet.Round;
import app.yunque.alignment.ScrewTurns.Approach;
import app.yunque.alignment.ScrewTurns.Screw;
import app.yunque.alignment.ScrewTurns.Travel;
import app.yunque.measure.Verdict;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AlignmentTest {

    private static final Travel WIDE = new Travel(-100, 100);

    // Source: definition, worked by hand.
    @Test
    void turnsToASetting() {
        var up = ScrewTurns.of(38.40, 45.15, new Screw(1.5, 1, 50, 0), Approach.UPWARD, WIDE);
        assertThat(up.turns()).isEqualTo(4.5, within(1e-9));
        assertThat(up.whole()).isEqualTo(4);
        assertThat(up.divisions()).isEqualTo(25, within(1e-6));
        assertThat(up.pastMm()).isZero();
        var down = ScrewTurns.of(12, 7.3, new Screw(2, 2, 100, 0.12), Approach.UPWARD, WIDE);
        assertThat(down.turns()).isEqualTo(-1.175, within(1e-9));
        assertThat(down.whole()).isEqualTo(-1);
        assertThat(down.divisions()).isEqualTo(-17.5, within(1e-6));
        assertThat(down.pastMm())
                .as("lost motion and half a turn of 4 mm lead")
                .isEqualTo(2.12, within(1e-9));
        assertThat(
                        ScrewTurns.of(12, 7.3, new Screw(2, 2, 100, 0.12), Approach.DOWNWARD, WIDE)
                                .pastMm())
                .isZero();
        assertThat(
                        ScrewTurns.of(7.3, 12, new Screw(2, 2, 100, 0.12), Approach.DOWNWARD, WIDE)
                                .pastMm())
                .isEqualTo(2.12, within(1e-9));
        assertThat(ScrewTurns.of(0, 3, new Screw(1.5, 1, 50, 0), Approach.UPWARD, WIDE).divisions())
                .isZero();
    }

    @Test
    void noMovePastItsTravel() {
        var screw = new Screw(2, 1, 100, 0.1);
        assertThatThrownBy(() -> ScrewTurns.of(5, 101, screw, Approach.UPWARD, WIDE))
                .hasMessageContaining("past the end of its travel");
        assertThatThrownBy(() -> ScrewTurns.of(5, -99.5, screw, Approach.UPWARD, WIDE))
                .as("going past to come back")
                .hasMessageContaining("past the end of its travel");
        assertThatThrownBy(() -> new Travel(5, 5)).hasMessageContaining("before its beginning");
    }

    // Source: geometry, worked by hand.
    @Test
    void aTailCentre() {
        var off = CentreOffset.of(new Run(0, 0.06), new Run(0, 0.06), 250, 400, 0.02, 0.002);
        assertThat(off.offsetMm()).isEqualTo(0.096, within(1e-9));
        assertThat(off.taperPerMm()).isEqualTo(0.00048, within(1e-12));
        assertThat(off.barErrorMm()).isZero();
        assertThat(off.told().verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(off.told().sentence()).contains("towards the tool").contains("away from it");
        var bent = CentreOffset.of(new Run(0, 0.03), new Run(0, -0.03), 250, 400, 0.02, 0.002);
        assertThat(bent.offsetMm()).as("the bar was bent, not the lathe").isZero();
        assertThat(bent.barErrorMm()).isEqualTo(0.03, within(1e-12));
        assertThat(bent.told().verdict()).isEqualTo(Verdict.CLEAR_PASS);
        assertThat(
                        CentreOffset.of(new Run(0, 0.01), new Run(0, 0.01), 200, 400, 0.02, 0.002)
                                .told()
                                .verdict())
                .as("0.020 ± 0.004")
                .isEqualTo(Verdict.DOUBTFUL);
        assertThatThrownBy(() -> CentreOffset.of(new Run(0, 0), new Run(0, 0), 500, 400, 0.02, 0))
                .hasMessageContaining("Exchange the two?");
    }

    private static Round dial(double bottom) {
        return new Round(0, bottom / 2, bottom, bottom / 2);
    }

    // Source: derived, worked by hand for one machine by both ways.
    @Test
    void bothWaysTellTheSameShims() {
        var rim =
                CouplingFeet.byRimAndFace(
                        dial(0.24),
                        dial(-0.06),
                        150,
                        new Feet(200, 550),
                        0,
                        Plane.HEIGHT,
                        1450,
                        Optional.empty());
        assertThat(rim.frontMm()).isEqualTo(0.04, within(1e-9));
        assertThat(rim.rearMm()).isEqualTo(-0.10, within(1e-9));
        var rims =
                CouplingFeet.byTwoRims(
                        dial(0.24),
                        dial(-0.384),
                        180,
                        new Feet(200, 550),
                        Plane.HEIGHT,
                        1450,
                        Optional.empty());
        assertThat(rims.frontMm()).isEqualTo(0.04, within(1e-9));
        assertThat(rims.rearMm()).isEqualTo(-0.10, within(1e-9));
        assertThat(
                        CouplingFeet.byRimAndFace(
                                        dial(0.10),
                                        dial(0),
                                        150,
                                        new Feet(200, 550),
                                        -0.04,
                                        Plane.HEIGHT,
                                        1450,
                                        Optional.empty())
                                .frontMm())
                .as("0.10 − (−0.04), halved")
                .isEqualTo(0.07, within(1e-9));
    }

    /** A made-up machine, high by y and leaning by m: its dials are worked out from where its axis lies, and its shims bring it onto the axis. */
    @Test
    void theShimsBringAnyMachineIntoLine() {
        var random = new Random(11);
        for (int i = 0; i < 300; i++) {
            double y = random.nextDouble() - 0.5;
            double m = (random.nextDouble() - 0.5) / 200;
            double across = 80 + 100 * random.nextDouble();
            double apart = 50 + 200 * random.nextDouble();
            double front = 100 + 200 * random.nextDouble();
            double rear = front + 300;
            var rimFace =
                    CouplingFeet.byRimAndFace(
                            dial(-2 * y),
                            dial(-m * across),
                            across,
                            new Feet(front, rear),
                            0,
                            Plane.HEIGHT,
                            1450,
                            Optional.empty());
            // The axis at the front feet is y + m x; a shim has to take that away.
            assertThat(rimFace.frontMm()).isEqualTo(-(y + m * front), within(1e-9));
            assertThat(rimFace.rearMm()).isEqualTo(-(y + m * rear), within(1e-9));
            double atStanding = y - m * apart;
            var rims =
                    CouplingFeet.byTwoRims(
                            dial(-2 * y),
                            dial(2 * atStanding),
                            apart,
                            new Feet(front, rear),
                            Plane.HEIGHT,
                            1450,
                            Optional.empty());
            assertThat(rims.frontMm()).isEqualTo(-(y + m * front), within(1e-9));
            assertThat(rims.rearMm()).isEqualTo(-(y + m * rear), within(1e-9));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "0.20, 0, 1500, CLEAR_PASS", "0.201, 0, 1500, CLEAR_FAIL", "0.20, 0, 1501, CLEAR_FAIL",
                "0.10, 0, 3000, CLEAR_PASS",
        "0, 0.15, 1500, CLEAR_PASS", "0, 0.151, 1500, CLEAR_FAIL", "0, 0.075, 3000, CLEAR_PASS",
                "0, 0.076, 3000, CLEAR_FAIL"
    })
    void whenACouplingIsInLine(double rim, double face, double rpm, Verdict verdict) {
        assertThat(
                        CouplingFeet.byRimAndFace(
                                        dial(rim),
                                        dial(face),
                                        150,
                                        new Feet(200, 550),
                                        0,
                                        Plane.HEIGHT,
                                        rpm,
                                        Optional.empty())
                                .told()
                                .verdict())
                .isEqualTo(verdict);
    }

    @Test
    void readingsHaveToClose() {
        new Round(0, 0.1, 0.22, 0.1);
        assertThatThrownBy(() -> new Round(0, 0.1, 0.221, 0.1))
                .hasMessageContaining("do not close");
        assertThatThrownBy(() -> new Feet(200, 200))
                .hasMessageContaining("not behind the front ones");
        var side =
                CouplingFeet.byRimAndFace(
                        new Round(0.1, 0, 0.1, 0.2),
                        dial(0),
                        150,
                        new Feet(200, 550),
                        -0.04,
                        Plane.SIDEWAYS,
                        1450,
                        Optional.empty());
        assertThat(side.frontMm())
                .as("the sag is upright and not to the side")
                .isEqualTo(0.1, within(1e-9));
    }

    // Source: geometry; 16 mm a metre common practice, no source; worked by hand.
    @Test
    void aBelt() {
        var belt = BeltTension.of(400, 160, 80, 25, 6.36792);
        assertThat(belt.spanMm()).isEqualTo(397.995, within(5e-4));
        assertThat(belt.lengthMm()).isEqualTo(1180.99, within(5e-3));
        assertThat(belt.pressedMm()).isEqualTo(6.36792, within(5e-6));
        assertThat(belt.tensionN()).isEqualTo(390.625, within(5e-3));
        assertThat(BeltTension.of(400, 160, 80, 25, 7).told().sentence()).startsWith("Too slack");
        assertThatThrownBy(() -> BeltTension.of(120, 160, 80, 25, 6))
                .hasMessageContaining("run into each other");
    }

    // Source: geometry, worked by hand.
    @Test
    void wheelsHubsAndGibs() {
        var toe = WheelToe.of(812, 806, 330, 3, 90, 1.25, true);
        assertThat(toe.toeMm()).isEqualTo(6, within(1e-9));
        assertThat(toe.wheelDeg()).isEqualTo(0.520878, within(5e-7));
        assertThat(toe.turns()).isEqualTo(0.327273, within(5e-7));
        assertThat(WheelToe.of(812, 806, 330, 3, 90, 1.25, false).turns())
                .isEqualTo(2 * 0.327273, within(1e-6));
        assertThat(WheelToe.of(812, 806, 330, 8, 90, 1.25, true).turns()).isNegative();
        assertThatThrownBy(() -> WheelToe.of(1812, 806, 330, 3, 90, 1.25, true))
                .hasMessageContaining("more than the rim");

        var hubs = HubsInLine.of(0.20, -0.10);
        assertThat(hubs.lowMm()).isEqualTo(0.15, within(1e-12));
        assertThat(hubs.smallerMm()).isEqualTo(0.05, within(1e-12));
        assertThat(hubs.told().sentence()).isEqualTo("0.150 mm too low.");

        assertThat(GibMove.of(1, 90, 50).closesMm()).isEqualTo(0.005, within(1e-12));
        assertThat(GibMove.of(1.25, 180, 60).closesMm()).isEqualTo(0.0104167, within(5e-8));
        assertThat(GibMove.of(1, -90, 1).told().sentence()).isEqualTo("Opens by 0.2500 mm.");
    }
}
