package app.yunque.lubricant.viscosity;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * Viscosities in units of old plates. Saybolt Universal: ASTM D2161, from memory; Engler: handbook formula, from memory, with
 * a step of 0.7 % at 3.2 °E. Old plates give them at 100 °F or 50 °C, not at 40 °C.
 */
public final class OldViscosity {
    public static final Range VISCOSITY =
            Range.of("viscosity", "viscosity at 100 °F", 1.8, 30000, "mm²/s");

    public static final Range SAYBOLT =
            Range.of("saybolt", "Saybolt seconds", 32, 100_000, "SUS")
                    .advising("Saybolt seconds below 32 have no meaning.");
    public static final Range ENGLER =
            Range.of("engler", "Engler degrees", 1.36, 10_000, "°E")
                    .advising("Degrees at or below 1.35 are outside the formula.");

    private OldViscosity() {}

    /** Saybolt Universal seconds at 100 °F of a viscosity (mm²/s). */
    @PublicRule(
            at = "lubricant/saybolt",
            title = "Saybolt seconds",
            says = "SUS at 100 °F of a viscosity.",
            source = "ASTM D2161, from memory")
    public static double saybolt(double viscosity) {
        Refused.ifAny(VISCOSITY.judge(viscosity));
        return seconds(viscosity);
    }

    private static double seconds(double v) {
        return 4.6324 * v
                + (1 + 0.03264 * v)
                        / ((3930.2 + 262.7 * v + 23.97 * v * v + 1.646 * v * v * v) * 1e-5);
    }

    /** ν (mm²/s) of Saybolt Universal seconds, by bisection. */
    @PublicRule(
            at = "lubricant/from-saybolt",
            title = "Viscosity of Saybolt seconds",
            says = "mm²/s of SUS at 100 °F.",
            source = "ASTM D2161, from memory")
    public static double fromSaybolt(double seconds) {
        Refused.ifAny(SAYBOLT.judge(seconds));
        double low = 1.8;
        double high = 30_000;
        for (int i = 0; i < 200; i++) {
            double middle = (low + high) / 2;
            if (seconds(middle) < seconds) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** ν (mm²/s) of Engler degrees. */
    @PublicRule(
            at = "lubricant/from-engler",
            title = "Viscosity of Engler degrees",
            says = "mm²/s of °E.",
            source = "handbook, from memory")
    public static double fromEngler(double degrees) {
        Refused.ifAny(ENGLER.judge(degrees));
        return degrees <= 3.2 ? 8 * degrees - 8.64 / degrees : 7.6 * degrees - 4 / degrees;
    }
}
