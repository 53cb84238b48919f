package app.yunque.server.problem;

import java.time.Instant;

/** Somebody else changed the record in between: who, when, and what stands there now. */
public final class Conflict extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String changedBy;
    private final Instant changedAt;
    private final transient Object current;

    public Conflict(String changedBy, Instant changedAt, Object current) {
        super(changedBy + " changed this while you had it open.");
        this.changedBy = changedBy;
        this.changedAt = changedAt;
        this.current = current;
    }

    String changedBy() {
        return changedBy;
    }

    Instant changedAt() {
        return changedAt;
    }

    Object current() {
        return current;
    }
}
