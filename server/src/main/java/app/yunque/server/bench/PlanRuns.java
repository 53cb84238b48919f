package app.yunque.server.bench;

import app.yunque.measure.Refused;
import app.yunque.plan.HandlingCost;
import app.yunque.server.bench.PlanRun.Standing;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.people.SignedIn;
import app.yunque.server.problem.Forbidden;
import app.yunque.server.problem.NotThere;
import app.yunque.teardown.RebuildPlan;
import app.yunque.teardown.StripModel;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Plans beside the requests that ask for them: no request waits longer than a breath, whoever waits sees how far it is, and may break
 * it off; nobody breaks off what another waits for. The same question has the same answer, so a plan that was worked out is kept for a
 * while and told at once.
 */
@Component
class PlanRuns implements DisposableBean {
    private static final int AT_ONCE = 2;
    private static final int WAITING = 16;
    private static final int KEPT = 32;

    /** How long a request waits for its plan before it tells how far it is. */
    private static final Duration BREATH = Duration.ofMillis(700);

    private final AtTheBench bench;
    private final ExecutorService workers;
    private final Duration breath;

    private final Map<UUID, Run> runs =
            new LinkedHashMap<>() {
                @Override
                protected boolean removeEldestEntry(Map.Entry<UUID, Run> eldest) {
                    return size() > KEPT;
                }
            };

    @Autowired
    PlanRuns(AtTheBench bench) {
        this(
                bench,
                new ThreadPoolExecutor(
                        AT_ONCE,
                        AT_ONCE,
                        0,
                        TimeUnit.SECONDS,
                        new LinkedBlockingQueue<>(WAITING),
                        work -> {
                            var worker = new Thread(work, "planner");
                            worker.setDaemon(true);
                            return worker;
                        }),
                BREATH);
    }

    PlanRuns(AtTheBench bench, ExecutorService workers, Duration breath) {
        this.bench = bench;
        this.breath = breath;
        this.workers = workers;
    }

    /** One question that is worked on. */
    private static final class Run implements RebuildPlan.Listener {
        private final UUID id = UUID.randomUUID();
        private final SignedIn person;
        private final StripModel model;
        private final HandlingCost cost;
        private final CompletableFuture<RebuildPlan> plan = new CompletableFuture<>();
        private volatile boolean lasts = true;
        private volatile RebuildPlan.Stage stage = RebuildPlan.Stage.CONTRADICTIONS;

        Run(SignedIn person, StripModel model, HandlingCost cost) {
            this.person = person;
            this.model = model;
            this.cost = cost;
        }

        @Override
        public boolean lasts() {
            return lasts;
        }

        @Override
        public void begins(RebuildPlan.Stage begun) {
            stage = begun;
        }

        boolean answers(SignedIn who, StripModel asked, HandlingCost at) {
            return lasts
                    && !plan.isCompletedExceptionally()
                    && (plan.isDone() || person.equals(who))
                    && cost.equals(at)
                    && model.equals(asked);
        }

        void work() {
            try {
                plan.complete(RebuildPlan.of(model, cost, this));
            } catch (RuntimeException refused) {
                plan.completeExceptionally(refused);
            }
        }
    }

    /** Begins to plan, or goes on with what is worked on already; waits a breath for it. */
    PlanRun of(StripModel model, HandlingCost cost) {
        return told(begun(bench.person(), model, cost));
    }

    private synchronized Run begun(SignedIn person, StripModel model, HandlingCost cost) {
        for (var run : runs.values()) {
            if (run.answers(person, model, cost)) {
                return run;
            }
        }
        var run = new Run(person, model, cost);
        try {
            workers.execute(run::work);
        } catch (RejectedExecutionException full) {
            throw Refused.because(
                    "plan",
                    "%d plans are being worked out for others. Wait a moment and ask again."
                            .formatted(WAITING + AT_ONCE));
        }
        runs.put(run.id, run);
        return run;
    }

    /** How far it is; waits a breath for it. */
    PlanRun at(UUID id) {
        return told(run(id));
    }

    /**
     * Breaks it off; what was found until then is the answer.
     *
     * @throws Forbidden when another waits for it
     */
    PlanRun breakOff(UUID id) {
        var run = run(id);
        if (!run.plan.isDone() && !run.person.equals(bench.person())) {
            throw new Forbidden(
                    "%s waits for this plan. Ask for one of your own.".formatted(run.person));
        }
        run.lasts = run.plan.isDone();
        return told(run);
    }

    private synchronized Run run(UUID id) {
        var run = runs.get(id);
        if (run == null) {
            throw new NotThere("That plan is no longer kept. Ask for it again.");
        }
        return run;
    }

    private PlanRun told(Run run) {
        RebuildPlan plan = null;
        try {
            plan = run.plan.get(breath.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException working) {
            plan = run.plan.getNow(null);
        } catch (ExecutionException refused) {
            if (refused.getCause() instanceof RuntimeException why) {
                throw why;
            }
            throw new CompletionException(refused);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        var standing =
                plan == null
                        ? Standing.WORKING
                        : plan.isFinished() ? Standing.DONE : Standing.BROKEN_OFF;
        var stage = Objects.requireNonNull(run.stage);
        return new PlanRun(
                run.id,
                standing,
                stage.ordinal() + 1,
                RebuildPlan.Stage.values().length,
                stage.words(),
                plan);
    }

    @Override
    public synchronized void destroy() {
        runs.values().forEach(run -> run.lasts = false);
        workers.shutdownNow();
    }
}
