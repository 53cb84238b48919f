package app.yunque.teardown;

import app.yunque.plan.Before;
import app.yunque.plan.Before.Origin;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import java.util.function.Predicate;

/**
 * What blocks what, as far as the log shows it. Every strip that succeeded proves its own order; most of that order is
 * chance, and these rules keep the part that is not: what sat further out on the same end of a shaft, what opened the case
 * for everything after it, what left through the inside before something else did, and what was taken apart only after it
 * had come out whole. Common practice, no source; a mechanic frees or adds to them.
 *
 * <p>Only neighbours are linked, so a strip of n steps has fewer than 4n constraints. Two steps that are free of each other stand side by
 * side: each is linked to what stood before the other, as a neighbour of its own.
 */
final class LogOrder {
    private final List<String> shafts;
    private final Predicate<String> ownsItsWay;
    private final BiPredicate<String, String> areFree;
    private final List<Before> befores = new ArrayList<>();
    private final Map<String, List<Link>> ends = new HashMap<>();
    private final Map<String, TeardownStep> wholes = new HashMap<>();
    private List<Link> openers = List.of();
    private List<Link> inside = List.of();

    /** A step in one of the chains, and what it waits for there. */
    private record Link(TeardownStep step, List<Link> behind) {}

    private LogOrder(
            List<String> shafts,
            Predicate<String> ownsItsWay,
            BiPredicate<String, String> areFree) {
        this.shafts = shafts;
        this.ownsItsWay = ownsItsWay;
        this.areFree = areFree;
    }

    /**
     * @param ownsItsWay steps whose way out is known by sizes or by word: what merely opened the case is no matter to them
     * @param areFree    of which two somebody said that they go in any order, whichever is named first
     */
    static List<Before> of(
            List<TeardownStep> steps,
            List<String> shafts,
            Predicate<String> ownsItsWay,
            BiPredicate<String, String> areFree) {
        var order = new LogOrder(shafts, ownsItsWay, areFree);
        steps.forEach(order::read);
        return order.befores;
    }

    /** Steps that were taken off on the bench, from what had come out whole. */
    static Set<String> onTheBench(List<TeardownStep> steps) {
        var wholes = new HashMap<String, TeardownStep>();
        var found = new HashSet<String>();
        for (var step : steps) {
            var group = step.detail().subassembly();
            if (isOnTheBench(step, wholes)) {
                found.add(step.id());
            } else if (!group.isEmpty()) {
                wholes.put(group, step);
            }
        }
        return found;
    }

    /** True for a step that opens a subassembly that came out whole before it. */
    static boolean isOnTheBench(TeardownStep step, Map<String, TeardownStep> wholes) {
        var name = step.detail().subassembly();
        return !name.isEmpty()
                && wholes.containsKey(name)
                && !wholes.get(name).id().equals(step.id());
    }

    private void read(TeardownStep step) {
        var group = step.detail().subassembly();
        boolean benched =
                isOnTheBench(step, wholes) && !areFree.test(wholes.get(group).id(), step.id());
        if (benched) {
            link(wholes.get(group), step, "the " + group + " comes out whole first");
            chain(step, "in " + group + " ");
            return;
        }
        if (!group.isEmpty()) {
            wholes.putIfAbsent(group, step);
        }
        var opened = after(openers, step, (first, then) -> true);
        if (!ownsItsWay.test(step.id())) {
            link(opened, step, (first, then) -> opens(first));
        }
        chain(step, "");
        // What seals an opening closes it with its cover: everything else has to be inside before
        // either goes on.
        boolean seals = !openers.isEmpty() && step.kind().sealsAJoint();
        if (step.shaft() == 0 && (step.kind().opensTheCase() || seals)) {
            openers = joined(openers, step, opened);
        }
        if (step.shaft() > 0 && step.kind().isInside()) {
            var left = after(inside, step, (first, then) -> true);
            link(
                    left,
                    step,
                    (first, then) -> "the " + first.part() + " leaves through the inside first");
            inside = joined(inside, step, left);
        }
    }

    private static String opens(TeardownStep opener) {
        return opener.kind().sealsAJoint()
                ? "the " + opener.part() + " lies on the opening"
                : "the " + opener.part() + " opens the case";
    }

    /** The chain of one end of a shaft, or of the housing; what sits in the middle waits for both ends. */
    private void chain(TeardownStep step, String context) {
        var key = context + step.shaft();
        var waits = new ArrayList<Link>();
        for (var side : Side.values()) {
            if (touch(side, step.side())) {
                after(ends.getOrDefault(key + side, List.of()), step, LogOrder::touch).stream()
                        .filter(l -> !waits.contains(l))
                        .forEach(waits::add);
            }
        }
        link(waits, step, this::outOnTheShaft);
        ends.merge(
                key + step.side(),
                List.of(new Link(step, waits)),
                (front, own) -> joined(front, step, waits));
    }

    private static boolean touch(TeardownStep one, TeardownStep other) {
        return touch(one.side(), other.side());
    }

    private static boolean touch(Side one, Side other) {
        return one == other || one == Side.MIDDLE || other == Side.MIDDLE;
    }

    private String outOnTheShaft(TeardownStep first, TeardownStep then) {
        var where = shaftName(then.shaft());
        return first.side() == then.side() && then.side() != Side.MIDDLE && then.shaft() > 0
                ? "it sits further out on the same end of the " + where
                : "it came off the " + where + " first";
    }

    /** What a step waits for of a chain: its last, or where they are free of each other what stood before them. */
    private List<Link> after(
            List<Link> front, TeardownStep step, BiPredicate<TeardownStep, TeardownStep> mayWait) {
        var found = new ArrayList<Link>();
        for (var link : front) {
            boolean waits =
                    mayWait.test(link.step, step) && !areFree.test(link.step.id(), step.id());
            for (var one : waits ? List.of(link) : after(link.behind, step, mayWait)) {
                if (!found.contains(one)) {
                    found.add(one);
                }
            }
        }
        return found;
    }

    /** The end of a chain with a step in it: beside it stays what it is free of. */
    private List<Link> joined(List<Link> front, TeardownStep step, List<Link> waits) {
        var joined = new ArrayList<>(List.of(new Link(step, waits)));
        front.stream().filter(l -> areFree.test(l.step.id(), step.id())).forEach(joined::add);
        return joined;
    }

    private String shaftName(int shaft) {
        return shaft == 0 || shaft > shafts.size() ? "housing" : shafts.get(shaft - 1);
    }

    private void link(
            List<Link> firsts,
            TeardownStep then,
            BiFunction<TeardownStep, TeardownStep, String> reason) {
        firsts.forEach(first -> link(first.step, then, reason.apply(first.step, then)));
    }

    private void link(TeardownStep first, TeardownStep then, String reason) {
        if (!first.id().equals(then.id())) {
            befores.add(new Before(first.id(), then.id(), reason, Origin.LOG));
        }
    }
}
