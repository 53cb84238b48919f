package app.yunque.server.place;

import app.yunque.server.history.Kept;
import app.yunque.server.sheet.DrawerEntries;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.envers.Audited;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "lubricated_place")
@Audited
class PlaceEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(name = "unit_id", nullable = false, updatable = false)
    UUID unitId = new UUID(0, 0);

    @Column(nullable = false)
    String name = "";

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    DrawerEntries entries = new DrawerEntries(Map.of(), Map.of(), null);

    @Column(name = "described_at", nullable = false, updatable = false)
    Instant describedAt = Instant.EPOCH;

    @Column(nullable = false)
    boolean removed;
}
