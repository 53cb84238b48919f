package app.yunque.bearing;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * Axial play of a deep-groove ball bearing from its radial clearance: G_a = √(4 A G_r − G_r²), A the sum of both groove radii less the ball. Source:
 * derived; valid for 0 ≤ G_r ≤ 2 A.
 *
 * @param axialMm play along the shaft (mm)
 * @param told    the same in words
 */
public record AxialPlay(double axialMm, Told told) {
    public static final Range CLEARANCE = Range.of("radialMm", "radial clearance", 0, 1, "mm");
    public static final Range GROOVES =
            Range.of("groovesLessBallMm", "both groove radii less the ball", 0.01, 10, "mm");

    /**
     * @param radialMm          radial clearance G_r (mm)
     * @param groovesLessBallMm A = r_i + r_e − D_w (mm)
     */
    @PublicRule(
            at = "bearing/axial-play",
            title = "Axial play of a ball bearing",
            says = "What a radial clearance makes along the shaft.")
    public static AxialPlay of(double radialMm, double groovesLessBallMm) {
        Refused.ifAny(CLEARANCE.judge(radialMm), GROOVES.judge(groovesLessBallMm));
        if (radialMm > 2 * groovesLessBallMm) {
            throw Refused.because(
                    "radialMm",
                    "A clearance of %s mm is more than twice %s mm, so the balls would fall out. Measure again."
                            .formatted(
                                    PlainDigits.exact(radialMm),
                                    PlainDigits.exact(groovesLessBallMm)));
        }
        double axial = Math.sqrt(4 * groovesLessBallMm * radialMm - radialMm * radialMm);
        var told =
                Told.of("derived")
                        .mm("axialMm", "play along the shaft", axial)
                        .line(
                                "G_a = √(4 A G_r − G_r²)",
                                "√(4 × %s × %s − %s²) = %s mm",
                                PlainDigits.exact(groovesLessBallMm),
                                PlainDigits.exact(radialMm),
                                PlainDigits.exact(radialMm),
                                PlainDigits.rounded(axial, 4))
                        .saying("%s mm along the shaft.".formatted(PlainDigits.rounded(axial, 3)));
        return new AxialPlay(axial, told);
    }
}
