package app.yunque.server.history;

import app.yunque.server.problem.Conflict;
import jakarta.persistence.Column;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.function.Supplier;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

/** A record that people keep from the bench: its version, and who kept it last. */
@MappedSuperclass
@Audited
public abstract class Kept {
    @Version
    @Column(nullable = false)
    private long version;

    @Column(name = "changed_by", nullable = false)
    private String changedBy = "";

    @Column(name = "changed_at", nullable = false)
    private Instant changedAt = Instant.EPOCH;

    public long version() {
        return version;
    }

    public String changedBy() {
        return changedBy;
    }

    public Instant changedAt() {
        return changedAt;
    }

    /** Notes who keeps the record now. */
    public void keep(String person, Instant now) {
        changedBy = person;
        changedAt = now;
    }

    /**
     * @param seen    version the writer saw; null when it saw none
     * @param current what stands there now, for the screen that shows both
     * @throws Conflict when somebody else has kept the record since
     */
    public void refuseStale(@Nullable Long seen, Supplier<Object> current) {
        if (seen == null || seen != version) {
            throw new Conflict(changedBy, changedAt, current.get());
        }
    }
}
