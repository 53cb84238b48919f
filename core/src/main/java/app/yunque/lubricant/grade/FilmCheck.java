package app.yunque.lubricant.grade;

import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * Film between spur teeth at the pitch point after Dowson and Higginson, h = 2.65 R U^0.7 G^0.54 W^−0.13, and bearings after
 * ISO 281, κ = ν/ν₁. Steel on steel. Source: handbook formula and ISO 281, from memory.
 *
 * @param filmUm least film (µm)
 * @param lambda film over composite roughness λ
 * @param sentence what that means
 */
public record FilmCheck(double filmUm, double lambda, String sentence) {
    public static final Range RADIUS = Range.of("radius1Mm", "pitch radius", 1, 5000, "mm");
    public static final Range VELOCITY =
            Range.of("velocity", "pitch-line velocity", 0.01, 200, "m/s");
    public static final Range LINE_LOAD =
            Range.of("lineLoad", "load a metre of face", 100, 1e8, "N/m");
    public static final Range DYNAMIC =
            Range.of("dynamic", "viscosity at the tooth", 0.1, 1e6, "mPa·s");
    public static final Range ROUGHNESS =
            Range.of("roughnessUm", "composite roughness", 0.01, 50, "µm");
    private static final double MODULUS = 226.374e9;

    /**
     * @param radius1Mm        r₁ (mm)
     * @param radius2Mm        r₂ (mm)
     * @param pressureAngleDeg α_w (degrees)
     * @param velocity         v (m/s)
     * @param lineLoad         F_t/(b cos α_w) (N/m)
     * @param dynamic          η (mPa·s)
     * @param pressureCoefficient α (1/GPa)
     * @param roughnessUm      √(Rq₁² + Rq₂²) (µm)
     */
    @PublicRule(
            at = "lubricant/film",
            title = "Film between the teeth",
            says = "Film thickness and λ of spur teeth.",
            source = "AGMA 925-A03, from memory")
    public static FilmCheck spur(
            double radius1Mm,
            double radius2Mm,
            double pressureAngleDeg,
            double velocity,
            double lineLoad,
            double dynamic,
            double pressureCoefficient,
            double roughnessUm) {
        Refused.ifAny(
                RADIUS.judge(radius1Mm),
                RADIUS.named("radius2Mm", "pitch radius of the wheel").judge(radius2Mm),
                VELOCITY.judge(velocity),
                LINE_LOAD.judge(lineLoad),
                DYNAMIC.judge(dynamic),
                ROUGHNESS.judge(roughnessUm));
        double sin = Math.sin(Math.toRadians(pressureAngleDeg));
        double h =
                leastUm(
                        radius1Mm * radius2Mm / (radius1Mm + radius2Mm) * sin,
                        velocity * sin,
                        lineLoad,
                        dynamic,
                        pressureCoefficient);
        double lambda = h / roughnessUm;
        return new FilmCheck(h, lambda, words(lambda));
    }

    /**
     * h = 2.65 R U^0.7 G^0.54 W^−0.13 (µm).
     *
     * @param curvatureMm         R (mm)
     * @param entraining          u (m/s)
     * @param lineLoad            w (N/m)
     * @param dynamic             η (mPa·s)
     * @param pressureCoefficient α (1/GPa)
     */
    static double leastUm(
            double curvatureMm,
            double entraining,
            double lineLoad,
            double dynamic,
            double pressureCoefficient) {
        double r = curvatureMm / 1000;
        double u = dynamic / 1000 * entraining / (MODULUS * r);
        double g = pressureCoefficient * 1e-9 * MODULUS;
        double w = lineLoad / (MODULUS * r);
        return 2.65 * r * Math.pow(u, 0.7) * Math.pow(g, 0.54) * Math.pow(w, -0.13) * 1e6;
    }

    /** Pressure–viscosity coefficient (1/GPa) from η (mPa·s). Source: AGMA 925-A03, from memory. */
    @PublicRule(
            at = "lubricant/pressure-viscosity",
            title = "Pressure–viscosity coefficient",
            says = "α of a base oil at a viscosity.",
            source = "AGMA 925-A03, from memory")
    public static double pressureCoefficient(BaseOil base, double dynamic) {
        return switch (base) {
            case PAO, ESTER, SILICONE -> 10.326 * Math.pow(dynamic, 0.0507);
            case PAG -> 4.7 * Math.pow(dynamic, 0.1572);
            case MINERAL -> 10.471 * Math.pow(dynamic, 0.1348);
        };
    }

    /** ν₁ a rolling bearing wants (mm²/s). Source: ISO 281, from memory. */
    @PublicRule(
            at = "lubricant/bearing-viscosity",
            title = "Viscosity a bearing wants",
            says = "ν₁ of a rolling bearing by speed and size.",
            source = "ISO 281, from memory")
    public static double bearingViscosity(double speedRpm, double meanDiameterMm) {
        double n =
                speedRpm < 1000
                        ? 45_000 * Math.pow(speedRpm, -0.83)
                        : 4500 * Math.pow(speedRpm, -0.5);
        return n / Math.sqrt(meanDiameterMm);
    }

    private static String words(double lambda) {
        var value = "λ " + PlainDigits.rounded(lambda, 2) + ": ";
        if (lambda > 3) {
            return value + "full film.";
        }
        return lambda >= 1
                ? value + "mixed friction: an antiwear oil."
                : value + "mostly boundary friction, as in many sound gears: the additive decides.";
    }
}
