package app.yunque.backlash;

import static app.yunque.measure.Working.line;

import app.yunque.gear.GearPair;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * What floats and bearing play add to a backlash reading, taken off before it is judged: axial float of a helical gear
 * f tan β, radial play of bearings 2 c tan α_wt. Source: derived.
 *
 * @param measuredMm  j_wt as read (mm)
 * @param axialMm     share of the axial float (mm)
 * @param radialMm    share of the bearing play (mm)
 * @param correctedMm j_wt of the teeth alone (mm)
 * @param working     formula and numbers
 */
public record FloatCorrection(
        double measuredMm, double axialMm, double radialMm, double correctedMm, Working working) {
    public static final Range AXIAL_FLOAT = Range.of("axialFloatMm", "axial float", 0, 10, "mm");
    public static final Range RADIAL_PLAY =
            Range.of("radialPlayMm", "radial bearing play, total", 0, 5, "mm");

    /**
     * @param circumferentialMm j_wt as read (mm)
     * @param axialFloatMm      axial float of one gear against the other (mm)
     * @param radialPlayMm      play of both bearings together, when the shafts were free to part (mm)
     * @throws Refused when the floats are more than the reading
     */
    @PublicRule(
            at = "backlash/without-float",
            title = "Backlash without float",
            says = "What of a reading is end float of helical gears and radial play.")
    public static FloatCorrection of(
            GearPair pair, double circumferentialMm, double axialFloatMm, double radialPlayMm) {
        Refused.ifAny(AXIAL_FLOAT.judge(axialFloatMm), RADIAL_PLAY.judge(radialPlayMm));
        double axial = axialFloatMm * Math.tan(pair.pinion().helixAngleRad());
        double radial = 2 * radialPlayMm * Math.tan(pair.workingPressureAngleRad());
        double left = circumferentialMm - axial - radial;
        if (left < 0) {
            throw Refused.because(
                    "axialFloatMm",
                    "The floats make up %s mm, more than the %s mm that were read. Measure again with the shafts held to one side."
                            .formatted(
                                    PlainDigits.rounded(axial + radial, 3),
                                    PlainDigits.rounded(circumferentialMm, 3)));
        }
        return new FloatCorrection(
                circumferentialMm,
                axial,
                radial,
                left,
                new Working(
                        List.of(
                                line("axial float: f tan β", PlainDigits.rounded(axial, 4) + " mm"),
                                line(
                                        "bearing play: 2 c tan α_wt",
                                        PlainDigits.rounded(radial, 4) + " mm"),
                                line("j_wt of the teeth", PlainDigits.rounded(left, 4) + " mm")),
                        "derived"));
    }
}
