package app.yunque.spring;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;

/**
 * Force that shifts out of a detent: H = F_s (tan β + μ₁)/(1 − μ₁ tan β − μ₂ (tan β + μ₁)), β the slope where the ball touches; of a ball on the edges of a
 * hole β = asin(a/r). Where the denominator is nothing or less, pushing does not shift it. Source: derived by balance of forces.
 *
 * @param slopeDeg slope β (degrees)
 * @param shiftN   force that shifts it (N)
 * @param holdN    force it holds without friction (N)
 * @param told     words and working
 */
public record DetentForce(double slopeDeg, double shiftN, double holdN, Told told) {
    public static final Range SPRING = Range.of("springN", "force of the spring", 0.1, 10_000, "N");
    public static final Range BALL = Range.of("ballRadiusMm", "radius of the ball", 0.5, 50, "mm");
    public static final Range HALF =
            Range.of("halfHoleMm", "half width of the hole or notch", 0.05, 50, "mm");
    public static final Range FRICTION = Range.of("atBall", "friction at the ball", 0, 0.6, "");
    public static final Range COUNT = Range.count("detents", "detents on the rail", 1, 12);

    /**
     * @param springN      force of the spring as fitted (N)
     * @param ballRadiusMm r (mm)
     * @param halfHoleMm   a (mm), less than r
     * @param atBall       μ₁ between ball and rail
     * @param inBore       μ₂ between ball and its bore
     * @param detents      how many work on the rail
     * @throws Refused when the ball drops through, or the detent locks
     */
    @PublicRule(
            at = "spring/detent",
            title = "Force of a detent",
            says = "The force that shifts a lever out of a detent, and what it holds.",
            sets = {"S-09"})
    public static DetentForce of(
            double springN,
            double ballRadiusMm,
            double halfHoleMm,
            double atBall,
            @Asks("friction in the bore") double inBore,
            int detents) {
        Refused.ifAny(
                SPRING.judge(springN),
                BALL.judge(ballRadiusMm),
                HALF.judge(halfHoleMm),
                FRICTION.judge(atBall),
                FRICTION.named("inBore", "friction in the bore").judge(inBore),
                COUNT.judge(detents));
        if (halfHoleMm >= ballRadiusMm) {
            throw Refused.because(
                    "halfHoleMm",
                    "Half a hole of %s mm is not less than the ball's radius, %s: the ball drops through."
                            .formatted(
                                    PlainDigits.exact(halfHoleMm),
                                    PlainDigits.exact(ballRadiusMm)));
        }
        double slope = Math.asin(halfHoleMm / ballRadiusMm);
        double rise = Math.tan(slope) + atBall;
        double under = 1 - atBall * Math.tan(slope) - inBore * rise;
        if (under <= 0) {
            throw Refused.because(
                    "halfHoleMm",
                    "At %s° of slope with this friction the detent locks: pushing does not shift it. A smaller hole, a larger ball or less friction."
                            .formatted(PlainDigits.rounded(Math.toDegrees(slope), 0)));
        }
        double shift = detents * springN * rise / under;
        double hold = detents * springN * Math.tan(slope);
        var told =
                Told.of("derived by balance of forces")
                        .verdict(Verdict.NOT_JUDGED)
                        .figure("shiftN", "force that shifts it", shift, "N", 1)
                        .figure("holdN", "it holds without friction", hold, "N", 1)
                        .figure(
                                "slopeDeg",
                                "slope where the ball touches",
                                Math.toDegrees(slope),
                                "°",
                                1)
                        .line(
                                "β = asin(a / r)",
                                "asin(%s / %s) = %s°",
                                PlainDigits.exact(halfHoleMm),
                                PlainDigits.exact(ballRadiusMm),
                                PlainDigits.rounded(Math.toDegrees(slope), 2))
                        .line(
                                "H = F (tan β + μ₁) / (1 − μ₁ tan β − μ₂ (tan β + μ₁))",
                                "%s N",
                                PlainDigits.rounded(shift, 2))
                        .warn(
                                "A worn notch holds less by its slope, not by its spring: a stronger spring hides it. Cover the hole, point it away from the face.")
                        .saying(
                                "Shifts at %s N, holds %s N without friction."
                                        .formatted(
                                                PlainDigits.rounded(shift, 0),
                                                PlainDigits.rounded(hold, 0)));
        return new DetentForce(Math.toDegrees(slope), shift, hold, told);
    }
}
