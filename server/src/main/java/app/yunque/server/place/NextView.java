package app.yunque.server.place;

import app.yunque.lubricant.interval.NextChange;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * When a place is due.
 *
 * @param due    the day
 * @param inDays from today; minus when it is over
 * @param runIn  true for the first change after a rebuild
 * @param reason in words
 */
public record NextView(LocalDate due, long inDays, boolean runIn, String reason) {
    static NextView of(NextChange next, LocalDate today) {
        return new NextView(
                next.due(),
                ChronoUnit.DAYS.between(today, next.due()),
                next.runIn(),
                next.reason());
    }
}
