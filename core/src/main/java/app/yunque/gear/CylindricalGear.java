package app.yunque.gear;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * An external or internal spur or helical gear as its drawing describes it. Terms and formulas after ISO 21771, from
 * memory. A ring has positive teeth here and a flag, and a positive profile shift makes its tooth thicker too, which is
 * the sense of ISO 21771 and DIN 3960; the school in which it means a cutter further from the centre has the opposite
 * sign for rings.
 *
 * @param teeth            number of teeth z, 4 to 2000
 * @param normalModuleMm   normal module m_n (mm), 0.1 to 100
 * @param pressureAngleDeg normal pressure angle α_n (degrees), 10 to 35
 * @param helixAngleDeg    helix angle β at the reference circle (degrees), 0 to 60; 0 is a spur gear
 * @param hand             hand of the helix; NONE for a spur gear and only there
 * @param profileShift     profile shift coefficient x, −1.2 to 2; positive makes the tooth thicker
 * @param faceWidthMm      face width b (mm), 0.5 to 2000
 * @param rack             the rack that would mesh with it: tooth height and root
 * @param internal         true for a ring with teeth inside
 */
public record CylindricalGear(
        int teeth,
        double normalModuleMm,
        double pressureAngleDeg,
        double helixAngleDeg,
        Hand hand,
        double profileShift,
        double faceWidthMm,
        BasicRack rack,
        boolean internal) {
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

    /** Common practice, no source: below a quarter of the module the tip of a tooth is weak. */
    private static final double THIN_TIP = 0.25;

    /**
     * @throws Refused naming every value out of its range, a hand that does not suit the helix angle, a tooth that
     *     would be pointed, and a gear of which no involute is left
     */
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
        if (internal) {
            refuseRingWithoutTeeth(
                    ringTip(teeth, normalModuleMm, helixAngleDeg, rack.addendum() + profileShift),
                    ringTip(teeth, normalModuleMm, helixAngleDeg, profileShift - rack.dedendum()));
        }
    }

    /** An external gear with full-depth teeth after ISO 53 type A. */
    public CylindricalGear(
            int teeth,
            double normalModuleMm,
            double pressureAngleDeg,
            double helixAngleDeg,
            Hand hand,
            double profileShift,
            double faceWidthMm) {
        this(
                teeth,
                normalModuleMm,
                pressureAngleDeg,
                helixAngleDeg,
                hand,
                profileShift,
                faceWidthMm,
                BasicRack.FULL_DEPTH,
                false);
    }

    private static double ringTip(int z, double module, double helixDeg, double height) {
        return z * module / Math.cos(Math.toRadians(helixDeg)) - 2 * module * height;
    }

    private static void refuseRingWithoutTeeth(double tip, double root) {
        if (!(tip < root && tip > 0)) {
            throw Refused.because(
                    "profileShift",
                    "For a ring the tip circle, "
                            + PlainDigits.rounded(tip, 2)
                            + " mm, must be smaller than the root circle, "
                            + PlainDigits.rounded(root, 2)
                            + " mm. Check teeth, module and profile shift.");
        }
    }

    /** +1 for an external gear, −1 for a ring: the sign with which heights add to the reference diameter. */
    public int outward() {
        return internal ? -1 : 1;
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

    /** d_a = d ± 2 m_n (h_a* + x) (mm), without tip shortening; minus for a ring. */
    public double tipDiameterMm() {
        return referenceDiameterMm()
                + outward() * 2 * normalModuleMm * (rack.addendum() + profileShift);
    }

    /** d_f = d ∓ 2 m_n (h_f* − x) (mm); plus for a ring. */
    public double rootDiameterMm() {
        return referenceDiameterMm()
                - outward() * 2 * normalModuleMm * (rack.dedendum() - profileShift);
    }

    /** p_bt = π m_t cos α_t (mm), the transverse base pitch. */
    public double transverseBasePitchMm() {
        return Math.PI * transverseModuleMm() * Math.cos(transversePressureAngleRad());
    }

    /** p_bn = π m_n cos α_n (mm), the normal base pitch: what one more tooth adds to a span. */
    public double normalBasePitchMm() {
        return Math.PI * normalModuleMm * Math.cos(normalPressureAngleRad());
    }

    /** p_z = z π m_n / sin β (mm); infinite for a spur gear. */
    public double leadMm() {
        return teeth * Math.PI * normalModuleMm / Math.sin(helixAngleRad());
    }

    /** s_t = s_n / cos β (mm), nominal. */
    public double transverseToothThicknessMm() {
        return normalToothThicknessMm() / Math.cos(helixAngleRad());
    }

    /**
     * Width of the tip of an external tooth, s_at = d_a [s_t/d + inv α_t − inv α_at] (mm); 0 or less means that the
     * flanks meet below the tip circle.
     */
    public double tipLandMm() {
        double cosTip = baseDiameterMm() / tipDiameterMm();
        return tipDiameterMm()
                * (transverseToothThicknessMm() / referenceDiameterMm()
                        + Involute.of(transversePressureAngleRad())
                        - Involute.of(Math.acos(Math.min(1, cosTip))));
    }

    /** True when the tip of an external tooth is narrower than a quarter of the module. Common practice, no source. */
    public boolean isTipThin() {
        return !internal && tipLandMm() < THIN_TIP * normalModuleMm;
    }

    /**
     * The start of the true involute above the root of a rack-cut external gear, as a diameter (mm): d_Ff = 2 √((r −
     * v)² + (v/tan α_t)²) with v = (h_f* − x − ρ* (1 − sin α_n)) m_n. Source: ISO 21771, from memory.
     */
    public double involuteStartDiameterMm() {
        double v =
                (rack.dedendum() - profileShift - rack.filletHeight(normalPressureAngleRad()))
                        * normalModuleMm;
        double r = referenceDiameterMm() / 2;
        return 2 * Math.hypot(r - v, v / Math.tan(transversePressureAngleRad()));
    }

    /**
     * The least profile shift that keeps a rack-cut external gear free of undercut: x_min = h_g* − z sin² α_t / (2 cos
     * β), h_g* being the straight part of the cutter.
     */
    public double leastShiftWithoutUndercut() {
        double sin = Math.sin(transversePressureAngleRad());
        double straight = rack.dedendum() - rack.filletHeight(normalPressureAngleRad());
        return straight - teeth * sin * sin / (2 * Math.cos(helixAngleRad()));
    }

    /** s_n = m_n (π/2 + 2 x tan α_n) (mm), the thickness without thinning for backlash. */
    public double normalToothThicknessMm() {
        return normalModuleMm
                * (Math.PI / 2 + 2 * profileShift * Math.tan(normalPressureAngleRad()));
    }

    /** The gear in the words of a parts list: "z 27, module 3 mm, helix 20° left". */
    public String inWords() {
        var spur =
                (internal ? "ring z " : "z ")
                        + teeth
                        + ", module "
                        + PlainDigits.exact(normalModuleMm)
                        + " mm";
        return helixAngleDeg == 0
                ? spur
                : spur
                        + ", helix "
                        + PlainDigits.exact(helixAngleDeg)
                        + "° "
                        + (hand == Hand.LEFT ? "left" : "right");
    }

    /** α_n (rad). */
    public double normalPressureAngleRad() {
        return Math.toRadians(pressureAngleDeg);
    }

    /** β (rad). */
    public double helixAngleRad() {
        return Math.toRadians(helixAngleDeg);
    }
}
