package app.yunque.mesh;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.List;

/**
 * A whole gear to draw at true scale, for laying the real one on the print: one tooth, to be turned round as often as there
 * are teeth.
 *
 * @param tooth         outline of one tooth standing on the x axis, centre at the origin (mm)
 * @param teeth         z
 * @param tipDiameterMm d_a (mm)
 * @param boreMm        bore (mm); 0 when unknown
 */
public record GearDrawing(List<Point> tooth, int teeth, double tipDiameterMm, double boreMm) {
    public static final Range BORE = Range.of("boreMm", "bore", 0, 2000, "mm");

    /** @param boreMm bore (mm), smaller than the tip diameter; 0 when unknown */
    public static GearDrawing of(ActualTeeth teeth, double boreMm) {
        Refused.ifAny(BORE.judge(boreMm));
        return new GearDrawing(
                ToothOutline.of(teeth), teeth.gear().teeth(), teeth.tipDiameterMm(), boreMm);
    }
}
