package app.yunque.server.job;

import app.yunque.inspection.Circumstance;
import app.yunque.server.history.Kept;
import app.yunque.server.history.PutAway;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Set;
import java.util.UUID;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "job")
@Audited
class JobEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(nullable = false, unique = true, updatable = false)
    long number;

    @Column(name = "unit_id", nullable = false, updatable = false)
    UUID unitId = new UUID(0, 0);

    @Column(nullable = false)
    String complaint = "";

    @Column(nullable = false)
    String symptoms = "";

    @Column(name = "oil_as_found", nullable = false)
    String oilAsFound = "";

    /** What somebody said of the complaint and the history in words of the plan; null while nobody has. */
    @Enumerated(EnumType.STRING)
    @Nullable Set<Circumstance> circumstances;

    @Column(name = "opened_by", nullable = false, updatable = false)
    String openedBy = "";

    @Column(name = "opened_at", nullable = false, updatable = false)
    Instant openedAt = Instant.EPOCH;

    @Column(name = "signed_by")
    @Nullable String signedBy;

    @Column(name = "signed_at")
    @Nullable Instant signedAt;

    @Embedded @Nullable PutAway putAway;

    @Column(name = "signed_despite", nullable = false)
    String signedDespite = "";

    /** Counts the signatures: this one, or the one that is being worked at. */
    @Column(nullable = false)
    int revision = 1;

    /** Why the signature before this revision was corrected. */
    @Column(name = "corrected_why", nullable = false)
    String correctedWhy = "";

    @Column(name = "corrected_by")
    @Nullable String correctedBy;

    @Column(name = "corrected_at")
    @Nullable Instant correctedAt;

    /** Counts the writes; raised by {@link JobService#touch} beside the versions, so that it never causes a conflict. */
    @NotAudited
    @Column(nullable = false, insertable = false, updatable = false)
    long touched;
}
