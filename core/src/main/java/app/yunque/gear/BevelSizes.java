package app.yunque.gear;

import app.yunque.measure.PublicRule;

/**
 * Sizes of a bevel pair.
 *
 * @param pinionPitchAngleDeg  pitch angle of the pinion (degrees)
 * @param wheelPitchAngleDeg   pitch angle of the wheel (degrees)
 * @param pinionOuterDiameterMm pitch diameter of the pinion at the heel (mm)
 * @param wheelOuterDiameterMm pitch diameter of the wheel at the heel (mm)
 * @param pinionMeanDiameterMm pitch diameter of the pinion at mid-face (mm)
 * @param wheelMeanDiameterMm  pitch diameter of the wheel at mid-face (mm)
 * @param outerConeDistanceMm  cone distance at the heel (mm)
 * @param meanConeDistanceMm   cone distance at mid-face (mm)
 * @param pinionVirtualTeeth   virtual number of teeth of the pinion
 * @param wheelVirtualTeeth    virtual number of teeth of the wheel
 * @param ratio                u = z₂/z₁
 */
public record BevelSizes(
        double pinionPitchAngleDeg,
        double wheelPitchAngleDeg,
        double pinionOuterDiameterMm,
        double wheelOuterDiameterMm,
        double pinionMeanDiameterMm,
        double wheelMeanDiameterMm,
        double outerConeDistanceMm,
        double meanConeDistanceMm,
        double pinionVirtualTeeth,
        double wheelVirtualTeeth,
        double ratio) {

    @PublicRule(
            at = "gear/bevel-sizes",
            title = "Sizes of a bevel pair",
            says = "Pitch angles, diameters, cone distances and virtual teeth.",
            source = "ISO 23509, from memory")
    public static BevelSizes of(BevelPair pair) {
        return new BevelSizes(
                Math.toDegrees(pair.pitchAngleRad(Member.PINION)),
                Math.toDegrees(pair.pitchAngleRad(Member.WHEEL)),
                pair.outerDiameterMm(Member.PINION),
                pair.outerDiameterMm(Member.WHEEL),
                pair.meanDiameterMm(Member.PINION),
                pair.meanDiameterMm(Member.WHEEL),
                pair.outerConeDistanceMm(),
                pair.meanConeDistanceMm(),
                pair.virtualTeeth(Member.PINION),
                pair.virtualTeeth(Member.WHEEL),
                pair.ratio());
    }
}
