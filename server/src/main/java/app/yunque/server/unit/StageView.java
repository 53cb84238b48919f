package app.yunque.server.unit;

/**
 * One stage with what follows from its papers, in canonical units.
 *
 * @param stage                  place from the input, 1 first
 * @param given                  the papers as entered
 * @param pinion                 the pinion in words
 * @param wheel                  the wheel in words
 * @param ratio                  z₂/z₁
 * @param pinionSpeedRpm         speed of the pinion shaft (min⁻¹)
 * @param pitchLineVelocityMPerS pitch-line velocity (m/s)
 * @param pinionWorkingRadiusMm  working pitch radius of the pinion (mm)
 * @param wheelWorkingRadiusMm   working pitch radius of the wheel (mm)
 * @param pinionTeethToSpan      teeth to span on the pinion; 0 when a span cannot be taken
 * @param wheelTeethToSpan       teeth to span on the wheel; 0 when a span cannot be taken
 */
public record StageView(
        int stage,
        StageRequest given,
        String pinion,
        String wheel,
        double ratio,
        double pinionSpeedRpm,
        double pitchLineVelocityMPerS,
        double pinionWorkingRadiusMm,
        double wheelWorkingRadiusMm,
        int pinionTeethToSpan,
        int wheelTeethToSpan) {}
