package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.yunque.measure.Refused;
import app.yunque.plan.HandlingCost;
import app.yunque.server.bench.PlanRun.Standing;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.people.Role;
import app.yunque.server.people.SignedIn;
import app.yunque.server.problem.Forbidden;
import app.yunque.server.problem.NotThere;
import app.yunque.teardown.StripModel;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.List;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.RejectedExecutionException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Who waits for which plan, with workers that work only when they are told to. */
class PlanRunsTest {
    private static final StripModel MODEL =
            new StripModel(List.of(), List.of(), List.of(), List.of());
    private static final HandlingCost COST = new HandlingCost(1, 2, 1.5);
    private static final SignedIn ONE = new SignedIn(UUID.randomUUID(), "One", Role.MECHANIC);
    private static final SignedIn OTHER = new SignedIn(UUID.randomUUID(), "Other", Role.VIEWER);

    private final AtTheBench bench = mock();
    private final ExecutorService workers = mock();
    private final Queue<Runnable> waiting = new ArrayDeque<>();
    private final PlanRuns runs = new PlanRuns(bench, workers, Duration.ZERO);

    @BeforeEach
    void workersWait() {
        doAnswer(called -> waiting.add(called.getArgument(0))).when(workers).execute(any());
        when(bench.person()).thenReturn(ONE);
    }

    @Test
    void thePersonWhoAsksAgainWaitsForTheSamePlan() {
        var first = runs.of(MODEL, COST);
        assertThat(first.standing()).isEqualTo(Standing.WORKING);
        assertThat(runs.of(MODEL, COST).id()).isEqualTo(first.id());
        assertThat(runs.of(MODEL, new HandlingCost(1, 2, 3)).id()).isNotEqualTo(first.id());
        assertThat(waiting).hasSize(2);
    }

    @Test
    void nobodyBreaksOffWhatAnotherWaitsFor() {
        var first = runs.of(MODEL, COST).id();
        when(bench.person()).thenReturn(OTHER);
        assertThatThrownBy(() -> runs.breakOff(first))
                .isInstanceOf(Forbidden.class)
                .hasMessage("One waits for this plan. Ask for one of your own.");
        var own = runs.of(MODEL, COST).id();
        assertThat(own).isNotEqualTo(first);
        runs.breakOff(own);
        waiting.forEach(Runnable::run);
        assertThat(runs.at(own).standing()).isEqualTo(Standing.BROKEN_OFF);
        assertThat(runs.at(first).standing()).isEqualTo(Standing.DONE);
    }

    @Test
    void aPlanThatWasWorkedOutIsEverybodys() {
        var first = runs.of(MODEL, COST).id();
        waiting.remove().run();
        when(bench.person()).thenReturn(OTHER);
        assertThat(runs.of(MODEL, COST).id()).isEqualTo(first);
        assertThat(runs.breakOff(first).standing()).isEqualTo(Standing.DONE);
    }

    @Test
    void whatWasBrokenOffIsPlannedAnewWhenItIsAskedForAgain() {
        var first = runs.of(MODEL, COST).id();
        runs.breakOff(first);
        assertThat(runs.of(MODEL, COST).id()).isNotEqualTo(first);
    }

    @Test
    void whenTooManyWaitOneIsAskedToComeBack() {
        doThrow(new RejectedExecutionException()).when(workers).execute(any());
        assertThatThrownBy(() -> runs.of(MODEL, COST))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("18 plans are being worked out for others");
    }

    @Test
    void aPlanNobodyKeepsIsNotThere() {
        assertThatThrownBy(() -> runs.at(UUID.randomUUID())).isInstanceOf(NotThere.class);
    }

    @Test
    void theOldestOfMoreThanThirtyTwoIsForgotten() {
        var first = runs.of(MODEL, new HandlingCost(1, 2, 0)).id();
        for (int i = 1; i < 32; i++) {
            runs.of(MODEL, new HandlingCost(1, 2, i));
        }
        assertThat(runs.at(first).id()).isEqualTo(first);
        runs.of(MODEL, new HandlingCost(1, 2, 32));
        assertThatThrownBy(() -> runs.at(first)).isInstanceOf(NotThere.class);
    }
}
