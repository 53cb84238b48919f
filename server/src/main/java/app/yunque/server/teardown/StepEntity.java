package app.yunque.server.teardown;

import app.yunque.gear.Member;
import app.yunque.server.history.Kept;
import app.yunque.server.quantity.Entered;
import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.envers.Audited;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "step")
@Audited
class StepEntity extends Kept {
    @Id UUID id = new UUID(0, 0);

    @Column(name = "job_id", nullable = false, updatable = false)
    UUID jobId = new UUID(0, 0);

    /** Place in the strip; gaps are allowed, the order is what counts. */
    @Column(nullable = false)
    int place;

    @Column(nullable = false)
    String part = "";

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    PartKind kind = PartKind.OTHER;

    @Column(name = "pieces", nullable = false)
    int count;

    @Column(nullable = false)
    int shaft;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    Side side = Side.MIDDLE;

    @Column(name = "gear_stage")
    @Nullable Integer gearStage;

    @Enumerated(EnumType.STRING)
    @Column(name = "gear_member")
    @Nullable Member gearMember;

    @Column(name = "way_round", nullable = false)
    String wayRound = "";

    @Column(name = "screw_count")
    @Nullable Integer screwCount;

    @Column(name = "screw_thread")
    @Nullable String screwThread;

    @Nullable Entered screwLength;

    @Column(name = "screw_left_hand", nullable = false)
    boolean screwLeftHand;

    @Nullable Entered screwTorque;

    @Column(name = "screw_torque_source", nullable = false)
    String screwTorqueSource = "";

    @Column(name = "single_use", nullable = false)
    boolean singleUse;

    @Column(nullable = false)
    String tray = "";

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    Condition condition = Condition.NOT_SAID;

    @Column(nullable = false)
    String note = "";

    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable KeptDetail detail;

    @Column(nullable = false)
    boolean removed;
}
