package app.yunque.tooth;

import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import app.yunque.measure.Zoned;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How much of the hard skin of a case-hardened tooth is worn away: δ_n = Δs_n cos α_n from one flank, or half of it from both. Watched from
 * three tenths of the effective case depth, renewed from half. Source: common practice, no source.
 *
 * @param depthMm      worn away square to the flank (mm)
 * @param caseMm       effective case depth it is held against (mm)
 * @param assumed      true where nobody knows the case depth and 0.15 m_n is taken
 * @param sharePercent worn share of the case (%)
 * @param verdict      against the limits; never clear where the case is only assumed
 * @param zone         where it lies; null where it has to be measured again
 * @param sentence     the same in words
 */
public record CaseDepth(
        double depthMm,
        double caseMm,
        boolean assumed,
        double sharePercent,
        Verdict verdict,
        @Nullable Zone zone,
        String sentence) {
    public static final Range LOSS =
            Range.of("lossMm", "thickness lost at the reference circle", 0, 20, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of the loss", 0, 5, "mm");
    public static final Range PRESSURE_ANGLE =
            Range.of("pressureAngleDeg", "normal pressure angle", 10, 35, "degrees");
    public static final Range MODULE = Range.of("normalModuleMm", "normal module", 0.1, 100, "mm");
    public static final Range CASE =
            Range.of("effectiveCaseMm", "effective case depth", 0.05, 15, "mm");
    private static final double USUAL_OF_MODULE = 0.15;
    private static final double WATCH = 30;
    private static final double RENEW = 50;

    /**
     * @param lossMm           Δs_n (mm), the sum of two flanks
     * @param uncertaintyMm    expanded uncertainty of it (mm)
     * @param bothFlanks       true where both flanks are worn
     * @param pressureAngleDeg α_n (degrees)
     * @param normalModuleMm   m_n (mm)
     * @param effectiveCaseMm  case depth by the drawing or a cut sample (mm); empty takes 0.15 m_n
     * @param strict           true on a part that holds, stops or carries the load
     */
    @PublicRule(
            at = "tooth/case-depth",
            title = "Share of the hard skin",
            says = "How much of the case of a hardened tooth is worn away.",
            source = "common practice, no source")
    public static CaseDepth of(
            double lossMm,
            double uncertaintyMm,
            boolean bothFlanks,
            double pressureAngleDeg,
            double normalModuleMm,
            Optional<Double> effectiveCaseMm,
            boolean strict) {
        Refused.ifAny(
                LOSS.judge(lossMm),
                UNCERTAINTY.judge(uncertaintyMm),
                PRESSURE_ANGLE.judge(pressureAngleDeg),
                MODULE.judge(normalModuleMm),
                effectiveCaseMm.flatMap(CASE::judge));
        double perLoss = Math.cos(Math.toRadians(pressureAngleDeg)) / (bothFlanks ? 2 : 1);
        double hard = effectiveCaseMm.orElse(USUAL_OF_MODULE * normalModuleMm);
        double share = 100 * lossMm * perLoss / hard;
        var zoned =
                Zoned.of(
                        Edges.growing(null, WATCH, RENEW),
                        share,
                        100 * uncertaintyMm * perLoss / hard,
                        strict);
        boolean assumed = effectiveCaseMm.isEmpty();
        boolean fails = zoned.verdict().isFail();
        return new CaseDepth(
                lossMm * perLoss,
                hard,
                assumed,
                share,
                assumed && !fails ? Verdict.NOT_JUDGED : zoned.verdict(),
                assumed && !fails ? null : zoned.counts(),
                "%s mm of %s mm of hard skin is gone, %s %%; watched from 30 %%, renewed from 50 %%.%s"
                        .formatted(
                                PlainDigits.rounded(lossMm * perLoss, 3),
                                PlainDigits.rounded(hard, 2),
                                PlainDigits.rounded(share, 0),
                                assumed
                                        ? " The case depth is only assumed, 0.15 of the module: ask the maker, or try a file at the pitch line."
                                        : ""));
    }
}
