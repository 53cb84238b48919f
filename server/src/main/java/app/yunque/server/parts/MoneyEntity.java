package app.yunque.server.parts;

import app.yunque.cost.RepairLimit;
import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "shop_money")
@Audited
class MoneyEntity extends Kept {
    static final int ONLY = 1;

    @Id int id = ONLY;

    @Column(nullable = false)
    String currency = "EUR";

    @Column(name = "rate_cents")
    long rateCents;

    @Column(name = "repair_share_percent")
    double repairSharePercent = RepairLimit.USUAL_SHARE;

    @Column(name = "limit_cents")
    @Nullable Long limitCents;
}
