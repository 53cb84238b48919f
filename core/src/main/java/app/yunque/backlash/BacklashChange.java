package app.yunque.backlash;

import app.yunque.measure.PlainDigits;

/**
 * Backlash after a rebuild beside the value before it, and whether the difference is more than the gauges can tell.
 *
 * @param changeMm      after less before, along the circle (mm)
 * @param uncertaintyMm expanded uncertainty of the difference, √(U₁² + U₂²) (mm)
 * @param isReal        true when the difference is larger than its uncertainty
 * @param sentence      the difference in words
 */
public record BacklashChange(
        double changeMm, double uncertaintyMm, boolean isReal, String sentence) {

    public static BacklashChange of(IndicatorBacklash before, IndicatorBacklash after) {
        double change = after.mean().circumferentialMm() - before.mean().circumferentialMm();
        double uncertainty = Math.hypot(before.uncertaintyMm(), after.uncertaintyMm());
        boolean real = Math.abs(change) > uncertainty;
        var size =
                "%s mm %s than before, ± %s mm"
                        .formatted(
                                PlainDigits.rounded(Math.abs(change), 3),
                                change < 0 ? "less" : "more",
                                PlainDigits.rounded(uncertainty, 3));
        return new BacklashChange(
                change,
                uncertainty,
                real,
                real ? size + ": a real change." : size + ": no change the gauges can tell.");
    }
}
