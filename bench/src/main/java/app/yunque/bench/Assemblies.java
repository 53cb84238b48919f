package app.yunque.bench;

import app.yunque.plan.Before;
import app.yunque.plan.Handling;
import app.yunque.plan.Task;
import app.yunque.plan.TaskGraph;
import java.util.ArrayList;
import java.util.Random;

/** Made-up assemblies of a stated size; the same seed makes the same assembly. */
final class Assemblies {
    private Assemblies() {}

    /** Each constraint reaches back over at most {@code reach} parts: the shorter, the fewer orders are legal. */
    static TaskGraph of(int parts, int constraints, int reach, long seed) {
        var random = new Random(seed);
        var tasks = new ArrayList<Task>();
        for (int i = 0; i < parts; i++) {
            tasks.add(
                    new Task(
                            "p" + i,
                            "part " + i,
                            1 + random.nextInt(9),
                            new Handling(
                                    "tool " + random.nextInt(8),
                                    random.nextBoolean() ? "left up" : "right up",
                                    random.nextInt(10) == 0 ? "press" : "bench")));
        }
        var befores = new ArrayList<Before>();
        while (befores.size() < constraints) {
            int then = 1 + random.nextInt(parts - 1);
            int first = Math.max(0, then - 1 - random.nextInt(reach));
            befores.add(new Before("p" + first, "p" + then, "made up", Before.Origin.LOG));
        }
        return new TaskGraph(tasks, befores);
    }
}
