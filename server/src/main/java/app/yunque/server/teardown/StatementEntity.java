package app.yunque.server.teardown;

import app.yunque.server.history.Kept;
import app.yunque.teardown.Statement;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "statement")
@Audited
class StatementEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(name = "job_id", nullable = false, updatable = false)
    UUID jobId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    Statement.Kind kind = Statement.Kind.FREE;

    @Column(name = "first_step", nullable = false)
    UUID firstStep = new UUID(0, 0);

    @Column(name = "then_step", nullable = false)
    UUID thenStep = new UUID(0, 0);

    @Column(name = "or_else")
    @Nullable UUID orElse;

    @Column(nullable = false)
    String reason = "";

    @Column(nullable = false)
    boolean removed;
}
