package app.yunque.teardown;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * Whether a half that comes free stands by itself: its centre of gravity against the outline of what it stands on. Source: statics; the
 * margin of 20 mm is a judgement.
 *
 * @param marginMm distance of the centre of gravity from the nearest edge of the support (mm), negative outside
 * @param told     words and working
 */
public record TippingHalf(double marginMm, Told told) {
    public static final Range ACROSS = Range.of("acrossMm", "place across", -10_000, 10_000, "mm");
    private static final double SAFE_MM = 20;
    private static final double SAME = 1e-9;

    /**
     * A place seen from above.
     *
     * @param acrossMm across (mm), −10000 to 10000
     * @param upMm     up (mm), −10000 to 10000
     */
    public record Place(
            double acrossMm,
            @Asks(value = "place up", hint = "One for each foot, in any order.") double upMm) {
        public Place {
            Refused.ifAny(ACROSS.judge(acrossMm), ACROSS.named("upMm", "place up").judge(upMm));
        }

        /** Twice the area to the left of the line from one place to another; negative to the right. */
        private double leftOf(Place from, Place to) {
            return (to.acrossMm - from.acrossMm) * (upMm - from.upMm)
                    - (to.upMm - from.upMm) * (acrossMm - from.acrossMm);
        }

        private double from(Place a, Place b) {
            double dx = b.acrossMm - a.acrossMm;
            double dy = b.upMm - a.upMm;
            double along =
                    ((acrossMm - a.acrossMm) * dx + (upMm - a.upMm) * dy) / (dx * dx + dy * dy);
            double t = Math.max(0, Math.min(1, along));
            return Math.hypot(acrossMm - a.acrossMm - t * dx, upMm - a.upMm - t * dy);
        }
    }

    /**
     * @param feet   where it stands, seen from above, three places or more that are not on one line
     * @param across centre of gravity, across (mm)
     * @param up     centre of gravity, up (mm)
     * @throws Refused for feet that hold up no surface
     */
    @PublicRule(
            at = "teardown/tipping",
            title = "Will it tip?",
            says = "Whether a half that comes free stands by itself on its feet or blocks.")
    public static TippingHalf of(
            @Asks("where it stands, seen from above") List<Place> feet,
            @Asks("the centre of gravity, seen from above") Place centre) {
        var outline = outline(feet);
        if (outline.size() < 3) {
            throw Refused.because(
                    "feet",
                    "What stands on two places, or on places in one line, tips. Name three feet or more that are not in one line.");
        }
        double nearest = Double.POSITIVE_INFINITY;
        boolean isInside = true;
        for (int i = 0; i < outline.size(); i++) {
            var a = outline.get(i);
            var b = outline.get((i + 1) % outline.size());
            nearest = Math.min(nearest, centre.from(a, b));
            isInside &= centre.leftOf(a, b) >= 0;
        }
        double margin = isInside ? nearest : -nearest;
        return new TippingHalf(margin, told(margin));
    }

    private static Told told(double margin) {
        var mm = PlainDigits.rounded(Math.abs(margin), 1);
        return Told.of("statics; margin of 20 mm a judgement")
                .verdict(
                        margin <= 0
                                ? Verdict.CLEAR_FAIL
                                : margin < SAFE_MM ? Verdict.DOUBTFUL : Verdict.NOT_JUDGED)
                .figure("marginMm", "inside the support by", margin, "mm", 1)
                .warn(
                        "A joint that sticks, a hand that pulls or a block that gives tips what stands on paper: prop both halves before the last two screws, and keep hands and feet out from under it.")
                .line(
                        "margin = distance to the nearest edge of the support",
                        "%s mm %s",
                        mm,
                        margin > 0 ? "inside" : "outside")
                .saying(
                        margin <= 0
                                ? "It will tip: prop it, or hang it, before it comes free."
                                : margin < SAFE_MM
                                        ? "It stands by %s mm only: prop it before it comes free."
                                                .formatted(mm)
                                        : "Its weight is %s mm inside what it stands on. Prop it all the same while the joint is parted."
                                                .formatted(mm));
    }

    /** What is between all feet: the outline around them, turning left, without places inside it. */
    private static List<Place> outline(List<Place> feet) {
        var sorted = new ArrayList<>(feet);
        sorted.sort(Comparator.comparingDouble(Place::acrossMm).thenComparingDouble(Place::upMm));
        var outline = half(sorted);
        Collections.reverse(sorted);
        outline.addAll(half(sorted));
        return outline;
    }

    private static List<Place> half(List<Place> sorted) {
        var half = new ArrayList<Place>();
        for (var place : sorted) {
            while (half.size() >= 2
                    && place.leftOf(half.get(half.size() - 2), half.get(half.size() - 1)) <= SAME) {
                half.remove(half.size() - 1);
            }
            half.add(place);
        }
        // The last of one half is the first of the other.
        if (!half.isEmpty()) {
            half.remove(half.size() - 1);
        }
        return half;
    }
}
