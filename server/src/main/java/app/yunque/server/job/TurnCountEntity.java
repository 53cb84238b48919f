package app.yunque.server.job;

import app.yunque.server.history.Kept;
import app.yunque.server.quantity.Entered;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.envers.Audited;

@Entity
@Table(name = "job_turn_count")
@Audited
class TurnCountEntity extends Kept {
    @Id
    @Column(name = "job_id")
    UUID jobId = new UUID(0, 0);

    /** Position of the levers; empty where the unit has one only. */
    @Column(nullable = false)
    String position = "";

    Entered inputTurns = Entered.NOTHING;
    Entered outputTurns = Entered.NOTHING;
    Entered readingError = Entered.NOTHING;
}
