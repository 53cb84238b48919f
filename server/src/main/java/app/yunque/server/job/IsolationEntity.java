package app.yunque.server.job;

import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "job_isolation")
@Audited
class IsolationEntity extends Kept {
    @Id
    @Column(name = "job_id")
    UUID jobId = new UUID(0, 0);

    /** Names of the isolated sources, joined by commas. */
    @Column(nullable = false)
    String sources = "";

    @Column(nullable = false)
    String how = "";

    /** Names of what was done at them, joined by commas; empty at jobs of the first days. */
    @Column(nullable = false)
    String done = "";

    @Column(name = "confirmed_by", nullable = false)
    String confirmedBy = "";

    @Column(name = "confirmed_at", nullable = false)
    Instant confirmedAt = Instant.EPOCH;

    /** Who tried for himself that it does not start, besides; names joined by line feeds. */
    @Column(name = "tried_by", nullable = false)
    String triedBy = "";

    @Column(name = "lifted_by")
    @Nullable String liftedBy;

    @Column(name = "lifted_at")
    @Nullable Instant liftedAt;
}
