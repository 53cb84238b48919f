package app.yunque.teardown;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What is done while a shaft is half in: through what it goes and in which order, and what is slipped over its end on the way.
 *
 * <p>A shaft that comes in by an opening meets first what sits nearest to it. A ring between two hubs that both stay inside can be put on
 * neither before nor after: it goes over the end while that stands between them, and into its groove when the shaft is home. A ring with
 * nothing beyond it goes over the end that has come through. Geometry; how it is done is common practice, no source.
 *
 * @param drawn the shaft and the opening by which it comes
 * @param onIt  the parts on that shaft
 */
record HalfIn(DrawnOut drawn, List<TeardownStep> onIt) {

    /** What to do, by the step whose card says it; empty where the shaft goes through nothing that stays inside. */
    Map<String, String> told() {
        var hubs = drawn.staying(onIt);
        var told = new LinkedHashMap<String, String>();
        if (!hubs.isEmpty()) {
            told.put(drawn.shaft().id(), throughWhat(hubs));
        }
        for (var ring : onIt) {
            if (drawn.goesOnInside(ring, onIt)) {
                told.put(
                        ring.id(),
                        isEnclosed(ring, hubs)
                                ? "It is over the shaft already, slipped on while that was half in: now it goes into its place."
                                : "Goes on inside, over the end of the shaft that has come through.");
            }
        }
        return told;
    }

    private boolean isEnclosed(TeardownStep ring, List<TeardownStep> hubs) {
        return hubs.stream().anyMatch(hub -> drawn.isNearer(ring, hub));
    }

    private String throughWhat(List<TeardownStep> hubs) {
        var names = hubs.stream().map(h -> "the " + h.part()).toList();
        if (!drawn.knowsTheOrderOf(hubs)) {
            return inWords(
                    "it goes through %s, in the order in which they sat"
                            .formatted(String.join(" and ", names)),
                    names.size());
        }
        var words = new ArrayList<String>();
        var left =
                onIt.stream()
                        .filter(r -> drawn.goesOnInside(r, onIt) && isEnclosed(r, hubs))
                        .collect(Collectors.toCollection(ArrayList::new));
        for (int i = 0; i < hubs.size(); i++) {
            var hub = hubs.get(i);
            var before = left.stream().filter(r -> drawn.isNearer(r, hub)).toList();
            left.removeAll(before);
            before.forEach(r -> words.add("slip the %s over its end".formatted(r.part())));
            words.add((words.isEmpty() ? "it goes through " : "through ") + names.get(i));
        }
        return inWords(String.join(", then ", words), words.size());
    }

    private String inWords(String what, int pieces) {
        return "Half in by the %s: %s; hold %s in line, fingers out of bores and gaps."
                .formatted(drawn.opening().name(), what, pieces == 1 ? "it" : "each");
    }
}
