package app.yunque.fastener;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Working;
import java.util.List;

/**
 * What a screw of a given length does in a given hole: whether it holds, bottoms, or strikes what lies behind.
 *
 * <p>x = L − g. Blind: engagement = min(x, t), margin = t − x, and below zero the screw bottoms before it clamps. Through:
 * engagement = min(x, w), protrusion = max(0, x − w), clearance = G − protrusion. Source: geometry; wanted engagement by
 * metal is common practice, no source, and a maker's design may use less.
 *
 * @param outcome       the worst that happens
 * @param engagementMm  full thread in use (mm), 0 when it does not reach
 * @param clearanceMm   room left at the tip (mm): to the end of the thread in a blind hole, to the part behind a through
 *                      one; negative when there is none
 * @param diameters     engagement as a multiple of d; 0 when the thread is special
 * @param says          what that means, in one sentence
 * @param working       formula, numbers and source
 */
public record ScrewInHole(
        Outcome outcome,
        double engagementMm,
        double clearanceMm,
        double diameters,
        String says,
        Working working) {
    /** Room that common practice wants between a tip and what moves behind it (mm). */
    private static final double CLOSE_MM = 1.0;

    /** From harmless to worst. */
    public enum Outcome {
        HOLDS,
        SHORT_THREAD,
        CLOSE,
        DOES_NOT_REACH,
        BOTTOMS,
        STRIKES;

        public boolean isHarm() {
            return this == DOES_NOT_REACH || this == BOTTOMS || this == STRIKES;
        }
    }

    /**
     * @param thread   the thread of screw and hole
     * @param lengthMm length under the head L (mm)
     * @param hole     where it goes
     */
    public static ScrewInHole of(ScrewThread thread, double lengthMm, ScrewHole hole) {
        double x = lengthMm - hole.gripMm();
        double engagement = Math.max(0, Math.min(x, hole.threadMm()));
        Double free = hole.freeMm();
        double clearance =
                hole.isThrough() && free != null
                        ? free - Math.max(0, x - hole.threadMm())
                        : hole.threadMm() - x;
        double diameters = thread.diameterMm() == null ? 0 : engagement / thread.diameterMm();
        var outcome = outcome(thread, hole, x, clearance, diameters);
        return new ScrewInHole(
                outcome,
                engagement,
                clearance,
                diameters,
                says(outcome, lengthMm, hole, clearance, diameters),
                working(lengthMm, hole, x, engagement, clearance));
    }

    private static Outcome outcome(
            ScrewThread thread, ScrewHole hole, double x, double clearance, double diameters) {
        if (x <= 0) {
            return Outcome.DOES_NOT_REACH;
        }
        if (hole.isThrough() ? clearance <= 0 : clearance < 0) {
            return hole.isThrough() ? Outcome.STRIKES : Outcome.BOTTOMS;
        }
        Double pitch = thread.pitchMm();
        double near = hole.isThrough() ? CLOSE_MM : pitch == null ? 0 : pitch;
        if (clearance < near) {
            return Outcome.CLOSE;
        }
        return thread.diameterMm() != null && diameters < hole.into().wantedDiameters()
                ? Outcome.SHORT_THREAD
                : Outcome.HOLDS;
    }

    private static String says(
            Outcome outcome, double length, ScrewHole hole, double clearance, double diameters) {
        var screw = "The " + PlainDigits.exact(length) + " mm screw ";
        var behind = hole.behind().isBlank() ? "what lies behind" : "the " + hole.behind();
        return switch (outcome) {
            case STRIKES ->
                    clearance == 0
                            ? screw + "just touches " + behind + "."
                            : screw
                                    + "strikes "
                                    + behind
                                    + " by "
                                    + PlainDigits.rounded(-clearance, 1)
                                    + " mm.";
            case BOTTOMS ->
                    screw
                            + "bottoms "
                            + PlainDigits.rounded(-clearance, 1)
                            + " mm before it clamps: the joint stays loose, the boss may crack.";
            case DOES_NOT_REACH -> screw + "does not reach the thread.";
            case CLOSE ->
                    screw
                            + "leaves "
                            + PlainDigits.rounded(clearance, 1)
                            + (hole.isThrough()
                                    ? " mm to " + behind
                                    : " mm to the end of the thread")
                            + ".";
            case SHORT_THREAD ->
                    screw
                            + "holds by "
                            + PlainDigits.rounded(diameters, 1)
                            + " diameters of thread; "
                            + hole.into().words()
                            + " wants "
                            + PlainDigits.exact(hole.into().wantedDiameters())
                            + ".";
            case HOLDS -> screw + "holds and is clear.";
        };
    }

    private static Working working(
            double length, ScrewHole hole, double x, double engagement, double clearance) {
        var reach =
                Working.line(
                        "x = L − g",
                        digits(length) + " − " + digits(hole.gripMm()) + " = " + digits(x) + " mm");
        var held =
                Working.line(
                        hole.isThrough() ? "engagement = min(x, w)" : "engagement = min(x, t)",
                        digits(engagement) + " mm");
        var room =
                Working.line(
                        hole.isThrough() ? "clearance = G − max(0, x − w)" : "clearance = t − x",
                        digits(clearance) + " mm");
        return new Working(
                List.of(reach, held, room),
                "geometry; wanted engagement by metal: common practice, no source");
    }

    private static String digits(double value) {
        return PlainDigits.rounded(value, 2).replaceFirst("\\.?0+$", "");
    }
}
