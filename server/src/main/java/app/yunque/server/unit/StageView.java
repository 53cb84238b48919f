package app.yunque.server.unit;

import org.jspecify.annotations.Nullable;

/**
 * One stage with what follows from its papers, in canonical units.
 *
 * @param stage          its number, 1 first
 * @param given          the papers as entered
 * @param words          the stage in words
 * @param ratio          i of the stage as a magnitude
 * @param driverSpeedRpm speed of its driving shaft, the highest of all positions (min⁻¹); 0 while nobody knows it
 * @param pair           the two gears; missing where the stage is no pair on parallel shafts
 */
public record StageView(
        int stage,
        StageRequest given,
        String words,
        double ratio,
        double driverSpeedRpm,
        @Nullable PairView pair) {

    /**
     * Two gears on parallel shafts.
     *
     * @param pinion                 the pinion in words
     * @param wheel                  the wheel in words
     * @param pinionTeeth            z₁
     * @param wheelTeeth             z₂
     * @param pinionShaft            shaft of the pinion, 1 the input's
     * @param wheelShaft             shaft of the wheel
     * @param centreDistanceMm       working centre distance (mm)
     * @param pitchLineVelocityMPerS pitch-line velocity (m/s)
     * @param pinionWorkingRadiusMm  working pitch radius of the pinion (mm)
     * @param wheelWorkingRadiusMm   working pitch radius of the wheel (mm)
     * @param pinionTeethToSpan      teeth to span on the pinion; 0 when a span cannot be taken
     * @param wheelTeethToSpan       teeth to span on the wheel; 0 when a span cannot be taken
     */
    public record PairView(
            String pinion,
            String wheel,
            int pinionTeeth,
            int wheelTeeth,
            int pinionShaft,
            int wheelShaft,
            double centreDistanceMm,
            double pitchLineVelocityMPerS,
            double pinionWorkingRadiusMm,
            double wheelWorkingRadiusMm,
            int pinionTeethToSpan,
            int wheelTeethToSpan) {}
}
