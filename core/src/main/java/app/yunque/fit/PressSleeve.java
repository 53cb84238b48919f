package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import java.util.ArrayList;
import java.util.Optional;

/**
 * Whether a sleeve presses a bearing on by the ring that is tight, clears what is in its way, and bears on enough of the face. Source: geometry;
 * 0.2 mm of room and 1 mm of contact judgement, no source.
 *
 * @param contactMm radial width of the contact (mm); 0 or less where there is none
 * @param told      verdict, and every fault in words
 */
public record PressSleeve(double contactMm, Told told) {
    public static final Range SIZE = Range.of("boreMm", "diameter", 1, 2000, "mm");
    public static final Range CHAMFER = Range.of("chamferMm", "chamfer of the ring", 0, 10, "mm");
    private static final double ROOM_MM = 0.2;
    private static final double LEAST_CONTACT_MM = 1.0;
    private static final double SLACK = 1e-9;

    /** The rings that are tight on their seats. */
    public enum Tight {
        INNER("the inner ring on the shaft"),
        OUTER("the outer ring in the housing"),
        BOTH("both rings");

        private final String words;

        Tight(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * The bearing as its table or a caliper gives it.
     *
     * @param boreMm          d (mm)
     * @param innerShoulderMm d₁, outside of the inner ring's shoulder (mm)
     * @param outerShoulderMm D₁, inside of the outer ring's shoulder (mm)
     * @param outsideMm       D (mm)
     * @param chamferMm       r of the rings (mm)
     */
    public record Rings(
            double boreMm,
            @Asks("outside of the inner ring’s shoulder") double innerShoulderMm,
            @Asks("inside of the outer ring’s shoulder") double outerShoulderMm,
            @Asks("outside of the bearing") double outsideMm,
            double chamferMm) {
        public Rings {
            Refused.ifAny(
                    SIZE.judge(boreMm),
                    SIZE.named("innerShoulderMm", "shoulder of the inner ring")
                            .judge(innerShoulderMm),
                    SIZE.named("outerShoulderMm", "shoulder of the outer ring")
                            .judge(outerShoulderMm),
                    SIZE.named("outsideMm", "outside of the bearing").judge(outsideMm),
                    CHAMFER.judge(chamferMm));
            if (!(boreMm < innerShoulderMm
                    && innerShoulderMm < outerShoulderMm
                    && outerShoulderMm < outsideMm)) {
                throw Refused.because(
                        "innerShoulderMm",
                        "Diameters out of order: %s, %s, %s, %s mm. From bore to outside each has to be larger."
                                .formatted(
                                        PlainDigits.exact(boreMm),
                                        PlainDigits.exact(innerShoulderMm),
                                        PlainDigits.exact(outerShoulderMm),
                                        PlainDigits.exact(outsideMm)));
            }
        }
    }

    /**
     * @param rings           the bearing
     * @param tight           which rings are tight
     * @param sleeveBoreMm    b (mm)
     * @param sleeveOutsideMm o (mm), more than b
     * @param inTheWayMm      largest diameter on the shaft that the sleeve passes (mm), a thread or a journal; empty when nothing is
     */
    @PublicRule(
            at = "fit/press-sleeve",
            title = "Does this sleeve press the right ring?",
            says =
                    "Whether it clears the thread, bears on enough of the tight ring and keeps off cage and seal.",
            sets = {"S-01"})
    public static PressSleeve of(
            @Asks("the bearing") Rings rings,
            @Asks("tight is") Tight tight,
            @Asks("bore of the sleeve") double sleeveBoreMm,
            @Asks("outside of the sleeve") double sleeveOutsideMm,
            @Asks(
                            value = "largest diameter in its way on the shaft",
                            hint = "A thread or a journal; empty when nothing is.")
                    Optional<Double> inTheWayMm) {
        Refused.ifAny(
                SIZE.named("sleeveBoreMm", "bore of the sleeve").judge(sleeveBoreMm),
                SIZE.named("sleeveOutsideMm", "outside of the sleeve").judge(sleeveOutsideMm));
        if (sleeveOutsideMm <= sleeveBoreMm) {
            throw Refused.because(
                    "sleeveOutsideMm",
                    "A sleeve of %s mm outside has no wall round a bore of %s mm. Measure it again."
                            .formatted(
                                    PlainDigits.exact(sleeveOutsideMm),
                                    PlainDigits.exact(sleeveBoreMm)));
        }
        var faults = new ArrayList<String>();
        inTheWayMm.ifPresent(
                t -> {
                    if (sleeveBoreMm < t + ROOM_MM - SLACK) {
                        faults.add(
                                "Its bore of %s mm does not clear %s mm on the shaft: take %s mm or more."
                                        .formatted(
                                                PlainDigits.exact(sleeveBoreMm),
                                                PlainDigits.exact(t),
                                                PlainDigits.rounded(t + ROOM_MM, 1)));
                    }
                });
        boolean inner = tight != Tight.OUTER;
        boolean outer = tight != Tight.INNER;
        double atInner =
                (Math.min(sleeveOutsideMm, rings.innerShoulderMm)
                                - Math.max(sleeveBoreMm, rings.boreMm + 2 * rings.chamferMm))
                        / 2;
        double atOuter =
                (Math.min(sleeveOutsideMm, rings.outsideMm - 2 * rings.chamferMm)
                                - Math.max(sleeveBoreMm, rings.outerShoulderMm))
                        / 2;
        if (tight == Tight.INNER && sleeveOutsideMm > rings.innerShoulderMm + SLACK) {
            faults.add(
                    "Its outside of %s mm reaches over the inner ring (%s mm) to the cage or the seal: you would press through the rolling elements."
                            .formatted(
                                    PlainDigits.exact(sleeveOutsideMm),
                                    PlainDigits.exact(rings.innerShoulderMm)));
        }
        if (tight == Tight.OUTER && sleeveBoreMm < rings.outerShoulderMm - SLACK) {
            faults.add(
                    "Its bore of %s mm reaches inside the outer ring (%s mm) to the cage or the seal: you would press through the rolling elements."
                            .formatted(
                                    PlainDigits.exact(sleeveBoreMm),
                                    PlainDigits.exact(rings.outerShoulderMm)));
        }
        if (outer && sleeveOutsideMm > rings.outsideMm - ROOM_MM + SLACK) {
            faults.add(
                    "Its outside of %s mm jams in the housing: take %s mm or less."
                            .formatted(
                                    PlainDigits.exact(sleeveOutsideMm),
                                    PlainDigits.rounded(rings.outsideMm - ROOM_MM, 1)));
        }
        double contact =
                tight == Tight.BOTH ? Math.min(atInner, atOuter) : inner ? atInner : atOuter;
        if (contact < LEAST_CONTACT_MM - SLACK) {
            faults.add(
                    "It bears on %s mm of the ring%s; 1 mm is the least."
                            .formatted(
                                    PlainDigits.rounded(Math.max(0, contact), 2),
                                    tight == Tight.BOTH ? " that it covers least" : ""));
        }
        var told =
                Told.of("geometry; 0.2 mm of room and 1 mm of contact judgement, no source")
                        .verdict(faults.isEmpty() ? Verdict.CLEAR_PASS : Verdict.CLEAR_FAIL)
                        .figure("contactMm", "width of contact", contact, "mm", 2)
                        .line(
                                inner
                                        ? "w = (min(o, d₁) − max(b, d + 2 r)) / 2"
                                        : "w = (min(o, D − 2 r) − max(b, D₁)) / 2",
                                "%s mm",
                                PlainDigits.rounded(contact, 2));
        faults.forEach(told::warn);
        return new PressSleeve(
                contact,
                told.saying(
                        faults.isEmpty()
                                ? "This sleeve presses %s%s."
                                        .formatted(
                                                tight.words,
                                                tight == Tight.BOTH ? ", flat over both" : "")
                                : "Not this sleeve. " + faults.get(0)));
    }
}
