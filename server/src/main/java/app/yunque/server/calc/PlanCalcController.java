package app.yunque.server.calc;

import app.yunque.plan.Contradiction;
import app.yunque.plan.Handling;
import app.yunque.plan.HandlingCost;
import app.yunque.plan.LeastStrip;
import app.yunque.plan.RebuildSequence;
import app.yunque.plan.Removal;
import app.yunque.plan.TaskGraph;
import app.yunque.plan.TwoMechanics;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Planning without a job. */
@RestController
@RequestMapping("/api/calc/plan")
class PlanCalcController {

    /**
     * @param graph tasks and what must come before what
     * @param start what is in hand at the start
     * @param cost  what changes cost
     */
    record SequenceInput(TaskGraph graph, Handling start, HandlingCost cost) {}

    /**
     * @param removals every part with its ways off
     * @param targets  parts to reach
     */
    record ReachInput(List<Removal> removals, Set<String> targets) {}

    /** @param contradiction the smallest contradiction; missing when there is an order */
    record ContradictionAnswer(@Nullable Contradiction contradiction) {}

    /** The order with the fewest changes. */
    @PostMapping("/rebuild")
    RebuildSequence rebuild(@RequestBody SequenceInput input) {
        return RebuildSequence.of(input.graph(), input.start(), input.cost());
    }

    /** The same tasks shared by two mechanics. */
    @PostMapping("/two-mechanics")
    TwoMechanics twoMechanics(@RequestBody SequenceInput input) {
        return TwoMechanics.of(input.graph(), input.start(), input.cost());
    }

    /** Why there is no order. */
    @PostMapping("/contradiction")
    ContradictionAnswer contradiction(@RequestBody TaskGraph graph) {
        return new ContradictionAnswer(Contradiction.in(graph).orElse(null));
    }

    /** The least that has to come off. */
    @PostMapping("/least-strip")
    LeastStrip leastStrip(@RequestBody ReachInput input) {
        return LeastStrip.toReach(input.removals(), input.targets());
    }
}
