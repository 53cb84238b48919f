package app.yunque.contact;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * Gap at the far end of the face when one bearing stands off by Δ over the span L: skew (shafts crossed) b (Δ/L) cos α_wt,
 * in-plane (not parallel) b (Δ/L) sin α_wt. Skew opens about 2.7 times as much at 20°. Source: projection on the line of
 * action.
 *
 * @param skewGapMm    gap when the shafts cross (mm)
 * @param inPlaneGapMm gap when they are not parallel (mm)
 */
public record ShaftMisalignment(double skewGapMm, double inPlaneGapMm) {
    public static final Range ANGLE =
            Range.of("workingPressureAngleRad", "working pressure angle", 0.1, 0.9, "rad");
    public static final Range FACE_WIDTH = Range.of("faceWidthMm", "face width", 0.5, 2000, "mm");

    public static final Range FACE = Range.of("faceWidthMm", "face width", 0.5, 2000, "mm");
    public static final Range OFFSET = Range.of("offsetMm", "bearing offset", -5, 5, "mm");
    public static final Range SPAN = Range.of("spanMm", "bearing span", 5, 10_000, "mm");

    /** @param workingPressureAngleRad α_wt (rad) */
    @PublicRule(
            at = "contact/misalignment",
            title = "Shafts out of line",
            says = "The gap across the face from an offset of a bearing.",
            source = "geometry")
    public static ShaftMisalignment of(
            double faceWidthMm, double offsetMm, double spanMm, double workingPressureAngleRad) {
        Refused.ifAny(ANGLE.judge(workingPressureAngleRad));
        Refused.ifAny(FACE.judge(faceWidthMm), OFFSET.judge(offsetMm), SPAN.judge(spanMm));
        double slope = faceWidthMm * offsetMm / spanMm;
        return new ShaftMisalignment(
                slope * Math.cos(workingPressureAngleRad),
                slope * Math.sin(workingPressureAngleRad));
    }

    /** The bearing move that closes a gap across the shafts, Δ = gap L/(b cos α_wt) (mm). */
    @PublicRule(
            at = "contact/move-for-skew",
            title = "Move that squares the shafts",
            says = "How far a bearing is moved to close a gap of skew.",
            source = "geometry")
    public static double skewMoveMm(
            double gapMm, double faceWidthMm, double spanMm, double workingPressureAngleRad) {
        Refused.ifAny(
                FACE_WIDTH.judge(faceWidthMm),
                SPAN.judge(spanMm),
                ANGLE.judge(workingPressureAngleRad));
        return gapMm * spanMm / (faceWidthMm * Math.cos(workingPressureAngleRad));
    }

    /** The bearing move that closes a gap in the plane of the shafts, Δ = gap L/(b sin α_wt) (mm). */
    @PublicRule(
            at = "contact/move-in-plane",
            title = "Move that makes shafts parallel",
            says = "How far a bearing is moved to close a gap in the plane of the shafts.",
            source = "geometry")
    public static double inPlaneMoveMm(
            double gapMm, double faceWidthMm, double spanMm, double workingPressureAngleRad) {
        Refused.ifAny(
                FACE_WIDTH.judge(faceWidthMm),
                SPAN.judge(spanMm),
                ANGLE.judge(workingPressureAngleRad));
        return gapMm * spanMm / (faceWidthMm * Math.sin(workingPressureAngleRad));
    }
}
