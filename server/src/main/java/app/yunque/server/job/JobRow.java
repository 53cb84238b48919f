package app.yunque.server.job;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A job as a list needs it, from one statement for the whole list.
 *
 * @param job        the job
 * @param tag        tag of its unit
 * @param unit       what the unit is
 * @param complaint  what the customer says
 * @param openedBy   who opened it
 * @param backlashMm of a signed job, mean backlash after the rebuild, mesh by mesh (mm); null while open, and where it was signed
 *                   before jobs were sealed
 */
public record JobRow(
        JobRef job,
        String tag,
        String unit,
        String complaint,
        String openedBy,
        @Nullable List<Double> backlashMm) {}
