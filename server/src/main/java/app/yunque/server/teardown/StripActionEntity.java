package app.yunque.server.teardown;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One change to a strip that can be undone, and the revision in which the step stood before it. */
@Entity
@Table(name = "strip_action")
class StripActionEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable Long id;

    @Column(name = "job_id", nullable = false)
    UUID jobId = new UUID(0, 0);

    @Column(name = "step_id", nullable = false)
    UUID stepId = new UUID(0, 0);

    /** Revision that holds the step as it was; null when the step was new. */
    @Column(name = "revision_before")
    @Nullable Long revisionBefore;

    /** What was done, for the button that undoes it: "added oil seal". */
    @Column(nullable = false)
    String what = "";

    @Column(name = "done_by", nullable = false)
    String doneBy = "";

    @Column(name = "done_at", nullable = false)
    Instant doneAt = Instant.EPOCH;

    /** True when the action moved the step. */
    @Column(nullable = false)
    boolean moved;

    /** For a move the step it stood after before; null when it was the first. */
    @Column(name = "stood_after")
    @Nullable UUID stoodAfter;

    /** Changes of one batch are undone together. */
    @Column(nullable = false)
    UUID batch = new UUID(0, 0);

    @Column(nullable = false)
    boolean undone;
}
