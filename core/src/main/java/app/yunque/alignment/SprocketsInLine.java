package app.yunque.alignment;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * Two sprockets or pulleys on parallel shafts, by a straight edge laid on both rims of one: gaps g₁ and g₂ at the other, a chord e apart, give how far its shaft is turned,
 * atan((g₂ − g₁)/e), and how far it stands out of line, their mean less half of what the first is wider. Source: geometry.
 *
 * @param twistDeg how far the second shaft is turned (degrees), plus where the far side lies further from the straight edge
 * @param offsetMm how far the second stands back from the straight edge's side (mm), minus where it stands proud
 * @param told     words
 */
public record SprocketsInLine(double twistDeg, double offsetMm, Told told) {
    public static final Range GAP = Range.of("nearMm", "gap at the near rim", -50, 50, "mm");
    public static final Range CHORD =
            Range.of("chordMm", "distance of the two places", 5, 3000, "mm");
    public static final Range WIDER =
            Range.of("widerMm", "the first is wider than the second by", -100, 100, "mm");

    /**
     * @param nearMm  g₁, gap at the near rim of the second (mm), minus where it stands proud
     * @param farMm   g₂, gap at its far rim (mm)
     * @param chordMm e, distance of the two places (mm)
     * @param widerMm what the first is wider than the second over its rims (mm), 0 for a pair
     */
    @PublicRule(
            at = "alignment/sprockets",
            title = "Sprockets or pulleys by straight edge",
            says = "Straight edge and feelers: which shaft is turned, which wheel stands out.",
            sets = {"S-15"})
    public static SprocketsInLine of(
            double nearMm,
            @Asks("gap at the far rim") double farMm,
            double chordMm,
            @Asks(value = "the first is wider by", hint = "Over the rims; 0 for a pair alike.")
                    double widerMm) {
        Refused.ifAny(
                GAP.judge(nearMm),
                GAP.named("farMm", "gap at the far rim").judge(farMm),
                CHORD.judge(chordMm),
                WIDER.judge(widerMm));
        double twist = Math.toDegrees(Math.atan((farMm - nearMm) / chordMm));
        double mean = (nearMm + farMm) / 2;
        double offset = mean - widerMm / 2;
        return new SprocketsInLine(
                twist,
                offset,
                Told.of("geometry; the limits are the maker's")
                        .figure("twistDeg", "its shaft is turned by", twist, "°", 2)
                        .mm("offsetMm", "it stands back by", offset)
                        .warn("Isolated and locked first; fingers out of the chain and the belt.")
                        .line(
                                "atan((g₂ − g₁) / e)",
                                "atan((%s − %s) / %s) = %s°",
                                PlainDigits.exact(farMm),
                                PlainDigits.exact(nearMm),
                                PlainDigits.exact(chordMm),
                                PlainDigits.rounded(twist, 3))
                        .line(
                                "(g₁ + g₂) / 2 less half of the width",
                                "%s − %s = %s mm",
                                PlainDigits.rounded(mean, 3),
                                PlainDigits.rounded(widerMm / 2, 3),
                                PlainDigits.rounded(offset, 3))
                        .school(
                                "Turn the shaft true first: that moves the wheel too. Then slide it.")
                        .saying(
                                "Its shaft is turned by %s°; then it %s by %s mm."
                                        .formatted(
                                                PlainDigits.rounded(Math.abs(twist), 2),
                                                offset < 0 ? "stands proud" : "stands back",
                                                PlainDigits.rounded(Math.abs(offset), 2))));
    }
}
