package app.yunque.gear;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/** The involute function inv α = tan α − α and its inverse; angles in radians. */
public final class Involute {
    public static final Range ANGLE =
            Range.of("angleRad", "pressure angle", 0, Math.nextDown(Math.PI / 2), "rad");

    private static final double SMALL = 1e-6;
    private static final int MOST_STEPS = 20;
    private static final double CLOSE_ENOUGH = 4e-16;

    private Involute() {}

    /** @param angleRad pressure angle α (rad), 0 to below π/2 */
    @PublicRule(
            at = "gear/involute",
            title = "Involute function",
            says = "inv α of an angle.",
            source = "definition")
    public static double of(double angleRad) {
        Refused.ifAny(ANGLE.judge(angleRad));
        return Math.tan(angleRad) - angleRad;
    }

    /**
     * The pressure angle whose involute function is {@code value}, by Newton's method on t = tan α: t − atan t =
     * value. The function is convex, so after the first step the iterates fall to the root; five steps are enough
     * everywhere, twenty are allowed. Below 1e-6 a series is used, where the difference would cancel.
     *
     * @param value inv α, 0 or more
     * @return α (rad)
     * @throws Refused for a negative value: the circle lies inside the base circle
     */
    @PublicRule(
            at = "gear/involute-inverse",
            title = "Angle of an involute",
            says = "The angle whose involute function this is.",
            source = "definition; Newton")
    public static double inverse(double value) {
        if (!(value >= 0) || Double.isInfinite(value)) {
            throw Refused.because(
                    "involute",
                    "The measurement puts this circle inside the base circle: there is no involute there."
                            + " Check module, teeth and pressure angle.");
        }
        double q = Math.cbrt(3 * value);
        if (value < SMALL) {
            return q - 2.0 / 15 * q * q * q + 3.0 / 175 * q * q * q * q * q;
        }
        double t = value < 1 ? q : value + Math.PI / 2;
        for (int step = 0; step < MOST_STEPS; step++) {
            double change = (t - Math.atan(t) - value) * (1 + t * t) / (t * t);
            t -= change;
            if (Math.abs(change) <= CLOSE_ENOUGH * Math.max(1, t)) {
                break;
            }
        }
        return Math.atan(t);
    }
}
