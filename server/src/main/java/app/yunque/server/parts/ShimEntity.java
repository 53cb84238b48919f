package app.yunque.server.parts;

import app.yunque.server.history.Kept;
import app.yunque.server.quantity.Entered;
import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.envers.Audited;

@Entity
@Table(name = "shim")
@Audited
class ShimEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(nullable = false)
    String name = "";

    @AttributeOverride(name = "text", column = @Column(name = "thickness_text", nullable = false))
    @AttributeOverride(name = "unit", column = @Column(name = "thickness_unit", nullable = false))
    @AttributeOverride(
            name = "canonical",
            column = @Column(name = "thickness_mm", nullable = false))
    Entered thickness = Entered.NOTHING;

    int pieces;

    @Column(nullable = false)
    String place = "";

    @Column(nullable = false)
    boolean removed;
}
