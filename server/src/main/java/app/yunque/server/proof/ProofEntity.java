package app.yunque.server.proof;

import app.yunque.server.history.Kept;
import app.yunque.server.quantity.Entered;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "job_proof")
@Audited
class ProofEntity extends Kept {
    @Id
    @Column(name = "job_id")
    UUID jobId = new UUID(0, 0);

    @Column(nullable = false)
    String remark = "";

    @Nullable Entered ambient;

    @Nullable Entered hot;

    @Column(name = "run_minutes")
    @Nullable Integer runMinutes;

    @Nullable Entered makersLimit;

    @Column(name = "next_service")
    @Nullable LocalDate nextService;
}
