package app.yunque.tooth;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.GuardBand;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import java.util.Optional;

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
 * @param sentence      the verdict in words
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
        String sentence) {
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
    public static ThicknessLoss of(
            CylindricalGear gear,
            double thicknessMm,
            double referenceMm,
            double uncertaintyMm,
            ServiceDuty duty,
            WearLimit.ToothMaterial material,
            Optional<Double> makersRenewalPercent) {
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
        var verdict = judge(duty, percent, uncertaintyPercent, limit.renewPercent());
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
                verdict,
                sentence(verdict, percent, uncertaintyPercent, limit));
    }

    /** On lifting duty a doubtful tooth counts as failed. */
    private static Verdict judge(
            ServiceDuty duty, double percent, double uncertaintyPercent, double renew) {
        var verdict = GuardBand.atMost(percent, uncertaintyPercent, renew);
        return duty == ServiceDuty.LIFTING && verdict == Verdict.DOUBTFUL
                ? Verdict.CLEAR_FAIL
                : verdict;
    }

    private static String sentence(
            Verdict verdict, double percent, double uncertainty, WearLimit limit) {
        var state =
                "%s ± %s %% of the tooth is gone; renew at %s %%."
                        .formatted(
                                PlainDigits.rounded(percent, 1),
                                PlainDigits.rounded(uncertainty, 1),
                                PlainDigits.exact(limit.renewPercent()));
        return switch (verdict) {
            case CLEAR_PASS ->
                    percent >= limit.watchPercent()
                            ? state + " Watch: measure again next time."
                            : state;
            case DOUBTFUL -> state + " Too close to tell: measure again with a finer tool.";
            case CLEAR_FAIL -> state + " Renew.";
            case NOT_JUDGED -> state;
        };
    }
}
