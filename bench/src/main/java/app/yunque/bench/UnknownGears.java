package app.yunque.bench;

import app.yunque.gear.Involute;
import app.yunque.identify.GearIdentity;
import app.yunque.identify.UnknownGear;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Made-up worn gears with what a caliper would read of them; the same number makes the same gear. Sizes as shops meet them:
 * mostly modules 1 to 6 of 20°, some inch gears, some of 14.5°, some stub, a third helical.
 *
 * @param module      m_n (mm)
 * @param alphaDeg    α_n (degrees)
 * @param addendum    h_a*
 * @param teeth       z
 * @param helixDeg    β (degrees), 0 for spur
 * @param shift       x
 * @param lossMm      thinning and wear of the tooth (mm)
 * @param worn        true when wear shows
 * @param noise       seeds the caliper
 */
record UnknownGears(
        double module,
        double alphaDeg,
        double addendum,
        int teeth,
        double helixDeg,
        double shift,
        double lossMm,
        boolean worn,
        long noise) {
    private static final double[] MODULES = {1, 1.25, 1.5, 2, 2, 2.5, 2.5, 3, 3, 4, 4, 5, 6};
    private static final double[] PITCHES = {20, 16, 12, 10, 10, 8, 8, 6, 5};

    /** What three readings with a caliper leave over (mm). */
    private static final double SPAN_NOISE = 0.02;

    private static final double TIP_NOISE = 0.05;
    private static final double RUB_NOISE = 0.8;

    static UnknownGears numbered(int number) {
        var random = new Random(7919L * number + 13);
        boolean inch = random.nextInt(10) < 3;
        double module =
                inch
                        ? 25.4 / PITCHES[random.nextInt(PITCHES.length)]
                        : MODULES[random.nextInt(MODULES.length)];
        double alpha = inch && random.nextInt(10) < 4 ? 14.5 : 20;
        double addendum = alpha == 20 && random.nextInt(20) == 0 ? 0.8 : 1;
        int teeth = 14 + random.nextInt(60);
        double helix = random.nextInt(3) == 0 ? 8 + random.nextInt(22) : 0;
        double shift = random.nextInt(3) == 0 ? 0.2 * random.nextGaussian() : 0;
        double thinning = 0.02 + 0.03 * random.nextDouble();
        boolean worn = random.nextInt(3) == 0;
        double wear = worn ? (0.03 + 0.07 * random.nextDouble()) * module * Math.PI / 2 : 0;
        return new UnknownGears(
                module,
                alpha,
                addendum,
                teeth,
                helix,
                Math.max(-0.4, Math.min(0.5, shift)),
                thinning + wear,
                worn,
                random.nextLong());
    }

    UnknownGear measured() {
        var random = new Random(noise);
        double alpha = Math.toRadians(alphaDeg);
        double cos = Math.cos(Math.toRadians(helixDeg));
        double alphaT = Math.atan(Math.tan(alpha) / cos);
        double d = teeth * module / cos;
        double tip = d + 2 * module * (addendum + shift);
        int k =
                Math.max(
                        2,
                        (int) Math.rint(teeth / (cos * cos * cos) * alphaDeg / 180 + 0.5 + shift));
        double atTip = Math.toDegrees(Math.atan(Math.tan(Math.toRadians(helixDeg)) * tip / d));
        return new UnknownGear(
                List.of(teeth),
                round(tip - 0.02 + TIP_NOISE * random.nextGaussian(), 0.02),
                0.1,
                Optional.of(
                        new UnknownGear.Spans(
                                k,
                                span(k, alpha, alphaT, random),
                                span(k + 1, alpha, alphaT, random),
                                SPAN_NOISE)),
                helixDeg == 0
                        ? Optional.empty()
                        : Optional.of(Math.max(1, atTip + RUB_NOISE * random.nextGaussian())),
                1,
                worn);
    }

    private double span(int k, double alpha, double alphaT, Random random) {
        double w =
                module
                                * Math.cos(alpha)
                                * (Math.PI * (k - 0.5)
                                        + teeth * Involute.of(alphaT)
                                        + 2 * shift * Math.tan(alpha))
                        - lossMm * Math.cos(alpha);
        return round(w + SPAN_NOISE / Math.sqrt(3) * random.nextGaussian(), 0.01);
    }

    private static double round(double value, double step) {
        return Math.round(value / step) * step;
    }

    /** True when the likeliest answer has this gear's module, pressure angle and height. */
    boolean isFirstOf(GearIdentity identity) {
        if (identity.candidates().isEmpty()) {
            return false;
        }
        var first = identity.candidates().get(0);
        return Math.abs(first.normalModuleMm() - module) < 1e-6
                && first.pressureAngleDeg() == alphaDeg
                && first.addendum() == addendum;
    }
}
