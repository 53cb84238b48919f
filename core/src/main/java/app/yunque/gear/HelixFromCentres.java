package app.yunque.gear;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * Helix angle of a pair that stands at its reference centre distance: cos β = m_n (z₁ + z₂)/(2 a). A first guess where the shift is not
 * known: a shifted pair stands a little elsewhere.
 *
 * @param helixAngleDeg β (degrees)
 * @param sentence      what it rests on
 */
public record HelixFromCentres(double helixAngleDeg, String sentence) {
    public static final Range MODULE = CylindricalGear.MODULE;
    public static final Range CENTRE_DISTANCE = GearPair.CENTRE_DISTANCE;
    public static final Range PINION_TEETH =
            Range.count("pinionTeeth", "teeth of the pinion", 4, 2000);
    public static final Range WHEEL_TEETH =
            Range.count("wheelTeeth", "teeth of the wheel", 4, 2000);
    private static final double SLACK = 1e-9;
    private static final double STEEPEST_DEG = 60;

    /** @throws Refused where the centres lie closer than spur gears of this module would */
    @PublicRule(
            at = "gear/helix-from-centres",
            title = "Helix from the centre distance",
            says = "Which helix angle a pair has that stands at its reference centre distance.",
            source = "ISO 21771, from memory")
    public static HelixFromCentres of(
            int pinionTeeth, int wheelTeeth, double normalModuleMm, double centreDistanceMm) {
        Refused.ifAny(
                PINION_TEETH.judge(pinionTeeth),
                WHEEL_TEETH.judge(wheelTeeth),
                MODULE.judge(normalModuleMm),
                CENTRE_DISTANCE.judge(centreDistanceMm));
        double spur = normalModuleMm * (pinionTeeth + wheelTeeth) / 2;
        double cos = spur / centreDistanceMm;
        if (cos > 1 + SLACK || Math.toDegrees(Math.acos(Math.min(1, cos))) > STEEPEST_DEG + SLACK) {
            throw Refused.because(
                    "centreDistanceMm",
                    "Spur gears of module %s would stand %s mm apart; a helix up to 60° stands there up to twice that. Check module, teeth and centre distance."
                            .formatted(PlainDigits.exact(normalModuleMm), PlainDigits.exact(spur)));
        }
        return new HelixFromCentres(
                Math.toDegrees(Math.acos(Math.min(1, cos))),
                "Holds for a pair without profile shift. A rub of the teeth tells it too.");
    }
}
