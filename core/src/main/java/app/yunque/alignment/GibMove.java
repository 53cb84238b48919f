package app.yunque.alignment;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * What turning the screw of a gib does to the play of a slide: a taper gib 1:n closes by P θ/(360 n), a straight one by P θ/360. Source: geometry; targets common practice, no
 * source.
 *
 * @param closesMm how much it closes (mm)
 * @param told     words
 */
public record GibMove(double closesMm, Told told) {
    public static final Range PITCH = Range.of("pitchMm", "pitch of the screw", 0.2, 5, "mm");
    public static final Range TURN =
            Range.of("turnDeg", "turn of the screw", -3600, 3600, "degrees");
    public static final Range TAPER = Range.of("taper", "taper of the gib, 1 to", 1, 200, "");

    /**
     * @param pitchMm P (mm)
     * @param turnDeg θ (degrees), in is plus
     * @param taper   n of a taper gib 1:n; 1 for a straight one
     */
    @PublicRule(
            at = "alignment/gib",
            title = "Gib of a slide",
            says = "How much a turn of its screw closes it.",
            sets = {"S-16"})
    public static GibMove of(double pitchMm, double turnDeg, double taper) {
        Refused.ifAny(PITCH.judge(pitchMm), TURN.judge(turnDeg), TAPER.judge(taper));
        double closes = pitchMm * turnDeg / (360 * taper);
        var told =
                Told.of("geometry; targets common practice, no source")
                        .figure("closesMm", "the gib closes by", closes, "mm", 4)
                        .line(
                                "P θ / (360 n)",
                                "%s × %s / (360 × %s) = %s mm",
                                PlainDigits.exact(pitchMm),
                                PlainDigits.exact(turnDeg),
                                PlainDigits.exact(taper),
                                PlainDigits.rounded(closes, 5))
                        .warn("Set it where the way is least worn, or it locks there.")
                        .school(
                                "Push and pull against an indicator: 0.02 mm where it has to be precise, 0.05 elsewhere; drag even from end to end.")
                        .saying(
                                "%s by %s mm."
                                        .formatted(
                                                closes < 0 ? "Opens" : "Closes",
                                                PlainDigits.rounded(Math.abs(closes), 4)));
        return new GibMove(closes, told);
    }
}
