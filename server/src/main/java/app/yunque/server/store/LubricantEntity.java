package app.yunque.server.store;

import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.viscosity.BaseOil;
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
import java.util.UUID;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "lubricant")
@Audited
class LubricantEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(nullable = false)
    String name = "";

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    BaseOil base = BaseOil.MINERAL;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    Lubricant.Additive additive = Lubricant.Additive.UNKNOWN;

    @Enumerated(EnumType.STRING)
    @Nullable Thickener thickener;

    @Nullable Integer nlgi;

    @AttributeOverride(name = "text", column = @Column(name = "viscosity_text", nullable = false))
    @AttributeOverride(name = "unit", column = @Column(name = "viscosity_unit", nullable = false))
    @AttributeOverride(
            name = "canonical",
            column = @Column(name = "viscosity_mm2s", nullable = false))
    Entered viscosity = Entered.NOTHING;

    @Column(name = "viscosity_index")
    @Nullable Integer viscosityIndex;

    @Nullable Entered pour;

    @Nullable Entered flash;

    @Column(nullable = false)
    boolean food;

    @Column(nullable = false)
    boolean solids;

    @Column(nullable = false)
    String lot = "";

    @AttributeOverride(name = "text", column = @Column(name = "amount_text", nullable = false))
    @AttributeOverride(name = "unit", column = @Column(name = "amount_unit", nullable = false))
    @AttributeOverride(name = "canonical", column = @Column(name = "amount", nullable = false))
    Entered amount = Entered.NOTHING;

    @Column(name = "opened_on")
    @Nullable LocalDate openedOn;

    @Column(name = "use_by")
    @Nullable LocalDate useBy;

    @Column(nullable = false)
    boolean removed;
}
