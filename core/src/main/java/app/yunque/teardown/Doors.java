package app.yunque.teardown;

import app.yunque.plan.Before;
import app.yunque.plan.Before.Origin;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * By which opening each part goes out, and what closes it: such a part comes off after what closes its only way out, and goes back before
 * it. Only a part whose size is known, or for which somebody said by which opening it leaves, is asked; of any other nobody knows the way.
 * What closes an opening is the part of that name in the strip; an opening that no part of the strip closes is open.
 *
 * @param musts  what closes the only way out of a part, before the part
 * @param either parts with several closed ways out, none of them open by something else
 */
record Doors(List<Before> musts, List<Either> either) {

    /**
     * One of several has to be off before a part.
     *
     * @param part    identity of the part
     * @param closers identities of what closes its ways out
     * @param reasons why, by what closes it
     */
    record Either(String part, Set<String> closers, Map<String, String> reasons) {
        Before by(String closer) {
            return new Before(closer, part, reasons.getOrDefault(closer, ""), Origin.PASSAGE);
        }
    }

    static Doors of(List<TeardownStep> steps, List<Opening> openings) {
        var musts = new ArrayList<Before>();
        var either = new ArrayList<Either>();
        for (var step : steps) {
            var closed = closedWays(step, steps, openings);
            if (closed.size() == 1) {
                var only = closed.entrySet().iterator().next();
                musts.add(new Before(only.getKey(), step.id(), only.getValue(), Origin.PASSAGE));
            } else if (closed.size() > 1) {
                either.add(new Either(step.id(), closed.keySet(), closed));
            }
        }
        return new Doors(List.copyOf(musts), List.copyOf(either));
    }

    /** What closes the ways out of a part, each with a sentence; none where one of them is open, or nobody knows the way. */
    private static Map<String, String> closedWays(
            TeardownStep step, List<TeardownStep> steps, List<Opening> openings) {
        var closed = new LinkedHashMap<String, String>();
        for (var opening : waysOut(step, openings)) {
            var closer = closer(opening, steps);
            if (closer.isEmpty() || closer.get().id().equals(step.id())) {
                return Map.of();
            }
            closed.putIfAbsent(
                    closer.get().id(),
                    "%s goes out by the %s, which the %s closes"
                            .formatted(step.part(), opening.name(), closer.get().part()));
        }
        return closed;
    }

    /** The openings by which a part is known to go out. */
    private static List<Opening> waysOut(TeardownStep step, List<Opening> openings) {
        var body = step.detail().body();
        if (body.envelope() == null && body.leavesBy().isEmpty()) {
            return List.of();
        }
        var allowed = PassageOrder.allowed(step, openings);
        return body.envelope() == null ? allowed : Passage.passable(allowed, body.envelope());
    }

    /** The part that closes an opening: the first of that name in the strip. */
    static Optional<TeardownStep> closer(Opening opening, List<TeardownStep> steps) {
        var name = opening.closedBy().strip();
        return steps.stream()
                .filter(s -> !name.isEmpty() && s.part().strip().equalsIgnoreCase(name))
                .findFirst();
    }

    /** What the log says and the openings do not allow: a part that came off while every way out of it was still closed. */
    static List<String> againstTheLog(List<TeardownStep> steps, List<Opening> openings) {
        var found = new ArrayList<String>();
        var off = new TreeSet<String>();
        for (var step : steps) {
            var closed = closedWays(step, steps, openings);
            if (!closed.isEmpty() && closed.keySet().stream().noneMatch(off::contains)) {
                var later =
                        steps.stream()
                                .filter(s -> closed.containsKey(s.id()))
                                .map(s -> s.number() + " " + s.part())
                                .collect(Collectors.joining(" or "));
                found.add(
                        "%d %s is logged before %s, but %s. The order, a size or what closes the opening is wrong: correct one of them."
                                .formatted(
                                        step.number(),
                                        step.part(),
                                        later,
                                        String.join(", or ", closed.values())));
            }
            off.add(step.id());
        }
        return found;
    }
}
