package app.yunque.bench;

import app.yunque.plan.Before;
import app.yunque.plan.Handling;
import app.yunque.plan.Task;
import app.yunque.plan.TaskGraph;
import app.yunque.teardown.Condition;
import app.yunque.teardown.Envelope;
import app.yunque.teardown.Opening;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import app.yunque.teardown.Statement;
import app.yunque.teardown.StepDetail;
import app.yunque.teardown.StripModel;
import app.yunque.teardown.TeardownStep;
import java.util.ArrayList;
import java.util.List;
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

    /** A unit of that many parts on six shafts, with six covers and openings and six either-ways. */
    static StripModel unit(int parts, long seed) {
        var random = new Random(seed);
        var openings = new ArrayList<Opening>();
        for (int i = 0; i < 6; i++) {
            double across = 60 + 10.0 * i;
            openings.add(
                    new Opening(
                            "opening " + i,
                            Opening.Shape.ROUND,
                            across,
                            across,
                            "part " + (i + 1),
                            i % 2 == 0 ? Opening.Faces.LEFT : Opening.Faces.RIGHT,
                            0,
                            null));
        }
        var steps = new ArrayList<TeardownStep>();
        for (int n = 1; n <= parts; n++) {
            steps.add(step(n, random));
        }
        var said = new ArrayList<Statement>();
        for (int i = 0; i < 6; i++) {
            int a = 1 + random.nextInt(parts - 2);
            said.add(
                    new Statement(
                            "x" + i,
                            Statement.Kind.EITHER,
                            "s" + a,
                            "s" + (a + 2),
                            "s" + (a + 1),
                            "made up"));
        }
        return new StripModel(steps, said, openings, List.of("a", "b", "c", "d", "e", "f"));
    }

    private static TeardownStep step(int n, Random random) {
        var kinds =
                new PartKind[] {
                    PartKind.GEAR,
                    PartKind.BEARING,
                    PartKind.CIRCLIP,
                    PartKind.SPACER,
                    PartKind.SEAL,
                    PartKind.SHAFT,
                    PartKind.NUT,
                    PartKind.KEY
                };
        var kind = n <= 6 ? PartKind.COVER : kinds[random.nextInt(kinds.length)];
        int shaft = n <= 6 ? 0 : 1 + random.nextInt(6);
        var work =
                new StepDetail.Work(
                        "tool " + random.nextInt(8),
                        random.nextBoolean() ? "" : "side " + random.nextInt(3),
                        random.nextInt(8) == 0 ? "press" : "",
                        1.0 + random.nextInt(9),
                        1);
        return new TeardownStep(
                "s" + n,
                n,
                "part " + n,
                kind,
                1,
                shaft,
                Side.values()[random.nextInt(3)],
                null,
                "",
                null,
                false,
                "",
                Condition.SOUND,
                "",
                new StepDetail(
                        work,
                        body(kind, random),
                        StepDetail.Found.NOTHING,
                        StepDetail.Back.PLAIN,
                        "",
                        false,
                        List.of()));
    }

    private static StepDetail.Body body(PartKind kind, Random random) {
        if (kind == PartKind.SHAFT) {
            var outline =
                    List.of(
                            new Envelope.Section(25, 50),
                            new Envelope.Section(30, 50),
                            new Envelope.Section(28, 50));
            return new StepDetail.Body(Envelope.stepped(outline), List.of(), null, null, null);
        }
        if (kind == PartKind.GEAR) {
            return new StepDetail.Body(
                    Envelope.round(40 + 10.0 * random.nextInt(7), 20),
                    List.of(),
                    null,
                    null,
                    null,
                    30.0,
                    null,
                    null);
        }
        return StepDetail.Body.UNKNOWN;
    }
}
