package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * How much a bore or a journal tapers: (D_a − D_b) / L on the diameter. Source: definition.
 *
 * @param perMm        change of diameter along the axis (mm/mm)
 * @param halfAngleDeg half of the included angle (degrees)
 * @param told         the same in words
 */
public record Taper(double perMm, double halfAngleDeg, Told told) {
    public static final Range DIAMETER = Range.of("firstMm", "diameter", 0.1, 2000, "mm");
    public static final Range LENGTH =
            Range.of("apartMm", "distance of the planes", 0.5, 5000, "mm");

    /**
     * @param firstMm  diameter in the first plane (mm)
     * @param secondMm diameter in the second (mm)
     * @param apartMm  distance of the planes (mm)
     */
    @PublicRule(at = "fit/taper", title = "Taper", says = "Two diameters and their distance.")
    public static Taper of(
            double firstMm, @Asks("second diameter") double secondMm, double apartMm) {
        Refused.ifAny(
                DIAMETER.judge(firstMm),
                DIAMETER.named("secondMm", "second diameter").judge(secondMm),
                LENGTH.judge(apartMm));
        double per = (firstMm - secondMm) / apartMm;
        double angle = Math.toDegrees(Math.atan(per / 2));
        var told =
                Told.of("definition")
                        .figure("perMm", "taper on the diameter", per, "mm/mm", 6)
                        .figure("per100Mm", "over 100 mm", 100 * per, "mm", 4)
                        .figure("halfAngleDeg", "half angle", angle, "°", 4)
                        .line(
                                "(D_a − D_b) / L",
                                "(%s − %s) / %s = %s",
                                PlainDigits.exact(firstMm),
                                PlainDigits.exact(secondMm),
                                PlainDigits.exact(apartMm),
                                PlainDigits.rounded(per, 6))
                        .saying(
                                per == 0
                                        ? "Parallel, as far as these two planes tell."
                                        : "%s mm over 100 mm, %s at the %s plane."
                                                .formatted(
                                                        PlainDigits.rounded(Math.abs(100 * per), 4),
                                                        "larger",
                                                        per > 0 ? "first" : "second"));
        return new Taper(per, angle, told);
    }
}
