package app.yunque.plan;

import app.yunque.measure.Refused;
import java.util.List;

/**
 * Several ways in which a task may come in its turn; one of them is enough. A shaft is drawn out to the left after the left
 * cover, or to the right after the right one.
 *
 * @param task identity of the task
 * @param ways at least one
 */
public record EitherWay(String task, List<OneWay> ways) {

    /**
     * @param name    the way in words: "by the side hole"
     * @param befores what has to come before or after the task when it goes this way, all of it; each names the task
     */
    public record OneWay(String name, List<Before> befores) {
        public OneWay {
            befores = List.copyOf(befores);
        }

        OneWay reversed() {
            return new OneWay(name, befores.stream().map(Before::reversed).toList());
        }
    }

    /** @throws Refused when there is no way, or a way speaks of other tasks only */
    public EitherWay {
        ways = List.copyOf(ways);
        if (ways.isEmpty()) {
            throw Refused.because("choices", task + " has a choice of no way. Say at least one.");
        }
        for (var way : ways) {
            for (var before : way.befores()) {
                if (!before.first().equals(task) && !before.then().equals(task)) {
                    throw Refused.because(
                            "choices",
                            "A way of %s speaks of %s and %s only: each of its constraints names it."
                                    .formatted(task, before.first(), before.then()));
                }
            }
        }
    }

    /** The same choice for the way back. */
    public EitherWay reversed() {
        return new EitherWay(task, ways.stream().map(OneWay::reversed).toList());
    }

    /** Every constraint of every way. */
    List<Before> befores() {
        return ways.stream().flatMap(w -> w.befores().stream()).toList();
    }
}
