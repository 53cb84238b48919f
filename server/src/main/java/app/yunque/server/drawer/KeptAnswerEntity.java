package app.yunque.server.drawer;

import app.yunque.route.Station;
import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Map;
import java.util.UUID;
import org.hibernate.envers.Audited;

@Entity
@Table(name = "kept_answer")
@Audited
class KeptAnswerEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(name = "job_id", nullable = false, updatable = false)
    UUID jobId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    Station station = Station.INSPECT;

    @Column(nullable = false)
    String drawer = "";

    @Column(nullable = false)
    String subject = "";

    @Column(nullable = false)
    String remark = "";

    @Convert(converter = EntriesColumn.class)
    @Column(nullable = false)
    DrawerEntries entries = new DrawerEntries(Map.of(), Map.of(), null);

    @Column(nullable = false)
    boolean removed;
}
