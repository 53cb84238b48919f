package app.yunque.server.job;

import app.yunque.server.history.PutAway;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A job as other features know it.
 *
 * @param id       identity
 * @param number   number on the job sheet
 * @param unitId   the unit it is about
 * @param openedAt when it was opened
 * @param signedBy who signed it; null while it is open
 * @param signedAt when it was signed; null while it is open
 * @param putAway  who put it away unsigned; null while it is worked on
 * @param touched  how often it had been written to when it was read
 */
public record JobRef(
        UUID id,
        long number,
        UUID unitId,
        Instant openedAt,
        @Nullable String signedBy,
        @Nullable Instant signedAt,
        @Nullable PutAway putAway,
        long touched) {
    /** Whether anything may still be written to it. */
    public boolean isOpen() {
        return signedAt == null && putAway == null;
    }

    public boolean isSigned() {
        return signedAt != null;
    }
}
