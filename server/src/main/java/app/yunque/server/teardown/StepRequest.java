package app.yunque.server.teardown;

import app.yunque.fastener.ScrewHole.Metal;
import app.yunque.gear.Member;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.teardown.Condition;
import app.yunque.teardown.Fastening.Locking;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import app.yunque.teardown.TeardownStep;
import org.jspecify.annotations.Nullable;

/**
 * One thing that came off.
 *
 * @param version   version that was seen; missing for a new step
 * @param part      what came off
 * @param kind      its kind
 * @param count     pieces
 * @param shaft     shaft it sat on, 1 for the input; 0 for the housing
 * @param side      which end of the shaft
 * @param gear      which gear of the papers it is; missing for anything else
 * @param wayRound  which face looks where; empty when it does not matter
 * @param fastening what held it; missing when nothing was undone
 * @param singleUse true when it must not be used again
 * @param tray      tray or bag
 * @param condition as found
 * @param note      anything else
 * @param detail    what a careful mechanic notes beyond; may be missing
 */
public record StepRequest(
        @Nullable Long version,
        String part,
        PartKind kind,
        int count,
        int shaft,
        Side side,
        @Nullable GearRequest gear,
        String wayRound,
        @Nullable FasteningRequest fastening,
        boolean singleUse,
        String tray,
        Condition condition,
        String note,
        @Nullable DetailRequest detail) {

    /** The step as it stands in the unit once it was rebuilt: what belongs there is in. */
    StepRequest asRebuilt(TeardownStep rebuilt) {
        boolean isHeld = rebuilt.fastening() != null;
        return new StepRequest(
                version,
                rebuilt.part(),
                rebuilt.kind(),
                count,
                shaft,
                side,
                rebuilt.gear() == null ? null : gear,
                rebuilt.wayRound(),
                isHeld ? fastening : null,
                rebuilt.singleUse(),
                tray,
                rebuilt.condition(),
                rebuilt.note(),
                detail == null ? null : detail.asRebuilt(isHeld));
    }

    /**
     * @param stage  stage from the input, 1 first
     * @param member pinion or wheel
     */
    public record GearRequest(int stage, Member member) {}

    /**
     * @param count        how many
     * @param thread       thread as written on a drawing
     * @param length       length under the head; may be missing
     * @param leftHand     true for a left-hand thread
     * @param torque       tightening torque; may be missing
     * @param torqueSource where the torque comes from
     * @param drive        drive and size; may be missing
     * @param locking      what keeps it from coming loose; missing when nothing does
     * @param hole         the hole it goes into; missing when not measured
     * @param byFeel       how tight, where no figure is meant; may be missing
     */
    public record FasteningRequest(
            int count,
            String thread,
            @Nullable EnteredNumber length,
            boolean leftHand,
            @Nullable EnteredNumber torque,
            String torqueSource,
            @Nullable String drive,
            @Nullable Locking locking,
            @Nullable HoleRequest hole,
            @Nullable String byFeel) {}

    /**
     * @param grip    thickness of all that is clamped
     * @param thread  full thread of a blind hole, or the wall of a through hole
     * @param through true when the hole goes through into the inside
     * @param free    free room behind a through hole; missing for a blind one
     * @param behind  what that nearest part is
     * @param into    what the thread is cut in
     */
    public record HoleRequest(
            EnteredNumber grip,
            EnteredNumber thread,
            boolean through,
            @Nullable EnteredNumber free,
            String behind,
            Metal into) {}
}
