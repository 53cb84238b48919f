package app.yunque.spring;

import app.yunque.measure.Asks;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Reading;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zoned;
import java.util.Optional;

/**
 * Rate of a compression spring and its force at the length it is fitted to: k = G d⁴/(8 D³ n), F = k (L₀ − L). A force measured on a scale tells whether it
 * has tired: from 95 % it is as new, under 90 % it is renewed, under 95 % where it holds a load; what it ought to be comes from the spring's own sizes.
 * Source: EN 13906-1, from memory; the shares judgement, no source, as its check.
 *
 * @param ratePerMm rate (N/mm)
 * @param forceN    force when fitted (N)
 * @param stressMpa shear stress when fitted (MPa)
 * @param told      verdict and words
 */
public record SpringForce(double ratePerMm, double forceN, double stressMpa, Told told) {
    public static final Range FITTED =
            Range.of("fittedMm", "length it is fitted to", 0.5, 3000, "mm");
    public static final Range MEASURED =
            Range.of("measuredN", "force on the scale", 0, 100_000, "N");
    private static final double NEW = 0.95;
    private static final double LEAST_LEFT = 0.9;
    private static final double SCALE = 0.03;
    private static final double SLACK = 1e-9;

    /**
     * @param spring    the spring
     * @param fittedMm  L (mm), between solid and free
     * @param measuredN force on a scale at that length (N); empty when it was not measured
     * @param strict    true where it holds, stops or carries the load
     */
    @PublicRule(
            at = "spring/force",
            title = "Force of a spring",
            says = "What it should push when fitted, and whether it is tired.",
            answers = {"SPR-3"},
            sets = {"S-10"})
    public static SpringForce of(
            @Asks("the spring") Coil spring,
            double fittedMm,
            @Asks(
                            value = "force on a scale at that length",
                            hint = "Empty when it was not weighed.")
                    Optional<Double> measuredN,
            @Asks("it holds, stops or carries the load") boolean strict) {
        Refused.ifAny(FITTED.judge(fittedMm));
        measuredN.ifPresent(m -> Refused.ifAny(MEASURED.judge(m)));
        refuseUnfit(spring, fittedMm, "fittedMm");
        double rate = spring.ratePerMm();
        double force = rate * (spring.freeMm() - fittedMm);
        double stress = spring.stressMpa(force);
        var left =
                measuredN.map(
                        m ->
                                Zoned.of(
                                        Edges.shrinking(null, NEW, strict ? NEW : LEAST_LEFT),
                                        m / force,
                                        SCALE * m / force,
                                        strict));
        var verdict = left.map(Zoned::verdict).orElse(Verdict.NOT_JUDGED);
        var builder = Told.of("EN 13906-1, from memory; 95 and 90 % judgement, no source");
        left.ifPresent(
                z ->
                        builder.judged(
                                z,
                                new Reading(
                                        measuredN.orElseThrow(),
                                        SCALE * measuredN.orElseThrow(),
                                        "N")));
        var told =
                builder.figure("ratePerMm", "rate", rate, "N/mm", 3)
                        .figure("forceN", "force when fitted", force, "N", 1)
                        .figure("stressMpa", "stress when fitted", stress, "MPa", 0)
                        .figure("solidMm", "length when solid", spring.solidMm(), "mm", 2)
                        .warn("Eye protection; point it away from the face, a cloth over it.")
                        .line("k = G d⁴ / (8 D³ n)", "%s N/mm", PlainDigits.rounded(rate, 4))
                        .line(
                                "F = k (L₀ − L)",
                                "%s × (%s − %s) = %s N",
                                PlainDigits.rounded(rate, 3),
                                PlainDigits.exact(spring.freeMm()),
                                PlainDigits.exact(fittedMm),
                                PlainDigits.rounded(force, 2))
                        .line("τ = K_w 8 F D / (π d³)", "%s MPa", PlainDigits.rounded(stress, 1))
                        .school("A tired spring is renewed; stretching it does not last.")
                        .saying(
                                "%s N when fitted%s"
                                        .formatted(
                                                PlainDigits.rounded(force, 1),
                                                measuredN
                                                        .map(m -> inWords(m, force, verdict))
                                                        .orElse(
                                                                " by its sizes. On a scale it has not been.")));
        return new SpringForce(rate, force, stress, told);
    }

    private static String inWords(double measured, double force, Verdict verdict) {
        var has =
                " by its sizes, %s on the scale: %s %% left"
                        .formatted(
                                PlainDigits.rounded(measured, 1),
                                PlainDigits.rounded(100 * measured / force, 0));
        return switch (verdict) {
            case CLEAR_PASS -> has + ", it may stay.";
            case DOUBTFUL -> has + ", within the scale of a limit: weigh it again.";
            case CLEAR_FAIL -> has + ", tired: renew it.";
            case NOT_JUDGED -> ".";
        };
    }

    /** @throws Refused where the spring is solid at that length or does not reach it */
    static void refuseUnfit(Coil spring, double fittedMm, String field) {
        if (fittedMm <= spring.solidMm() + SLACK) {
            throw Refused.because(
                    field,
                    "At %s mm it is pressed solid (%s mm). Another spring, or the length is wrong."
                            .formatted(
                                    PlainDigits.exact(fittedMm),
                                    PlainDigits.rounded(spring.solidMm(), 2)));
        }
        if (fittedMm >= spring.freeMm() - SLACK) {
            throw Refused.because(
                    field,
                    "At %s mm a spring %s mm long has no force. Another spring, or the length is wrong."
                            .formatted(
                                    PlainDigits.exact(fittedMm),
                                    PlainDigits.rounded(spring.freeMm(), 2)));
        }
    }
}
