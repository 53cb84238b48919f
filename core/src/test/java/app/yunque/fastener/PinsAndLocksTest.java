package app.yunque.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.fastener.CompoundCure.Choice;
import app.yunque.fastener.CompoundCure.Faces;
import app.yunque.fastener.CompoundCure.Joint;
import app.yunque.fastener.ShearPin.Box;
import app.yunque.fastener.ShearPin.Guards;
import app.yunque.fastener.ShearPin.Pin;
import app.yunque.fastener.ShearPin.Planes;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PinsAndLocksTest {

    private static final Pin SOFT = new Pin(6, 400, 400, Planes.TWO, 12.5);

    // Source: mechanics, worked by hand at τ/R_m 0.62.
    @Test
    void whereAPinCuts() {
        assertThat(SOFT.torqueNm(400, 0.62)).isEqualTo(175.301, within(5e-4));
        assertThat(new Pin(4.5, 400, 400, Planes.TWO, 12.5).torqueNm(400, 0.62))
                .isEqualTo(98.6067, within(5e-5));
        assertThat(new Pin(8, 420, 420, Planes.ONE, 45).torqueNm(420, 0.62))
                .isEqualTo(589.011, within(5e-4));
        assertThat(new Box(600, 10, 0.7).atThePinNm()).isEqualTo(85.7143, within(5e-5));
    }

    /** The band is 0.57 to 0.70 of its strength: 161.2 to 197.9 N·m. */
    @ParameterizedTest
    @CsvSource({
        "198.0, PROTECTS, CLEAR_PASS",
        "197.8, CANNOT_TELL, DOUBTFUL",
        "161.3, CANNOT_TELL, DOUBTFUL",
        "161.1, DOES_NOT_PROTECT, CLEAR_FAIL"
    })
    void threeAnswers(double limit, Guards guards, Verdict verdict) {
        var pin = ShearPin.of(SOFT, new Box(limit, 1, 1), 0, Optional.empty());
        assertThat(pin.guards()).isEqualTo(guards);
        assertThat(pin.told().verdict()).isEqualTo(verdict);
    }

    /** Over every pin, box and list: what lets more than the box bears through, or is stronger than listed by 15 %, never protects. */
    @Test
    void aPinThatIsTooStrongIsNeverGreen() {
        for (double d = 3; d <= 12; d += 0.5) {
            for (double rm : new double[] {300, 400, 520, 800, 1040}) {
                for (double limit : new double[] {50, 150, 300, 900}) {
                    var pin = new Pin(d, rm, rm * 1.1, Planes.TWO, 12.5);
                    var read = ShearPin.of(pin, new Box(limit, 1, 1), 0, Optional.of(SOFT));
                    double most = 2 * Math.PI / 4 * d * d * 0.70 * rm * 1.1 * 12.5 / 1000;
                    boolean strong = rm * 1.1 * d * d > 1.15 * 400 * 36;
                    if (most > limit || strong) {
                        assertThat(read.told().verdict().isPass()).isFalse();
                    } else {
                        assertThat(read.guards()).isEqualTo(Guards.PROTECTS);
                    }
                    assertThat(
                                    read.told().warnings().stream()
                                            .anyMatch(w -> w.contains("remove it")))
                            .isEqualTo(strong);
                }
            }
        }
    }

    @Test
    void theSamePinInHarderSteel() {
        var hard =
                ShearPin.of(
                        new Pin(6, 800, 800, Planes.TWO, 12.5),
                        new Box(10_000, 1, 1),
                        0,
                        Optional.of(SOFT));
        assertThat(hard.told().warnings()).anyMatch(w -> w.contains("2.00 times"));
        assertThat(hard.guards()).isEqualTo(Guards.DOES_NOT_PROTECT);
        assertThat(
                        ShearPin.of(SOFT, new Box(10_000, 1, 1), 162, Optional.empty())
                                .told()
                                .warnings())
                .anyMatch(w -> w.contains("not for a stronger pin"));
        assertThat(
                        ShearPin.of(SOFT, new Box(10_000, 1, 1), 161, Optional.empty())
                                .told()
                                .warnings())
                .isEmpty();
        assertThatThrownBy(() -> new Pin(6, 500, 400, Planes.ONE, 10))
                .hasMessageContaining("Exchange the two");
    }

    // Source: t = 24 h × 2^((22 − T)/10), judgement, worked by hand.
    @ParameterizedTest
    @CsvSource({"12, 48.0", "15, 38.9881", "30, 13.7844", "22, 24.0"})
    void compoundCuresSlowerInTheCold(double t, double hours) {
        var cure = CompoundCure.of(8, Joint.CASE_SCREW, false, Faces.CLEAN, t);
        assertThat(cure.cureHours()).isEqualTo(hours, within(5e-5));
        assertThat(cure.handleMin()).isEqualTo(15 * hours / 24, within(5e-5));
    }

    @ParameterizedTest
    @CsvSource({
        "5.9, CASE_SCREW, LOW",
        "6, CASE_SCREW, MEDIUM",
        "20, CASE_SCREW, MEDIUM",
        "20.1, CASE_SCREW, HIGH",
        "10, NEVER_UNDONE, HIGH",
        "10, ADJUSTER, LOW",
        "10, SHEAR_PIN, NONE",
        "10, TURNING_BUSH, NONE",
        "10, PLASTIC, NONE"
    })
    void whichCompound(double d, Joint joint, Choice choice) {
        var cure = CompoundCure.of(d, joint, false, Faces.CLEAN, 20);
        assertThat(cure.choice()).isEqualTo(choice);
        assertThat(cure.told().verdict())
                .isEqualTo(choice == Choice.NONE ? Verdict.CLEAR_FAIL : Verdict.NOT_JUDGED);
    }

    /** Over every joint, face and temperature: what would not hold is never proposed. */
    @Test
    void noCompoundIsProposedWhereItDoesNotHold() {
        for (var joint : Joint.values()) {
            for (var faces : Faces.values()) {
                for (double t : new double[] {-10, 4.9, 5, 9.9, 10, 22, 40, 40.1, 60}) {
                    for (boolean passive : new boolean[] {false, true}) {
                        var cure = CompoundCure.of(8, joint, passive, faces, t);
                        boolean holds =
                                cure.choice() != Choice.NONE
                                        && faces != Faces.OILY
                                        && t >= 5
                                        && t <= 40;
                        assertThat(cure.told().verdict().isFail()).isEqualTo(!holds);
                        assertThat(cure.told().sentence().startsWith("No")).isEqualTo(!holds);
                        if (cure.choice() != Choice.NONE) {
                            assertThat(
                                            cure.told().warnings().stream()
                                                    .anyMatch(w -> w.contains("activator")))
                                    .isEqualTo(passive || t < 10);
                        }
                    }
                }
            }
        }
    }

    // Source: F = τ π d L f, by hand: 22 × π × 25 × 12 × 0.5.
    @Test
    void aRetainedBearing() {
        assertThat(RetainingJoint.of(25, 12, 0.05, true, 60).forceN())
                .isEqualTo(10_367.3, within(0.05));
        assertThat(RetainingJoint.of(25, 12, 0.05, true, 60).torqueNm())
                .isEqualTo(129.591, within(5e-4));
        assertThat(RetainingJoint.of(25, 12, 0.1, false, 100).forceN())
                .isEqualTo(2 * 10_367.3, within(0.1));
        assertThat(RetainingJoint.of(25, 12, 0.101, false, 100.1).forceN())
                .isEqualTo(2 * 10_367.3 * 0.6 * 0.5, within(0.1));
        assertThat(RetainingJoint.of(25, 12, 0.15, false, 60).told().verdict())
                .isEqualTo(Verdict.NOT_JUDGED);
        assertThat(RetainingJoint.of(25, 12, 0.151, false, 60).told().verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(RetainingJoint.of(25, 12, 0.1, false, 151).told().verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
    }

    // Source: DIN 471, from memory; shares judgement, no source. 25: bore 23.2, groove 23.9.
    @ParameterizedTest
    @CsvSource({
        "23.4, true, CLEAR_FAIL",
        "23.4, false, CLEAR_PASS",
        "23.7, false, CLEAR_FAIL",
        "23.34, true, CLEAR_PASS",
        "23.55, false, CLEAR_PASS",
        "23.56, false, CLEAR_FAIL"
    })
    void aCirclip(double bore, boolean thrust, Verdict verdict) {
        assertThat(CirclipGrip.of(25, bore, 0, thrust, false, false).told().verdict())
                .isEqualTo(verdict);
        assertThat(CirclipGrip.of(25, 23.4, 0, false, false, false).told().zone())
                .as("0.71 of its grip")
                .isEqualTo(Zone.WATCH);
        assertThat(CirclipGrip.of(25, bore, 0, thrust, true, false).told().verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
    }

    @ParameterizedTest
    @CsvSource({
        "10, 9.3, 9.6",
        "12, 11, 11.5",
        "15, 13.8, 14.3",
        "16, 14.7, 15.2",
        "17, 15.7, 16.2",
        "20, 18.5, 19",
        "25, 23.2, 23.9",
        "30, 27.9, 28.6",
        "35, 32.2, 33",
        "40, 36.5, 37.5",
        "45, 41.5, 42.5",
        "50, 45.8, 47"
    })
    void circlipsOfTheTable(double shaft, double bore, double groove) {
        assertThat(CirclipGrip.of(shaft, bore, 0, true, false, false).grip())
                .isEqualTo(1, within(1e-9));
        assertThat(CirclipGrip.of(shaft, groove, 0, true, false, false).grip())
                .isEqualTo(0, within(1e-9));
    }

    /** A caliper good to 0.05 mm cannot tell 0.79 of a grip of 0.7 mm from 0.8: doubtful, and on what holds failed. */
    @Test
    void aCirclipIsNoSurerThanTheCaliper() {
        assertThat(CirclipGrip.of(25, 23.35, 0.05, true, false, false).told().verdict())
                .isEqualTo(Verdict.DOUBTFUL);
        assertThat(CirclipGrip.of(25, 23.35, 0.05, true, false, true).told().verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(CirclipGrip.of(25, 23.2, 0.05, true, false, true).told().verdict())
                .isEqualTo(Verdict.CLEAR_PASS);
    }

    @Test
    void aShaftWithoutARow() {
        assertThatThrownBy(() -> CirclipGrip.of(24, 22, 0, true, false, false))
                .hasMessageContaining("There is no row for 24 mm");
    }

    // Source: ISO 8752, heavy, from memory (kN).
    @ParameterizedTest
    @CsvSource({
        "1, 0.7",
        "1.5, 1.58",
        "2, 2.82",
        "2.5, 4.38",
        "3, 6.32",
        "3.5, 9.06",
        "4, 11.24",
        "4.5, 15.36",
        "5, 17.54",
        "6, 26.04",
        "8, 42.76",
        "10, 70.16",
        "12, 104.1",
        "13, 115.1",
        "14, 144.7",
        "16, 171",
        "18, 222.5",
        "20, 280.6"
    })
    void springPins(double pin, double kn) {
        assertThat(SpringPinLoad.of(pin, Optional.empty(), 20).loadN())
                .isEqualTo(1000 * kn, within(1e-6));
    }

    @Test
    void aSpringPinAcrossAShaft() {
        assertThat(SpringPinLoad.of(5, Optional.empty(), 20).torqueNm())
                .isEqualTo(175.4, within(1e-9));
        assertThat(SpringPinLoad.of(4, Optional.empty(), 15).torqueNm())
                .isEqualTo(84.3, within(1e-9));
        assertThat(SpringPinLoad.of(6, Optional.of(3.5), 20).loadN())
                .isEqualTo(35_100, within(1e-6));
        assertThatThrownBy(() -> SpringPinLoad.of(7, Optional.empty(), 20))
                .hasMessageContaining("6 and 8 mm");
        assertThatThrownBy(() -> SpringPinLoad.of(5, Optional.of(5.0), 20))
                .hasMessageContaining("does not go inside");
    }

    // Source: geometry, worked by hand.
    @Test
    void slotsOfANut() {
        assertThat(CastleNut.of(6, 1, 1.5, true).stepDeg()).isEqualTo(60, within(1e-9));
        assertThat(CastleNut.of(6, 1, 1.5, true).stepMm()).isEqualTo(0.25, within(1e-9));
        assertThat(CastleNut.of(4, 1, 1.5, true).stepMm()).isEqualTo(0.375, within(1e-9));
        assertThat(CastleNut.of(4, 2, 1.5, true).stepMm()).isEqualTo(0.1875, within(1e-9));
        assertThat(CastleNut.of(5, 1, 1.5, true).stepDeg())
                .as("both ends of the hole in turn")
                .isEqualTo(36, within(1e-9));
        assertThat(CastleNut.of(6, 1, 1.5, false).told().warnings())
                .anyMatch(w -> w.contains("never back"));
        assertThat(CastleNut.of(6, 1, 1.5, true).told().warnings())
                .anyMatch(w -> w.contains("backed off to the nearest"));
    }
}
