package app.yunque.lubricant.grade;

import app.yunque.lubricant.viscosity.IsoViscosityGrade;

/**
 * The school of ν40 = 500/√v, from the rule 7000/√V with V in feet a minute; above 35 °C one grade up, below 10 °C one
 * grade down (common practice, no source). Below 0.5 m/s the answer is held at ISO VG 1000.
 */
final class VelocityFormula {
    private static final double SLOWEST_M_PER_S = 0.5;

    private VelocityFormula() {}

    /** ν40 = 500/√v (mm²/s), v in m/s. */
    static double viscosityMm2PerS(double velocityMPerS) {
        return 500 / Math.sqrt(velocityMPerS);
    }

    static IsoViscosityGrade grade(GearOilDuty duty) {
        var nearest = IsoViscosityGrade.nearest(viscosityMm2PerS(duty.pitchLineVelocityMPerS()));
        var climate = nearest.shifted(stepsForClimate(duty.hottestAmbientDegC()));
        boolean beyond = duty.pitchLineVelocityMPerS() < SLOWEST_M_PER_S;
        return beyond && climate.gradesThickerThan(IsoViscosityGrade.VG_1000) > 0
                ? IsoViscosityGrade.VG_1000
                : climate;
    }

    private static int stepsForClimate(double hottestDegC) {
        if (hottestDegC > 35) {
            return 1;
        }
        return hottestDegC < 10 ? -1 : 0;
    }
}
