package app.yunque.plan;

import app.yunque.measure.NotApplicable;
import java.util.List;

/**
 * The same rebuild for two mechanics at once: who does what when, what each waits for, and which chain of tasks decides when it is
 * finished.
 *
 * <p>They share one unit. It lies one way up and in one place at a time, so nobody works while it is turned over or carried; each tool
 * and each thing held (press, hoist) is there once; each mechanic changes tools for himself. Changes cost what they cost in the plan for
 * one, so that the minutes of both compare.
 *
 * <p>Bound = max(longest chain, with the turns and moves that its neighbours force; Σ minutes · people / 2 + the turns and moves that no
 * order avoids; for each tool and each thing held, Σ minutes of its tasks). All schedules are searched, task by task in the order of their
 * starts with either mechanic, until {@value SharedSchedules#NODES} were looked at: that is exact for a dozen tasks and more where
 * constraints are many. What is not finished by then is improved by moving single tasks of a list and shaking it, up to {@value
 * #IMPROVED_TASKS} tasks. With one person a task and nothing held or turned, a list schedule is never worse than 3/2 of the optimum.
 * Source: R. L. Graham, Bounds on multiprocessing timing anomalies, 1969 (from memory).
 *
 * @param turns         who does what when, by start
 * @param waits         when a mechanic waits, by start
 * @param minutes       when it is finished (min)
 * @param boundMinutes  before when it cannot be finished (min)
 * @param isExact       true when nothing is quicker
 * @param criticalPath  identities of the chain that takes longest
 * @param criticalMinutes minutes of that chain
 */
public record TwoMechanics(
        List<Turn> turns,
        List<Wait> waits,
        double minutes,
        double boundMinutes,
        boolean isExact,
        List<String> criticalPath,
        double criticalMinutes) {
    public static final int IMPROVED_TASKS = 120;

    /**
     * @param task     identity of the task
     * @param first    true when the first mechanic is at it
     * @param second   true when the second is; both for a task that needs two
     * @param from     start (min)
     * @param to       end (min)
     * @param changing minutes before the start in which the unit is turned or carried and the tool changed (min)
     * @param changes  what is changed in them, in words
     */
    public record Turn(
            String task,
            boolean first,
            boolean second,
            double from,
            double to,
            double changing,
            List<String> changes) {
        public Turn {
            changes = List.copyOf(changes);
        }
    }

    /**
     * @param first true when the first mechanic waits, false when the second does
     * @param from  since when (min)
     * @param to    until when (min)
     * @param what  what for, in words
     */
    public record Wait(boolean first, double from, double to, String what) {}

    public TwoMechanics {
        turns = List.copyOf(turns);
        waits = List.copyOf(waits);
        criticalPath = List.copyOf(criticalPath);
    }

    /**
     * @param start what is in hand and how the unit lies at the start
     * @param cost  what changes cost
     * @throws NotApplicable when the constraints contradict each other
     */
    public static TwoMechanics of(TaskGraph graph, Handling start, HandlingCost cost) {
        return of(graph, start, cost, Patience.ENDLESS);
    }

    /** The same for somebody who may stop waiting; then the best so far, with its bound. */
    public static TwoMechanics of(
            TaskGraph graph, Handling start, HandlingCost cost, Patience patience) {
        return of(graph, start, cost, List.of(), patience);
    }

    /** The same where the order for one is known already: two are never slower. */
    public static TwoMechanics of(
            TaskGraph graph,
            Handling start,
            HandlingCost cost,
            List<String> alone,
            Patience patience) {
        var contradiction = Contradiction.in(graph);
        if (contradiction.isPresent()) {
            throw new NotApplicable(
                    "two mechanics", contradiction.get().says(), "Take one of them back.");
        }
        return new SharedSchedules(
                        graph,
                        start,
                        cost,
                        alone.isEmpty()
                                ? RebuildSequence.of(graph, start, cost, patience).order()
                                : alone,
                        patience)
                .best();
    }
}
