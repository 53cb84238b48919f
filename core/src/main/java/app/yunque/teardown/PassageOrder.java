package app.yunque.teardown;

import app.yunque.plan.Before;
import app.yunque.plan.Before.Origin;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What the sizes of parts and openings say about the order: a hub that passes no opening through which its shaft leaves
 * stays inside while the shaft is drawn out of it, and must be inside before the shaft goes in again.
 *
 * @param befores  constraints of the strip that follow
 * @param problems parts that pass no opening at all: a size or an opening is wrong, or one is missing
 */
record PassageOrder(List<Before> befores, List<Trapped> problems) {

    /**
     * @param step     the part
     * @param sentence what is wrong and what to do
     */
    record Trapped(TeardownStep step, String sentence) {}

    static PassageOrder of(List<TeardownStep> steps, List<Opening> openings) {
        var befores = new ArrayList<Before>();
        var problems = new ArrayList<Trapped>();
        for (var step : steps) {
            var envelope = step.detail().body().envelope();
            if (envelope == null || openings.isEmpty()) {
                continue;
            }
            if (Passage.passable(allowed(step, openings), envelope).isEmpty()) {
                problems.add(new Trapped(step, trapped(step, envelope, openings)));
            }
            if (step.kind() != PartKind.SHAFT) {
                steps.stream()
                        .filter(
                                s ->
                                        s.kind() == PartKind.SHAFT
                                                && s.shaft() == step.shaft()
                                                && s.shaft() > 0)
                        .filter(s -> isCaptive(step, envelope, s, openings))
                        .forEach(s -> befores.add(captive(step, envelope, s, openings)));
            }
        }
        return new PassageOrder(List.copyOf(befores), List.copyOf(problems));
    }

    /** The openings a part may use: those named for it, else all. */
    static List<Opening> allowed(TeardownStep step, List<Opening> openings) {
        var named = step.detail().body().leavesBy();
        return named.isEmpty()
                ? openings
                : openings.stream().filter(o -> named.contains(o.name())).toList();
    }

    private static List<Opening> waysOut(TeardownStep shaft, List<Opening> openings) {
        var envelope = shaft.detail().body().envelope();
        var allowed = allowed(shaft, openings);
        return envelope == null ? allowed : Passage.passable(allowed, envelope);
    }

    private static boolean isCaptive(
            TeardownStep hub, Envelope envelope, TeardownStep shaft, List<Opening> openings) {
        boolean saysWhere =
                shaft.detail().body().envelope() != null
                        || !shaft.detail().body().leavesBy().isEmpty();
        var ways = waysOut(shaft, openings);
        return saysWhere && !ways.isEmpty() && Passage.passable(ways, envelope).isEmpty();
    }

    private static Before captive(
            TeardownStep hub, Envelope envelope, TeardownStep shaft, List<Opening> openings) {
        var by =
                waysOut(shaft, openings).stream()
                        .map(Opening::inWords)
                        .collect(Collectors.joining(" or "));
        return new Before(
                shaft.id(),
                hub.id(),
                "%s, %s, does not pass the %s by which the shaft leaves"
                        .formatted(hub.part(), envelope.inWords(), by),
                Origin.PASSAGE);
    }

    private static String trapped(TeardownStep step, Envelope envelope, List<Opening> openings) {
        var tried =
                allowed(step, openings).stream()
                        .map(Opening::inWords)
                        .collect(Collectors.joining(", "));
        return "%s, %s, passes no opening on record (%s). A size is wrong, or an opening or a split line is missing."
                .formatted(
                        step.part(),
                        envelope.inWords(),
                        tried.isEmpty() ? "none of those named for it" : tried);
    }
}
