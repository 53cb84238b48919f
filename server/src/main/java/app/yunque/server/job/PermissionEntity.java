package app.yunque.server.job;

import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.envers.Audited;

@Entity
@Table(name = "job_permission")
@Audited
class PermissionEntity extends Kept {
    @Id
    @Column(name = "job_id")
    UUID jobId = new UUID(0, 0);

    @Column(name = "approved_by", nullable = false)
    String approvedBy = "";

    @Column(nullable = false)
    String reference = "";
}
