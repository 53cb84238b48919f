package app.yunque.server.parts;

import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "spare")
@Audited
class SpareEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(nullable = false)
    String name = "";

    @Column(nullable = false)
    String number = "";

    @Column(nullable = false)
    String place = "";

    @Column(name = "on_shelf")
    int onShelf;

    @Column(name = "per_year")
    double perYear;

    @Column(name = "lead_days")
    double leadDays;

    @Column(name = "level_percent")
    double levelPercent;

    /** What one cost the shop (cents). */
    @Column(name = "each_cents")
    @Nullable Long eachCents;

    @Column(nullable = false)
    boolean removed;
}
