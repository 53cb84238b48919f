package app.yunque.gear;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * An external spur or helical gear as its drawing describes it, with the full-depth rack of ISO 53 type A
 * (addendum 1, dedendum 1.25). Terms and formulas after ISO 21771, from memory.
 *
 * @param teeth            number of teeth z, 4 to 2000
 * @param normalModuleMm   normal module m_n (mm), 0.1 to 100
 * @param pressureAngleDeg normal pressure angle α_n (degrees), 10 to 35
 * @param helixAngleDeg    helix angle β at the reference circle (degrees), 0 to 60; 0 is a spur gear
 * @param hand             hand of the helix; NONE for a spur gear and only there
 * @param profileShift     profile shift coefficient x, −1.2 to 2; positive makes the tooth thicker
 * @param faceWidthMm      face width b (mm), 0.5 to 2000
 */
public record CylindricalGear(
        int teeth,
        double normalModuleMm,
        double pressureAngleDeg,
        double helixAngleDeg,
        Hand hand,
        double profileShift,
        double faceWidthMm) {
    public static final Range TEETH =
            Range.count("teeth", "number of teeth", 4, 2000)
                    .advising("Count the teeth once round.");
    public static final Range MODULE =
            Range.of("normalModuleMm", "normal module", 0.1, 100, "mm")
                    .advising("For a diametral pitch enter 25.4 divided by it.");
    public static final Range PRESSURE_ANGLE =
            Range.of("pressureAngleDeg", "pressure angle", 10, 35, "degrees");
    public static final Range HELIX_ANGLE =
            Range.of("helixAngleDeg", "helix angle", 0, 60, "degrees");
    public static final Range PROFILE_SHIFT =
            Range.of("profileShift", "profile shift coefficient", -1.2, 2, "");
    public static final Range FACE_WIDTH = Range.of("faceWidthMm", "face width", 0.5, 2000, "mm");

    private static final double ADDENDUM = 1.0;
    private static final double DEDENDUM = 1.25;

    /** @throws Refused naming every value out of its range, and a hand that does not suit the helix angle */
    public CylindricalGear {
        Refused.ifAny(
                TEETH.judge(teeth),
                MODULE.judge(normalModuleMm),
                PRESSURE_ANGLE.judge(pressureAngleDeg),
                HELIX_ANGLE.judge(helixAngleDeg),
                PROFILE_SHIFT.judge(profileShift),
                FACE_WIDTH.judge(faceWidthMm));
        if (helixAngleDeg == 0 && hand != Hand.NONE) {
            throw Refused.because(
                    "hand", "A spur gear (helix angle 0) has no hand. Enter the helix angle.");
        }
        if (helixAngleDeg > 0 && hand == Hand.NONE) {
            throw Refused.because(
                    "hand",
                    "A helical gear needs its hand. Stand it on its face: teeth that rise to the right are"
                            + " right-hand.");
        }
    }

    /** α_t = atan(tan α_n / cos β) (rad). */
    public double transversePressureAngleRad() {
        return Math.atan(Math.tan(normalPressureAngleRad()) / Math.cos(helixAngleRad()));
    }

    /** β_b = asin(sin β · cos α_n) (rad). */
    public double baseHelixAngleRad() {
        return Math.asin(Math.sin(helixAngleRad()) * Math.cos(normalPressureAngleRad()));
    }

    /** m_t = m_n / cos β (mm). */
    public double transverseModuleMm() {
        return normalModuleMm / Math.cos(helixAngleRad());
    }

    /** d = z · m_n / cos β (mm). */
    public double referenceDiameterMm() {
        return teeth * transverseModuleMm();
    }

    /** d_b = d · cos α_t (mm). */
    public double baseDiameterMm() {
        return referenceDiameterMm() * Math.cos(transversePressureAngleRad());
    }

    /** d_a = d + 2 m_n (1 + x) (mm), without tip shortening. */
    public double tipDiameterMm() {
        return referenceDiameterMm() + 2 * normalModuleMm * (ADDENDUM + profileShift);
    }

    /** d_f = d − 2 m_n (1.25 − x) (mm). */
    public double rootDiameterMm() {
        return referenceDiameterMm() - 2 * normalModuleMm * (DEDENDUM - profileShift);
    }

    /** s_n = m_n (π/2 + 2 x tan α_n) (mm), the thickness without thinning for backlash. */
    public double normalToothThicknessMm() {
        return normalModuleMm
                * (Math.PI / 2 + 2 * profileShift * Math.tan(normalPressureAngleRad()));
    }

    /** The gear in the words of a parts list: "z 27, module 3 mm, helix 20° left". */
    public String inWords() {
        var spur = "z " + teeth + ", module " + PlainDigits.exact(normalModuleMm) + " mm";
        return helixAngleDeg == 0
                ? spur
                : spur
                        + ", helix "
                        + PlainDigits.exact(helixAngleDeg)
                        + "° "
                        + (hand == Hand.LEFT ? "left" : "right");
    }

    double normalPressureAngleRad() {
        return Math.toRadians(pressureAngleDeg);
    }

    double helixAngleRad() {
        return Math.toRadians(helixAngleDeg);
    }
}
