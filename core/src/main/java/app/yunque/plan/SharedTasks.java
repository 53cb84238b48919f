package app.yunque.plan;

import java.util.List;

/** Tasks that two share, with tools, positions and places as numbers; 0 stands for "does not matter" or "nothing in hand". */
final class SharedTasks {
    private static final int TOOL = 0;
    private static final int POSITION = 1;
    private static final int AREA = 2;

    private final List<Task> tasks;
    private final SequenceProblem problem;
    private final HandlingCost cost;
    private final List<String> things;
    private final int[][] holds;

    SharedTasks(TaskGraph graph, Handling start, HandlingCost cost) {
        this.tasks = graph.tasks();
        this.problem = new SequenceProblem(graph, start, cost);
        this.cost = cost;
        this.things = tasks.stream().flatMap(t -> t.holds().stream()).distinct().sorted().toList();
        this.holds =
                tasks.stream()
                        .map(t -> t.holds().stream().mapToInt(things::indexOf).toArray())
                        .toArray(int[][]::new);
    }

    /** Minutes of turning and carrying that no order avoids; nobody works in them. */
    double leastTurning() {
        return problem.leastTurning();
    }

    int size() {
        return tasks.size();
    }

    String id(int task) {
        return tasks.get(task).id();
    }

    String name(int task) {
        return tasks.get(task).name();
    }

    double minutes(int task) {
        return tasks.get(task).minutes();
    }

    int people(int task) {
        return tasks.get(task).people();
    }

    /** Numbers of what it needs for itself alone. */
    int[] holds(int task) {
        return holds[task];
    }

    int things() {
        return things.size();
    }

    String thingName(int thing) {
        return things.get(thing);
    }

    int tools() {
        return problem.names(TOOL);
    }

    int[] before(int task) {
        return problem.rules.predecessors[task];
    }

    /** True when a task may come now: what comes before it is placed, and each of its choices has a way. */
    boolean isFree(int task, boolean[] placed) {
        return problem.rules.isFree(task, placed);
    }

    /** Choices of a task, each with its ways. */
    Rules.Way[][] choices(int task) {
        return problem.rules.choices[task];
    }

    int tool(int task) {
        return problem.asks[task][TOOL];
    }

    int position(int task) {
        return problem.asks[task][POSITION];
    }

    int area(int task) {
        return problem.asks[task][AREA];
    }

    String toolName(int tool) {
        return problem.name(TOOL, tool);
    }

    String positionName(int position) {
        return problem.name(POSITION, position);
    }

    String areaName(int area) {
        return problem.name(AREA, area);
    }

    int startTool() {
        return problem.start[TOOL];
    }

    int startPosition() {
        return problem.start[POSITION];
    }

    int startArea() {
        return problem.start[AREA];
    }

    double toolChange() {
        return cost.toolChange();
    }

    double flip() {
        return cost.flip();
    }

    double move() {
        return cost.move();
    }

    /** Minutes of turning and carrying between a task and one right behind it. */
    double turningBetween(int first, int then) {
        double minutes = 0;
        if (position(first) != 0 && position(then) != 0 && position(first) != position(then)) {
            minutes += cost.flip();
        }
        if (area(first) != 0 && area(then) != 0 && area(first) != area(then)) {
            minutes += cost.move();
        }
        return minutes;
    }
}
