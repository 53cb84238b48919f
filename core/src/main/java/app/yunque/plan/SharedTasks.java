package app.yunque.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Tasks that two share, with tools, positions and places as numbers; 0 stands for "does not matter" or "nothing in hand". */
final class SharedTasks {
    private final List<Task> tasks;
    private final int[][] before;
    private final HandlingCost cost;
    private final Names tools;
    private final Names positions;
    private final Names areas;
    private final List<String> things;
    private final int[][] holds;

    SharedTasks(TaskGraph graph, Handling start, HandlingCost cost) {
        this.tasks = graph.tasks();
        this.before = graph.predecessors();
        this.cost = cost;
        this.tools = new Names(tasks, start, Handling::tool);
        this.positions = new Names(tasks, start, Handling::position);
        this.areas = new Names(tasks, start, Handling::area);
        this.things = tasks.stream().flatMap(t -> t.holds().stream()).distinct().sorted().toList();
        this.holds =
                tasks.stream()
                        .map(t -> t.holds().stream().mapToInt(things::indexOf).toArray())
                        .toArray(int[][]::new);
    }

    /** What tasks ask for of one kind, numbered from 1. */
    private static final class Names {
        private final List<String> names = new ArrayList<>();
        private final int[] asked;
        private final int atStart;

        Names(List<Task> tasks, Handling start, Function<Handling, @Nullable String> of) {
            this.atStart = number(of.apply(start));
            this.asked = tasks.stream().mapToInt(t -> number(of.apply(t.handling()))).toArray();
        }

        private int number(@Nullable String name) {
            if (name == null) {
                return 0;
            }
            if (!names.contains(name)) {
                names.add(name);
            }
            return names.indexOf(name) + 1;
        }

        String name(int number) {
            return names.get(number - 1);
        }
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
        return tools.names.size();
    }

    int[] before(int task) {
        return before[task];
    }

    int tool(int task) {
        return tools.asked[task];
    }

    int position(int task) {
        return positions.asked[task];
    }

    int area(int task) {
        return areas.asked[task];
    }

    String toolName(int tool) {
        return tools.name(tool);
    }

    String positionName(int position) {
        return positions.name(position);
    }

    String areaName(int area) {
        return areas.name(area);
    }

    int startTool() {
        return tools.atStart;
    }

    int startPosition() {
        return positions.atStart;
    }

    int startArea() {
        return areas.atStart;
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
