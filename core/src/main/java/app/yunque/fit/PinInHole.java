package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Reading;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Told;
import app.yunque.measure.Zoned;
import java.util.List;

/**
 * A pin in its hole: the widest of the hole less the thinnest of the pin. A pivot is as new to 0.01 d and renewed from 0.03 d; a dowel has no play and is renewed
 * from 0.02 mm. A hole that is not round wears a new pin at once. Source: judgement, no source, as its check; widest less thinnest is arithmetic.
 *
 * @param clearanceMm play at the worst place (mm); less than nothing where it is tight
 * @param ovalMm      how much the hole is out of round (mm)
 * @param told        verdict and words
 */
public record PinInHole(double clearanceMm, double ovalMm, Told told) {
    public static final Range DIAMETER =
            Range.of("diameterMm", "diameter of the pin when new", 0.5, 300, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of the clearance", 0, 1, "mm");
    private static final Range HOLE = Range.of("holesMm", "hole", 0.3, 400, "mm");
    private static final double DOWEL_MM = 0.02;
    private static final double PIVOT_NEW = 0.01;
    private static final double PIVOT_RENEWED = 0.03;
    private static final double OTHER_JOINT = 0.2;
    private static final double SLACK = 1e-9;

    /** What the pin is there for. */
    public enum Use {
        PIVOT("a pivot or a clevis: something swings on it"),
        DOWEL("a dowel: it places two parts");

        private final String words;

        Use(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        private double asNewMm(double diameterMm) {
            return this == DOWEL ? 0 : PIVOT_NEW * diameterMm;
        }

        private double renewMm(double diameterMm) {
            return this == DOWEL ? DOWEL_MM : PIVOT_RENEWED * diameterMm;
        }
    }

    /**
     * @param use           what the pin is there for
     * @param diameterMm    diameter of the pin when new (mm)
     * @param holesMm       the hole across its longest and its shortest way, or one reading (mm)
     * @param pinsMm        the pin where it is thinnest and beside it (mm)
     * @param uncertaintyMm expanded uncertainty of the clearance (mm), k = 2
     * @param strict        true on a part for which doubtful counts as failed
     * @throws Refused also where hole and pin differ so much that they are not one joint
     */
    @PublicRule(
            at = "fit/pin-in-hole",
            title = "Pin in its hole",
            says =
                    "Whether a pivot or a dowel has too much play, and whether a new pin alone mends it.",
            answers = {"PIN-2"})
    public static PinInHole of(
            @Asks("the pin is") Use use,
            double diameterMm,
            @Asks(value = "hole", hint = "Across the longest and the shortest way.")
                    List<Double> holesMm,
            @Asks(value = "pin", hint = "Where it is thinnest.") List<Double> pinsMm,
            double uncertaintyMm,
            @Asks("it holds, stops or carries the load") boolean strict) {
        Refused.ifAny(DIAMETER.judge(diameterMm), UNCERTAINTY.judge(uncertaintyMm));
        var hole = new RepeatedReadings(holesMm);
        var pin = new RepeatedReadings(pinsMm);
        Refused.ifAny(
                HOLE.judge(hole.smallestMm()),
                HOLE.judge(hole.largestMm()),
                HOLE.named("pinsMm", "pin").judge(pin.smallestMm()),
                HOLE.named("pinsMm", "pin").judge(pin.largestMm()));
        refuseOtherJoint("holesMm", "The hole", hole.largestMm(), diameterMm);
        refuseOtherJoint("pinsMm", "The pin", pin.smallestMm(), diameterMm);
        double clearance = hole.largestMm() - pin.smallestMm();
        double oval = hole.spreadMm();
        double renew = use.renewMm(diameterMm);
        var edges = Edges.growing(null, use.asNewMm(diameterMm), renew);
        var zoned = Zoned.of(edges, clearance, uncertaintyMm, strict);
        double newPin = hole.largestMm() - diameterMm;
        boolean holeAlone = newPin > renew + SLACK;
        boolean isOval = oval > uncertaintyMm && oval > use.asNewMm(diameterMm);
        return new PinInHole(
                clearance,
                oval,
                Told.of("judgement, no source; the maker's limit wins")
                        .judged(zoned, new Reading(clearance, uncertaintyMm, "mm"))
                        .mm("clearanceMm", "play at the worst place", clearance)
                        .mm("renewMm", "renewed from", renew)
                        .mm("ovalMm", "hole out of round", oval)
                        .mm("withNewPinMm", "play with a new pin", newPin)
                        .warnIf(
                                isOval,
                                "The hole is out of round: a new pin alone wears at once. Ream it for the next larger pin, or bush it.")
                        .warnIf(
                                holeAlone,
                                "A new pin does not mend it: the hole is worn out by itself. Ream or bush it.")
                        .line(
                                "widest hole less thinnest pin",
                                "%s − %s = %s mm",
                                PlainDigits.exact(hole.largestMm()),
                                PlainDigits.exact(pin.smallestMm()),
                                PlainDigits.rounded(clearance, 3))
                        .saying(
                                "%s: %s."
                                        .formatted(
                                                inWords(clearance, renew),
                                                zoned.verdict().words(zoned.counts()))));
    }

    private static String inWords(double clearance, double renew) {
        return clearance < 0
                ? "Tight by %s mm".formatted(PlainDigits.rounded(-clearance, 3))
                : "%s mm of play, renewed from %s"
                        .formatted(
                                PlainDigits.rounded(clearance, 3), PlainDigits.rounded(renew, 3));
    }

    private static void refuseOtherJoint(
            String component, String what, double mm, double diameterMm) {
        if (Math.abs(mm - diameterMm) > OTHER_JOINT * diameterMm) {
            throw Refused.because(
                    component,
                    "%s reads %s mm and the pin is %s mm when new, more than a fifth apart. Is it the same joint?"
                            .formatted(what, PlainDigits.exact(mm), PlainDigits.exact(diameterMm)));
        }
    }
}
