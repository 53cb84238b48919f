package app.yunque.server.job;

import org.jspecify.annotations.Nullable;

/** What was kept at Receive. */
record Received(
        @Nullable PermissionEntity permission,
        @Nullable IsolationEntity isolation,
        @Nullable TurnCountEntity turnCount) {
    static final Received NOTHING = new Received(null, null, null);
}
