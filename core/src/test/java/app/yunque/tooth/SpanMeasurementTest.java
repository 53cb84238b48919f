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

class SpanMeasurementTest {

    // Source: base tangent tables of the gear handbooks for m = 1, α = 20° (4 decimals), from
    // memory.
    @ParameterizedTest(name = "z = {0} over {1} teeth: W = {2} mm")
    @CsvSource({"10, 2, 4.5683", "20, 3, 7.6604", "30, 4, 10.7526"})
    void agreesWithThePrintedTable(int teeth, int spanned, double expectedMm) {
        var gear = Gears.spur().teeth(teeth).moduleMm(1).build();
        assertThat(SpanMeasurement.of(gear, spanned).spanMm())
                .as("span over %d teeth (mm)", spanned)
                .isCloseTo(expectedMm, within(5.1e-5));
    }

    // Worked out apart from this code with 30-digit arithmetic: shifted, diametral-pitch and
    // helical gears.
    @Test
    void agreesForShiftedInchAndHelicalGears() {
        var shifted = Gears.spur().teeth(37).moduleMm(2.5).shift(0.35).build();
        assertThat(SpanMeasurement.of(shifted, 5).spanMm()).isCloseTo(35.1055, within(5e-5));

        var inch = Gears.spur().teeth(24).moduleMm(2.54).pressureAngleDeg(14.5).build();
        assertThat(SpanMeasurement.of(inch, 2).spanMm()).isCloseTo(11.9155, within(5e-5));

        var helical = Gears.helical(20, Hand.LEFT).teeth(27).shift(0.2).build();
        var span = SpanMeasurement.of(helical, 5);
        assertThat(span.spanMm()).isCloseTo(41.6185, within(5e-5));
        assertThat(span.neededFaceWidthMm()).as("needed face").isCloseTo(15.2217, within(5e-5));

        var steep = Gears.helical(30, Hand.RIGHT).teeth(45).moduleMm(4).shift(-0.1);
        assertThat(SpanMeasurement.of(steep.faceWidthMm(60).build(), 8).spanMm())
                .isCloseTo(92.0815, within(5e-5));
    }

    /** Built without the involute function: unwind a string from the base circle and let two jaws close on it. */
    @ParameterizedTest(name = "z = {0}, m = {1}, x = {2}, k = {3}")
    @CsvSource({"20, 1, 0, 3", "30, 3, 0, 4", "37, 2.5, 0.35, 5", "19, 4, -0.2, 3"})
    void agreesWithJawsClosingOnAnUnwoundString(int teeth, double module, double x, int spanned) {
        var gear = Gears.spur().teeth(teeth).moduleMm(module).shift(x).build();
        assertThat(SpanMeasurement.of(gear, spanned).spanMm())
                .isCloseTo(2 * furthestReach(gear, spanned), within(2e-7 * module));
    }

    private static double furthestReach(CylindricalGear gear, int spanned) {
        double rb = gear.baseDiameterMm() / 2;
        double r = gear.referenceDiameterMm() / 2;
        double rollAtReference = Math.sqrt(r * r / (rb * rb) - 1);
        double polarAtReference =
                Math.atan2(
                        Math.sin(rollAtReference) - rollAtReference * Math.cos(rollAtReference),
                        Math.cos(rollAtReference) + rollAtReference * Math.sin(rollAtReference));
        // Outermost flank of the group: half of k − 1 pitches and half a tooth away from its middle
        // line.
        double flankAngle =
                Math.PI * (spanned - 1) / gear.teeth()
                        + gear.normalToothThicknessMm() / gear.referenceDiameterMm();
        double turn = flankAngle + polarAtReference;
        double furthest = 0;
        for (double roll = 0; roll < 1.5; roll += 2e-5) {
            double along = rb * (Math.cos(roll) + roll * Math.sin(roll));
            double across = rb * (Math.sin(roll) - roll * Math.cos(roll));
            furthest = Math.max(furthest, along * Math.sin(turn) - across * Math.cos(turn));
        }
        return furthest;
    }

    /** One more tooth spanned adds exactly one normal base pitch, π m cos α. */
    @Test
    void oneMoreToothAddsOneBasePitch() {
        var gear = Gears.spur().teeth(40).moduleMm(2).build();
        double four = SpanMeasurement.of(gear, 4).spanMm();
        assertThat(SpanMeasurement.of(gear, 5).spanMm() - four)
                .isCloseTo(Math.PI * 2 * Math.cos(Math.toRadians(20)), within(1e-12));
    }

    @Test
    void choosesTheTeethThatPutTheJawsOnTheMiddleOfTheFlank() {
        assertThat(SpanMeasurement.teethToSpan(Gears.spur().teeth(30).build())).isEqualTo(4);
        var helical = Gears.helical(20, Hand.LEFT).teeth(27).shift(0.2).build();
        assertThat(SpanMeasurement.teethToSpan(helical)).isEqualTo(4);
        assertThat(SpanMeasurement.idealTeethSpanned(helical)).isCloseTo(4.39256, within(5e-6));
    }

    @Test
    void refusesJawsThatMissTheFlankAndSaysWhichCountWouldDo() {
        var gear = Gears.spur().teeth(30).build();
        assertThatThrownBy(() -> SpanMeasurement.of(gear, 7))
                .isInstanceOf(NotApplicable.class)
                .hasMessageContaining("Over 7 teeth the jaws would touch at a diameter of")
                .hasMessageContaining("Span 4 teeth.");
        assertThatThrownBy(() -> SpanMeasurement.of(gear, 1)).isInstanceOf(Refused.class);
    }

    @Test
    void refusesAHelicalGearTooNarrowForBothJaws() {
        var narrow = Gears.helical(20, Hand.LEFT).teeth(27).shift(0.2).faceWidthMm(15).build();
        assertThatThrownBy(() -> SpanMeasurement.of(narrow, 5))
                .isInstanceOf(NotApplicable.class)
                .hasMessageContaining("Face width 15 mm is too narrow")
                .hasMessageContaining("13.38 mm apart")
                .hasMessageContaining("Measure over two balls instead.");
    }
}
