package app.yunque.server.sheet;

import app.yunque.lubricant.sump.Immersed;
import app.yunque.lubricant.sump.SumpShape;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The section of a sump with the oil in it, to scale.
 *
 * @param outline  corners of the case inside (mm), y up from the lowest
 * @param oil      corners of the oil
 * @param levelMm  level above the lowest floor point (mm), as it is entered
 * @param lineMm   where the oil line stands in the picture (mm); differs from the level in a tilted box
 * @param heightMm up to which the level can be moved (mm)
 * @param lowestMm too low below this line of the picture (mm); missing without a rule
 * @param highestMm too high above this line (mm); missing without a rule
 * @param hotMm    where the hot oil stands (mm); missing when not worked out
 * @param parts    gears, shafts and bearings
 */
public record SumpPicture(
        List<SumpShape.Corner> outline,
        List<SumpShape.Corner> oil,
        double levelMm,
        double lineMm,
        double heightMm,
        @Nullable Double lowestMm,
        @Nullable Double highestMm,
        @Nullable Double hotMm,
        List<PartInSump> parts) {

    /**
     * A part seen along its axis.
     *
     * @param name     of it
     * @param acrossMm where its axis stands (mm from the left)
     * @param upMm     height of its axis (mm)
     * @param radiusMm its radius (mm)
     * @param gear     true for a gear
     */
    public record PartInSump(
            String name, double acrossMm, double upMm, double radiusMm, boolean gear) {
        public static PartInSump of(Immersed part, double acrossMm, boolean gear) {
            return new PartInSump(
                    part.name(),
                    acrossMm,
                    (part.highestMm() + part.lowestMm()) / 2,
                    (part.highestMm() - part.lowestMm()) / 2,
                    gear);
        }
    }

    public static SumpPicture of(SumpShape shape, double level) {
        return of(shape, level, null, null, null, List.of());
    }

    public static SumpPicture of(
            SumpShape shape,
            double level,
            @Nullable Double lowest,
            @Nullable Double highest,
            @Nullable Double hot,
            List<PartInSump> parts) {
        double line = shape.outlineLevelMm(level);
        return new SumpPicture(
                shape.outline(),
                SumpShape.below(shape.outline(), line),
                level,
                line,
                shape.heightMm(),
                lowest == null ? null : shape.outlineLevelMm(lowest),
                highest == null ? null : shape.outlineLevelMm(highest),
                hot == null ? null : shape.outlineLevelMm(hot),
                parts);
    }
}
