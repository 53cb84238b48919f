package app.yunque.server.job;

import app.yunque.server.history.ReadOnce;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What was kept of a job in one row each: at Receive, and what it really was. */
record Received(
        @Nullable PermissionEntity permission,
        @Nullable IsolationEntity isolation,
        @Nullable TurnCountEntity turnCount,
        @Nullable CauseEntity cause) {
    static final Received NOTHING = new Received(null, null, null, null);

    /** Asked once in a reading transaction. */
    static Received of(PermissionRepository kept, UUID jobId) {
        return ReadOnce.of("received", jobId, () -> kept.received(jobId).orElse(NOTHING));
    }
}
