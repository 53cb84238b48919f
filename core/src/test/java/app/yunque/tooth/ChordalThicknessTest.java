package app.yunque.tooth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Gears;
import app.yunque.gear.Hand;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChordalThicknessTest {

    // Source: chordal thickness and addendum of gears of diametral pitch 1, machinist's handbooks,
    // from memory.
    @ParameterizedTest(name = "z {0}: {1} at {2} inch")
    @CsvSource({"12, 1.56631, 1.05133", "20, 1.56918, 1.03083"})
    void agreesWithThePrintedTable(int z, double chordInch, double heightInch) {
        var gear = Gears.spur().teeth(z).moduleMm(25.4).build();
        var chord = ChordalThickness.of(gear, gear.normalToothThicknessMm(), gear.tipDiameterMm());
        assertThat(chord.chordMm() / 25.4).isCloseTo(chordInch, within(6e-6));
        assertThat(chord.heightMm() / 25.4).isCloseTo(heightInch, within(6e-6));
    }

    // Worked out apart from this code with 30-digit arithmetic.
    @Test
    void agreesForShiftedAndHelicalGearsAndTheConstantChord() {
        var shifted = Gears.spur().teeth(25).shift(0.3).build();
        var chord = nominal(shifted);
        assertThat(chord.chordMm()).isCloseTo(5.36295, within(6e-6));
        assertThat(chord.heightMm()).isCloseTo(3.99599, within(6e-6));
        assertThat(chord.constantChordMm()).isCloseTo(4.73965, within(6e-6));
        assertThat(chord.constantHeightMm()).isCloseTo(3.03745, within(6e-6));

        var helical = Gears.helical(20, Hand.LEFT).teeth(20).moduleMm(4).build();
        assertThat(nominal(helical).chordMm()).isCloseTo(6.27874, within(6e-6));
        assertThat(ChordalThickness.normalThicknessMm(helical, 6.0))
                .isCloseTo(6.00388, within(6e-6));
        assertThat(ChordalThickness.normalThicknessMm(shifted, 4.35))
                .isCloseTo(4.35244, within(6e-6));
    }

    @Test
    void setsTheHeightFromTheTipThatIsThere() {
        var gear = Gears.spur().teeth(25).build();
        double full = nominal(gear).heightMm();
        var turnedDown = ChordalThickness.of(gear, gear.normalToothThicknessMm(), 80.4);
        assertThat(turnedDown.heightMm()).isCloseTo(full - 0.3, within(1e-9));
        assertThat(turnedDown.chordMm()).isEqualTo(nominal(gear).chordMm());
    }

    @Test
    void refusesRingsAndTipsThatLeaveNoHeight() {
        assertThatThrownBy(() -> nominal(Gears.ring().teeth(60).build()))
                .isInstanceOf(NotApplicable.class)
                .hasMessageContaining("between two pins or balls");
        var gear = Gears.spur().teeth(25).build();
        assertThatThrownBy(() -> ChordalThickness.of(gear, 4.7, 74))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Measure the tip diameter again.");
    }

    // Reading by hand: support of the polygon of tips, three jaws' contacts computed in
    // coordinates.
    @ParameterizedTest(name = "z {0}, d_a {1}")
    @CsvSource({"17, 57, 56.6829", "13, 45, 44.5543"})
    void anOddGearReadsSmallAcrossItsTips(int z, double tip, double reading) {
        var gear = Gears.spur().teeth(z).moduleMm(3).build();
        double back = TipDiameter.withLand(z, reading, gear.tipLandMm());
        assertThat(back).isCloseTo(tip, within(1e-4));
        var bounds = TipDiameter.of(z, reading);
        assertThat(tip).isBetween(bounds.smallestMm(), bounds.largestMm());
        assertThat(TipDiameter.of(18, 60).largestMm()).isEqualTo(60);
        // Two points on the root circle half a pitch from opposite: the chord between them.
        double chord = 2 * 20 * Math.sin(Math.PI / 2 * (z - 1) / z);
        assertThat(TipDiameter.rootDiameterMm(z, chord)).isCloseTo(40, within(1e-9));
    }

    private static ChordalThickness nominal(CylindricalGear gear) {
        return ChordalThickness.of(gear, gear.normalToothThicknessMm(), gear.tipDiameterMm());
    }
}
