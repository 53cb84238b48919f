package app.yunque.server.teardown;

import app.yunque.gear.Member;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
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
        String note) {

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
     */
    public record FasteningRequest(
            int count,
            String thread,
            @Nullable EnteredNumber length,
            boolean leftHand,
            @Nullable EnteredNumber torque,
            String torqueSource) {}
}
