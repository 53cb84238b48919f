package app.yunque.teardown;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.plan.Before;
import app.yunque.plan.Before.Origin;
import app.yunque.plan.Contradiction;
import app.yunque.plan.EitherWay;
import app.yunque.plan.Handling;
import app.yunque.plan.HandlingCost;
import app.yunque.plan.LeastStrip;
import app.yunque.plan.Patience;
import app.yunque.plan.RebuildSequence;
import app.yunque.plan.Relaxation;
import app.yunque.plan.Removal;
import app.yunque.plan.Removal.Way;
import app.yunque.plan.Task;
import app.yunque.plan.TaskGraph;
import app.yunque.plan.TwoMechanics;
import app.yunque.plan.WhyHere;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
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
    /** An order that costs at most this much more is told as another one (share of the best). */
    private static final double NEARLY = 1.05;

    private static final int OTHERS = 3;

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

    /** What must come off before what, with the reason; where a part may go several ways, what holds for all of them. */
    public List<Before> befores() {
        return befores(space());
    }

    /** What is measured first, then what was said, then the log: of several between the same two the firmest is the one that is told. */
    private List<Before> befores(Space space) {
        var befores = new ArrayList<>(space.musts());
        for (var said : statements) {
            if (said.kind() == Statement.Kind.MUST) {
                befores.add(stated(said, said.first()));
            }
        }
        befores.addAll(LogOrder.of(steps, shafts, space::ownsItsWay, this::areFree));
        return List.copyOf(befores);
    }

    /** The log holds two steps in no order where somebody said so, or said what else decides. */
    private boolean areFree(String one, String other) {
        return statements.stream()
                .filter(said -> said.kind() != Statement.Kind.MUST)
                .anyMatch(
                        said ->
                                (said.then().equals(one) && opens(said, other))
                                        || (said.then().equals(other) && opens(said, one)));
    }

    private static boolean opens(Statement said, String step) {
        return said.first().equals(step)
                || (said.kind() == Statement.Kind.EITHER && said.orElse().equals(step));
    }

    private Space space() {
        return Space.of(steps, openings);
    }

    /** What the log says and sizes or openings do not allow, each in a sentence. */
    public List<String> logAgainstOpenings() {
        return space().againstTheLog();
    }

    /** Parts that can go out nowhere, each with a sentence. */
    public Map<String, String> trapped() {
        return space().trapped();
    }

    /** What follows for the rebuild from sizes and openings, each in a sentence. */
    public List<String> follows() {
        return space().follows();
    }

    /** What is done while a shaft is half in, by the step whose card says it. */
    public Map<String, List<String>> halfIn() {
        return space().halfIn();
    }

    /** What a shaft is drawn out of: each shaft before the part that stays inside, whichever way it goes. */
    List<Before> staysInside() {
        return space().staysInside();
    }

    /** What nobody measured or said, and the order hangs on it. */
    public List<String> asks() {
        return space().asks();
    }

    /** What a statement changes, where it changes nothing; empty where it does what it says. */
    public String withoutEffect(Statement said) {
        if (said.kind() != Statement.Kind.FREE) {
            return "";
        }
        var others = statements.stream().filter(s -> !s.equals(said)).toList();
        var before = new StripModel(steps, others, openings, shafts).strip();
        if (before.befores().stream().anyMatch(b -> joins(b, said.first(), said.then()))) {
            return "";
        }
        boolean forwards = before.leadsTo(said.first(), said.then());
        if (!forwards && !before.leadsTo(said.then(), said.first())) {
            return "Nothing held these two in an order: it changes nothing.";
        }
        var first = forwards ? said.first() : said.then();
        var then = forwards ? said.then() : said.first();
        var between = before.between(first, then);
        return between.isEmpty()
                ? "What holds them is a size or was said at the bench, not the log: it changes nothing."
                : "What holds them apart stands between: %s. Say it of the neighbours instead."
                        .formatted(String.join(", ", between));
    }

    /** What blocks what on the way out, with every choice. */
    TaskGraph strip() {
        return strip(space());
    }

    private TaskGraph strip(Space space) {
        var befores = befores(space);
        var known = new TaskGraph(tasks(), befores);
        var choices = new ArrayList<EitherWay>();
        for (var said : statements) {
            if (said.kind() == Statement.Kind.EITHER) {
                choices.add(
                        new EitherWay(
                                said.then(),
                                List.of(way(said, said.first()), way(said, said.orElse()))));
            }
        }
        choices.addAll(space.choices());
        // A choice of which one way is gone in any case is none.
        choices.removeIf(
                c ->
                        c.ways().stream()
                                .anyMatch(
                                        w ->
                                                w.befores().stream()
                                                        .allMatch(
                                                                b ->
                                                                        known.leadsTo(
                                                                                b.first(),
                                                                                b.then()))));
        return new TaskGraph(tasks(), befores, choices);
    }

    private EitherWay.OneWay way(Statement said, String first) {
        return new EitherWay.OneWay("after " + name(first), List.of(stated(said, first)));
    }

    /** Why there is no order; empty when there is one. */
    public Optional<Contradiction> contradiction() {
        return Contradiction.in(strip());
    }

    /** What giving up each thing of a contradiction would leave, what leaves an order first. */
    List<Relaxation> relaxations(
            Contradiction contradiction, HandlingCost cost, Patience patience) {
        return Relaxation.of(contradiction, strip(), cost, patience);
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
     * The rebuild with the fewest changes, by whichever ways.
     *
     * @throws NotApplicable when the constraints contradict each other
     */
    public RebuildSequence rebuild(HandlingCost cost) {
        return rebuild(cost, Patience.ENDLESS);
    }

    /** The same for somebody who may stop waiting; then the best so far. */
    public RebuildSequence rebuild(HandlingCost cost, Patience patience) {
        return RebuildSequence.of(turned(strip()), Handling.ANY, cost, patience);
    }

    /**
     * Other orders that take at most 5 % longer, with other changes: fewer turns of the unit for more tools, or the other way round.
     *
     * @param best the order they are compared with
     */
    public List<RebuildSequence> nearlyAsQuick(
            RebuildSequence best, HandlingCost cost, Patience patience) {
        var graph = turned(strip());
        var found = new ArrayList<RebuildSequence>();
        for (var weighed : cost.oneAtATimeDear()) {
            if (patience.lasts()) {
                var order = RebuildSequence.quickly(graph, Handling.ANY, weighed, patience).order();
                found.add(RebuildSequence.inOrder(graph, order, Handling.ANY, cost));
            }
        }
        var told = new ArrayList<RebuildSequence>();
        for (var other : found) {
            boolean isNew =
                    other.changes().hasOneFewerThan(best.changes())
                            && told.stream().noneMatch(t -> t.changes().equals(other.changes()));
            if (isNew && other.minutes() <= best.minutes() * NEARLY && told.size() < OTHERS) {
                told.add(other);
            }
        }
        told.sort(java.util.Comparator.comparingDouble(RebuildSequence::minutes));
        return List.copyOf(told);
    }

    /** What the log turned round would cost; empty when a constraint forbids that order. */
    public Optional<RebuildSequence> asLogged(HandlingCost cost) {
        try {
            return Optional.of(RebuildSequence.asGiven(turned(strip()), Handling.ANY, cost));
        } catch (Refused notLegal) {
            return Optional.empty();
        }
    }

    /** @throws NotApplicable when the constraints contradict each other */
    public TwoMechanics withTwo(HandlingCost cost) {
        return TwoMechanics.of(turned(strip()), Handling.ANY, cost);
    }

    /** The same where the order for one is known, for somebody who may stop waiting; then the best so far. */
    public TwoMechanics withTwo(HandlingCost cost, RebuildSequence alone, Patience patience) {
        return TwoMechanics.of(turned(strip()), Handling.ANY, cost, alone.order(), patience);
    }

    /** Of each step of an order of the rebuild why it stands there, and what would move it. */
    public List<WhyHere> why(RebuildSequence order, HandlingCost cost) {
        return WhyHere.inOrder(turned(strip()), order.order(), Handling.ANY, cost);
    }

    /** True when an order of the rebuild keeps every constraint and goes a way of every choice. */
    public boolean allows(List<String> order) {
        return turned(strip()).allows(order);
    }

    private List<Task> tasks() {
        return steps.stream().map(StripModel::task).toList();
    }

    /** The rebuild: constraints turned round, tasks from the last of the strip to the first. */
    private static TaskGraph turned(TaskGraph strip) {
        var tasks = new ArrayList<>(strip.tasks());
        Collections.reverse(tasks);
        var reversed = strip.reversed();
        return new TaskGraph(tasks, reversed.befores(), reversed.choices());
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
        var space = space();
        var befores = befores(space);
        return steps.stream()
                .map(
                        step -> {
                            var ways = ways(step, space, befores);
                            return new Removal(step.id(), step.inWords(), either(step, ways));
                        })
                .toList();
    }

    /** One way for each opening that a part may go out by, with what closes it; one nameless way where nobody knows. */
    private List<Way> ways(TeardownStep step, Space space, List<Before> befores) {
        var out = space.ways().getOrDefault(step.id(), List.of());
        if (out.isEmpty()) {
            return List.of(new Way("", needs(step.id(), befores), minutes(step)));
        }
        // What its own ways ask for belongs to each way; all else holds whichever is gone.
        var own = out.stream().flatMap(w -> w.befores().stream()).toList();
        var base = needs(step.id(), befores.stream().filter(b -> !own.contains(b)).toList());
        return out.stream()
                .map(
                        way -> {
                            var needs = new HashSet<>(base);
                            needs.addAll(needs(step.id(), way.befores()));
                            return new Way(way.inWords(), needs, minutes(step), way.barred());
                        })
                .toList();
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

    private static double minutes(TeardownStep step) {
        return step.detail().work().minutesOrUsual();
    }

    private static Before stated(Statement said, String first) {
        return new Before(first, said.then(), said.reason(), Origin.STATED);
    }

    private static boolean joins(Before b, String one, String other) {
        return b.origin() == Origin.LOG
                && ((b.first().equals(one) && b.then().equals(other))
                        || (b.first().equals(other) && b.then().equals(one)));
    }
}
