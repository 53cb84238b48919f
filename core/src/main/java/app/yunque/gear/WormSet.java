package app.yunque.gear;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * A worm and its wheel at right angles. Source: standard worm geometry (ISO 14521 and machinist's handbooks), from
 * memory.
 *
 * @param starts                 z₁, thread starts of the worm, 1 to 12
 * @param wheelTeeth             z₂, 12 to 500
 * @param axialModuleMm          m_x, which is the transverse module of the wheel (mm), 0.3 to 40
 * @param wormDiameterMm         reference diameter d₁ of the worm (mm), above 2.4 m_x
 * @param normalPressureAngleDeg α_n (degrees), 10 to 35
 * @param wheelShift             x₂, −1 to 1
 * @param hand                   hand of the thread; the wheel has the same
 */
public record WormSet(
        int starts,
        int wheelTeeth,
        double axialModuleMm,
        double wormDiameterMm,
        double normalPressureAngleDeg,
        double wheelShift,
        Hand hand) {
    public static final Range STARTS = Range.count("starts", "starts of the worm", 1, 12);
    public static final Range WHEEL_TEETH =
            Range.count("wheelTeeth", "teeth of the worm wheel", 12, 500);
    public static final Range AXIAL_MODULE =
            Range.of("axialModuleMm", "axial module", 0.3, 40, "mm");
    public static final Range WORM_DIAMETER =
            Range.of("wormDiameterMm", "reference diameter of the worm", 2, 600, "mm");
    public static final Range WHEEL_SHIFT =
            Range.of("wheelShift", "profile shift coefficient of the wheel", -1, 1, "");
    private static final double LEAST_DIAMETER_MODULES = 2.4;

    /** @throws Refused naming every value out of its range, a worm without a core, and a missing hand */
    public WormSet {
        Refused.ifAny(
                STARTS.judge(starts),
                WHEEL_TEETH.judge(wheelTeeth),
                AXIAL_MODULE.judge(axialModuleMm),
                WORM_DIAMETER.judge(wormDiameterMm),
                CylindricalGear.PRESSURE_ANGLE.judge(normalPressureAngleDeg),
                WHEEL_SHIFT.judge(wheelShift));
        if (wormDiameterMm <= LEAST_DIAMETER_MODULES * axialModuleMm) {
            throw Refused.because(
                    "wormDiameterMm",
                    "A worm of reference diameter %s mm and axial module %s mm would have no core left: it needs more than %s mm. The reference diameter is the outside less two modules."
                            .formatted(
                                    PlainDigits.exact(wormDiameterMm),
                                    PlainDigits.exact(axialModuleMm),
                                    PlainDigits.rounded(
                                            LEAST_DIAMETER_MODULES * axialModuleMm, 2)));
        }
        if (hand == Hand.NONE) {
            throw Refused.because(
                    "hand",
                    "A worm has a hand. Hold it upright: threads that rise to the right are right-hand.");
        }
    }

    /** tan γ = m_x z₁/d₁ (rad). */
    public double leadAngleRad() {
        return Math.atan(axialModuleMm * starts / wormDiameterMm);
    }

    /** p_z = π m_x z₁ (mm), how far one turn of the worm moves the rim. */
    public double leadMm() {
        return Math.PI * axialModuleMm * starts;
    }

    /** m_n = m_x cos γ (mm). */
    public double normalModuleMm() {
        return axialModuleMm * Math.cos(leadAngleRad());
    }

    /** tan α_x = tan α_n/cos γ (rad). */
    public double axialPressureAngleRad() {
        return Math.atan(Math.tan(normalPressureAngleRad()) / Math.cos(leadAngleRad()));
    }

    /** d₂ = m_x z₂ (mm). */
    public double wheelDiameterMm() {
        return axialModuleMm * wheelTeeth;
    }

    /** Throat diameter of the wheel, d₂ + 2 m_x (1 + x₂) (mm). */
    public double throatDiameterMm() {
        return wheelDiameterMm() + 2 * axialModuleMm * (1 + wheelShift);
    }

    /** a = (d₁ + d₂)/2 + x₂ m_x (mm). */
    public double centreDistanceMm() {
        return (wormDiameterMm + wheelDiameterMm()) / 2 + wheelShift * axialModuleMm;
    }

    /** i = z₂/z₁. */
    public double ratio() {
        return (double) wheelTeeth / starts;
    }

    /** Thickness of a wheel tooth on the reference circle, half the axial pitch (mm). */
    public double wheelToothThicknessMm() {
        return axialModuleMm * (Math.PI / 2 + 2 * wheelShift * Math.tan(axialPressureAngleRad()));
    }

    /** η = tan γ/tan (γ + ρ′) with tan ρ′ = μ/cos α_n, the worm driving. */
    public double efficiencyWormDriving(double friction) {
        return Math.tan(leadAngleRad()) / Math.tan(leadAngleRad() + frictionAngle(friction));
    }

    /**
     * η′ = tan (γ − ρ′)/tan γ, the wheel driving. Zero or less means it may hold when still; that is never a brake:
     * vibration and running-in lower the friction, and a hoist needs a brake of its own.
     */
    public double efficiencyWheelDriving(double friction) {
        return Math.tan(leadAngleRad() - frictionAngle(friction)) / Math.tan(leadAngleRad());
    }

    public double normalPressureAngleRad() {
        return Math.toRadians(normalPressureAngleDeg);
    }

    /** The set in the words of a parts list. */
    public String inWords() {
        return "worm %d start%s, wheel z %d, module %s mm, %s hand"
                .formatted(
                        starts,
                        starts == 1 ? "" : "s",
                        wheelTeeth,
                        PlainDigits.exact(axialModuleMm),
                        hand == Hand.LEFT ? "left" : "right");
    }

    private double frictionAngle(double friction) {
        return Math.atan(friction / Math.cos(normalPressureAngleRad()));
    }
}
