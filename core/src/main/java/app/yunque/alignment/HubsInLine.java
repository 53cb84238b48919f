package app.yunque.alignment;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * Two hubs in line, by a straight edge and feelers: laid on the standing hub, the gaps at the top and the bottom of the other give how low it lies and how much smaller it
 * is, (g_t − g_b)/2 and (g_t + g_b)/2. Source: geometry.
 *
 * @param lowMm      how low the other hub lies (mm), minus is high
 * @param smallerMm  how much smaller its radius is (mm)
 * @param told       words
 */
public record HubsInLine(double lowMm, double smallerMm, Told told) {
    public static final Range GAP = Range.of("topMm", "gap at the top", -10, 10, "mm");

    /**
     * @param topMm    gap at the top (mm), minus where the other hub stands proud
     * @param bottomMm gap at the bottom (mm), likewise
     */
    @PublicRule(
            at = "alignment/hubs",
            title = "Hubs by straight edge",
            says = "Straight edge and feelers: which hub lies low, and by how much.",
            sets = {"S-15"})
    public static HubsInLine of(double topMm, @Asks("gap at the bottom") double bottomMm) {
        Refused.ifAny(GAP.judge(topMm), GAP.named("bottomMm", "gap at the bottom").judge(bottomMm));
        double low = (topMm - bottomMm) / 2;
        double smaller = (topMm + bottomMm) / 2;
        var told =
                Told.of("geometry")
                        .mm("lowMm", "the other hub lies low by", low)
                        .mm("smallerMm", "its radius is smaller by", smaller)
                        .line("(g_t − g_b) / 2", "%s mm", PlainDigits.rounded(low, 4))
                        .line("(g_t + g_b) / 2", "%s mm", PlainDigits.rounded(smaller, 4))
                        .saying(
                                "%s mm too %s."
                                        .formatted(
                                                PlainDigits.rounded(Math.abs(low), 3),
                                                low < 0 ? "high" : "low"));
        return new HubsInLine(low, smaller, told);
    }
}
