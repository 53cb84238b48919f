package app.yunque.fit;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * What a part turned in a V-block shows of its lobes. An indicator on the bisector of the angle α reads |F| times the lobing, F = 1 + (−1)ⁿ
 * cos(n(90° − α/2)) / sin(α/2). Source: derived; the factors of ISO 4292, from memory, agree.
 *
 * @param factor   F, no unit
 * @param lobingMm peak to valley of the radius (mm)
 * @param told     the same in words
 */
public record Lobing(double factor, double lobingMm, Told told) {
    public static final Range ANGLE =
            Range.of("angleDeg", "included angle of the V-block", 30, 170, "degrees");
    public static final Range LOBES = Range.count("lobes", "number of lobes", 2, 30);
    public static final Range SPAN = Range.of("spanMm", "span of the readings", 0, 5, "mm");
    private static final double SHOWS_NOTHING = 0.1;

    /**
     * @param lobes    lobes round the part, 2 is oval
     * @param angleDeg included angle of the V-block (degrees)
     * @param spanMm   largest less least reading round a turn (mm)
     * @throws Refused when this block does not show so many lobes
     */
    @PublicRule(
            at = "fit/lobing",
            title = "Lobes in a V-block",
            says = "What two points cannot see: three lobes and more, turned under an indicator.")
    public static Lobing of(int lobes, double angleDeg, double spanMm) {
        Refused.ifAny(LOBES.judge(lobes), ANGLE.judge(angleDeg), SPAN.judge(spanMm));
        double half = Math.toRadians(angleDeg / 2);
        double factor =
                1
                        + (lobes % 2 == 0 ? 1 : -1)
                                * Math.cos(lobes * (Math.PI / 2 - half))
                                / Math.sin(half);
        if (Math.abs(factor) < SHOWS_NOTHING) {
            throw Refused.because(
                    "angleDeg",
                    "A V-block of %s° does not show %d lobes. Take another angle."
                            .formatted(PlainDigits.exact(angleDeg), lobes));
        }
        double lobing = spanMm / Math.abs(factor);
        var told =
                Told.of("derived; ISO 4292, from memory")
                        .figure("lobingMm", "peak to valley of the radius", lobing, "mm", 4)
                        .figure("factor", "factor of the block", factor, "", 4)
                        .line(
                                "F = 1 + (−1)ⁿ cos(n(90° − α/2)) / sin(α/2)",
                                "n %d, α %s°: %s",
                                lobes,
                                PlainDigits.exact(angleDeg),
                                PlainDigits.rounded(factor, 4))
                        .saying(
                                "%d lobes of %s mm, peak to valley of the radius."
                                        .formatted(lobes, PlainDigits.rounded(lobing, 4)));
        return new Lobing(factor, lobing, told);
    }
}
