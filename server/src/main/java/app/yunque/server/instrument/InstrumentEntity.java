package app.yunque.server.instrument;

import app.yunque.measure.InDoubt;
import app.yunque.server.history.Kept;
import app.yunque.server.quantity.Entered;
import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.envers.Audited;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "instrument")
@Audited
class InstrumentEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(nullable = false)
    String name = "";

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    InstrumentKind kind = InstrumentKind.CALIPER;

    @AttributeOverride(name = "text", column = @Column(name = "resolution_text", nullable = false))
    @AttributeOverride(name = "unit", column = @Column(name = "resolution_unit", nullable = false))
    @AttributeOverride(
            name = "canonical",
            column = @Column(name = "resolution_mm", nullable = false))
    Entered resolution = Entered.NOTHING;

    @AttributeOverride(name = "text", column = @Column(name = "max_error_text", nullable = false))
    @AttributeOverride(name = "unit", column = @Column(name = "max_error_unit", nullable = false))
    @AttributeOverride(
            name = "canonical",
            column = @Column(name = "max_error_mm", nullable = false))
    Entered maxError = Entered.NOTHING;

    @AttributeOverride(name = "text", column = @Column(name = "low_text", nullable = false))
    @AttributeOverride(name = "unit", column = @Column(name = "low_unit", nullable = false))
    @AttributeOverride(name = "canonical", column = @Column(name = "low_mm", nullable = false))
    Entered low = Entered.NOTHING;

    @AttributeOverride(name = "text", column = @Column(name = "high_text", nullable = false))
    @AttributeOverride(name = "unit", column = @Column(name = "high_unit", nullable = false))
    @AttributeOverride(name = "canonical", column = @Column(name = "high_mm", nullable = false))
    Entered high = Entered.NOTHING;

    @Column(name = "calibrated_on", nullable = false)
    LocalDate calibratedOn = LocalDate.EPOCH;

    @Column(name = "due_on", nullable = false)
    LocalDate dueOn = LocalDate.EPOCH;

    /** Days in which it was not to be trusted; null for none. */
    @JdbcTypeCode(SqlTypes.JSON)
    @Column(name = "in_doubt")
    @Nullable List<InDoubt> inDoubt;

    @Column(nullable = false)
    boolean removed;
}
