package app.yunque.measure;

import java.util.Optional;

/**
 * Whether a tool can tell what it is asked, said before anything is measured: its uncertainty may be at most a quarter of the way from
 * new to renewal. Source: judgement, no source, after ISO 14253-1.
 *
 * @param neededUncertainty largest uncertainty that can tell, in the unit of the edges; empty where an edge is not known
 * @param fineEnough        true where the tool is fine enough; false where it is not, or where nobody can tell
 * @param sentence          the same in words
 */
public record ToolNeeded(Optional<Double> neededUncertainty, boolean fineEnough, String sentence) {

    /**
     * @param edges       where new ends and renewal begins
     * @param uncertainty expanded uncertainty of the tool, in the unit of the edges, 0 or more
     * @throws Refused when it is negative
     */
    @PublicRule(
            at = "measure/tool-needed",
            title = "Is the tool fine enough",
            says = "Whether a tool can tell new from renewal, before anything is measured.",
            source = "judgement, no source, after ISO 14253-1")
    public static ToolNeeded of(Edges edges, double uncertainty) {
        if (!(uncertainty >= 0) || Double.isInfinite(uncertainty)) {
            throw Refused.because("uncertainty", "An uncertainty is 0 or more.");
        }
        var needed = edges.uncertaintyNeeded();
        boolean fine = needed.filter(u -> uncertainty <= u).isPresent();
        return new ToolNeeded(
                needed,
                fine,
                needed.map(
                                u ->
                                        fine
                                                ? "Fine enough: ± %s is asked at most."
                                                        .formatted(PlainDigits.exact(u))
                                                : "Too coarse for this: it would need ± %s."
                                                        .formatted(PlainDigits.exact(u)))
                        .orElse(
                                "Nobody can tell: the edge of a new one or of renewal is not known."));
    }
}
