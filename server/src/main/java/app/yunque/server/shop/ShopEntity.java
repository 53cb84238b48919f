package app.yunque.server.shop;

import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.envers.Audited;

@Entity
@Table(name = "shop")
@Audited
class ShopEntity extends Kept {
    /** There is one shop in these records. */
    static final int ONLY = 1;

    @Id int id = ONLY;

    @Column(nullable = false)
    String name = "";

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    ShopSettings.LengthSystem system = ShopSettings.LengthSystem.METRIC;

    @Column(name = "decimal_sign", nullable = false)
    String decimal = ".";

    @Column(nullable = false)
    String zone = "UTC";
}
