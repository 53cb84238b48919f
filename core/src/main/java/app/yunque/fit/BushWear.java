package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Reading;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Zone;
import app.yunque.measure.Zoned;

/**
 * Clearance of a plain bush where the maker gives no limit: on an oil film it is renewed beyond 0.003 of its diameter, where that is more than a new one may
 * have, and at most beyond twice that; slow or greased, beyond the larger of twice a new one's largest and 0.008 of its diameter. Source: common practice, no
 * source; the same edges as its check.
 *
 * @param newMostMm largest clearance of the new fit (mm)
 * @param renewMm   clearance from which it is renewed (mm)
 * @param told      verdict and words
 */
public record BushWear(double newMostMm, double renewMm, Told told) {
    public static final Range NOMINAL = LimitsOfSize.NOMINAL;
    public static final Range CLEARANCE =
            Range.of("clearanceMm", "measured clearance", -0.5, 20, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of the clearance", 0, 1, "mm");
    private static final double TIMES_NEW = 2;
    private static final double FILM = 0.003;
    private static final double SLOW = 0.008;

    /**
     * @param nominalMm     nominal bore (mm)
     * @param hole          letter and grade of the bush
     * @param shaft         letter and grade of the shaft
     * @param clearanceMm   measured clearance at its largest place (mm)
     * @param uncertaintyMm its expanded uncertainty (mm), k = 2
     * @param oilFilm       true when it runs fast on an oil film
     * @param strict        true on a part for which doubtful counts as failed
     * @throws Refused when the letters are no clearance fit
     */
    @PublicRule(
            at = "fit/bush-wear",
            title = "Wear of a plain bush",
            says =
                    "Whether the clearance of a plain bush may stay, where the maker gives no limit.",
            answers = {"BSH-2"})
    public static BushWear of(
            double nominalMm,
            @Asks(value = "letter and grade of the bush", hint = "H7") String hole,
            @Asks(value = "letter and grade of the shaft", hint = "f7") String shaft,
            double clearanceMm,
            double uncertaintyMm,
            @Asks("it runs fast on an oil film") boolean oilFilm,
            @Asks("it holds, stops or carries the load") boolean strict) {
        Refused.ifAny(CLEARANCE.judge(clearanceMm), UNCERTAINTY.judge(uncertaintyMm));
        var fit = Fit.of(nominalMm, hole, shaft);
        if (fit.kind() != Fit.Kind.CLEARANCE) {
            throw Refused.because(
                    "shaft",
                    "%s/%s is no clearance fit: a shaft could not turn in it. Enter the fit of the running bore, not of the bush in its housing."
                            .formatted(fit.hole().code(), fit.shaft().code()));
        }
        double renew = renewFrom(fit, oilFilm);
        var zoned =
                Zoned.of(
                        Edges.growing(fit.leastMm(), fit.mostMm(), renew),
                        clearanceMm,
                        uncertaintyMm,
                        strict);
        var told =
                Told.of("common practice, no source; ISO 286-1, from memory")
                        .judged(zoned, new Reading(clearanceMm, uncertaintyMm, "mm"))
                        .mm("leastMm", "least of a new one", fit.leastMm())
                        .mm("newMostMm", "largest of a new one", fit.mostMm())
                        .mm("renewMm", "renewed from", renew)
                        .line(
                                oilFilm
                                        ? "0.003 d where that is more than c_max, at most 2 c_max; else 2 c_max"
                                        : "larger of 2 c_max and 0.008 d",
                                "%s mm",
                                PlainDigits.rounded(renew, 4))
                        .school(
                                "Measure shaft and bush apart: renew the one outside its own limits, both if both are.")
                        .saying(
                                switch (zoned.verdict()) {
                                    case CLEAR_PASS ->
                                            zoned.counts() == Zone.WATCH
                                                    ? "Worn but usable."
                                                    : "Inside the clearance of a new bush.";
                                    case DOUBTFUL ->
                                            "Within the uncertainty of a limit: measure again with a better tool.";
                                    case CLEAR_FAIL ->
                                            clearanceMm < fit.leastMm()
                                                    ? "Tighter than a new bush: it will seize when warm."
                                                    : "Renew the bush, or the shaft, or both: measure each by itself.";
                                    case NOT_JUDGED -> "Not judged.";
                                });
        return new BushWear(fit.mostMm(), renew, told);
    }

    private static double renewFrom(Fit fit, boolean oilFilm) {
        double twice = TIMES_NEW * fit.mostMm();
        double film = FILM * fit.nominalMm();
        if (oilFilm) {
            return film > fit.mostMm() ? Math.min(film, twice) : twice;
        }
        return Math.max(twice, SLOW * fit.nominalMm());
    }
}
