package app.yunque.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Small task graphs for tests: "a>b" reads "a before b". */
public final class Graphs {
    private Graphs() {}

    public static TaskGraph of(List<Task> tasks, String... befores) {
        var list = new ArrayList<Before>();
        for (var text : befores) {
            var ends = text.split(">");
            for (int i = 0; i + 1 < ends.length; i++) {
                list.add(before(ends[i], ends[i + 1]));
            }
        }
        return new TaskGraph(tasks, list);
    }

    public static Before before(String first, String then) {
        return new Before(first, then, "told", Before.Origin.LOG);
    }

    public static Task task(String id, double minutes, String tool, String position, String area) {
        return new Task(id, id, minutes, new Handling(tool, position, area));
    }

    public static List<Task> named(String... ids) {
        var tasks = new ArrayList<Task>();
        for (var id : ids) {
            tasks.add(new Task(id, id, 1, Handling.ANY));
        }
        return tasks;
    }

    /** A random acyclic graph: every constraint leads from an earlier task to a later one. */
    public static TaskGraph random(int size, double density, Random random) {
        var tasks = new ArrayList<Task>();
        var befores = new ArrayList<Before>();
        for (int i = 0; i < size; i++) {
            tasks.add(
                    task(
                            "t" + i,
                            1 + random.nextInt(9),
                            random.nextInt(4) == 0 ? null : "tool" + random.nextInt(3),
                            random.nextInt(2) == 0 ? null : "side" + random.nextInt(2),
                            random.nextInt(3) == 0 ? "press" : "bench"));
            for (int j = 0; j < i; j++) {
                if (random.nextDouble() < density) {
                    befores.add(before("t" + j, "t" + i));
                }
            }
        }
        return new TaskGraph(tasks, befores);
    }
}
