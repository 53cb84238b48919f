package app.yunque.mesh;

import static app.yunque.measure.Working.line;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.GearPair;
import app.yunque.gear.Involute;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * The centre distance at which two gears run without backlash, and the shifts that a given centre distance asks for.
 *
 * <p>inv α_wt = inv α_t + 2 tan α_n (x₁ + x₂)/(z₁ + z₂) and a = a_d cos α_t/cos α_wt; with a ring inv α_wt = inv α_t −
 * 2 tan α_n (x₁ + x₂)/(z₂ − z₁). Source: ISO 21771, from memory.
 *
 * @param withoutBacklashMm       a at which both flanks touch (mm)
 * @param workingPressureAngleRad α_wt there (rad)
 * @param working                 formula and numbers
 */
public record CentreDistance(
        double withoutBacklashMm, double workingPressureAngleRad, Working working) {

    /**
     * From the nominal profile shifts.
     *
     * @throws Refused when these shifts are impossible together
     */
    @PublicRule(
            at = "mesh/centre-distance",
            title = "Centre distance without backlash",
            says = "Where two gears would run without any backlash.")
    public static CentreDistance ofShifts(CylindricalGear pinion, CylindricalGear wheel) {
        return of(ActualTeeth.nominal(pinion), ActualTeeth.nominal(wheel));
    }

    /**
     * From the real tooth thicknesses: inv α_w0 = inv α_t + (s_t1 + s_t2 − π m_t)/(d₁ + d₂); with a ring inv α_t + (π
     * m_t − s_t1 − s_t2)/(d₂ − d₁).
     *
     * @throws Refused when thicknesses this small or large never close
     */
    @PublicRule(
            at = "mesh/centre-distance-of-teeth",
            title = "The same of measured teeth",
            says = "Where two gears as they are would run without any backlash.")
    public static CentreDistance of(ActualTeeth pinion, ActualTeeth wheel) {
        double alphaT = pinion.gear().transversePressureAngleRad();
        double a = GearPair.referenceCentreDistanceMm(pinion.gear(), wheel.gear());
        double thick =
                pinion.transverseThicknessMm()
                        + wheel.transverseThicknessMm()
                        - Math.PI * pinion.gear().transverseModuleMm();
        double value = Involute.of(alphaT) + wheel.gear().outward() * thick / (2 * a);
        if (!(value > 0)) {
            throw Refused.because(
                    "profileShift",
                    "These tooth thicknesses are impossible together: the flanks would only touch inside the base"
                            + " circles. Check the profile shifts and the measured thicknesses.");
        }
        double working = Involute.inverse(value);
        double result = a * Math.cos(alphaT) / Math.cos(working);
        return new CentreDistance(
                result,
                working,
                new Working(
                        List.of(
                                line(
                                        wheel.gear().internal()
                                                ? "inv α_w0 = inv αₜ + (π mₜ − s_t1 − s_t2)/(d₂ − d₁)"
                                                : "inv α_w0 = inv αₜ + (s_t1 + s_t2 − π mₜ)/(d₁ + d₂)",
                                        "α_w0 = "
                                                + PlainDigits.rounded(Math.toDegrees(working), 4)
                                                + "°"),
                                line(
                                        "a₀ = a_d cos αₜ / cos α_w0",
                                        PlainDigits.rounded(a, 4)
                                                + " mm × "
                                                + PlainDigits.rounded(Math.cos(alphaT), 6)
                                                + " / "
                                                + PlainDigits.rounded(Math.cos(working), 6)
                                                + " = "
                                                + PlainDigits.rounded(result, 4)
                                                + " mm")),
                        "ISO 21771, from memory"));
    }

    /** x₁ + x₂ that close a pair at its centre distance: (inv α_wt − inv α_t)(z₁ + z₂)/(2 tan α_n). */
    public static double shiftSum(GearPair pair) {
        double teeth = pair.wheel().teeth() + pair.wheel().outward() * pair.pinion().teeth();
        double roll =
                Involute.of(pair.workingPressureAngleRad())
                        - Involute.of(pair.pinion().transversePressureAngleRad());
        return pair.wheel().outward()
                * roll
                * teeth
                / (2 * Math.tan(pair.pinion().normalPressureAngleRad()));
    }
}
