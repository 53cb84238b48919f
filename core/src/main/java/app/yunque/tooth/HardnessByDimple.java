package app.yunque.tooth;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * Hardness by comparing dimples: one hardened ball squeezed between a piece of known hardness and the part leaves a dimple
 * in each under the same force, so HB₂ = HB₁ · A₁/A₂ with A = π D/2 (D − √(D² − d²)). Source: definition of Brinell
 * hardness, ISO 6506-1.
 *
 * @param hardness    HB of the part
 * @param uncertainty expanded uncertainty of HB
 * @param sentence    the same in words
 * @param working     formula and numbers
 */
public record HardnessByDimple(
        double hardness, double uncertainty, String sentence, Working working) {
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of a dimple", 0, 1, "mm");

    public static final Range BALL = Range.of("ballMm", "ball diameter", 1, 30, "mm");
    public static final Range DIMPLE = Range.of("dimpleMm", "dimple diameter", 0.1, 28, "mm");
    public static final Range KNOWN = Range.of("knownHardness", "known hardness", 20, 650, "HB");
    private static final double BALL_LIMIT_HB = 650;

    /**
     * @param ballMm        D (mm)
     * @param knownHardness HB of the known piece
     * @param knownDimpleMm its dimple (mm), between 0.2 D and 0.7 D
     * @param partDimpleMm  the part's dimple (mm), likewise
     * @param uncertaintyMm standard uncertainty of one dimple (mm)
     */
    @PublicRule(
            at = "tooth/hardness-by-ball",
            title = "Hardness by a pressed ball",
            says = "Hardness of a part against one that is known.")
    public static HardnessByDimple of(
            double ballMm,
            double knownHardness,
            double knownDimpleMm,
            double partDimpleMm,
            double uncertaintyMm) {
        Refused.ifAny(UNCERTAINTY.judge(uncertaintyMm));
        Refused.ifAny(BALL.judge(ballMm), KNOWN.judge(knownHardness));
        var usable =
                Range.of("dimpleMm", "dimple", 0.2 * ballMm, 0.7 * ballMm, "mm")
                        .advising("Squeeze again with more or less force.");
        Refused.ifAny(
                usable.named("knownDimpleMm", "dimple in the known piece").judge(knownDimpleMm),
                usable.named("partDimpleMm", "dimple in the part").judge(partDimpleMm));
        double hardness = knownHardness * area(ballMm, knownDimpleMm) / area(ballMm, partDimpleMm);
        double u =
                2
                        * hardness
                        * 2
                        * Math.hypot(uncertaintyMm / knownDimpleMm, uncertaintyMm / partDimpleMm);
        var doubt =
                hardness > BALL_LIMIT_HB
                        ? " Too hard for a ball: it flattens. Use a file test or have it measured."
                        : "";
        return new HardnessByDimple(
                hardness,
                u,
                "About %s ± %s HB.%s"
                        .formatted(
                                PlainDigits.rounded(hardness, 0), PlainDigits.rounded(u, 0), doubt),
                new Working(
                        List.of(
                                line(
                                        "A = π D/2 (D − √(D² − d²))",
                                        "known %s mm², part %s mm²"
                                                .formatted(
                                                        PlainDigits.rounded(
                                                                area(ballMm, knownDimpleMm), 3),
                                                        PlainDigits.rounded(
                                                                area(ballMm, partDimpleMm), 3))),
                                line(
                                        "HB₂ = HB₁ A₁ / A₂",
                                        PlainDigits.rounded(hardness, 1) + " HB")),
                        "definition of Brinell hardness, ISO 6506-1, same force on both pieces",
                        List.of(
                                "A case-hardened tooth needs a hardness tester: the ball reads the core.")));
    }

    private static double area(double ball, double dimple) {
        return Math.PI / 2 * ball * (ball - Math.sqrt(ball * ball - dimple * dimple));
    }
}
