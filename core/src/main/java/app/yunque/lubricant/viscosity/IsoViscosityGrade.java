package app.yunque.lubricant.viscosity;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Refused;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;

/**
 * Viscosity grades of industrial oils after ISO 3448: midpoint at 40 °C (mm²/s), limits ±10 %. Between two grades
 * there is a gap: an oil of 55 mm²/s has no grade. Source: ISO 3448, from memory.
 */
public enum IsoViscosityGrade {
    VG_2(2.2),
    VG_3(3.2),
    VG_5(4.6),
    VG_7(6.8),
    VG_10(10),
    VG_15(15),
    VG_22(22),
    VG_32(32),
    VG_46(46),
    VG_68(68),
    VG_100(100),
    VG_150(150),
    VG_220(220),
    VG_320(320),
    VG_460(460),
    VG_680(680),
    VG_1000(1000),
    VG_1500(1500),
    VG_2200(2200),
    VG_3200(3200);

    private static final double SLACK = 1e-9;

    private final double midpointMm2PerS;

    IsoViscosityGrade(double midpointMm2PerS) {
        this.midpointMm2PerS = midpointMm2PerS;
    }

    public double midpointMm2PerS() {
        return midpointMm2PerS;
    }

    public double lowestMm2PerS() {
        return 0.9 * midpointMm2PerS;
    }

    public double highestMm2PerS() {
        return 1.1 * midpointMm2PerS;
    }

    /** "ISO VG 220". */
    public String words() {
        return "ISO VG " + name().substring("VG_".length());
    }

    /** The grade that holds a viscosity at 40 °C (mm²/s), or nothing when it falls into a gap. */
    @PublicRule(
            at = "lubricant/grade-of",
            title = "ISO VG of a viscosity",
            says = "The grade whose band holds a viscosity at 40 °C; none between the bands.",
            source = "ISO 3448, from memory")
    public static Optional<IsoViscosityGrade> holding(double viscosityAt40Mm2PerS) {
        Refused.ifAny(
                ViscosityLine.VISCOSITY
                        .named("viscosityAt40Mm2PerS", "viscosity at 40 °C")
                        .judge(viscosityAt40Mm2PerS));
        return Arrays.stream(values())
                .filter(
                        g ->
                                g.lowestMm2PerS() - SLACK <= viscosityAt40Mm2PerS
                                        && viscosityAt40Mm2PerS <= g.highestMm2PerS() + SLACK)
                .findFirst();
    }

    /** The grade nearest on the logarithmic scale, the thicker of two equally near. */
    @PublicRule(
            at = "lubricant/nearest-grade",
            title = "Nearest ISO VG",
            says = "The grade nearest to a viscosity at 40 °C.",
            source = "ISO 3448, from memory")
    public static IsoViscosityGrade nearest(double viscosityAt40Mm2PerS) {
        if (!(viscosityAt40Mm2PerS > 0) || Double.isInfinite(viscosityAt40Mm2PerS)) {
            throw Refused.because(
                    "viscosityMm2PerS",
                    "Viscosity "
                            + PlainDigits.exact(viscosityAt40Mm2PerS)
                            + " mm²/s must be greater than zero. Enter it at 40 °C.");
        }
        return Arrays.stream(values())
                .min(
                        Comparator.comparingDouble(
                                        (IsoViscosityGrade g) ->
                                                Math.abs(
                                                        Math.log(
                                                                viscosityAt40Mm2PerS
                                                                        / g.midpointMm2PerS)))
                                .thenComparing(Comparator.reverseOrder()))
                .orElseThrow();
    }

    /** How many grades thicker than another this one is; negative when thinner. */
    public int gradesThickerThan(IsoViscosityGrade other) {
        return ordinal() - other.ordinal();
    }

    /** The grade so many steps thicker, or thinner when negative, held at the ends of the list. */
    public IsoViscosityGrade shifted(int steps) {
        int place = Math.max(0, Math.min(values().length - 1, ordinal() + steps));
        return values()[place];
    }
}
