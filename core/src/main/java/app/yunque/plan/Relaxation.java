package app.yunque.plan;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What it would free to give up one thing of a contradiction: an order of so many minutes, or nothing yet, because the rest contradicts
 * itself still.
 *
 * @param givenUp what is given up, as a clause: "“hub” comes off before “shaft” (so it was said)"
 * @param minutes minutes of a good order of the rebuild that is left (min); null when there is none
 * @param next    what contradicts itself then; empty when there is an order
 */
public record Relaxation(String givenUp, @Nullable Double minutes, String next) {

    /** @throws Refused when it neither leaves an order nor says why not, or both */
    public Relaxation {
        if ((minutes == null) == next.isEmpty()) {
            throw Refused.because(
                    "relaxations",
                    "Giving something up leaves an order, or something says why not.");
        }
    }

    /**
     * Of everything in a contradiction, what frees the order first; of those what was said before what the log shows, and last what was
     * measured.
     *
     * @param strip    what contradicts itself
     * @param cost     what changes cost
     * @param patience of whoever waits
     */
    public static List<Relaxation> of(
            Contradiction contradiction, TaskGraph strip, HandlingCost cost, Patience patience) {
        var names =
                strip.tasks().stream().collect(Collectors.toMap(Task::id, Task::name, (a, b) -> a));
        var found = new ArrayList<Relaxation>();
        contradiction.cycle().stream()
                .sorted(Contradiction.GIVEN_UP_FIRST)
                .forEach(b -> found.add(left(inWords(b, names), strip.without(b), cost, patience)));
        contradiction
                .choices()
                .forEach(c -> found.add(left(inWords(c, names), strip.without(c), cost, patience)));
        found.sort(Comparator.comparing(Relaxation::leavesNone));
        return List.copyOf(found);
    }

    private boolean leavesNone() {
        return minutes == null;
    }

    private static String inWords(Before before, Map<String, String> names) {
        return "“%s” comes off before “%s” (%s)"
                .formatted(names.get(before.first()), names.get(before.then()), before.reason());
    }

    private static String inWords(EitherWay choice, Map<String, String> names) {
        return "“%s” comes off only %s"
                .formatted(
                        names.get(choice.task()),
                        choice.ways().stream()
                                .map(EitherWay.OneWay::name)
                                .collect(Collectors.joining(", or ")));
    }

    private static Relaxation left(
            String givenUp, TaskGraph strip, HandlingCost cost, Patience patience) {
        try {
            var still = Contradiction.in(strip);
            if (still.isPresent()) {
                return new Relaxation(givenUp, null, still.get().says());
            }
            var order = RebuildSequence.quickly(strip.reversed(), Handling.ANY, cost, patience);
            return new Relaxation(givenUp, order.minutes(), "");
        } catch (NotApplicable tooMany) {
            return new Relaxation(givenUp, null, tooMany.getMessage());
        }
    }
}
