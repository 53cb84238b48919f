package app.yunque.plan;

import app.yunque.plan.Removal.Way;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Parts of which none can come off because every way of each needs another of them, or is barred: why a part cannot be
 * reached when ways are alternatives and no single cycle tells it.
 *
 * @param parts the smallest such set that holds the part asked for; smallest by size up to {@value #EXACT_PARTS} blocked
 *              parts, beyond that a set from which no part can be left out
 * @param says  each part with each of its ways and what blocks it
 */
record Blockade(List<Removal> parts, String says) {
    private static final int EXACT_PARTS = 15;

    /**
     * @param target part that cannot come off
     * @param parts  all parts that bear on it
     * @param off    places of those that can come off
     * @param index  place of each part
     */
    static Blockade around(
            String target, List<Removal> parts, BitSet off, Map<String, Integer> index) {
        var blocked = new ArrayList<Removal>();
        for (var part : parts) {
            if (!off.get(index.get(part.part()))) {
                blocked.add(part);
            }
        }
        var smallest =
                blocked.size() <= EXACT_PARTS ? smallest(target, blocked) : pruned(target, blocked);
        return new Blockade(smallest, says(smallest));
    }

    private static List<Removal> smallest(String target, List<Removal> blocked) {
        List<Removal> best = blocked;
        for (int mask = 1; mask < 1 << blocked.size(); mask++) {
            if (Integer.bitCount(mask) < best.size()) {
                var some = new ArrayList<Removal>();
                for (int i = 0; i < blocked.size(); i++) {
                    if ((mask & 1 << i) != 0) {
                        some.add(blocked.get(i));
                    }
                }
                if (holds(some, target) && isBlocked(some)) {
                    best = some;
                }
            }
        }
        return best;
    }

    private static List<Removal> pruned(String target, List<Removal> blocked) {
        var left = new ArrayList<>(blocked);
        for (var part : blocked) {
            var fewer = new ArrayList<>(left);
            fewer.remove(part);
            if (holds(fewer, target) && isBlocked(fewer)) {
                left = fewer;
            }
        }
        return left;
    }

    private static boolean holds(List<Removal> some, String target) {
        return some.stream().anyMatch(r -> r.part().equals(target));
    }

    private static boolean isBlocked(List<Removal> some) {
        var ids = some.stream().map(Removal::part).collect(Collectors.toSet());
        return some.stream()
                .allMatch(
                        r ->
                                r.ways().stream()
                                        .allMatch(
                                                w ->
                                                        !w.barred().isEmpty()
                                                                || w.requires().stream()
                                                                        .anyMatch(ids::contains)));
    }

    private static String says(List<Removal> some) {
        var names = new HashMap<String, String>();
        some.forEach(r -> names.put(r.part(), r.name()));
        return some.stream()
                .map(
                        r ->
                                "“"
                                        + r.name()
                                        + "” "
                                        + r.ways().stream()
                                                .map(w -> blockedBy(w, names))
                                                .collect(Collectors.joining(", and ")))
                .collect(Collectors.joining("; "));
    }

    private static String blockedBy(Way way, Map<String, String> names) {
        var by = way.name().isEmpty() ? "" : way.name() + " ";
        if (!way.barred().isEmpty()) {
            return by + "cannot come out: " + way.barred();
        }
        return by
                + "waits for "
                + way.requires().stream()
                        .filter(names::containsKey)
                        .sorted(NaturalOrder.INSTANCE)
                        .map(id -> "“" + names.get(id) + "”")
                        .collect(Collectors.joining(" and "));
    }
}
