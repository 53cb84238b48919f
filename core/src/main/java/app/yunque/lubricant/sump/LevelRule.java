package app.yunque.lubricant.sump;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * How high the oil should stand by the gear that picks it up: the level to aim at, below which it starves and above which it
 * churns. Source: common practice, no source.
 *
 * @param levelMm   the level to aim at (mm above the floor)
 * @param lowestMm  too low below this
 * @param highestMm too high above this
 * @param reason    in words
 */
public record LevelRule(double levelMm, double lowestMm, double highestMm, String reason) {
    public static final Range SPEED =
            Range.of("speedRpm", "speed of the part", 0, 100_000, "min⁻¹");
    public static final Range CONE = Range.of("coneDeg", "pitch cone angle", 1, 89, "degrees");
    private static final double FAST_M_PER_S = 5;
    private static final double LIMIT_M_PER_S = 12;
    private static final double SPLASH_ENDS_M_PER_S = 15;
    private static final double LEAST_MM = 10;
    private static final double SLOW_WORM = 400;
    private static final double PLANETARY_FAST = 3;

    /** Which gear picks the oil up, and how it lies. */
    public enum Arrangement {
        CYLINDRICAL("wheel of the last stage, spur or helical"),
        BEVEL("lowest bevel wheel"),
        WORM_BELOW("worm under the wheel"),
        WORM_ABOVE("worm over the wheel"),
        WORM_BESIDE("worm beside the wheel"),
        PLANETARY_LYING("planetary set, lying"),
        PLANETARY_STANDING("planetary set, standing");

        private final String words;

