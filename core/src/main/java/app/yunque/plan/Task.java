package app.yunque.plan;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Set;

/**
 * One thing to do.
 *
 * @param id       identity
 * @param name     what it is, as it stands in an explanation
 * @param minutes  how long it takes, 0 to 10000
 * @param handling what has to be in hand
 * @param people   how many people it needs, 1 or 2
 * @param holds    what it needs for itself alone while it lasts: the press, the hoist, one half of the case
 */
public record Task(
        String id, String name, double minutes, Handling handling, int people, Set<String> holds) {
    public static final Range MINUTES =
            Range.of("minutes", "time for a step", 0, 10_000, "min")
                    .advising("A time cannot be negative.");
    public static final Range PEOPLE = Range.count("people", "people for a step", 1, 2);

    /** @throws Refused naming every value that cannot be */
    public Task {
        holds = Set.copyOf(holds);
        Refused.ifAny(MINUTES.judge(minutes), PEOPLE.judge(people));
    }

    public Task(String id, String name, double minutes, Handling handling) {
        this(id, name, minutes, handling, 1, Set.of());
    }
}
