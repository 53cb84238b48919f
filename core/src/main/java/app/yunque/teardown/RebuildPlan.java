package app.yunque.teardown;

import app.yunque.plan.Before;
import app.yunque.plan.Contradiction;
import app.yunque.plan.HandlingCost;
import app.yunque.plan.RebuildSequence;
import app.yunque.plan.TwoMechanics;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Everything a mechanic wants to know about the order of a rebuild before starting it.
 *
 * @param contradiction why there is no order; null when there is one, and then the plans stand
 * @param asLogged      the strip turned round; null when a constraint forbids it
 * @param planned       the order with the fewest changes; null when there is none
 * @param withTwo       the same for two mechanics; null when there is none
 * @param befores       what must come off before what, and who says so
 * @param trapped       parts that pass no opening on record, by step, each with a sentence
 */
public record RebuildPlan(
        @Nullable Contradiction contradiction,
        @Nullable RebuildSequence asLogged,
        @Nullable RebuildSequence planned,
        @Nullable TwoMechanics withTwo,
        List<Before> befores,
        Map<String, String> trapped) {

    public RebuildPlan {
        befores = List.copyOf(befores);
    }

    /**
     * @param model what blocks what
     * @param cost  what changes of tool, position and place cost
     */
    public static RebuildPlan of(StripModel model, HandlingCost cost) {
        var why = model.contradiction().orElse(null);
        return new RebuildPlan(
                why,
                why == null ? model.asLogged(cost).orElse(null) : null,
                why == null ? model.rebuild(cost) : null,
                why == null ? model.withTwo(cost) : null,
                model.befores(),
                model.trapped());
    }
}
