package app.yunque.bearing;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * What a damaged bearing sounds like: how often a place on a race, a rolling element and the cage come round. Source: kinematics of rolling without
 * slip; slip makes real bearings 0 to 2 % lower (common practice, no source).
 *
 * @param outerHz a place on the standing outer race (Hz)
 * @param innerHz a place on the turning inner race (Hz)
 * @param cageHz  the cage (Hz)
 * @param spinHz  a rolling element about itself (Hz)
 * @param told    the same in words
 */
public record BearingFrequencies(
        double outerHz, double innerHz, double cageHz, double spinHz, Told told) {
    public static final Range SPEED =
            Range.of("speedRpm", "speed of the shaft", 0.1, 100_000, "min⁻¹");
    public static final Range ELEMENTS = Range.count("elements", "rolling elements", 3, 200);
    public static final Range ELEMENT =
            Range.of("elementMm", "diameter of a rolling element", 0.5, 200, "mm");
    public static final Range PITCH = Range.of("pitchMm", "pitch diameter", 2, 2000, "mm");
    public static final Range ANGLE = Range.of("contactDeg", "contact angle", 0, 60, "degrees");

    /**
     * @param speedRpm   n of the inner ring (min⁻¹)
     * @param elements   N
     * @param elementMm  D_w (mm)
     * @param pitchMm    D_pw (mm), more than D_w
     * @param contactDeg α (degrees)
     */
    @PublicRule(
            at = "bearing/frequencies",
            title = "What a damaged bearing sounds like",
            says =
                    "How often a place on a race, a ball and the cage come round, to tell a noise by.")
    public static BearingFrequencies of(
            double speedRpm, int elements, double elementMm, double pitchMm, double contactDeg) {
        Refused.ifAny(
                SPEED.judge(speedRpm),
                ELEMENTS.judge(elements),
                ELEMENT.judge(elementMm),
                PITCH.judge(pitchMm),
                ANGLE.judge(contactDeg));
        if (elementMm >= pitchMm) {
            throw Refused.because(
                    "elementMm",
                    "A rolling element of %s mm does not fit on a pitch circle of %s mm. Exchange the two?"
                            .formatted(PlainDigits.exact(elementMm), PlainDigits.exact(pitchMm)));
        }
        double shaft = speedRpm / 60;
        double share = elementMm / pitchMm * Math.cos(Math.toRadians(contactDeg));
        double outer = elements / 2.0 * shaft * (1 - share);
        double inner = elements / 2.0 * shaft * (1 + share);
        double cage = shaft / 2 * (1 - share);
        double spin = pitchMm / (2 * elementMm) * shaft * (1 - share * share);
        var told =
                Told.of(
                                "kinematics; slip makes real ones 0 to 2 % lower, common practice, no source")
                        .figure("outerHz", "outer race", outer, "Hz", 1)
                        .figure("innerHz", "inner race", inner, "Hz", 1)
                        .figure("cageHz", "cage", cage, "Hz", 2)
                        .figure("spinHz", "rolling element", spin, "Hz", 1)
                        .figure("shaftHz", "shaft", shaft, "Hz", 2)
                        .line(
                                "N/2 n (1 ∓ D_w/D_pw cos α)",
                                "%s and %s Hz",
                                PlainDigits.rounded(outer, 1),
                                PlainDigits.rounded(inner, 1))
                        .saying(
                                "Outer race %s Hz, inner race %s Hz."
                                        .formatted(
                                                PlainDigits.rounded(outer, 1),
                                                PlainDigits.rounded(inner, 1)));
        return new BearingFrequencies(outer, inner, cage, spin, told);
    }
}
