package app.yunque.tooth;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.ServiceDuty;
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
 * What a measured tooth thickness says about the gear, whichever tool it came from.
 *
 * @param thicknessMm   remaining normal thickness s_n at the reference circle (mm)
 * @param referenceMm   normal thickness of the unworn tooth (mm)
 * @param lossMm        thickness lost Δs_n, the sum of two flanks (mm); negative when thicker
 * @param percent       the same in per cent of the reference
 * @param uncertaintyMm expanded uncertainty of the loss (mm)
 * @param uncertaintyPercent the same in per cent
 * @param limit         from where it is watched and renewed
 * @param flankMm       depth gone square to the flank when only one is worn, Δs_n cos α_n (mm)
 * @param strengthShare bending strength left, about (1 − loss)²; beam idea, no source beyond that
 * @param verdict       against the renewal limit
 * @param zone          the zone it counts as; null when it has to be measured again
 * @param coarse        true where it is known too coarsely to overrule a feel
 * @param sentence the verdict in words
 */
public record ThicknessLoss(
        double thicknessMm,
        double referenceMm,
        double lossMm,
        double percent,
        double uncertaintyMm,
        double uncertaintyPercent,
        WearLimit limit,
        double flankMm,
        double strengthShare,
        Verdict verdict,
        @Nullable Zone zone,
        boolean coarse,
        String sentence) {
    public static final Range THICKNESS = Range.of("thicknessMm", "tooth thickness", 0, 1000, "mm");

    public static final Range RENEWAL_LIMIT =
            Range.of("renewalPercent", "renewal limit", 0.1, 60, "%");

    /**
     * @param gear                 the gear
     * @param thicknessMm          measured s_n (mm)
     * @param referenceMm          s_n of the unworn tooth (mm), above 0
     * @param uncertaintyMm        expanded uncertainty of the loss (mm), 0 or more
     * @param duty                 what the drive is there for
     * @param material             what the tooth is made of
     * @param makersRenewalPercent the maker's own renewal limit (%), which overrules; may be empty
     */
    @PublicRule(
            at = "tooth/loss",
            title = "Loss of tooth thickness",
            says = "What a measured thickness says, whichever tool it came from.",
            source = "ISO 21771, ISO 14253-1, from memory")
    public static ThicknessLoss of(
            CylindricalGear gear,
            double thicknessMm,
            double referenceMm,
            double uncertaintyMm,
            ServiceDuty duty,
            WearLimit.ToothMaterial material,
            Optional<Double> makersRenewalPercent) {
        Refused.ifAny(THICKNESS.judge(thicknessMm));
        Refused.ifAny(makersRenewalPercent.flatMap(RENEWAL_LIMIT::judge));
        var usual = WearLimit.of(duty, material);
        var limit =
                makersRenewalPercent
                        .map(
                                m ->
                                        new WearLimit(
                                                Math.min(usual.watchPercent(), m),
                                                m,
                                                "the maker's"))
                        .orElse(usual);
        double loss = referenceMm - thicknessMm;
        double percent = 100 * loss / referenceMm;
        double uncertaintyPercent = 100 * uncertaintyMm / referenceMm;
        var judged =
                Zoned.of(limit.edges(), percent, uncertaintyPercent, duty == ServiceDuty.LIFTING);
        double left = Math.max(0, 1 - Math.max(0, percent) / 100);
        return new ThicknessLoss(
                thicknessMm,
                referenceMm,
                loss,
                percent,
                uncertaintyMm,
                uncertaintyPercent,
                limit,
                loss * Math.cos(gear.normalPressureAngleRad()),
                left * left,
                judged.verdict(),
                judged.counts(),
                judged.coarse(),
                sentence(judged, percent, uncertaintyPercent, limit));
    }

    private static String sentence(
            Zoned judged, double percent, double uncertainty, WearLimit limit) {
        var state =
                "%s ± %s %% of the tooth is gone; renew at %s %%."
                        .formatted(
                                PlainDigits.rounded(percent, 1),
                                PlainDigits.rounded(uncertainty, 1),
                                PlainDigits.exact(limit.renewPercent()));
        return switch (judged.verdict()) {
            case CLEAR_PASS -> judged.counts() == Zone.WATCH ? state + watch(judged) : state;
            case DOUBTFUL -> state + " Too close to tell: measure again with a finer tool.";
            case CLEAR_FAIL -> state + " Renew.";
            case NOT_JUDGED -> state;
        };
    }

    private static String watch(Zoned judged) {
        return " Worn but usable, %s %% of the way to renewal: measure again next time%s."
                .formatted(
                        PlainDigits.rounded(100 * judged.share().orElse(0.0), 0),
                        judged.planRenewal() ? ", after half the usual time" : "");
    }
}
