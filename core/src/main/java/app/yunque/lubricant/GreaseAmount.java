package app.yunque.lubricant;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * Grease for bearings: relubrication G = 0.005 D B (g), through a groove in the ring 0.002 D B; first fill by share of the
 * free room, V = π/4 B (D² − d²)/1000 − 1000 M/7.85 (cm³); interval t = K (14·10⁶/(n √d) − 4 d) (h). Source: handbook and
 * widely printed motor formula, common practice.
 */
public final class GreaseAmount {
    public static final Range OUTSIDE = Range.of("outsideMm", "outside diameter", 5, 2000, "mm");
    public static final Range BORE = Range.of("boreMm", "bore", 2, 1900, "mm");
    public static final Range WIDTH = Range.of("widthMm", "width", 1, 800, "mm");
    public static final Range MASS = Range.of("massKg", "mass of the bearing", 0.001, 2000, "kg");
    public static final Range SPEED = Range.of("speedRpm", "speed", 0.1, 60_000, "min⁻¹");
    public static final Range ROOM = Range.of("cavityCm3", "room for grease", 0.01, 100_000, "cm³");
    public static final Range SHARE = Range.of("sharePercent", "share of the room", 0.01, 1, "");

    /** Share of a bearing's free room at the first fill, normal speed: the middle of 30 to 50 %, on the low side. */
    public static final double USUAL_SHARE = 0.35;

    private static final double GREASE_G_PER_CM3 = 0.9;
    private static final double STEEL = 7.85;
    private static final double LONGEST_H = 17_520;

    private GreaseAmount() {}

    /** g a relubrication. */
    public static double relubricationG(double outsideMm, double widthMm, boolean throughGroove) {
        Refused.ifAny(OUTSIDE.judge(outsideMm), WIDTH.judge(widthMm));
        return (throughGroove ? 0.002 : 0.005) * outsideMm * widthMm;
    }

    /**
     * Free room of a rolling bearing (cm³).
     *
     * @throws Refused when mass and dimensions do not fit together
     */
    public static double freeRoomCm3(
            double boreMm, double outsideMm, double widthMm, double massKg) {
        Refused.ifAny(
                BORE.judge(boreMm),
                OUTSIDE.judge(outsideMm),
                WIDTH.judge(widthMm),
                MASS.judge(massKg));
        double room =
                Math.PI / 4 * widthMm * (outsideMm * outsideMm - boreMm * boreMm) / 1000
                        - 1000 * massKg / STEEL;
        if (!(room > 0)) {
            throw Refused.because(
                    "massKg",
                    "Mass and dimensions do not fit together: the bearing would have no room left. Check both.");
        }
        return room;
    }

    /** Grease that fills a share of a room (g), 0.90 g/cm³. Shares common practice, no source. */
    public static double firstFillG(double roomCm3, double share) {
        Refused.ifAny(ROOM.judge(roomCm3), SHARE.judge(share));
        return roomCm3 * share * GREASE_G_PER_CM3;
    }

    /**
     * Factor of the interval for heat, dirt and moisture: below 65 °C 1, below 80 0.5, below 93 0.2, hotter 0.1; clean 1, light
     * 0.7, dusty 0.4, heavy 0.2; dry 1, condensation 0.4, water on the housing 0.1.
     */
    public static double surroundings(
            double housingDegC, ChangeInterval.Dirt dirt, ChangeInterval.Water water) {
        double heat = housingDegC < 65 ? 1 : housingDegC < 80 ? 0.5 : housingDegC < 93 ? 0.2 : 0.1;
        double soil =
                switch (dirt) {
                    case CLEAN -> 1;
                    case LIGHT -> 0.7;
                    case DUSTY -> 0.4;
                    case HEAVY -> 0.2;
                };
        double moist =
                switch (water) {
                    case DRY -> 1;
                    case CONDENSATION -> 0.4;
                    case INGRESS -> 0.1;
                };
        return heat * soil * moist;
    }

    /** What kind of bearing, for the interval. */
    public enum Design {
        BALL(10),
        CYLINDRICAL_OR_NEEDLE(5),
        TAPER_OR_SPHERICAL(1);

        private final double factor;

        Design(double factor) {
            this.factor = factor;
        }
    }

    /**
     * Hours between relubrications, at most two years.
     *
     * @param surroundings product of the factors for heat, dirt, moisture, vibration and position, 0.001 to 1
     * @throws Refused when it runs too fast for the formula
     */
    public static double intervalH(
            Design design, double speedRpm, double boreMm, double surroundings) {
        Refused.ifAny(
                SPEED.judge(speedRpm),
                BORE.judge(boreMm),
                Range.of("surroundings", "surroundings", 0.0005, 1, "").judge(surroundings));
        double hours =
                design.factor * surroundings * (14e6 / (speedRpm * Math.sqrt(boreMm)) - 4 * boreMm);
        if (!(hours > 0)) {
            throw Refused.because(
                    "speedRpm",
                    "This bearing runs too fast for this grease formula: use oil or the bearing maker's data.");
        }
        return Math.min(hours, LONGEST_H);
    }

    /** The greatest number of balls that touch on a pitch circle, π/asin (D_w/D_p) (whole). */
    public static int mostBalls(double ballMm, double pitchDiameterMm) {
        if (!(ballMm > 0 && ballMm <= pitchDiameterMm / 2)) {
            throw Refused.because("ballMm", "The ball is too large for this pitch circle.");
        }
        return (int) Math.floor(Math.PI / Math.asin(ballMm / pitchDiameterMm));
    }
}