        Arrangement(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * The part the level is taken from: the wheel, the lowest bevel wheel, the worm where it lies below or beside, the lowest
     * planet of a planetary set.
     *
     * @param centreMm      height of its axis above the floor (mm)
     * @param tipMm         its tip diameter (mm)
     * @param moduleMm      its module (mm); axial for a worm
     * @param velocityMPerS pitch-line velocity (m/s)
     * @param speedRpm      its speed (1/min)
     * @param faceMm        face width (mm); asked of a bevel wheel only
     * @param coneDeg       pitch cone angle δ (degrees); asked of a bevel wheel only
     */
    public record Pickup(
            double centreMm,
            double tipMm,
            double moduleMm,
            double velocityMPerS,
            double speedRpm,
            double faceMm,
            double coneDeg) {
        /** Any part but a bevel wheel. */
        public Pickup(
                double centreMm,
                double tipMm,
                double moduleMm,
                double velocityMPerS,
                double speedRpm) {
            this(centreMm, tipMm, moduleMm, velocityMPerS, speedRpm, 0, 0);
        }

        public Pickup {
            Refused.ifAny(
                    ImmersedGear.CENTRE_ABOVE_FLOOR.judge(centreMm),
                    ImmersedGear.TIP_DIAMETER.judge(tipMm),
                    Range.of("moduleMm", "module", 0.05, 100, "mm").judge(moduleMm),
                    Range.of("velocityMPerS", "pitch-line velocity", 0, 200, "m/s")
                            .judge(velocityMPerS),
                    SPEED.judge(speedRpm));
        }

        double bottomMm() {
            return centreMm - tipMm / 2;
        }
    }

    public static LevelRule of(Arrangement arrangement, Pickup p) {
        return switch (arrangement) {
            case CYLINDRICAL -> cylindrical(p);
            case WORM_BELOW -> wormBelow(p);
            case WORM_ABOVE -> wormAbove(p);
            case WORM_BESIDE ->
                    rule(
                            p.centreMm,
                            p.bottomMm(),
                            p.centreMm + p.tipMm / 4,
                            "to the axis of the worm, the lower wheel bearing covered");
            case PLANETARY_LYING -> planetary(p);
            case PLANETARY_STANDING ->
                    rule(
                            p.centreMm,
                            p.centreMm - p.moduleMm,
                            p.centreMm + 2 * p.moduleMm,
                            "the lowest planets fully covered; room above for the warm oil");
            case BEVEL -> bevel(p);
        };
    }

    /** A bevel wheel dips its whole tooth face, b sin δ. */
    private static LevelRule bevel(Pickup p) {
        Refused.ifAny(ImmersedGear.FACE_WIDTH.judge(p.faceMm), CONE.judge(p.coneDeg));
        double cover = p.faceMm * Math.sin(Math.toRadians(p.coneDeg));
        return rule(
                p.bottomMm() + cover,
                p.bottomMm() + 0.7 * cover,
                p.bottomMm() + Math.max(1.3 * cover, Math.min(2 * cover, p.tipMm / 6)),
                "the whole tooth face in the oil, b sin δ = %s mm"
                        .formatted(PlainDigits.rounded(cover, 1)));
    }

    private static LevelRule cylindrical(Pickup p) {
        boolean slow = p.velocityMPerS < FAST_M_PER_S;
        double third = p.tipMm / 2 / 3;
        double wanted = held((slow ? 5 : 2) * p.moduleMm, third);
        double least = held((slow ? 3 : 1) * p.moduleMm, third);
        double most = Math.max(held((slow ? 6 : 3) * p.moduleMm, third), wanted);
        var reason =
                "the wheel dips %s mm, %s modules at %s m/s, at least 10 mm and at most a third of its radius"
                        .formatted(
                                PlainDigits.rounded(wanted, 1),
                                slow ? "3 to 6" : "1 to 3",
                                PlainDigits.rounded(p.velocityMPerS, 2));
        if (p.velocityMPerS > SPLASH_ENDS_M_PER_S) {
            reason += "; above 15 m/s splash is thrown off: spray it";
        } else if (p.velocityMPerS > LIMIT_M_PER_S) {
            reason += "; above 12 m/s splash is at its limit";
        }
        return rule(p.bottomMm() + wanted, p.bottomMm() + least, p.bottomMm() + most, reason);
    }

    private static double held(double dip, double third) {
        return Math.min(Math.max(dip, LEAST_MM), third);
    }

    private static LevelRule wormBelow(Pickup p) {
        double thread = p.bottomMm() + 2.25 * p.moduleMm;
        return p.speedRpm < SLOW_WORM
                ? rule(
                        p.centreMm,
                        thread,
                        p.centreMm + p.tipMm / 4,
                        "to the axis of the slow worm, not above the centre of its lowest roller")
                : rule(
                        thread,
                        p.bottomMm() + 1.1 * p.moduleMm,
                        p.centreMm,
                        "the threads of the fast worm just covered");
    }

    private static LevelRule wormAbove(Pickup p) {
        double tooth = 2.25 * p.moduleMm;
        double third = p.tipMm / 2 / 3;
        double wanted = p.velocityMPerS < FAST_M_PER_S ? third : tooth;
        return rule(
                p.bottomMm() + wanted,
                p.bottomMm() + tooth,
                p.bottomMm() + third,
                "the wheel dips from one tooth when fast to a third of its radius when slow; worm bearings may need grease");
    }

    private static LevelRule planetary(Pickup p) {
        double ring = p.bottomMm() + 2 * p.moduleMm;
        return p.velocityMPerS <= PLANETARY_FAST
                ? rule(
                        p.centreMm,
                        ring + 3 * p.moduleMm,
                        p.centreMm + 2 * p.moduleMm,
                        "to the axis of the lowest planet")
                : rule(
                        ring + 2.5 * p.moduleMm,
                        ring + 2 * p.moduleMm,
                        ring + 3 * p.moduleMm,
                        "2 to 3 modules above the lowest tooth tips of the ring");
    }

    private static LevelRule rule(double level, double low, double high, String reason) {
        return new LevelRule(level, low, high, reason);
    }

    /** What a level does: too low starves, too high churns; in between nothing. */
    public String says(double levelMmAboveFloor) {
        if (levelMmAboveFloor < lowestMm) {
            return "Too low by %s mm: a hot, noisy mesh, dry upper bearings, oil that ages quickly."
                    .formatted(PlainDigits.rounded(lowestMm - levelMmAboveFloor, 0));
        }
        if (levelMmAboveFloor > highestMm) {
            return "Too high by %s mm: heat, foam, leaks at shaft seals and breather, lost power."
                    .formatted(PlainDigits.rounded(levelMmAboveFloor - highestMm, 0));
        }
        return "";
    }
}
