package app.yunque.server.unit;

import app.yunque.gear.ServiceDuty;
import app.yunque.inspection.Circumstance;
import app.yunque.server.history.Kept;
import app.yunque.server.history.PutAway;
import app.yunque.server.quantity.Entered;
import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.envers.Audited;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "unit")
@Audited
class UnitEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(nullable = false, unique = true)
    String tag = "";

    @Column(nullable = false)
    String name = "";

    @Column(nullable = false)
    String kind = "";

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    ServiceDuty duty = ServiceDuty.ENCLOSED_POWER;

    /** Its surroundings, and its kind where somebody said so. */
    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    Set<Circumstance> circumstances = Set.of();

    @Column(name = "under_warranty", nullable = false)
    boolean underWarranty;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    List<StageRequest> stages = List.of();

    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable List<PositionRequest> positions;

    @Column(name = "input_speed_rpm")
    @Nullable Double inputSpeedRpm;

    @AttributeOverride(name = "text", column = @Column(name = "power_text"))
    @AttributeOverride(name = "unit", column = @Column(name = "power_unit"))
    @AttributeOverride(name = "canonical", column = @Column(name = "power_kw"))
    @Nullable Entered inputPower;

    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable UnitLayout layout;

    @Embedded @Nullable PutAway putAway;
}
