package app.yunque.server.place;

import app.yunque.server.history.Kept;
import app.yunque.server.quantity.Entered;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.store.LubricantRequest;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.envers.Audited;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "place_fill")
@Audited
class FillEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(name = "place_id", nullable = false, updatable = false)
    UUID placeId = new UUID(0, 0);

    @Column(name = "job_id", updatable = false)
    @Nullable UUID jobId;

    @Column(name = "job_number", updatable = false)
    @Nullable Long jobNumber;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    FillKind kind = FillKind.FILLED;

    @Column(name = "done_on", nullable = false)
    LocalDate doneOn = LocalDate.EPOCH;

    @Column(name = "lubricant_id")
    @Nullable UUID lubricantId;

    /** What the can of the shelf held on that day, so that a later change of the card changes no record. */
    @JdbcTypeCode(SqlTypes.JSON)
    @Column(name = "from_shelf")
    @Nullable LubricantRequest fromShelf;

    @Column(nullable = false)
    String can = "";

    @Nullable Entered amount;

    @Nullable Entered meter;

    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable DrawerEntries drained;

    @Column(nullable = false)
    String source = "";

    @Column(nullable = false)
    String despite = "";

    @Column(name = "to_the_mark", nullable = false)
    boolean toTheMark;

    @Column(nullable = false)
    boolean removed;
}
