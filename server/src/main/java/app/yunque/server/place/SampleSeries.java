package app.yunque.server.place;

import app.yunque.server.sheet.DrawerEntries;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The samples of a place over the years.
 *
 * @param samples in the order they were taken
 * @param lines   each figure that was measured, with its run and its trend
 * @param next    what the sheet of the next sample starts with: the oil, what turns in the box, the samples of this fill
 */
public record SampleSeries(List<SampleView> samples, List<SampleLine> lines, DrawerEntries next) {

    /**
     * One figure through all samples.
     *
     * @param name   of the figure
     * @param unit   its unit
     * @param points hours on the meter and what was found
     * @param watch  watched from here
     * @param act    acted on from here
     * @param trend  in words; empty with fewer than three samples of this fill
     * @param hoursLeft running hours until the line meets the limit to act; missing when it does not
     */
    public record SampleLine(
            String name,
            String unit,
            List<SamplePoint> points,
            double watch,
            double act,
            String trend,
            @Nullable Double hoursLeft) {}

    /**
     * One sample on a line.
     *
     * @param hours     on the meter (h)
     * @param value     what was found
     * @param fillsAgo  0 for the oil of the last sample, 1 for the fill before it, and so on
     */
    public record SamplePoint(double hours, double value, int fillsAgo) {}
}
