package app.yunque.backlash;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Gears;
import app.yunque.gear.Member;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The indicator conversion against a construction that knows nothing of it: an involute unwound from its base circle, a
 * straight stylus line, and the gear turned by the backlash. How far the point of contact moves along the stylus is what
 * the dial reads.
 */
class StylusOnAFlankTest {

    @ParameterizedTest(name = "wheel z {0}, m {1}, stylus at R {2}, backlash {3}")
    @CsvSource({"40, 3, 60, 0.10", "40, 3, 62, 0.10", "40, 3, 58, 0.02", "64, 2, 65, 0.05"})
    void readsWhatASlidingStylusReads(
            int teeth, double module, double radiusMm, double backlashMm) {
        var pair = Gears.spurPair(20, teeth, module);
        double turn = backlashMm / pair.wheelWorkingRadiusMm();
        double reading = travelAlongTangent(pair.wheel(), radiusMm, turn);

        var setup = new IndicatorBacklash.Setup(Member.WHEEL, radiusMm, 0);
        double converted = reading * IndicatorBacklash.circumferentialPerReading(pair, setup);
        // The construction keeps the curvature of flank and circle, the formula is its first order.
        assertThat(converted).isCloseTo(backlashMm, within(0.003 * backlashMm));
    }

    /** Stylus along the tangent at (R, 0): the height y at which the flank crosses x = R, before and after the turn. */
    private static double travelAlongTangent(CylindricalGear gear, double radiusMm, double turn) {
        double base = gear.baseDiameterMm() / 2;
        double rollAtR = Math.sqrt(radiusMm * radiusMm / (base * base) - 1);
        double start = -polar(base, rollAtR);
        return crossing(base, radiusMm, start + turn) - crossing(base, radiusMm, start);
    }

    private static double crossing(double base, double x, double rotation) {
        double low = 0;
        double high = 2;
        for (int i = 0; i < 200; i++) {
            double roll = (low + high) / 2;
            if (radius(base, roll) * Math.cos(polar(base, roll) + rotation) < x) {
                low = roll;
            } else {
                high = roll;
            }
        }
        return radius(base, low) * Math.sin(polar(base, low) + rotation);
    }

    private static double radius(double base, double roll) {
        return Math.hypot(
                base * (Math.cos(roll) + roll * Math.sin(roll)),
                base * (Math.sin(roll) - roll * Math.cos(roll)));
    }

    private static double polar(double base, double roll) {
        return Math.atan2(
                base * (Math.sin(roll) - roll * Math.cos(roll)),
                base * (Math.cos(roll) + roll * Math.sin(roll)));
    }
}
