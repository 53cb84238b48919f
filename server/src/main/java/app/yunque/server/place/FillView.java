package app.yunque.server.place;

import app.yunque.measure.Verdict;
import app.yunque.server.sheet.DrawerAnswer;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was done at a place, as kept.
 *
 * @param id      identity
 * @param given   as entered, with its version
 * @param can     name on the can
 * @param sort    what was in it, in words; empty when unknown
 * @param verdict of the amount against what was worked out; NOT_JUDGED when there is nothing to compare
 * @param says    the same in words; may be empty
 * @param drained what came out, judged; missing when nothing was entered
 * @param atJob   number of the job it was done at; missing when it was done without one
 * @param keptBy  who did it
 * @param keptAt  when it was kept
 */
public record FillView(
        UUID id,
        FillRequest given,
        String can,
        String sort,
        Verdict verdict,
        String says,
        @Nullable DrawerAnswer drained,
        @Nullable Long atJob,
        String keptBy,
        Instant keptAt) {}
