package app.yunque.server.teardown;

import app.yunque.teardown.Fastening.Locking;
import org.jspecify.annotations.Nullable;

/** The column of a step that holds all that has no column of its own. */
record KeptDetail(
        @Nullable DetailRequest detail,
        @Nullable String drive,
        @Nullable Locking locking,
        StepRequest.@Nullable HoleRequest hole,
        @Nullable String byFeel) {}
