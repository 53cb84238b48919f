package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.Edges;
import app.yunque.measure.GuardBand;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Reading;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import app.yunque.measure.Zoned;

/**
 * A measured hole and a measured shaft against the fit they were made to. How far a worn pair may go beyond it depends on what the seat
 * does: under a ring that turns with its load any clearance lets the ring creep, so renewal begins at no interference; under a standing load
 * and of a hub it begins one IT7 beyond the fit, of a spigot one IT8; where only the letters count, at the fit itself.
 *
 * <p>Source: ISO 286-1, ISO 14253-1, from memory; where renewal begins handbook practice, from memory.
 *
 * @param clearanceMm   hole less shaft (mm); minus is interference
 * @param uncertaintyMm of that (mm), k = 2
 * @param hole          the hole against its own limits
 * @param shaft         the shaft against its own limits
 * @param told          verdict, words and working
 */
public record MeasuredFit(
        double clearanceMm, double uncertaintyMm, Verdict hole, Verdict shaft, Told told) {
    public static final Range NOMINAL = LimitsOfSize.NOMINAL;
    public static final Range SIZE = Range.of("holeMm", "measured hole", 0.001, 510, "mm");
    public static final Range UNCERTAINTY =
            Range.of("holeUncertaintyMm", "uncertainty of the hole", 0, 0.5, "mm");
    private static final double SAME_JOINT = 0.05;
    private static final int RENEWAL_GRADE = 7;
    private static final int SPIGOT_GRADE = 8;

    /** What the seat has to do. */
    public enum Seat {
        TURNING_LOAD("the load turns relative to this ring"),
        STANDING_LOAD("the load stands relative to this ring"),
        HUB("a gear or hub on its shaft"),
        SPIGOT("a spigot that locates a cover"),
        PLAIN("only the letters count");

        private final String words;

        Seat(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A measured size.
     *
     * @param sizeMm        the size that decides (mm): the largest of a hole, the least of a shaft
     * @param uncertaintyMm expanded uncertainty (mm), k = 2
     */
    public record Size(
            @Asks(
                            value = "size that decides",
                            hint = "Of a hole the largest reading, of a shaft the least.")
                    double sizeMm,
            @Asks("good to ±") double uncertaintyMm) {
        public Size {
            Refused.ifAny(
                    SIZE.named("sizeMm", "measured size").judge(sizeMm),
                    UNCERTAINTY.named("uncertaintyMm", "uncertainty").judge(uncertaintyMm));
        }
    }

    /**
     * @param fit    the letters it was made to
     * @param seat   what the seat has to do
     * @param strict true on a part for which doubtful counts as failed
     */
    @PublicRule(
            at = "fit/measured-fit",
            title = "A measured pair against its fit",
            says = "Whether a worn seat, hub or spigot still holds, by what it has to do.",
            answers = {"JRN-2", "HBR-2", "GER-5", "COV-2"},
            sets = {"S-01"})
    public static MeasuredFit of(
            double nominalMm,
            @Asks(
                            value = "letter and grade of the hole",
                            hint = "H7; or “bearing” for the bore of one.")
                    String hole,
            @Asks(
                            value = "letter and grade of the shaft",
                            hint = "k6; or “bearing” for the outside of one.")
                    String shaft,
            @Asks("the hole, measured") Size measuredHole,
            @Asks("the shaft, measured") Size measuredShaft,
            @Asks("what the seat has to do") Seat seat,
            @Asks("it holds, stops or carries the load") boolean strict) {
        var fit = Fit.of(nominalMm, hole, shaft);
        double clearance = measuredHole.sizeMm - measuredShaft.sizeMm;
        double uncertainty = Math.hypot(measuredHole.uncertaintyMm, measuredShaft.uncertaintyMm);
        var zoned = Zoned.of(edges(fit, seat), clearance, uncertainty, strict);
        var ofHole = against(fit.hole(), measuredHole);
        var ofShaft = against(fit.shaft(), measuredShaft);
        var told =
                Told.of(
                                "ISO 286-1, ISO 14253-1, from memory; renewal handbook practice, from memory")
                        .judged(zoned, new Reading(clearance, uncertainty, "mm"))
                        .mm("clearanceMm", "clearance, minus is tight", clearance)
                        .mm("uncertaintyMm", "good to ±", uncertainty)
                        .mm("leastMm", "least of the fit", fit.leastMm())
                        .mm("mostMm", "largest of the fit", fit.mostMm())
                        .mm("renewMm", "renewed from", renewFrom(fit, seat))
                        .words("holeVerdict", "the hole by itself", ofHole.words(null))
                        .words("shaftVerdict", "the shaft by itself", ofShaft.words(null))
                        .warnIf(
                                zoned.verdict().isPass() && (ofHole.isFail() || ofShaft.isFail()),
                                "The pair fits only because both parts lie on the same side: the %s by itself is outside its limits. A new mate will not fit it."
                                        .formatted(ofHole.isFail() ? "hole" : "shaft"))
                        .warnIf(
                                Math.abs(clearance) > SAME_JOINT * measuredShaft.sizeMm,
                                "Hole and shaft differ by %s mm: are they of the same joint?"
                                        .formatted(PlainDigits.rounded(Math.abs(clearance), 3)))
                        .line(
                                "c = hole − shaft",
                                "%s − %s = %s mm",
                                PlainDigits.exact(measuredHole.sizeMm),
                                PlainDigits.exact(measuredShaft.sizeMm),
                                PlainDigits.rounded(clearance, 4))
                        .line("U = √(U_h² + U_s²)", "± %s mm", PlainDigits.rounded(uncertainty, 4))
                        .saying(sentence(fit, seat, clearance, uncertainty, zoned));
        return new MeasuredFit(clearance, uncertainty, ofHole, ofShaft, told);
    }

    private static Verdict against(LimitsOfSize limits, Size measured) {
        return GuardBand.atMost(measured.sizeMm, measured.uncertaintyMm, limits.mostMm())
                .worse(
                        GuardBand.atLeast(
                                measured.sizeMm, measured.uncertaintyMm, limits.leastMm()));
    }

    private static Edges edges(Fit fit, Seat seat) {
        return Edges.growing(fit.leastMm(), fit.mostMm(), renewFrom(fit, seat));
    }

    private static double renewFrom(Fit fit, Seat seat) {
        return switch (seat) {
            case TURNING_LOAD -> Math.max(fit.mostMm(), 0);
            case STANDING_LOAD, HUB -> fit.mostMm() + width(fit, RENEWAL_GRADE);
            case SPIGOT -> fit.mostMm() + width(fit, SPIGOT_GRADE);
            case PLAIN -> fit.mostMm();
        };
    }

    private static double width(Fit fit, int grade) {
        return ToleranceTable.width(fit.nominalMm(), grade) / 1000.0;
    }

    private static String sentence(
            Fit fit, Seat seat, double clearance, double uncertainty, Zoned zoned) {
        var is =
                "%s ± %s mm%s against %s to %s mm"
                        .formatted(
                                PlainDigits.rounded(clearance, 4),
                                PlainDigits.rounded(uncertainty, 4),
                                clearance < 0 ? ", interference," : " of clearance",
                                PlainDigits.rounded(fit.leastMm(), 3),
                                PlainDigits.rounded(fit.mostMm(), 3));
        return switch (zoned.verdict()) {
            case CLEAR_PASS ->
                    zoned.counts() == Zone.WATCH
                            ? is + ": worn but usable."
                            : is + ": the pair fits.";
            case DOUBTFUL ->
                    is + ": within the uncertainty of a limit. Measure again with a better tool.";
            case CLEAR_FAIL ->
                    clearance < fit.leastMm()
                            ? is + ": tighter than the fit allows. Do not force it together."
                            : is
                                    + (seat == Seat.TURNING_LOAD
                                            ? ": the ring will creep. Restore the seat or renew the part."
                                            : ": too loose. Sleeve, retain or renew.");
            case NOT_JUDGED -> is + ": not judged.";
        };
    }
}
