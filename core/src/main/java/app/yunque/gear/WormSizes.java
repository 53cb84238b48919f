package app.yunque.gear;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * Sizes of a worm and its wheel, what of the power comes through both ways, and whether the wheel can drive back.
 *
 * @param leadAngleDeg           lead angle γ (degrees)
 * @param leadMm                 lead of the worm (mm)
 * @param normalModuleMm         normal module (mm)
 * @param wheelDiameterMm        reference diameter of the wheel (mm)
 * @param throatDiameterMm       throat diameter of the wheel (mm)
 * @param centreDistanceMm       centre distance (mm)
 * @param ratio                  i = z₂/z₁
 * @param efficiencyWormDriving  share that comes through, worm driving
 * @param efficiencyWheelDriving the same, wheel driving; 0 or less where it holds
 * @param holds                  true where the wheel cannot drive the worm at rest; shock and vibration undo that
 * @param sentence               the same in words
 * @param working                formula and numbers
 */
public record WormSizes(
        double leadAngleDeg,
        double leadMm,
        double normalModuleMm,
        double wheelDiameterMm,
        double throatDiameterMm,
        double centreDistanceMm,
        double ratio,
        double efficiencyWormDriving,
        double efficiencyWheelDriving,
        boolean holds,
        String sentence,
        Working working) {
    public static final Range FRICTION =
            Range.of("friction", "coefficient of friction", 0.005, 0.5, "");

    /**
     * @param set      worm and wheel
     * @param friction μ in the mesh, 0.03 to 0.08 usual with oil
     */
    @PublicRule(
            at = "gear/worm-sizes",
            title = "Sizes of a worm",
            says = "Sizes of worm and wheel, efficiency both ways, and whether it holds.")
    public static WormSizes of(WormSet set, double friction) {
        Refused.ifAny(FRICTION.judge(friction));
        double forward = set.efficiencyWormDriving(friction);
        double back = set.efficiencyWheelDriving(friction);
        boolean holds = back <= 0;
        return new WormSizes(
                Math.toDegrees(set.leadAngleRad()),
                set.leadMm(),
                set.normalModuleMm(),
                set.wheelDiameterMm(),
                set.throatDiameterMm(),
                set.centreDistanceMm(),
                set.ratio(),
                forward,
                back,
                holds,
                holds
                        ? "At rest the wheel does not drive the worm with this friction. Shock, vibration and fresh oil undo that: a load needs a brake."
                        : "The wheel drives the worm: a load runs back without a brake.",
                new Working(
                        List.of(
                                line(
                                        "tan γ = z₁ m_x/d₁",
                                        PlainDigits.rounded(Math.toDegrees(set.leadAngleRad()), 4)
                                                + "°"),
                                line(
                                        "η = tan γ/tan (γ + ρ′)",
                                        "%s worm driving, %s wheel driving"
                                                .formatted(
                                                        PlainDigits.rounded(forward, 4),
                                                        PlainDigits.rounded(back, 4)))),
                        "ISO 1122-2, DIN 3975; efficiency by the wedge, handbook, from memory"));
    }
}
