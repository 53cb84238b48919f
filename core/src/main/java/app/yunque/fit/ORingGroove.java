package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;

/**
 * How much a groove squeezes an O-ring, (W − gap)/W: 15 to 30 % where nothing moves, 8 to 20 % where something does; its inside is stretched by
 * 1 to 6 %. Source: common practice, no source; sizes ISO 3601, from memory.
 *
 * @param squeeze share of the cord, 0.2 is 20 %
 * @param stretch share of the inside diameter; 0 where it is not known
 * @param told    verdict and words
 */
public record ORingGroove(double squeeze, double stretch, Told told) {
    public static final Range CORD = Range.of("cordMm", "cord of the ring", 0.5, 20, "mm");
    public static final Range GAP =
            Range.of("gapMm", "depth of the groove with its clearance", 0.2, 20, "mm");
    public static final Range INSIDE =
            Range.of("ringInsideMm", "inside of the ring", 0.5, 1000, "mm");
    public static final Range SEAT = Range.of("seatMm", "diameter it sits on", 0.5, 1200, "mm");
    private static final Edges STATIC = Edges.growing(0.15, 0.30, 0.30);
    private static final Edges MOVING = Edges.growing(0.08, 0.20, 0.20);
    private static final double LEAST_STRETCH = 0.01;
    private static final double MOST_STRETCH = 0.06;
    private static final double SLACK = 1e-9;

    /**
     * @param cordMm       W (mm)
     * @param gapMm        depth of the groove, clearance included (mm)
     * @param ringInsideMm inside of the ring (mm)
     * @param seatMm       diameter it sits on (mm)
     * @param moving       true where something slides or turns on it
     */
    @PublicRule(
            at = "fit/o-ring",
            title = "O-ring in its groove",
            says = "Squeeze of its cord and stretch of its inside, still or moving.",
            sets = {"S-13"})
    public static ORingGroove of(
            double cordMm,
            double gapMm,
            double ringInsideMm,
            double seatMm,
            @Asks("something slides or turns on it") boolean moving) {
        Refused.ifAny(
                CORD.judge(cordMm),
                GAP.judge(gapMm),
                INSIDE.judge(ringInsideMm),
                SEAT.judge(seatMm));
        double squeeze = (cordMm - gapMm) / cordMm;
        double stretch = (seatMm - ringInsideMm) / ringInsideMm;
        var band = moving ? MOVING : STATIC;
        double least = band.least() == null ? 0 : band.least();
        double most = band.mostNew() == null ? 0 : band.mostNew();
        boolean isSqueezed = squeeze >= least - SLACK && squeeze <= most + SLACK;
        boolean isStretched = stretch >= LEAST_STRETCH - SLACK && stretch <= MOST_STRETCH + SLACK;
        var told =
                Told.of("common practice, no source; ISO 3601, from memory")
                        .verdict(
                                isSqueezed && isStretched ? Verdict.CLEAR_PASS : Verdict.CLEAR_FAIL)
                        .figure("squeezePercent", "squeeze", 100 * squeeze, "%", 1)
                        .figure("stretchPercent", "stretch of its inside", 100 * stretch, "%", 1)
                        .warnIf(
                                !isStretched,
                                "Its inside is stretched by %s %%; 1 to 6 %% is usual. Another ring."
                                        .formatted(PlainDigits.rounded(100 * stretch, 1)))
                        .warn("An O-ring that was disturbed is renewed.")
                        .line(
                                "(W − gap) / W",
                                "(%s − %s) / %s = %s",
                                PlainDigits.exact(cordMm),
                                PlainDigits.exact(gapMm),
                                PlainDigits.exact(cordMm),
                                PlainDigits.rounded(squeeze, 4))
                        .saying(
                                squeeze <= 0
                                        ? "No seal: the groove is deeper than the ring is thick."
                                        : "Squeezed by %s %%; %s to %s %% is usual where %s."
                                                .formatted(
                                                        PlainDigits.rounded(100 * squeeze, 1),
                                                        PlainDigits.rounded(100 * least, 0),
                                                        PlainDigits.rounded(100 * most, 0),
                                                        moving
                                                                ? "something moves"
                                                                : "nothing moves"));
        return new ORingGroove(squeeze, stretch, told);
    }
}
