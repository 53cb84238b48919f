package app.yunque.teardown;

import app.yunque.plan.Before;
import app.yunque.plan.Contradiction;
import app.yunque.plan.EitherWay;
import app.yunque.plan.HandlingCost;
import app.yunque.plan.Patience;
import app.yunque.plan.RebuildSequence;
import app.yunque.plan.Relaxation;
import app.yunque.plan.TwoMechanics;
import app.yunque.plan.WhyHere;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Everything a mechanic wants to know about the order of a rebuild before starting it.
 *
 * @param contradiction why there is no order; null when there is one, and then the plans stand
 * @param relaxations   what giving up each thing of the contradiction would leave; empty when there is none
 * @param asLogged      the strip turned round; null when a constraint forbids it
 * @param planned       the order with the fewest changes; null when there is none
 * @param others        other orders that take hardly longer, with other changes
 * @param withTwo       the same for two mechanics; null when there is none
 * @param befores       what must come off before what, and who says so
 * @param choices       parts that may go several ways
 * @param why           of each step of the planned order why it stands there
 * @param trapped       parts that can go out nowhere, by step, each with a sentence
 * @param asks          what nobody measured or said, and the order hangs on it
 * @param isFinished    false when it was broken off: the plans are the best until then
 */
public record RebuildPlan(
        @Nullable Contradiction contradiction,
        List<Relaxation> relaxations,
        @Nullable RebuildSequence asLogged,
        @Nullable RebuildSequence planned,
        List<RebuildSequence> others,
        @Nullable TwoMechanics withTwo,
        List<Before> befores,
        List<EitherWay> choices,
        List<WhyHere> why,
        Map<String, String> trapped,
        List<String> asks,
        boolean isFinished) {

    public RebuildPlan {
        relaxations = List.copyOf(relaxations);
        others = List.copyOf(others);
        befores = List.copyOf(befores);
        choices = List.copyOf(choices);
        why = List.copyOf(why);
        asks = List.copyOf(asks);
    }

    /** How far the planning is: which part of it was begun. */
    public enum Stage {
        CONTRADICTIONS("looks for contradictions"),
        ONE("plans for one"),
        OTHERS("looks for others as quick"),
        TWO("plans for two");

        private final String words;

        Stage(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Whoever waits for the whole plan: is told what is begun, and may stop waiting. */
    public interface Listener extends Patience {
        void begins(Stage stage);
    }

    private static final Listener SILENT =
            new Listener() {
                @Override
                public boolean lasts() {
                    return true;
                }

                @Override
                public void begins(Stage stage) {}
            };

    /**
     * @param model what blocks what
     * @param cost  what changes of tool, position and place cost
     */
    public static RebuildPlan of(StripModel model, HandlingCost cost) {
        return of(model, cost, SILENT);
    }

    /** The same for somebody who wants to know how far it is, and may stop waiting. */
    public static RebuildPlan of(StripModel model, HandlingCost cost, Listener listener) {
        listener.begins(Stage.CONTRADICTIONS);
        var contradiction = model.contradiction().orElse(null);
        var strip = model.strip();
        if (contradiction != null) {
            return new RebuildPlan(
                    contradiction,
                    model.relaxations(contradiction, cost, listener),
                    null,
                    null,
                    List.of(),
                    null,
                    strip.befores(),
                    strip.choices(),
                    List.of(),
                    model.trapped(),
                    model.asks(),
                    listener.lasts());
        }
        listener.begins(Stage.ONE);
        var planned = model.rebuild(cost, listener);
        listener.begins(Stage.OTHERS);
        var others = model.nearlyAsQuick(planned, cost, listener);
        listener.begins(Stage.TWO);
        return new RebuildPlan(
                null,
                List.of(),
                model.asLogged(cost).orElse(null),
                planned,
                others,
                model.withTwo(cost, planned, listener),
                strip.befores(),
                strip.choices(),
                model.why(planned, cost),
                model.trapped(),
                model.asks(),
                listener.lasts());
    }
}
