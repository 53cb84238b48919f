package app.yunque.lubricant.grease;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * Grease of a rolling bearing: how much at the first fill, how much at each greasing, and how often.
 *
 * <p>Free room V = π/4 B (D² − d²)/1000 − 1000 M/7.85 (cm³); of it a slow bearing, n d_m below 50 000, takes 75 %, an ordinary
 * one 35 %, a fast one, above 300 000, 20 %, that of a machine spindle 15 %. Greasing from the side 0.005 D B (g), through a
 * groove in the ring 0.002 D B. Interval t = K (14·10⁶/(n √d) − 4 d) (h), at most two years. Source: handbook and widely printed
 * motor formula; shares are the middle of what is common practice, no source.
 *
 * @param freeRoomCm3 room between the rings (cm³)
 * @param share       of it that is filled (0 to 1)
 * @param firstG      first fill (g)
 * @param sideG       a greasing from the side (g)
 * @param grooveG     a greasing through a groove in the ring (g)
 * @param hours       running hours between greasings
 * @param warnings    when it runs fast for an ordinary grease
 * @param working     formula and numbers
 */
public record BearingGrease(
        double freeRoomCm3,
        double share,
        double firstG,
        double sideG,
        double grooveG,
        double hours,
        List<String> warnings,
        Working working) {
    public static final Range OUTSIDE = Range.of("outsideMm", "outside diameter", 5, 2000, "mm");
    public static final Range BORE = Range.of("boreMm", "bore", 2, 1900, "mm");
    public static final Range WIDTH = Range.of("widthMm", "width", 1, 800, "mm");
    public static final Range MASS = Range.of("massKg", "mass of the bearing", 0.001, 2000, "kg");
    public static final Range SPEED = Range.of("speedRpm", "speed", 0.1, 60_000, "min⁻¹");

    private static final double STEEL = 7.85;
    private static final double LONGEST_H = 17_520;
    private static final double SLOW = 50_000;
    private static final double FAST = 300_000;
    private static final double ORDINARY_GREASE_ENDS = 350_000;

    /** What kind of bearing, for the interval. */
    public enum Design {
        BALL(10, "a ball bearing"),
        CYLINDRICAL_OR_NEEDLE(5, "cylindrical or needle"),
        TAPER_OR_SPHERICAL(1, "taper or spherical");

        private final double factor;
        private final String words;

        Design(double factor, String words) {
            this.factor = factor;
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What it carries: a spindle that must stay cool and true takes little grease. */
    public enum Carries {
        ORDINARY_SHAFT,
        SPINDLE
    }

    /**
     * A bearing.
     *
     * @param boreMm    d (mm)
     * @param outsideMm D (mm)
     * @param widthMm   B (mm)
     * @param massKg    M (kg), of steel
     * @throws Refused when mass and dimensions do not fit together
     */
    public record Bearing(
            double boreMm, double outsideMm, double widthMm, double massKg, Design design) {
        public Bearing {
            Refused.ifAny(
                    BORE.judge(boreMm),
                    OUTSIDE.judge(outsideMm),
                    WIDTH.judge(widthMm),
                    MASS.judge(massKg));
            if (!(room(boreMm, outsideMm, widthMm, massKg) > 0)) {
                throw Refused.because(
                        "massKg",
                        "Mass and dimensions do not fit together: the bearing would have no room left. Check both.");
            }
        }

        /** Room between the rings (cm³). */
        public double freeRoomCm3() {
            return room(boreMm, outsideMm, widthMm, massKg);
        }

        /** d_m (mm). */
        double meanDiameterMm() {
            return (boreMm + outsideMm) / 2;
        }

        private static double room(double d, double outside, double width, double mass) {
            return Math.PI / 4 * width * (outside * outside - d * d) / 1000 - 1000 * mass / STEEL;
        }
    }

    /**
     * @param bearing      it
     * @param speedRpm     n (1/min)
     * @param carries      what it carries
     * @param surroundings what shortens the life of the grease
     * @throws Refused when it runs too fast for the formula
     */
    @PublicRule(
            at = "lubricant/bearing-grease",
            title = "Grease of a bearing",
            says = "How much goes in first and how long it lasts.")
    public static BearingGrease of(
            Bearing bearing, double speedRpm, Carries carries, GreaseSurroundings surroundings) {
        Refused.ifAny(SPEED.judge(speedRpm));
        double speedFactor = speedRpm * bearing.meanDiameterMm();
        double share = share(speedFactor, carries);
        double room = bearing.freeRoomCm3();
        double first = GreaseAmount.ofRoomG(room, share);
        double side = 0.005 * bearing.outsideMm * bearing.widthMm;
        double hours = hours(bearing, speedRpm, surroundings.factor());
        return new BearingGrease(
                room,
                share,
                first,
                side,
                0.4 * side,
                hours,
                speedFactor > ORDINARY_GREASE_ENDS
                        ? List.of(
                                "n d_m is %s mm/min: above 350000 an ordinary NLGI 2 grease is past its limit. Ask the bearing's maker for a high-speed grease, or use oil."
                                        .formatted(PlainDigits.rounded(speedFactor, 0)))
                        : List.of(),
                working(bearing, speedFactor, share, first, side, hours, surroundings.factor()));
    }

    private static double share(double speedFactor, Carries carries) {
        if (carries == Carries.SPINDLE) {
            return 0.15;
        }
        return speedFactor < SLOW ? 0.75 : speedFactor > FAST ? 0.20 : 0.35;
    }

    private static double hours(Bearing bearing, double speedRpm, double surroundings) {
        double hours =
                bearing.design.factor
                        * surroundings
                        * (14e6 / (speedRpm * Math.sqrt(bearing.boreMm)) - 4 * bearing.boreMm);
        if (!(hours > 0)) {
            throw Refused.because(
                    "speedRpm",
                    "This bearing runs too fast for this grease formula: use oil or the bearing maker's data.");
        }
        return Math.min(hours, LONGEST_H);
    }

    private static Working working(
            Bearing b,
            double speedFactor,
            double share,
            double first,
            double side,
            double hours,
            double surroundings) {
        return new Working(
                List.of(
                        line(
                                "V = π/4 B (D² − d²)/1000 − 1000 M/7.85",
                                PlainDigits.rounded(b.freeRoomCm3(), 2) + " cm³"),
                        line(
                                "n d_m",
                                "%s mm/min, so %s %% of the room"
                                        .formatted(
                                                PlainDigits.rounded(speedFactor, 0),
                                                PlainDigits.rounded(100 * share, 0))),
                        line("first fill, 0.9 g/cm³", PlainDigits.rounded(first, 2) + " g"),
                        line("G = 0.005 D B", PlainDigits.rounded(side, 2) + " g"),
                        line(
                                "t = K (14·10⁶/(n √d) − 4 d), at most 17520 h",
                                "K %s: %s h"
                                        .formatted(
                                                PlainDigits.rounded(
                                                        b.design.factor * surroundings, 3),
                                                PlainDigits.rounded(hours, 0)))),
                "handbook and widely printed motor formula; shares common practice, no source");
    }
}
