package app.yunque.server.parts;

import app.yunque.parts.AlternateGrade;
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
@Table(name = "part_order")
@Audited
class OrderEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(name = "job_id", nullable = false, updatable = false)
    UUID jobId = new UUID(0, 0);

    @Column(name = "step_id")
    @Nullable UUID stepId;

    @Column(nullable = false)
    String name = "";

    @Column(nullable = false)
    String number = "";

    int quantity = 1;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    OrderState state = OrderState.WANTED;

    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable QuoteSaid quote;

    @Column(nullable = false)
    String remark = "";

    /** How well it is known where it is another part than the maker's. */
    @Enumerated(EnumType.STRING)
    AlternateGrade.@Nullable Grade known;

    @Column(name = "from_stores", nullable = false)
    boolean isFromStores;

    /** What one cost the shop, of what was taken from stores (cents). */
    @Column(name = "each_cents")
    @Nullable Long eachCents;
}
