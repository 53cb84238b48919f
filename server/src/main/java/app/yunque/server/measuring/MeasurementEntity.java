package app.yunque.server.measuring;

import app.yunque.gear.Member;
import app.yunque.route.Station;
import app.yunque.server.history.Kept;
import app.yunque.server.quantity.Entered;
import jakarta.persistence.AttributeOverride;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "measurement")
@Audited
class MeasurementEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(name = "job_id", nullable = false, updatable = false)
    UUID jobId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    Station station = Station.INSPECT;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    MeasurementKind kind = MeasurementKind.BACKLASH;

    @Column(nullable = false)
    int stage;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    Member member = Member.WHEEL;

    @Column(name = "teeth_spanned")
    @Nullable Integer teethSpanned;

    @Nullable Entered radius;

    @Nullable Entered tilt;

    Entered resolution = Entered.NOTHING;

    Entered maxError = Entered.NOTHING;

    @Nullable Entered makersBacklash;

    @Column(name = "makers_wear_percent")
    @Nullable Double makersWearPercent;

    @Nullable Entered referenceSpan;

    @Column(name = "makers_reference", nullable = false)
    String makersReference = "";

    @Column(nullable = false)
    String remark = "";

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(
            name = "measurement_reading",
            joinColumns = @JoinColumn(name = "measurement_id"))
    @OrderColumn(name = "place")
    @AttributeOverride(name = "text", column = @Column(name = "reading_text", nullable = false))
    @AttributeOverride(name = "unit", column = @Column(name = "reading_unit", nullable = false))
    @AttributeOverride(name = "canonical", column = @Column(name = "reading_mm", nullable = false))
    List<Entered> readings = new ArrayList<>();

    @Column(nullable = false)
    boolean removed;
}
