package app.yunque.server.parts;

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
@Table(name = "job_estimate")
@Audited
class EstimateEntity extends Kept {
    @Id
    @Column(name = "job_id")
    UUID jobId = new UUID(0, 0);

    double hours;

    @Column(name = "worked_hours")
    double workedHours;

    /** Price of a new unit (cents). */
    @Column(name = "new_unit_cents")
    @Nullable Long newUnitCents;

    @Column(name = "approved_cents")
    @Nullable Long approvedCents;

    @Column(name = "approved_by")
    @Nullable String approvedBy;

    @Column(name = "approved_at")
    @Nullable Instant approvedAt;
}
