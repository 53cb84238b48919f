package app.yunque.teardown;

import app.yunque.plan.Before;
import app.yunque.plan.Before.Origin;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * What blocks what, as far as the log shows it. Every strip that succeeded proves its own order; most of that order is
 * chance, and these rules keep the part that is not: what sat further out on the same end of a shaft, what opened the case
 * for everything after it, what left through the inside before something else did, and what was taken apart only after it
 * had come out whole. Common practice, no source; a mechanic frees or adds to them.
 *
 * <p>Only neighbours are linked, so a strip of n steps has fewer than 4n constraints.
 */
final class LogOrder {
    private final List<String> shafts;
    private final List<Before> befores = new ArrayList<>();
    private final Map<String, TeardownStep> lastAtEnd = new HashMap<>();
    private final Map<String, TeardownStep> wholes = new HashMap<>();
    private @Nullable TeardownStep lastOpener;
    private @Nullable TeardownStep lastInside;

    private final Predicate<String> ownsItsWay;

    private LogOrder(List<String> shafts, Predicate<String> ownsItsWay) {
        this.shafts = shafts;
        this.ownsItsWay = ownsItsWay;
    }

    /** @param ownsItsWay steps whose way out is known by sizes or by word: what merely opened the case is no matter to them */
    static List<Before> of(
            List<TeardownStep> steps, List<String> shafts, Predicate<String> ownsItsWay) {
        var order = new LogOrder(shafts, ownsItsWay);
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
        if (isOnTheBench(step, wholes)) {
            link(wholes.get(group), step, "the " + group + " comes out whole first");
            chain(step, "in " + group + " ");
            return;
        }
        if (!group.isEmpty()) {
            wholes.put(group, step);
        }
        if (lastOpener != null && !ownsItsWay.test(step.id())) {
            link(
                    lastOpener,
                    step,
                    lastOpener.kind().sealsAJoint()
                            ? "the " + lastOpener.part() + " lies on the opening"
                            : "the " + lastOpener.part() + " opens the case");
        }
        chain(step, "");
        // What seals an opening closes it with its cover: everything else has to be inside before
        // either goes on.
        boolean seals = lastOpener != null && step.kind().sealsAJoint();
        if (step.shaft() == 0 && (step.kind().opensTheCase() || seals)) {
            lastOpener = step;
        }
        if (step.shaft() > 0 && step.kind().isInside()) {
            if (lastInside != null) {
                link(
                        lastInside,
                        step,
                        "the " + lastInside.part() + " leaves through the inside first");
            }
            lastInside = step;
        }
    }

    /** The chain of one end of a shaft, or of the housing; what sits in the middle waits for both ends. */
    private void chain(TeardownStep step, String context) {
        var where = shaftName(step.shaft());
        for (var side : Side.values()) {
            boolean touches =
                    side == step.side() || side == Side.MIDDLE || step.side() == Side.MIDDLE;
            var last = lastAtEnd.get(context + step.shaft() + side);
            if (touches && last != null) {
                link(
                        last,
                        step,
                        side == step.side() && side != Side.MIDDLE && step.shaft() > 0
                                ? "it sits further out on the same end of the " + where
                                : "it came off the " + where + " first");
            }
        }
        lastAtEnd.put(context + step.shaft() + step.side(), step);
    }

    private String shaftName(int shaft) {
        return shaft == 0 || shaft > shafts.size() ? "housing" : shafts.get(shaft - 1);
    }

    private void link(TeardownStep first, TeardownStep then, String reason) {
        if (!first.id().equals(then.id())) {
            befores.add(new Before(first.id(), then.id(), reason, Origin.LOG));
        }
    }
}
