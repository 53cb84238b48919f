package app.yunque.server.build;

import app.yunque.server.history.Kept;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "fitting")
@Audited
class FittingEntity extends Kept {
    @Id
    @Column(name = "step_id")
    UUID stepId = new UUID(0, 0);

    @Column(name = "job_id", nullable = false, updatable = false)
    UUID jobId = new UUID(0, 0);

    @Column(nullable = false)
    int refitted;

    @Column(nullable = false)
    int renewed;

    @Column(nullable = false)
    int scrapped;

    @Column(name = "wanted_instead")
    @Nullable Integer wantedInstead;

    @Column(nullable = false)
    String reason = "";

    /** A lead's reason for going on although the check is not passed; empty when it is. */
    @Column(nullable = false)
    String waiver = "";

    /** Screws ticked one by one, over all rounds; null where nobody ticked. */
    @Column(name = "ticked")
    @Nullable Integer ticked;

    /** Value at which a setting of the part stands now; empty where nobody noted it. */
    @Column(name = "set_to", nullable = false)
    String setTo = "";

    /** False once the fitting was taken back. */
    @Column(nullable = false)
    boolean done;
}
