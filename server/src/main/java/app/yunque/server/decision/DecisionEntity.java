package app.yunque.server.decision;

import app.yunque.finding.Disposition;
import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.envers.Audited;

@Entity
@Table(name = "decision")
@Audited
class DecisionEntity extends Kept {
    @Id
    @Column(name = "step_id")
    UUID stepId = new UUID(0, 0);

    @Column(name = "job_id", nullable = false, updatable = false)
    UUID jobId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    Disposition disposition = Disposition.REUSE;

    @Column(nullable = false)
    String reason = "";
}
