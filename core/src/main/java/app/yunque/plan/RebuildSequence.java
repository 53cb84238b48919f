package app.yunque.plan;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;

/**
 * The order of a rebuild that respects every constraint and changes tools, turns the unit over and carries it about as
 * little as can be.
 *
 * <p>Cost = Σ minutes + c_t · tool changes + c_f · flips + c_h · moves. A change counts when a task asks for something and
 * that is not what is in hand; a task that does not care keeps what is there. What is in hand at the start is given, so a
 * first pick-up from an empty hand counts.
 *
 * <p>Up to {@value SequenceByEstimate#TASKS} tasks the states, which are the tasks done and what is in hand, are opened best first, at most
 * {@value SequenceByEstimate#STATES} of them: that is exact where it ends, as it does for a dozen and a half tasks and more where constraints
 * are many, and a bound where it does not. Then, and up to {@value #IMPROVED_TASKS} tasks, the given order and orders that stay with
 * the tool are improved by moving blocks of one to four tasks until none helps. Beyond that the stay-with-the-tool order stands as it is, so that
 * the plan of a thousand parts costs little more than sorting them. Of orders that cost the same one that is nearer to the given one is told.
 *
 * <p>Tasks that may go one of several ways ({@link EitherWay}) are part of every search: the order and the ways are found together.
 *
 * <p>Bound = Σ minutes + c_t · b(tool) + c_f · b(position) + c_h · b(area), with b the larger of the number of distinct
 * values asked for that are not in hand at the start, and the most changes along any chain of the constraints.
 *
 * @param order        identities in the order of the rebuild
 * @param minutes      cost of that order (min)
 * @param boundMinutes what no order can beat (min); equal to {@code minutes} when exact
 * @param isExact      true when no order is cheaper
 * @param changes      tool changes, flips and moves in it
 */
public record RebuildSequence(
        List<String> order, double minutes, double boundMinutes, boolean isExact, Changes changes) {
    private static final int FEW_TASKS = 18;
    public static final int IMPROVED_TASKS = 200;

    /**
     * @param tools tool changes
     * @param flips times the unit is turned over
     * @param moves moves between bench, press and floor
     */
    public record Changes(int tools, int flips, int moves) {
        /** True when one kind of change happens less often than in the other, whatever the rest does. */
        public boolean hasOneFewerThan(Changes other) {
            return tools < other.tools || flips < other.flips || moves < other.moves;
        }
    }

    public RebuildSequence {
        order = List.copyOf(order);
    }

    /**
     * @param graph tasks in the order in which the log, turned round, would do them; ties are broken by it
     * @param start what is in hand and how the unit lies at the start
     * @param cost  what changes cost
     * @throws NotApplicable when the constraints contradict each other; the sentence is that of {@link Contradiction}
     */
    public static RebuildSequence of(TaskGraph graph, Handling start, HandlingCost cost) {
        return of(graph, start, cost, Patience.ENDLESS);
    }

    /** The same for somebody who may stop waiting; then the best so far, with its bound. */
    public static RebuildSequence of(
            TaskGraph graph, Handling start, HandlingCost cost, Patience patience) {
        var problem = new SequenceProblem(graph, start, cost, patience);
        var starts = problem.starts();
        if (starts.isEmpty()) {
            var why = Contradiction.in(graph).orElseThrow();
            throw new NotApplicable("rebuild order", why.says(), "Take one of them back.");
        }
        double bound = problem.bound();
        if (graph.tasks().size() <= SequenceByEstimate.TASKS) {
            var found = new SequenceByEstimate(problem, patience).best();
            if (found.order().isPresent()) {
                int[] order = problem.asGivenWhereAlike(found.order().get());
                return told(problem, order, bound, true);
            }
            bound = Math.max(bound, problem.work() + found.leastChange());
        }
        return told(
                problem,
                graph.tasks().size() <= IMPROVED_TASKS ? problem.improved(starts) : starts.get(0),
                bound,
                false);
    }

    /** A good order with a sixth of the work, and no more than it: for comparing, where the best is not asked for. */
    public static RebuildSequence quickly(
            TaskGraph graph, Handling start, HandlingCost cost, Patience patience) {
        if (graph.tasks().size() <= FEW_TASKS) {
            return of(graph, start, cost, patience);
        }
        var problem = new SequenceProblem(graph, start, cost, patience);
        problem.lookLess();
        var starts = problem.starts();
        if (starts.isEmpty()) {
            return of(graph, start, cost, patience);
        }
        return told(
                problem,
                graph.tasks().size() <= IMPROVED_TASKS ? problem.improved(starts) : starts.get(0),
                problem.bound(),
                false);
    }

    /** What the order of the log costs, for comparison. */
    public static RebuildSequence asGiven(TaskGraph graph, Handling start, HandlingCost cost) {
        return inOrder(graph, graph.tasks().stream().map(Task::id).toList(), start, cost);
    }

    /**
     * What an order costs.
     *
     * @param order identities of all tasks
     * @throws Refused when the order breaks a constraint or leaves a task out
     */
    public static RebuildSequence inOrder(
            TaskGraph graph, List<String> order, Handling start, HandlingCost cost) {
        if (!graph.allows(order)) {
            throw Refused.because("tasks", "The order as given breaks a constraint.");
        }
        var problem = new SequenceProblem(graph, start, cost);
        int[] places = order.stream().mapToInt(graph.index()::get).toArray();
        return told(problem, places, problem.bound(), false);
    }

    private static RebuildSequence told(
            SequenceProblem problem, int[] order, double leastKnown, boolean exact) {
        var ids = new ArrayList<String>();
        for (int task : order) {
            ids.add(problem.id(task));
        }
        double minutes = problem.cost(order);
        double bound = exact ? minutes : Math.min(minutes, leastKnown);
        return new RebuildSequence(
                ids, minutes, bound, exact || minutes - bound < 1e-9, problem.changes(order));
    }
}
