package app.yunque.drive;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The ratio of a gearbox without papers, by turning it: i = N_in/N_out, u_i = i (u_angle/360°)/N_out, and the tooth pairs
 * that would give it. Source: definition of the ratio.
 *
 * @param ratio       i
 * @param uncertainty standard uncertainty of i
 * @param pairs       tooth pairs of 12 to 150 teeth inside i ± 2 u, smallest teeth first, at most twenty
 * @param sentence    the ratio, and whether more turns are needed
 * @param working     formula and numbers
 */
public record RatioByTurning(
        double ratio, double uncertainty, List<Pair> pairs, String sentence, Working working) {
    private static final double GOOD_SHARE = 0.002;
    private static final int FEWEST = 12;
    private static final int MOST = 150;
    private static final int SHOWN = 20;
    public static final Range EXTRA_ANGLE =
            Range.of("extraAngleDeg", "angle beyond the whole turns", 0, 360, "degrees");

    /** Two tooth counts and what they give. */
    public record Pair(int pinion, int wheel, double ratio) {}

    /**
     * @param inputTurns      N_in
     * @param outputTurns     whole turns of the output
     * @param extraAngleDeg   angle beyond them (degrees)
     * @param readingErrorDeg how well that angle was read (degrees)
     */
    @PublicRule(
            at = "drive/ratio-by-turning",
            title = "Ratio by turning",
            says = "Which ratio and which teeth the turns that were counted can mean.")
    public static RatioByTurning of(
            double inputTurns, double outputTurns, double extraAngleDeg, double readingErrorDeg) {
        Refused.ifAny(EXTRA_ANGLE.judge(extraAngleDeg));
        var count =
                new TurnCountCheck.Count(
                        inputTurns, outputTurns + extraAngleDeg / 360, readingErrorDeg);
        double i = count.inputTurns() / count.outputTurns();
        double u = i * (readingErrorDeg / 360) / count.outputTurns();
        return new RatioByTurning(
                i,
                u,
                pairs(i, 2 * u),
                sentence(i, u),
                new Working(
                        List.of(
                                line(
                                        "i = N_in / N_out",
                                        "%s / %s = %s"
                                                .formatted(
                                                        PlainDigits.exact(inputTurns),
                                                        PlainDigits.rounded(count.outputTurns(), 4),
                                                        PlainDigits.rounded(i, 5))),
                                line(
                                        "u = i · (u_angle / 360°) / N_out",
                                        PlainDigits.rounded(u, 5))),
                        "definition of the ratio"));
    }

    private static List<Pair> pairs(double ratio, double reach) {
        double above = Math.max(ratio, 1 / ratio);
        double span = ratio >= 1 ? reach : reach / (ratio * ratio);
        var found = new ArrayList<Pair>();
        for (int z1 = FEWEST; z1 <= MOST; z1++) {
            for (int z2 = z1; z2 <= MOST; z2++) {
                double r = (double) z2 / z1;
                if (Math.abs(r - above) <= span + 1e-12) {
                    found.add(ratio >= 1 ? new Pair(z1, z2, r) : new Pair(z2, z1, 1 / r));
                }
            }
        }
        found.sort(Comparator.comparingInt(p -> p.pinion + p.wheel));
        return found.stream().limit(SHOWN).toList();
    }

    private static String sentence(double i, double u) {
        var state =
                "Ratio %s ± %s."
                        .formatted(PlainDigits.rounded(i, 4), PlainDigits.rounded(2 * u, 4));
        return u / i <= GOOD_SHARE
                ? state
                : state + " Turn further: at this care the uncertainty is above 0.2 %.";
    }
}
