package app.yunque.server.job;

import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.envers.Audited;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "job_cause")
@Audited
class CauseEntity extends Kept {
    @Id
    @Column(name = "job_id")
    UUID jobId = new UUID(0, 0);

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    Map<String, Boolean> answers = Map.of();

    @Column(name = "stated", nullable = false)
    boolean isStated;

    @Column(name = "found", nullable = false)
    boolean isFound;

    @Column(nullable = false)
    String cause = "";

    @Column(nullable = false)
    String words = "";
}
