package app.yunque.server.calc;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Hand;
import app.yunque.server.api.RangesOf;

/** An external cylindrical gear in canonical units. */
@RangesOf(CylindricalGear.class)
record GearInput(
        int teeth,
        double normalModuleMm,
        double pressureAngleDeg,
        double helixAngleDeg,
        Hand hand,
        double profileShift,
        double faceWidthMm) {
    CylindricalGear gear() {
        return new CylindricalGear(
                teeth,
                normalModuleMm,
                pressureAngleDeg,
                helixAngleDeg,
                hand,
                profileShift,
                faceWidthMm);
    }
}
