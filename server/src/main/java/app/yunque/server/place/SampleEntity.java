package app.yunque.server.place;

import app.yunque.server.history.Kept;
import app.yunque.server.quantity.Entered;
import app.yunque.server.sheet.DrawerEntries;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.envers.Audited;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "oil_sample")
@Audited
class SampleEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(name = "place_id", nullable = false, updatable = false)
    UUID placeId = new UUID(0, 0);

    @Column(name = "taken_on", nullable = false)
    LocalDate takenOn = LocalDate.EPOCH;

    Entered meter = Entered.NOTHING;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    DrawerEntries entries = new DrawerEntries(Map.of(), Map.of(), null);

    @Column(nullable = false)
    boolean removed;
}
