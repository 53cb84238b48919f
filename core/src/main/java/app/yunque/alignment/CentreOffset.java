package app.yunque.alignment;

import app.yunque.measure.Asks;
import app.yunque.measure.GuardBand;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * How far a tail centre stands off, from an indicator on the carriage run along a test bar between centres: o = δ L/ℓ; work turned so tapers by 2 δ/ℓ on its diameter. The
 * bar's own error goes out when it is read again turned by 180°. Source: geometry.
 *
 * @param offsetMm    how far the tail centre stands off (mm); plus is towards the tool
 * @param taperPerMm  taper of work on its diameter (mm/mm)
 * @param barErrorMm  error of the bar over the travel (mm)
 * @param told        verdict against the wanted limit, and words
 */
public record CentreOffset(double offsetMm, double taperPerMm, double barErrorMm, Told told) {
    public static final Range READING = Range.of("headMm", "reading at the headstock", -5, 5, "mm");
    public static final Range TRAVEL =
            Range.of("travelMm", "travel along the bar", 5, 10_000, "mm");
    public static final Range CENTRES =
            Range.of("betweenCentresMm", "distance of the centres", 5, 20_000, "mm");
    public static final Range LIMIT = Range.of("limitMm", "most it may stand off", 0.001, 1, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of a reading", 0, 1, "mm");

    /**
     * Readings of one run.
     *
     * @param headMm reading at the headstock (mm)
     * @param tailMm reading at the tail (mm)
     */
    public record Run(double headMm, @Asks("reading at the tail") double tailMm) {
        public Run {
            Refused.ifAny(
                    READING.judge(headMm),
                    READING.named("tailMm", "reading at the tail").judge(tailMm));
        }

        double rise() {
            return tailMm - headMm;
        }
    }

    /**
     * @param run              readings along the bar, indicator on the tool's side, pushed in is plus
     * @param turned           the same with the bar turned by 180° in its centres
     * @param travelMm         ℓ between the two places (mm)
     * @param betweenCentresMm L (mm), ℓ or more
     * @param limitMm          most the centre may stand off (mm)
     * @param uncertaintyMm    expanded uncertainty of a reading (mm), k = 2
     */
    @PublicRule(
            at = "alignment/centre-offset",
            title = "Centres of a lathe",
            says =
                    "A test bar read twice: how far the tail centre is off, and what is the bar’s own fault.",
            sets = {"S-15"})
    public static CentreOffset of(
            @Asks("along the bar") Run run,
            @Asks("the bar turned by 180°") Run turned,
            double travelMm,
            double betweenCentresMm,
            double limitMm,
            double uncertaintyMm) {
        Refused.ifAny(
                TRAVEL.judge(travelMm),
                CENTRES.judge(betweenCentresMm),
                LIMIT.judge(limitMm),
                UNCERTAINTY.judge(uncertaintyMm));
        if (travelMm > betweenCentresMm) {
            throw Refused.because(
                    "travelMm",
                    "A travel of %s mm is longer than the bar between its centres, %s. Exchange the two?"
                            .formatted(
                                    PlainDigits.exact(travelMm),
                                    PlainDigits.exact(betweenCentresMm)));
        }
        double rise = (run.rise() + turned.rise()) / 2;
        double bar = (run.rise() - turned.rise()) / 2;
        double offset = rise * betweenCentresMm / travelMm;
        double taper = 2 * rise / travelMm;
        // Two runs of two readings each; the mean halves what their difference brings.
        double uncertainty = uncertaintyMm * betweenCentresMm / travelMm;
        var verdict = GuardBand.atMost(Math.abs(offset), uncertainty, limitMm);
        var told =
                Told.of("geometry")
                        .verdict(verdict)
                        .mm("offsetMm", "tail centre off, plus is towards the tool", offset)
                        .mm("moveMm", "move it by", -offset)
                        .figure("taperPer300Mm", "taper of work over 300 mm", 300 * taper, "mm", 4)
                        .mm("barErrorMm", "error of the bar itself", bar)
                        .line(
                                "δ = mean of both runs",
                                "(%s + %s) / 2 = %s mm",
                                PlainDigits.rounded(run.rise(), 4),
                                PlainDigits.rounded(turned.rise(), 4),
                                PlainDigits.rounded(rise, 4))
                        .line(
                                "o = δ L / ℓ",
                                "%s × %s / %s = %s mm",
                                PlainDigits.rounded(rise, 4),
                                PlainDigits.exact(betweenCentresMm),
                                PlainDigits.exact(travelMm),
                                PlainDigits.rounded(offset, 4))
                        .warn(
                                "First to the side, then in height: an error in height hardly changes the diameter and cannot be turned away.")
                        .school("Scribed marks on the base are where one starts, never a proof.")
                        .saying(
                                "The tail centre stands %s mm %s the tool: %s."
                                        .formatted(
                                                PlainDigits.rounded(Math.abs(offset), 3),
                                                offset > 0 ? "towards" : "away from",
                                                switch (verdict) {
                                                    case CLEAR_PASS -> "good enough";
                                                    case DOUBTFUL ->
                                                            "within the uncertainty of what is wanted";
                                                    case CLEAR_FAIL ->
                                                            "move it %s mm %s"
                                                                    .formatted(
                                                                            PlainDigits.rounded(
                                                                                    Math.abs(
                                                                                            offset),
                                                                                    3),
                                                                            offset > 0
                                                                                    ? "away from it"
                                                                                    : "towards it");
                                                    case NOT_JUDGED -> "not judged";
                                                }));
        return new CentreOffset(offset, taper, bar, told);
    }
}
