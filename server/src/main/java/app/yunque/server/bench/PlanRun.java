package app.yunque.server.bench;

import app.yunque.teardown.RebuildPlan;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A rebuild that is being planned.
 *
 * @param id       identity, to ask again and to break it off
 * @param standing whether it is still worked on
 * @param begun    parts of the planning that were begun, of {@code parts}
 * @param parts    parts that the planning has
 * @param doing    what is worked on, in words
 * @param plan     the plan; missing while it is worked on
 */
public record PlanRun(
        UUID id,
        Standing standing,
        int begun,
        int parts,
        String doing,
        @Nullable RebuildPlan plan) {

    /** Where a planning stands. */
    public enum Standing {
        WORKING,
        DONE,
        /** Somebody did not want to wait: the plan is the best until then, with its bound. */
        BROKEN_OFF
    }
}
