package app.yunque.alignment;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * Free span of a belt, how far it is pressed in, and its tension: t = √(C² − ((D − d)/2)²), 16 mm for each metre of span, T = f t/(4 q) from a force f that presses it in by q.
 * Source: geometry; 16 mm for a metre common practice, no source.
 *
 * @param spanMm    free span (mm)
 * @param lengthMm  length of the belt (mm)
 * @param pressedMm how far it should give (mm)
 * @param tensionN  static tension from the force that pressed it in (N)
 * @param told      words
 */
public record BeltTension(
        double spanMm, double lengthMm, double pressedMm, double tensionN, Told told) {
    public static final Range CENTRES =
            Range.of("centresMm", "distance of the shafts", 10, 20_000, "mm");
    public static final Range PULLEY = Range.of("largeMm", "pulley", 5, 5000, "mm");
    public static final Range FORCE =
            Range.of("forceN", "force in the middle of the span", 0, 5000, "N");
    public static final Range PRESSED = Range.of("measuredMm", "it gives by", 0.1, 500, "mm");
    private static final double PER_METRE = 0.016;

    /**
     * @param centresMm  C (mm)
     * @param largeMm    D (mm)
     * @param smallMm    d (mm)
     * @param forceN     force in the middle of the span (N)
     * @param measuredMm how far it gives under it (mm)
     * @throws Refused when the pulleys do not go between the shafts
     */
    @PublicRule(
            at = "alignment/belt",
            title = "Belt",
            says = "Free span, how far it should give, and its tension.",
            sets = {"S-15"})
    public static BeltTension of(
            double centresMm,
            double largeMm,
            @Asks("small pulley") double smallMm,
            double forceN,
            double measuredMm) {
        Refused.ifAny(
                CENTRES.judge(centresMm),
                PULLEY.named("largeMm", "large pulley").judge(largeMm),
                PULLEY.named("smallMm", "small pulley").judge(smallMm),
                FORCE.judge(forceN),
                PRESSED.judge(measuredMm));
        double difference = Math.abs(largeMm - smallMm);
        if (centresMm <= (largeMm + smallMm) / 2) {
            throw Refused.because(
                    "centresMm",
                    "At %s mm the pulleys, %s and %s mm, run into each other. Measure the centres again."
                            .formatted(
                                    PlainDigits.exact(centresMm),
                                    PlainDigits.exact(largeMm),
                                    PlainDigits.exact(smallMm)));
        }
        double span = Math.sqrt(centresMm * centresMm - difference * difference / 4);
        double length =
                2 * centresMm
                        + Math.PI * (largeMm + smallMm) / 2
                        + difference * difference / (4 * centresMm);
        double target = PER_METRE * span;
        double tension = forceN * span / (4 * measuredMm);
        var told =
                Told.of(
                                "geometry; 16 mm for a metre common practice, no source; the maker's figures win")
                        .figure("spanMm", "free span", span, "mm", 1)
                        .figure("pressedMm", "it should give", target, "mm", 1)
                        .figure("tensionN", "tension", tension, "N", 0)
                        .figure("lengthMm", "length of the belt", length, "mm", 0)
                        .line("t = √(C² − ((D − d)/2)²)", "%s mm", PlainDigits.rounded(span, 2))
                        .line("T = f t / (4 q)", "%s N", PlainDigits.rounded(tension, 1))
                        .warn("Isolated and locked first; fingers out of the pulley.")
                        .saying(
                                measuredMm > target
                                        ? "Too slack: it gives %s mm and should give %s."
                                                .formatted(
                                                        PlainDigits.exact(measuredMm),
                                                        PlainDigits.rounded(target, 1))
                                        : "It gives %s mm of %s that are usual."
                                                .formatted(
                                                        PlainDigits.exact(measuredMm),
                                                        PlainDigits.rounded(target, 1)));
        return new BeltTension(span, length, target, tension, told);
    }
}
