package app.yunque.shim;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import java.util.List;

/**
 * What is left of a housing's depth over the stack in it: e = H + gasket − Σ t. Its uncertainty is the root of the sum of squares, and beside it the worst
 * case. Source: geometry; GUM, from memory.
 *
 * @param floatMm       what is left (mm); minus is what the cover would clamp
 * @param uncertaintyMm of that (mm), k = 2
 * @param worstMm       how far it may be off when every error adds up (mm)
 * @param told          verdict and words
 */
public record StackHeight(double floatMm, double uncertaintyMm, double worstMm, Told told) {
    public static final Range DEPTH = Range.of("depthMm", "depth of the housing", 0.5, 5000, "mm");
    public static final Range GASKET = Range.of("gasketMm", "squeezed gasket", 0, 20, "mm");
    public static final Range PART = Range.of("partsMm", "height of a part", 0.01, 5000, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of each", 0, 1, "mm");

    /**
     * @param depthMm       H, from the face to the shoulder (mm)
     * @param gasketMm      squeezed thickness of the gasket (mm)
     * @param partsMm       every part of the stack, shims too (mm)
     * @param uncertaintyMm expanded uncertainty of each of them (mm), k = 2
     */
    @PublicRule(
            at = "shim/stack-height",
            title = "What is left over a stack",
            says =
                    "Depth of the housing less all that stands in it: float, or a cover that clamps.",
            sets = {"S-02", "S-04", "S-12"})
    public static StackHeight of(
            double depthMm, double gasketMm, List<Double> partsMm, double uncertaintyMm) {
        Refused.ifAny(
                DEPTH.judge(depthMm), GASKET.judge(gasketMm), UNCERTAINTY.judge(uncertaintyMm));
        if (partsMm.isEmpty()) {
            throw Refused.because("partsMm", "No part of the stack is entered. Measure each.");
        }
        partsMm.forEach(p -> Refused.ifAny(PART.judge(p)));
        double sum = partsMm.stream().mapToDouble(Double::doubleValue).sum();
        double left = depthMm + gasketMm - sum;
        int measured = partsMm.size() + 1;
        double together = uncertaintyMm * Math.sqrt(measured);
        boolean clamps = left < -together;
        boolean open = Math.abs(left) <= together;
        var told =
                Told.of("geometry; GUM, from memory")
                        .verdict(
                                clamps
                                        ? Verdict.CLEAR_FAIL
                                        : open ? Verdict.DOUBTFUL : Verdict.NOT_JUDGED)
                        .mm("floatMm", "what is left, minus is clamped", left)
                        .mm("uncertaintyMm", "good to ±", together)
                        .mm("worstMm", "at worst off by", uncertaintyMm * measured)
                        .mm("stackMm", "stack", sum)
                        .warnIf(
                                clamps,
                                "The cover would clamp the bearing: do not pull it down with the screws.")
                        .line(
                                "e = H + gasket − Σ t",
                                "%s + %s − %s = %s mm",
                                PlainDigits.exact(depthMm),
                                PlainDigits.exact(gasketMm),
                                PlainDigits.rounded(sum, 3),
                                PlainDigits.rounded(left, 4))
                        .line(
                                "U = U₁ √n",
                                "%s × √%d = %s mm",
                                PlainDigits.exact(uncertaintyMm),
                                measured,
                                PlainDigits.rounded(together, 4))
                        .saying(
                                clamps
                                        ? "The stack is %s mm too high."
                                                .formatted(PlainDigits.rounded(-left, 3))
                                        : open
                                                ? "About nothing is left: within the uncertainty, measure it as float."
                                                : "%s mm of float are left."
                                                        .formatted(PlainDigits.rounded(left, 3)));
        return new StackHeight(left, together, uncertaintyMm * measured, told);
    }
}
