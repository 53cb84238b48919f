package app.yunque.spring;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * What cutting coils off does: the rate rises by n/n′ and the free length falls by the pitch of each coil, so at the fitted length the force usually falls.
 * Source: EN 13906-1, from memory.
 *
 * @param ratePerMm new rate (N/mm)
 * @param freeMm    new free length (mm)
 * @param forceN    force when fitted (N)
 * @param beforeN   force when fitted before the cut (N)
 * @param told      words and working
 */
public record CutSpring(double ratePerMm, double freeMm, double forceN, double beforeN, Told told) {
    public static final Range FITTED = SpringForce.FITTED;
    public static final Range CUT = Range.of("cutCoils", "coils to cut off", 0.25, 100, "");
    private static final double LEAST_COILS = 2;
    private static final double MUCH = 0.1;

    /**
     * @param spring   the spring as it is
     * @param cutCoils active coils cut off
     * @param fittedMm length it is fitted to (mm)
     * @throws Refused when fewer than two coils are left, or it is solid or loose when fitted
     */
    @PublicRule(
            at = "spring/cut",
            title = "A spring cut shorter",
            says = "What cutting coils off does to rate, length and force.")
    public static CutSpring of(@Asks("the spring") Coil spring, double cutCoils, double fittedMm) {
        Refused.ifAny(CUT.judge(cutCoils), FITTED.judge(fittedMm));
        SpringForce.refuseUnfit(spring, fittedMm, "fittedMm");
        double left = spring.activeCoils() - cutCoils;
        if (left < LEAST_COILS) {
            throw Refused.because(
                    "cutCoils",
                    "%s active coils would be left; with fewer than 2 it is no spring. Cut less."
                            .formatted(PlainDigits.exact(left)));
        }
        var cut = spring.with(left, spring.freeMm() - cutCoils * spring.pitchMm());
        SpringForce.refuseUnfit(cut, fittedMm, "fittedMm");
        double before = spring.ratePerMm() * (spring.freeMm() - fittedMm);
        double force = cut.ratePerMm() * (cut.freeMm() - fittedMm);
        var told =
                Told.of("EN 13906-1, from memory")
                        .figure("forceN", "force when fitted", force, "N", 1)
                        .figure("beforeN", "before the cut", before, "N", 1)
                        .figure("ratePerMm", "rate", cut.ratePerMm(), "N/mm", 3)
                        .figure("freeMm", "free length", cut.freeMm(), "mm", 2)
                        .figure("solidMm", "length when solid", cut.solidMm(), "mm", 2)
                        .warnIf(
                                Math.abs(force - before) > MUCH * before,
                                "The force changes by %s %%: what it holds, clicks or brakes changes with it. Nothing that limits a torque or holds a load is cut."
                                        .formatted(
                                                PlainDigits.rounded(
                                                        100 * (force - before) / before, 0)))
                        .line(
                                "k′ = k n / n′",
                                "%s × %s / %s = %s N/mm",
                                PlainDigits.rounded(spring.ratePerMm(), 3),
                                PlainDigits.exact(spring.activeCoils()),
                                PlainDigits.exact(left),
                                PlainDigits.rounded(cut.ratePerMm(), 3))
                        .line("L₀′ = L₀ − x p", "%s mm", PlainDigits.rounded(cut.freeMm(), 2))
                        .line("F = k′ (L₀′ − L)", "%s N", PlainDigits.rounded(force, 2))
                        .saying(
                                "%s N when fitted, %s before: %s long and %s."
                                        .formatted(
                                                PlainDigits.rounded(force, 1),
                                                PlainDigits.rounded(before, 1),
                                                PlainDigits.rounded(cut.freeMm(), 1) + " mm",
                                                force < before ? "weaker" : "stronger"));
        return new CutSpring(cut.ratePerMm(), cut.freeMm(), force, before, told);
    }
}
