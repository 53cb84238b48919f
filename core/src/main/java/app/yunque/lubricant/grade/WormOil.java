package app.yunque.lubricant.grade;

import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_220;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_460;
import static app.yunque.lubricant.viscosity.IsoViscosityGrade.VG_680;

import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The oil grade of a cylindrical worm drive: the table of velocity and ambient by default, the older table of centre distance
 * and worm speed and the sliding velocity beside it. Source: AGMA 9005-D94 and 250.04, from memory, the hot column uncertain;
 * sliding velocity common practice.
 *
 * @param proposed the grade to fill
 * @param schools  what each school says, the default first
 */
public record WormOil(IsoViscosityGrade proposed, List<GradeSchool> schools) {
    public static final Range CENTRE_DISTANCE =
            Range.of("centreDistanceMm", "centre distance", 10, 2000, "mm");
    public static final Range WORM_SPEED = Range.of("wormRpm", "worm speed", 0.1, 10_000, "min⁻¹");
    public static final Range LEAD_ANGLE =
            Range.of("leadAngleDeg", "lead angle", 0.1, 60, "degrees");
    public static final Range WORM_DIAMETER =
            Range.of("wormMm", "mean diameter of the worm", 2, 1000, "mm");
    private static final double SLOW_M_PER_S = 2.25;

    /** Ends of the columns of centre distance (mm), and the worm speeds up to which 8 Comp goes there (1/min). */
    private static final double[] DISTANCES = {152, 305, 457, 610, Double.POSITIVE_INFINITY};

    private static final double[] SPEEDS = {Double.POSITIVE_INFINITY, 450, 300, 250, 200};

    /**
     * How a worm runs.
     *
     * @param velocityMPerS    pitch-line velocity of the wheel (m/s)
     * @param hottestDegC      hottest surroundings (°C)
     * @param wormMm           mean diameter of the worm d_m1 (mm)
     * @param wormRpm          speed of the worm n₁ (1/min)
     * @param leadAngleDeg     lead angle γ (degrees)
     * @param centreDistanceMm centre distance (mm)
     */
    public record Run(
            double velocityMPerS,
            double hottestDegC,
            double wormMm,
            double wormRpm,
            double leadAngleDeg,
            double centreDistanceMm) {
        public Run {
            Refused.ifAny(
                    GearOilDuty.VELOCITY.judge(velocityMPerS),
                    GearOilDuty.HOTTEST.judge(hottestDegC),
                    WORM_DIAMETER.judge(wormMm),
                    WORM_SPEED.judge(wormRpm),
                    LEAD_ANGLE.judge(leadAngleDeg),
                    CENTRE_DISTANCE.judge(centreDistanceMm));
        }

        /** v_s = π d_m1 n₁/(60000 cos γ) (m/s). */
        public double slidingMPerS() {
            return Math.PI * wormMm * wormRpm / (60_000 * Math.cos(Math.toRadians(leadAngleDeg)));
        }
    }

    /** By the velocity of the wheel and the climate alone, where nothing is known of the worm. */
    @PublicRule(
            at = "lubricant/worm-oil",
            title = "Oil of a worm",
            says = "Grade a worm wants by sliding speed and climate, by each school.",
            source = "common practice, no source; handbooks, from memory")
    public static WormOil of(double velocityMPerS, double hottestDegC) {
        Refused.ifAny(
                GearOilDuty.VELOCITY.judge(velocityMPerS), GearOilDuty.HOTTEST.judge(hottestDegC));
        var table = byVelocity(velocityMPerS, hottestDegC);
        return new WormOil(table, List.of(school(table, velocityMPerS, hottestDegC)));
    }

    public static WormOil of(Run run) {
        var table = byVelocity(run.velocityMPerS, run.hottestDegC);
        var schools = new ArrayList<GradeSchool>();
        schools.add(school(table, run.velocityMPerS, run.hottestDegC));
        schools.add(
                new GradeSchool(
                        "centre distance and worm speed",
                        Optional.of(byDistance(run)),
                        "%s mm at %s min⁻¹"
                                .formatted(
                                        PlainDigits.rounded(run.centreDistanceMm, 0),
                                        PlainDigits.rounded(run.wormRpm, 0)),
                        "after AGMA 250.04, from memory, uncertain"));
        schools.add(
                new GradeSchool(
                        "sliding velocity",
                        Optional.of(bySliding(run.slidingMPerS())),
                        "v_s = %s m/s%s"
                                .formatted(
                                        PlainDigits.rounded(run.slidingMPerS(), 2),
                                        run.slidingMPerS() > 10 ? "; above 10, spray it" : ""),
                        "common practice, no source"));
        return new WormOil(table, List.copyOf(schools));
    }

    /** 8 Comp at moderate climate and low speed, 7 Comp otherwise, 5 where it stays below −10 °C, 8 or 7 synthetic in heat. */
    static IsoViscosityGrade byVelocity(double velocityMPerS, double hottestDegC) {
        if (hottestDegC <= -10) {
            return VG_220;
        }
        boolean warm = hottestDegC > 10;
        return warm && velocityMPerS < SLOW_M_PER_S ? VG_680 : VG_460;
    }

    static IsoViscosityGrade byDistance(Run run) {
        if (run.hottestDegC <= 10) {
            return VG_460;
        }
        int column = 0;
        while (run.centreDistanceMm > DISTANCES[column]) {
            column++;
        }
        return run.wormRpm <= SPEEDS[column] ? VG_680 : VG_460;
    }

    static IsoViscosityGrade bySliding(double slidingMPerS) {
        if (slidingMPerS < SLOW_M_PER_S) {
            return VG_680;
        }
        return slidingMPerS <= 5 ? VG_460 : VG_220;
    }

    private static GradeSchool school(IsoViscosityGrade grade, double v, double hottest) {
        return new GradeSchool(
                "velocity of the wheel and ambient",
                Optional.of(grade),
                "%s m/s, up to %s °C%s"
                        .formatted(
                                PlainDigits.rounded(v, 2),
                                PlainDigits.exact(hottest),
                                hottest > 35
                                        ? ", synthetic"
                                        : hottest <= -10 ? ", synthetic" : ", compounded"),
                "in the manner of AGMA 9005-D94, from memory");
    }
}
