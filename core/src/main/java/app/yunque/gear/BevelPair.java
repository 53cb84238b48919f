package app.yunque.gear;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * Two bevel gears whose cones meet in one point. Source: machinist's handbooks, from memory.
 *
 * @param pinionTeeth            z₁, 4 to 200
 * @param wheelTeeth             z₂, 4 to 500
 * @param outerModuleMm          transverse module m_e at the heel (mm), 0.3 to 50
 * @param shaftAngleDeg          Σ between the shafts (degrees), 10 to 170
 * @param normalPressureAngleDeg α_n (degrees), 10 to 35
 * @param spiralAngleDeg         β_m at mid-face (degrees), 0 to 55; 0 for straight bevels
 * @param faceWidthMm            b (mm)
 */
public record BevelPair(
        int pinionTeeth,
        int wheelTeeth,
        double outerModuleMm,
        double shaftAngleDeg,
        double normalPressureAngleDeg,
        double spiralAngleDeg,
        double faceWidthMm) {
    public static final Range PINION_TEETH =
            Range.count("pinionTeeth", "teeth of the bevel pinion", 4, 200);
    public static final Range WHEEL_TEETH =
            Range.count("wheelTeeth", "teeth of the bevel wheel", 4, 500);
    public static final Range OUTER_MODULE =
            Range.of("outerModuleMm", "module at the heel", 0.3, 50, "mm");
    public static final Range SHAFT_ANGLE =
            Range.of("shaftAngleDeg", "angle between the shafts", 10, 170, "degrees");
    public static final Range SPIRAL_ANGLE =
            Range.of("spiralAngleDeg", "spiral angle", 0, 55, "degrees");
    public static final Range FACE_WIDTH = Range.of("faceWidthMm", "face width", 0.5, 500, "mm");

    /** @throws Refused naming every value out of its range, an internal bevel wheel, and a face longer than the cone */
    public BevelPair {
        Refused.ifAny(
                PINION_TEETH.judge(pinionTeeth),
                WHEEL_TEETH.judge(wheelTeeth),
                OUTER_MODULE.judge(outerModuleMm),
                SHAFT_ANGLE.judge(shaftAngleDeg),
                CylindricalGear.PRESSURE_ANGLE.judge(normalPressureAngleDeg),
                SPIRAL_ANGLE.judge(spiralAngleDeg),
                FACE_WIDTH.judge(faceWidthMm));
        double one = pitchAngle(pinionTeeth, wheelTeeth, shaftAngleDeg);
        double two = Math.toRadians(shaftAngleDeg) - one;
        if (!(one > 0 && one < Math.PI / 2 && two < Math.PI / 2)) {
            throw Refused.because(
                    "shaftAngleDeg",
                    "At a shaft angle of %s° these teeth would need an internal bevel wheel, which is not worked out here. Check the angle and the tooth counts."
                            .formatted(PlainDigits.exact(shaftAngleDeg)));
        }
        double cone = outerModuleMm * pinionTeeth / (2 * Math.sin(one));
        if (faceWidthMm >= cone) {
            throw Refused.because(
                    "faceWidthMm",
                    "Face width %s mm is longer than the cone, %s mm. Check the face width and the module."
                            .formatted(
                                    PlainDigits.exact(faceWidthMm), PlainDigits.rounded(cone, 2)));
        }
    }

    private static double pitchAngle(int z1, int z2, double shaftAngleDeg) {
        double sigma = Math.toRadians(shaftAngleDeg);
        return Math.atan2(Math.sin(sigma), (double) z2 / z1 + Math.cos(sigma));
    }

    /** tan δ₁ = sin Σ/(z₂/z₁ + cos Σ), δ₂ = Σ − δ₁ (rad). */
    public double pitchAngleRad(Member member) {
        double one = pitchAngle(pinionTeeth, wheelTeeth, shaftAngleDeg);
        return member == Member.PINION ? one : Math.toRadians(shaftAngleDeg) - one;
    }

    public int teeth(Member member) {
        return member == Member.PINION ? pinionTeeth : wheelTeeth;
    }

    /** d_e = m_e z (mm). */
    public double outerDiameterMm(Member member) {
        return outerModuleMm * teeth(member);
    }

    /** R_e = d_e/(2 sin δ) (mm). */
    public double outerConeDistanceMm() {
        return outerDiameterMm(Member.PINION) / (2 * Math.sin(pitchAngleRad(Member.PINION)));
    }

    /** R_m = R_e − b/2 (mm). */
    public double meanConeDistanceMm() {
        return outerConeDistanceMm() - faceWidthMm / 2;
    }

    /** d_m = d_e − b sin δ (mm). */
    public double meanDiameterMm(Member member) {
        return outerDiameterMm(member) - faceWidthMm * Math.sin(pitchAngleRad(member));
    }

    /** z_v = z/cos δ, for a spiral bevel z/(cos δ cos³ β_m): the spur gear of the back cone. */
    public double virtualTeeth(Member member) {
        double cos = Math.cos(spiralAngleRad());
        return teeth(member) / (Math.cos(pitchAngleRad(member)) * cos * cos * cos);
    }

    /** α_t with tan α_t = tan α_n/cos β_m (rad). */
    public double transversePressureAngleRad() {
        return Math.atan(Math.tan(normalPressureAngleRad()) / Math.cos(spiralAngleRad()));
    }

    public double normalPressureAngleRad() {
        return Math.toRadians(normalPressureAngleDeg);
    }

    public double spiralAngleRad() {
        return Math.toRadians(spiralAngleDeg);
    }

    /** i = z₂/z₁. */
    public double ratio() {
        return (double) wheelTeeth / pinionTeeth;
    }

    /** The pair in the words of a parts list. */
    public String inWords() {
        return "bevel z %d/%d, module %s mm at the heel%s"
                .formatted(
                        pinionTeeth,
                        wheelTeeth,
                        PlainDigits.exact(outerModuleMm),
                        spiralAngleDeg == 0
                                ? ""
                                : ", spiral " + PlainDigits.exact(spiralAngleDeg) + "°");
    }
}
