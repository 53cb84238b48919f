package app.yunque.server.finding;

import app.yunque.gear.Member;
import app.yunque.route.Station;
import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.envers.Audited;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "finding")
@Audited
class FindingEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(name = "job_id", nullable = false, updatable = false)
    UUID jobId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    FindingSort sort = FindingSort.SEEN;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    Station station = Station.INSPECT;

    @Column(nullable = false)
    String question = "";

    @Column(name = "step_id")
    @Nullable UUID stepId;

    @Nullable Integer stage;

    @Enumerated(EnumType.STRING)
    @Nullable Member member;

    @Column(nullable = false)
    String words = "";

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    String given = "{}";

    @Column(nullable = false)
    String remark = "";

    @Column(nullable = false)
    boolean removed;
}
