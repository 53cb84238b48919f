package app.yunque.tooth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Gears;
import app.yunque.gear.Hand;
import app.yunque.gear.StringFlank;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PinMeasurementTest {

    // Worked out apart from this code with 30-digit arithmetic and checked against a sphere tangent
    // to the
    // unwound flanks.
    @ParameterizedTest(name = "z {0}, m {1}, {2}°, helix {3}°, x {4}, D {5}: M {6}")
    @CsvSource({
        "30, 3, 20, 0, 0, 5.1, 96.9324",
        "31, 3, 20, 0, 0.2, 5.25, 101.351",
        "24, 2.54, 14.5, 0, 0, 4.5, 67.5506",
        "27, 3, 20, 20, 0.2, 5.5, 95.3786"
    })
    void agreesWithTheTangentSphere(
            int z, double m, double alpha, double beta, double x, double pin, double expected) {
        var gear = external(z, m, alpha, beta, x);
        assertThat(PinMeasurement.of(gear, pin).overPinsMm()).isCloseTo(expected, within(6e-4));
    }

    @ParameterizedTest(name = "ring z {0}, m {1}, helix {2}°, x {3}, D {4}: M {5}")
    @CsvSource({
        "40, 3, 0, 0, 5.0, 113.223",
        "61, 2, 0, 0.3, 3.3, 116.249",
        "60, 2, 15, 0.1, 3.3, 119.451"
    })
    void agreesInsideARing(int z, double m, double beta, double x, double pin, double expected) {
        var gear =
                Gears.ring()
                        .teeth(z)
                        .moduleMm(m)
                        .helix(beta, beta == 0 ? Hand.NONE : Hand.LEFT)
                        .shift(x)
                        .build();
        var between = PinMeasurement.of(gear, pin);
        assertThat(between.overPinsMm()).isCloseTo(expected, within(6e-4));
        assertThat(PinMeasurement.normalThicknessMm(gear, pin, between.overPinsMm()))
                .as("and back to the thickness")
                .isCloseTo(gear.normalToothThicknessMm(), within(1e-9));
    }

    /** A circle is pushed into the space between two unwound flanks until it touches both. */
    @ParameterizedTest(name = "z {0}, m {1}, x {2}, D {3}")
    @CsvSource({"30, 3, 0, 5.1", "19, 4, 0.3, 7.5", "50, 2, -0.2, 3.5"})
    void agreesWithACirclePushedIntoTheSpace(int z, double m, double x, double pin) {
        var gear = external(z, m, 20, 0, x);
        var flank = StringFlank.of(gear, gear.transverseToothThicknessMm());
        double low = gear.rootDiameterMm() / 2;
        double high = gear.tipDiameterMm();
        for (int i = 0; i < 60; i++) {
            double mid = (low + high) / 2;
            if (clearance(flank, Math.PI / z, mid) < pin / 2) {
                low = mid;
            } else {
                high = mid;
            }
        }
        assertThat(PinMeasurement.of(gear, pin).centreDiameterMm())
                .isCloseTo(2 * low, within(2e-5));
    }

    /** Distance from a point on the middle of the space to the flank beside it. */
    private static double clearance(StringFlank flank, double middle, double radius) {
        double x = radius * Math.cos(middle);
        double y = radius * Math.sin(middle);
        double nearest = Double.POSITIVE_INFINITY;
        for (double roll = 0; roll < 1.2; roll += 1e-5) {
            var p = flank.point(roll);
            nearest = Math.min(nearest, Math.hypot(p[0] - x, p[1] - y));
        }
        return nearest;
    }

    @Test
    void theBestPinTouchesTheMiddleOfTheFlank() {
        assertThat(PinMeasurement.bestPinMm(external(30, 3, 20, 0, 0)))
                .isCloseTo(5.11701, within(6e-6));
        assertThat(PinMeasurement.bestPinMm(external(31, 3, 20, 0, 0.2)))
                .isCloseTo(5.27998, within(6e-6));
        assertThat(PinMeasurement.bestPinMm(external(27, 3, 20, 20, 0.2)))
                .isCloseTo(5.26524, within(6e-6));
        var ring = Gears.ring().teeth(60).moduleMm(2).build();
        var touching = PinMeasurement.of(ring, PinMeasurement.bestPinMm(ring));
        assertThat(touching.contactDiameterMm()).isCloseTo(120, within(1e-6));
    }

    @Test
    void readsWearBackFromTheDimension() {
        var gear = external(30, 3, 20, 0, 0);
        double thickness = PinMeasurement.normalThicknessMm(gear, 5.1, 96.40);
        assertThat(thickness).isCloseTo(4.49522, within(5e-6));
        double perMm = PinMeasurement.thicknessPerDimension(gear, PinMeasurement.of(gear, 5.1));
        double step =
                PinMeasurement.normalThicknessMm(gear, 5.1, 96.9424)
                        - PinMeasurement.normalThicknessMm(gear, 5.1, 96.9224);
        assertThat(perMm).isCloseTo(step / 0.02, within(1e-3));
    }

    @Test
    void refusesPinsThatCannotSeatAndNamesOneThatWould() {
        var gear = external(30, 3, 20, 0, 0);
        assertThatThrownBy(() -> PinMeasurement.of(gear, 2))
                .isInstanceOf(NotApplicable.class)
                .hasMessageContaining("A pin of 2 mm")
                .hasMessageContaining("Use one near 5.12 mm.");
        assertThatThrownBy(() -> PinMeasurement.of(gear, 12))
                .isInstanceOf(NotApplicable.class)
                .hasMessageContaining("does not touch sound flank");
        assertThatThrownBy(() -> PinMeasurement.normalThicknessMm(gear, 5.1, 80))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("would sit below the base circle of 84.572 mm");
    }

    private static CylindricalGear external(int z, double m, double alpha, double beta, double x) {
        return Gears.spur()
                .teeth(z)
                .moduleMm(m)
                .pressureAngleDeg(alpha)
                .helix(beta, beta == 0 ? Hand.NONE : Hand.LEFT)
                .shift(x)
                .build();
    }
}
