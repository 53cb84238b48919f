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
 * A shaft turned between centres or on its bearing seats: its bow is half of the run-out, towards the high spot. Two planes give the slope of
 * its line, |e₂ − e₁| over their distance as vectors. Source: geometry; limits by place judgement, no source.
 *
 * @param bowMm      eccentricity in the first plane (mm)
 * @param slopePerMm slope of its line (mm/mm); 0 with one plane
 * @param told       verdict of the larger run-out, and words
 */
public record ShaftBow(double bowMm, double slopePerMm, Told told) {
    public static final Range RUN_OUT = Range.of("runOutMm", "run-out", 0, 20, "mm");
    public static final Range ANGLE =
            Range.of("highDeg", "where the high spot lies", 0, 360, "degrees");
    public static final Range APART =
            Range.of("apartMm", "distance of the planes", 1, 10_000, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of a reading", 0, 1, "mm");

    /** Where it was read, with the most of a new one and where renewal begins when the maker gives no limit (mm). */
    public enum Place {
        BEARING_SEATS("at a pair of bearing seats", 0.02, 0.03),
        GEAR_SEAT("at the seat of a gear", 0.03, 0.05),
        BARE_SHAFT("on the bare shaft", 0.05, 0.10);

        private final String words;
        private final double newMm;
        private final double mostMm;

        Place(String words, double newMm, double mostMm) {
            this.words = words;
            this.newMm = newMm;
            this.mostMm = mostMm;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One plane.
     *
     * @param runOutMm total indicator reading (mm)
     * @param highDeg  where the high spot lies (degrees)
     */
    public record Plane(double runOutMm, double highDeg) {
        public Plane {
            Refused.ifAny(RUN_OUT.judge(runOutMm), ANGLE.judge(highDeg));
        }

        double across() {
            return runOutMm / 2 * Math.cos(Math.toRadians(highDeg));
        }

        double up() {
            return runOutMm / 2 * Math.sin(Math.toRadians(highDeg));
        }
    }

    /**
     * @param first         the first plane
     * @param second        the second plane
     * @param apartMm       their distance (mm)
     * @param place         where it was read
     * @param uncertaintyMm expanded uncertainty of a run-out (mm), k = 2
     * @param strict        true on a part for which doubtful counts as failed
     */
    @PublicRule(
            at = "fit/shaft-bow",
            title = "Bow of a shaft",
            says = "Run-out in two planes: how bent, which way, and whether it may stay.",
            answers = {"SHF-1"})
    public static ShaftBow of(
            @Asks("first plane") Plane first,
            @Asks("second plane") Plane second,
            double apartMm,
            @Asks("read") Place place,
            double uncertaintyMm,
            @Asks("it holds, stops or carries the load") boolean strict) {
        Refused.ifAny(APART.judge(apartMm), UNCERTAINTY.judge(uncertaintyMm));
        double slope =
                Math.hypot(second.across() - first.across(), second.up() - first.up()) / apartMm;
        double worst = Math.max(first.runOutMm, second.runOutMm);
        var zoned =
                Zoned.of(
                        Edges.growing(null, place.newMm, place.mostMm),
                        worst,
                        uncertaintyMm,
                        strict);
        var told =
                Told.of("geometry; limits judgement, no source")
                        .judged(zoned, new Reading(worst, uncertaintyMm, "mm"))
                        .mm("bowMm", "bow in the first plane", first.runOutMm / 2)
                        .mm("bowSecondMm", "bow in the second", second.runOutMm / 2)
                        .figure("slopePer100Mm", "slope over 100 mm", 100 * slope, "mm", 4)
                        .mm("mostMm", "most run-out " + place.words, place.mostMm)
                        .warn(
                                "In V-blocks the reading holds the ovality of the seats as well: read the seats alone first.")
                        .line("e = TIR / 2", "%s mm", PlainDigits.rounded(first.runOutMm / 2, 4))
                        .line("slope = |e₂ − e₁| / distance", "%s", PlainDigits.rounded(slope, 6))
                        .school(
                                "Straighten only what is not hardened, and look for cracks afterwards.")
                        .saying(
                                "Run-out %s mm %s: %s."
                                        .formatted(
                                                PlainDigits.rounded(worst, 3),
                                                place.words,
                                                switch (zoned.verdict()) {
                                                    case CLEAR_PASS ->
                                                            zoned.counts() == Zone.WATCH
                                                                    ? "worn but usable"
                                                                    : "straight enough";
                                                    case DOUBTFUL ->
                                                            "within the uncertainty of the limit, read it again";
                                                    case CLEAR_FAIL -> "bent";
                                                    case NOT_JUDGED -> "not judged";
                                                }));
        return new ShaftBow(first.runOutMm / 2, slope, told);
    }
}
