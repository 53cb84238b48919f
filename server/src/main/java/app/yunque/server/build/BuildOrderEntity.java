package app.yunque.server.build;

import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.envers.Audited;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "build_order")
@Audited
class BuildOrderEntity extends Kept {
    @Id
    @Column(name = "job_id")
    UUID jobId = new UUID(0, 0);

    /** Steps in the order of the rebuild; empty goes back to the strip turned round. */
    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    List<UUID> steps = List.of();
}
