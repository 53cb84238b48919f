package app.yunque.server.evidence;

import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.envers.Audited;

@Entity
@Table(name = "evidence_correction")
@Audited
class CorrectionEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(nullable = false)
    String cause = "";

    /** Sign or test; empty for the weight. */
    @Column(name = "of_what", nullable = false)
    String of = "";

    @Column(nullable = false)
    double value;

    @Column(nullable = false)
    String because = "";

    /** Taken back: the table that ships counts again. */
    @Column(nullable = false)
    boolean removed;
}
