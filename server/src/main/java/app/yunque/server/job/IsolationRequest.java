package app.yunque.server.job;

import app.yunque.route.Energy;
import app.yunque.route.IsolationStep;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Isolation confirmed by the person who is signed in, for nobody else.
 *
 * @param version      version that was seen; missing when there was none
 * @param sources      sources of energy that were isolated
 * @param how          how they were locked and tagged
 * @param triedToStart true when a start was attempted and nothing moved
 * @param done         what was done at these sources, every step of each
 */
public record IsolationRequest(
        @Nullable Long version,
        Set<Energy> sources,
        String how,
        boolean triedToStart,
        @Nullable Set<IsolationStep> done) {
    public IsolationRequest {
        done = done == null ? Set.of() : done;
    }
}
