package app.yunque.fastener;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;

/**
 * Which strength of threadlocking compound a screw takes, and how long it cures: t(T) = 24 h · 2^((22 − T)/10), handled after a quarter of an hour at 22 °C.
 * Source: common practice and judgement, no source; the sheet of the tube in hand wins.
 *
 * @param choice      which one
 * @param cureHours   until full strength (h); 0 where none is used
 * @param handleMin   until it may be handled (min); 0 where none is used
 * @param told        verdict and words
 */
public record CompoundCure(Choice choice, double cureHours, double handleMin, Told told) {
    public static final Range DIAMETER =
            Range.of("diameterMm", "diameter of the thread", 1, 100, "mm");
    public static final Range TEMPERATURE =
            Range.of("partDegC", "temperature of the part", -20, 60, "°C");
    private static final double SMALL_MM = 6;
    private static final double LARGE_MM = 20;
    private static final double COLDEST_DEG_C = 5;
    private static final double WARMEST_DEG_C = 40;
    private static final double ACTIVATOR_BELOW = 10;
    private static final double REFERENCE_DEG_C = 22;
    private static final double REFERENCE_HOURS = 24;
    private static final double REFERENCE_MIN = 15;

    /** Which compound. */
    public enum Choice {
        NONE("none"),
        LOW("low strength, undone with hand tools"),
        MEDIUM("medium strength, oil-tolerant"),
        HIGH("high strength, undone with heat, about 250 °C");

        private final String words;

        Choice(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What is locked. */
    public enum Joint {
        ADJUSTER("an adjuster or a screw of brass", false),
        CASE_SCREW("a screw of cover or case, undone again", false),
        NEVER_UNDONE("a stud that is never undone", false),
        SHEAR_PIN("a shear pin", true),
        TURNING_BUSH("a bush that has to turn", true),
        PLASTIC("plastic or electrical parts", true);

        private final String words;
        private final boolean never;

        Joint(String words, boolean never) {
            this.words = words;
            this.never = never;
        }

        public String words() {
            return words;
        }
    }

    /** What is on the faces. */
    public enum Faces {
        CLEAN("clean and dry"),
        TRACES_OF_OIL("traces of oil"),
        OILY("oily");

        private final String words;

        Faces(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param diameterMm diameter of the thread (mm)
     * @param joint      what is locked
     * @param passive    true for stainless, zinc-plated or anodised metal
     * @param faces      what is on them
     * @param partDegC   temperature of the part (°C)
     */
    @PublicRule(
            at = "fastener/compound",
            title = "Threadlocking compound",
            says =
                    "Which strength, whether it will hold as it is, and how long it cures at this temperature.",
            sets = {"S-13"})
    public static CompoundCure of(
            double diameterMm,
            @Asks("locked is") Joint joint,
            @Asks("stainless, zinc-plated or anodised") boolean passive,
            @Asks("the faces are") Faces faces,
            double partDegC) {
        Refused.ifAny(DIAMETER.judge(diameterMm), TEMPERATURE.judge(partDegC));
        var told = Told.of("common practice and judgement, no source; the sheet of the tube wins");
        if (joint.never) {
            return new CompoundCure(
                    Choice.NONE,
                    0,
                    0,
                    told.verdict(Verdict.CLEAR_FAIL)
                            .words("choice", "compound", Choice.NONE.words)
                            .line("never", "%s", joint.words)
                            .saying(
                                    "No compound on %s: it would stop doing what it is there for."
                                            .formatted(joint.words)));
        }
        var choice = choice(diameterMm, joint);
        double slower = Math.pow(2, (REFERENCE_DEG_C - partDegC) / 10);
        double hours = REFERENCE_HOURS * slower;
        boolean cold = partDegC < COLDEST_DEG_C;
        boolean stops = cold || partDegC > WARMEST_DEG_C || faces == Faces.OILY;
        told.verdict(stops ? Verdict.CLEAR_FAIL : Verdict.NOT_JUDGED)
                .words("choice", "compound", choice.words)
                .figure("cureHours", "full strength after", hours, "h", 0)
                .figure("handleMin", "may be handled after", REFERENCE_MIN * slower, "min", 0)
                .warnIf(cold, "Below 5 °C it does not cure reliably: warm the part first.")
                .warnIf(
                        partDegC > WARMEST_DEG_C,
                        "Above 40 °C it goes off before it is home: let the part cool.")
                .warnIf(
                        faces == Faces.OILY,
                        "Oil keeps it from curing: wash, and blow a blind hole dry with the hand before it.")
                .warnIf(
                        faces == Faces.TRACES_OF_OIL && choice != Choice.MEDIUM,
                        "Only an oil-tolerant compound takes traces of oil: clean it.")
                .warnIf(
                        passive || partDegC < ACTIVATOR_BELOW,
                        "Passive metal or below 10 °C: with its activator, or it takes days.")
                .warnIf(
                        choice == Choice.HIGH,
                        "It is undone with about 250 °C: keep it away from seals and bearings.")
                .warn(
                        "While wet it acts as a lubricant: tighten by the torque for a wet thread, and never again once it has set.")
                .line(
                        "t = 24 h × 2^((22 − T)/10)",
                        "2^((22 − %s)/10) × 24 = %s h",
                        PlainDigits.exact(partDegC),
                        PlainDigits.rounded(hours, 1));
        return new CompoundCure(
                choice,
                hours,
                REFERENCE_MIN * slower,
                told.saying(
                        stops
                                ? "Not as it is: " + choice.words + " would not hold."
                                : "%s; full strength after %s h."
                                        .formatted(
                                                Character.toUpperCase(choice.words.charAt(0))
                                                        + choice.words.substring(1),
                                                PlainDigits.rounded(hours, 0))));
    }

    private static Choice choice(double diameterMm, Joint joint) {
        if (joint == Joint.ADJUSTER || diameterMm < SMALL_MM) {
            return Choice.LOW;
        }
        return joint == Joint.NEVER_UNDONE || diameterMm > LARGE_MM ? Choice.HIGH : Choice.MEDIUM;
    }
}
