package app.yunque.teardown;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.plan.Before;
import app.yunque.plan.Before.Origin;
import app.yunque.plan.Contradiction;
import app.yunque.plan.Handling;
import app.yunque.plan.HandlingCost;
import app.yunque.plan.LeastStrip;
import app.yunque.plan.RebuildSequence;
import app.yunque.plan.Removal;
import app.yunque.plan.Removal.Way;
import app.yunque.plan.Task;
import app.yunque.plan.TaskGraph;
import app.yunque.plan.TwoMechanics;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What blocks what in one unit: what the log shows, what the bench says, and what the sizes of parts and openings force.
 * From it come the least strip to a part, the order of the rebuild, the same for two mechanics, and the explanation when
 * there is no order.
 *
 * @param steps      the strip in its order
 * @param statements what was said at the bench; statements about steps that are gone are left aside
 * @param openings   openings of the housing
 * @param shafts     names of the shafts, input first
 */
public record StripModel(
        List<TeardownStep> steps,
        List<Statement> statements,
        List<Opening> openings,
        List<String> shafts) {
    /** Combinations of alternatives that are planned; of more, the first that contradict nothing. */
    private static final int COMBINATIONS = 32;

    /** Sharing between two takes longer than a rebuild for one. */
    private static final int SHARED_COMBINATIONS = 4;

    public StripModel {
        steps = List.copyOf(steps);
        var ids = steps.stream().map(TeardownStep::id).collect(Collectors.toSet());
        statements =
                statements.stream()
                        .filter(s -> ids.contains(s.first()) && ids.contains(s.then()))
                        .filter(s -> s.orElse().isEmpty() || ids.contains(s.orElse()))
                        .toList();
        openings = List.copyOf(openings);
        shafts = List.copyOf(shafts);
    }

    /** What must come off before what, with the reason; alternatives are not in it. */
    public List<Before> befores() {
        var befores = new ArrayList<>(LogOrder.of(steps, shafts));
        for (var said : statements) {
            switch (said.kind()) {
                case FREE -> free(befores, said.first(), said.then());
                case MUST -> befores.add(stated(said, said.first()));
                case EITHER -> {
                    free(befores, said.first(), said.then());
                    free(befores, said.orElse(), said.then());
                }
            }
        }
        befores.addAll(PassageOrder.of(steps, openings).befores());
        befores.addAll(Doors.of(steps, openings).musts());
        return List.copyOf(befores);
    }

    /** What the log says and the openings do not allow, each in a sentence. */
    public List<String> logAgainstOpenings() {
        return Doors.againstTheLog(steps, openings);
    }

    /** Parts that pass no opening on record, each with a sentence. */
    public Map<String, String> trapped() {
        var trapped = new LinkedHashMap<String, String>();
        PassageOrder.of(steps, openings)
                .problems()
                .forEach(p -> trapped.put(p.step().id(), p.sentence()));
        return trapped;
    }

    /** Why there is no order; empty when there is one. */
    public Optional<Contradiction> contradiction() {
        return graphs().stream()
                .map(Contradiction::in)
                .reduce((a, b) -> a.isEmpty() || b.isEmpty() ? Optional.empty() : a)
                .orElse(Optional.empty());
    }

    /**
     * The least that has to come off to reach a part, best first, then up to two other ways.
     *
     * @param target identity of the step whose part is wanted
     * @throws NotApplicable when the part cannot be reached
     */
    public List<LeastStrip> leastStrip(String target) {
        var removals = removals();
        var found = new ArrayList<LeastStrip>();
        found.add(LeastStrip.toReach(removals, Set.of(target)));
        found.addAll(LeastStrip.alternatives(removals, Set.of(target), 2));
        return List.copyOf(found);
    }

    /**
     * The rebuild with the fewest changes, over every combination of alternatives.
     *
     * @throws NotApplicable when the constraints contradict each other
     */
    public RebuildSequence rebuild(HandlingCost cost) {
        NotApplicable why = null;
        RebuildSequence best = null;
        var ways = ways();
        for (var graph : ways.graphs) {
            try {
                var plan = RebuildSequence.of(turned(graph), Handling.ANY, cost);
                if (best == null || plan.minutes() < best.minutes() - 1e-9) {
                    best = plan;
                }
            } catch (NotApplicable none) {
                why = none;
            }
        }
        if (best == null) {
            throw why == null ? new IllegalStateException("Impossible: no graph was tried") : why;
        }
        return ways.areAll ? best : best.atBest(leastOfAll(cost));
    }

    /** What no way through the alternatives can beat: the plan without them. */
    private double leastOfAll(HandlingCost cost) {
        return RebuildSequence.of(turned(new TaskGraph(tasks(), befores())), Handling.ANY, cost)
                .boundMinutes();
    }

    /** What the log turned round would cost; empty when a constraint forbids that order. */
    public Optional<RebuildSequence> asLogged(HandlingCost cost) {
        for (var graph : graphs()) {
            try {
                return Optional.of(RebuildSequence.asGiven(turned(graph), Handling.ANY, cost));
            } catch (Refused notLegal) {
                // Another combination of alternatives may allow it.
                continue;
            }
        }
        return Optional.empty();
    }

    /** @throws NotApplicable when the constraints contradict each other */
    public TwoMechanics withTwo(HandlingCost cost) {
        NotApplicable why = null;
        TwoMechanics best = null;
        var ways = ways();
        for (var graph : ways.graphs.stream().limit(SHARED_COMBINATIONS).toList()) {
            try {
                var plan = TwoMechanics.of(turned(graph), Handling.ANY, cost);
                if (best == null || plan.minutes() < best.minutes() - 1e-9) {
                    best = plan;
                }
            } catch (NotApplicable none) {
                why = none;
            }
        }
        if (best == null) {
            throw why == null ? new IllegalStateException("Impossible: no graph was tried") : why;
        }
        if (ways.areAll && ways.graphs.size() <= SHARED_COMBINATIONS) {
            return best;
        }
        return best.atBest(
                TwoMechanics.of(turned(new TaskGraph(tasks(), befores())), Handling.ANY, cost)
                        .boundMinutes());
    }

    /** True when an order of the rebuild keeps every constraint of some combination of alternatives. */
    public boolean allows(List<String> order) {
        var place = new HashMap<String, Integer>();
        order.forEach(id -> place.put(id, place.size()));
        return place.keySet().containsAll(steps.stream().map(TeardownStep::id).toList())
                && graphs().stream()
                        .anyMatch(
                                g ->
                                        g.befores().stream()
                                                .allMatch(
                                                        b ->
                                                                place.get(b.then())
                                                                        < place.get(b.first())));
    }

    /**
     * @param graphs one strip graph for each combination of alternatives
     * @param areAll false where there are more combinations than are planned
     */
    private record Ways(List<TaskGraph> graphs, boolean areAll) {}

    private List<TaskGraph> graphs() {
        return ways().graphs;
    }

    private List<Task> tasks() {
        return steps.stream().map(StripModel::task).toList();
    }

    /**
     * Combinations of the alternatives said at the bench and of those that closed openings leave, as far as they do not contradict
     * themselves; where all do, the first of them, so that the contradiction can be explained.
     */
    private Ways ways() {
        var found = new ArrayList<List<Before>>();
        var choices = choices();
        boolean all = combine(befores(), choices, found);
        if (found.isEmpty()) {
            var first = new ArrayList<>(befores());
            choices.forEach(c -> first.add(c.get(0)));
            found.add(first);
        }
        var tasks = tasks();
        return new Ways(found.stream().map(f -> new TaskGraph(tasks, f)).toList(), all);
    }

    /** Goes through the ways of one alternative after the other; false when it stopped because there are enough. */
    private boolean combine(List<Before> so, List<List<Before>> choices, List<List<Before>> found) {
        if (found.size() >= COMBINATIONS) {
            return false;
        }
        if (choices.isEmpty()) {
            found.add(so);
            return true;
        }
        boolean all = true;
        var known = new TaskGraph(tasks(), so);
        for (var way : choices.get(0)) {
            if (!known.leadsTo(way.then(), way.first())) {
                all &= combine(plus(so, way), choices.subList(1, choices.size()), found);
            }
        }
        return all;
    }

    /** Alternatives, each with its ways. What is so already by another constraint is no alternative any more. */
    private List<List<Before>> choices() {
        var choices = new ArrayList<List<Before>>();
        for (var said : statements) {
            if (said.kind() == Statement.Kind.EITHER) {
                choices.add(List.of(stated(said, said.first()), stated(said, said.orElse())));
            }
        }
        var known = new TaskGraph(tasks(), befores());
        for (var door : Doors.of(steps, openings).either()) {
            if (door.closers().stream().noneMatch(c -> known.leadsTo(c, door.part()))) {
                choices.add(door.closers().stream().map(door::by).toList());
            }
        }
        return choices;
    }

    private static List<Before> plus(List<Before> list, Before one) {
        var longer = new ArrayList<>(list);
        longer.add(one);
        return longer;
    }

    /** The rebuild: constraints turned round, tasks from the last of the strip to the first. */
    private static TaskGraph turned(TaskGraph strip) {
        var tasks = new ArrayList<>(strip.tasks());
        Collections.reverse(tasks);
        return new TaskGraph(tasks, strip.reversed().befores());
    }

    private static Task task(TeardownStep step) {
        var work = step.detail().work();
        Set<String> holds =
                work.area().equals("press") || work.area().equals("hoist")
                        ? Set.of(work.area())
                        : Set.of();
        boolean heavy =
                step.detail().body().massKg() != null
                        && step.detail().body().massKg() > WatchList.HEAVY_KG;
        return new Task(
                step.id(),
                step.inWords(),
                work.minutesOrUsual(),
                work.handling(),
                heavy ? 2 : work.people(),
                holds);
    }

    private List<Removal> removals() {
        var befores = befores();
        var passages = openings.isEmpty() ? Map.<String, List<Way>>of() : passageWays(befores);
        return steps.stream()
                .map(
                        step -> {
                            var ways =
                                    passages.getOrDefault(
                                            step.id(),
                                            List.of(
                                                    new Way(
                                                            "",
                                                            needs(step.id(), befores),
                                                            minutes(step))));
                            return new Removal(step.id(), step.inWords(), either(step, ways));
                        })
                .toList();
    }

    /** For parts whose size or way out is known: one way for each opening, with what closes it. */
    private Map<String, List<Way>> passageWays(List<Before> befores) {
        var ways = new HashMap<String, List<Way>>();
        // By which opening a part goes out is what its ways are about; whatever else must be off
        // before it stays.
        var doors = Doors.of(steps, openings).musts();
        var others = befores.stream().filter(b -> !doors.contains(b)).toList();
        var closers =
                openings.stream()
                        .flatMap(o -> Doors.closer(o, steps).stream())
                        .map(TeardownStep::id)
                        .collect(Collectors.toSet());
        for (var step : steps) {
            var envelope = step.detail().body().envelope();
            if (envelope == null) {
                continue;
            }
            var base = new HashSet<>(needs(step.id(), others));
            boolean opens =
                    PassageOrder.allowed(step, openings).stream()
                            .anyMatch(o -> !o.closedBy().isEmpty());
            if (opens) {
                base.removeAll(closers);
                base.addAll(stated(step.id(), befores));
            }
            var out = new ArrayList<Way>();
            for (var opening : PassageOrder.allowed(step, openings)) {
                var needs = new HashSet<>(base);
                Doors.closer(opening, steps)
                        .filter(c -> !c.id().equals(step.id()))
                        .ifPresent(c -> needs.add(c.id()));
                boolean passes = Passage.through(opening, envelope) != null;
                out.add(
                        new Way(
                                "by the " + opening.name(),
                                needs,
                                minutes(step),
                                passes
                                        ? ""
                                        : envelope.inWords()
                                                + " does not pass "
                                                + opening.inWords()));
            }
            if (!out.isEmpty()) {
                ways.put(step.id(), out);
            }
        }
        return ways;
    }

    private List<Way> either(TeardownStep step, List<Way> ways) {
        var out = ways;
        for (var said : statements) {
            if (said.kind() == Statement.Kind.EITHER && said.then().equals(step.id())) {
                var doubled = new ArrayList<Way>();
                for (var way : out) {
                    doubled.add(after(way, said.first()));
                    doubled.add(after(way, said.orElse()));
                }
                out = doubled;
            }
        }
        return out;
    }

    private Way after(Way way, String needed) {
        var needs = new HashSet<>(way.requires());
        needs.add(needed);
        var name = "after " + name(needed);
        return new Way(
                way.name().isEmpty() ? name : way.name() + ", " + name,
                needs,
                way.minutes(),
                way.barred());
    }

    private String name(String id) {
        return steps.stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .map(TeardownStep::inWords)
                .orElse(id);
    }

    private static Set<String> needs(String id, List<Before> befores) {
        return befores.stream()
                .filter(b -> b.then().equals(id))
                .map(Before::first)
                .collect(Collectors.toSet());
    }

    /** What somebody said must be off before it, which no other way out makes untrue. */
    private static Set<String> stated(String id, List<Before> befores) {
        return needs(id, befores.stream().filter(b -> b.origin() == Origin.STATED).toList());
    }

    private static double minutes(TeardownStep step) {
        return step.detail().work().minutesOrUsual();
    }

    private static Before stated(Statement said, String first) {
        return new Before(first, said.then(), said.reason(), Origin.STATED);
    }

    /** Frees two steps of each other; what stood before the first still stands before the second, and so behind. */
    private static void free(List<Before> befores, String first, String then) {
        var between = befores.stream().filter(b -> joins(b, first, then)).toList();
        for (var dropped : between) {
            befores.remove(dropped);
            for (var other : List.copyOf(befores)) {
                if (other.then().equals(dropped.first())) {
                    befores.add(
                            new Before(
                                    other.first(), dropped.then(), other.reason(), other.origin()));
                }
                if (other.first().equals(dropped.then())) {
                    befores.add(
                            new Before(
                                    dropped.first(), other.then(), other.reason(), other.origin()));
                }
            }
        }
    }

    private static boolean joins(Before b, String one, String other) {
        return b.origin() == Origin.LOG
                && ((b.first().equals(one) && b.then().equals(other))
                        || (b.first().equals(other) && b.then().equals(one)));
    }
}
