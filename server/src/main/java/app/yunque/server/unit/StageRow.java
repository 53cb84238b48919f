package app.yunque.server.unit;

import app.yunque.gear.Hand;
import app.yunque.server.quantity.Entered;
import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;

/** Columns of one stage of a unit. */
@Embeddable
class StageRow {
    @Column(name = "pinion_teeth", nullable = false)
    int pinionTeeth;

    @Column(name = "wheel_teeth", nullable = false)
    int wheelTeeth;

    @AttributeOverride(name = "text", column = @Column(name = "module_text", nullable = false))
    @AttributeOverride(name = "unit", column = @Column(name = "module_unit", nullable = false))
    @AttributeOverride(name = "canonical", column = @Column(name = "module_mm", nullable = false))
    Entered module = Entered.NOTHING;

    @Column(name = "pressure_angle_deg", nullable = false)
    double pressureAngleDeg;

    @Column(name = "helix_angle_deg", nullable = false)
    double helixAngleDeg;

    @Enumerated(EnumType.STRING)
    @Column(name = "pinion_hand", nullable = false)
    Hand pinionHand = Hand.NONE;

    @Column(name = "pinion_shift", nullable = false)
    double pinionShift;

    @Column(name = "wheel_shift", nullable = false)
    double wheelShift;

    @AttributeOverride(name = "text", column = @Column(name = "face_text", nullable = false))
    @AttributeOverride(name = "unit", column = @Column(name = "face_unit", nullable = false))
    @AttributeOverride(name = "canonical", column = @Column(name = "face_mm", nullable = false))
    Entered faceWidth = Entered.NOTHING;

    @AttributeOverride(name = "text", column = @Column(name = "centre_text", nullable = false))
    @AttributeOverride(name = "unit", column = @Column(name = "centre_unit", nullable = false))
    @AttributeOverride(name = "canonical", column = @Column(name = "centre_mm", nullable = false))
    Entered centreDistance = Entered.NOTHING;
}
