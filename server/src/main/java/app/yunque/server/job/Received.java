package app.yunque.server.job;

import org.jspecify.annotations.Nullable;

/** A job with what was kept of it in one row each: at Receive, and what it really was. */
record Received(
        JobEntity job,
        @Nullable PermissionEntity permission,
        @Nullable IsolationEntity isolation,
        @Nullable TurnCountEntity turnCount,
        @Nullable CauseEntity cause) {}
