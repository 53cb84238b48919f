package app.yunque.server.teardown;

import app.yunque.fastener.ScrewPattern;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.teardown.StepRequest.FasteningRequest;
import app.yunque.teardown.Belongs;
import app.yunque.teardown.Envelope;
import app.yunque.teardown.GoesOn;
import app.yunque.teardown.LooseItem;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Setting;
import app.yunque.teardown.StoredEnergy;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a careful mechanic notes beyond what came off and where; everything may be missing.
 *
 * @param tool          main tool
 * @param position      which way up the unit lay
 * @param area          bench, press, floor
 * @param minutes       minutes it takes
 * @param people        people it needs
 * @param matchMark     match mark
 * @param matchedWith   the part it is matched with
 * @param positions     number of positions it fits in
 * @param goesOn        what goes on it
 * @param facingMatters true when it has two different faces
 * @param check         check to pass before going on
 * @param hard          why it was hard
 * @param stuckTo       what it came off together with
 * @param notOriginal   what an earlier repair did wrong
 * @param setting       a setting at this place
 * @param energy        energy it sets free
 * @param loose         small things that came free
 * @param envelope      the room it needs to pass
 * @param leavesBy      openings it can leave by
 * @param massKg        mass (kg)
 * @param thickness     thickness of one piece
 * @param teeth         number of teeth of a gear outside the papers
 * @param subassembly   subassembly it belongs to
 * @param leftAssembled true when that is left together on purpose
 * @param belongs       what belongs there instead of what came off
 * @param alsoHeldBy    further sets of screws, nuts or studs
 * @param screws        how the screws of all sets stand; missing for a circle
 * @param bore          hole by which it sits on its shaft
 * @param seat          step of its shaft on which it sits, 1 for the leftmost
 * @param drawn         pieces that the drawing or the parts list wants
 */
public record DetailRequest(
        @Nullable String tool,
        @Nullable String position,
        @Nullable String area,
        @Nullable Double minutes,
        @Nullable Integer people,
        @Nullable String matchMark,
        @Nullable String matchedWith,
        @Nullable Integer positions,
        @Nullable GoesOn goesOn,
        @Nullable Boolean facingMatters,
        @Nullable String check,
        @Nullable String hard,
        @Nullable String stuckTo,
        @Nullable String notOriginal,
        @Nullable Setting setting,
        @Nullable StoredEnergy energy,
        @Nullable List<LooseItem> loose,
        @Nullable EnvelopeRequest envelope,
        @Nullable List<String> leavesBy,
        @Nullable Double massKg,
        @Nullable EnteredNumber thickness,
        @Nullable Integer teeth,
        @Nullable String subassembly,
        @Nullable Boolean leftAssembled,
        @Nullable BelongsRequest belongs,
        @Nullable List<FasteningRequest> alsoHeldBy,
        @Nullable ScrewsRequest screws,
        @Nullable EnteredNumber bore,
        @Nullable Integer seat,
        @Nullable Integer drawn) {

    /**
     * How screws stand, numbered as {@link ScrewPattern} says.
     *
     * @param arrangement how they stand
     * @param across      screws in a row, or along the top of a frame
     * @param up          rows, or screws along a side of a frame
     * @param pitchAcross from one to the next across
     * @param pitchUp     from one to the next up
     * @param places      where each stands, across and up, of those measured one by one
     */
    public record ScrewsRequest(
            ScrewPattern.Arrangement arrangement,
            @Nullable Integer across,
            @Nullable Integer up,
            @Nullable EnteredNumber pitchAcross,
            @Nullable EnteredNumber pitchUp,
            @Nullable List<ScrewPlaceRequest> places) {}

    /**
     * Where one screw stands, from any one corner.
     *
     * @param across across
     * @param up     up
     */
    public record ScrewPlaceRequest(EnteredNumber across, EnteredNumber up) {}

    /**
     * @param standing missing, wrong, or replaced by another part
     * @param part     what belongs there; may be missing
     * @param kind     its kind, where it is another one
     * @param because  the earlier repair and its cause, or what brings the change; may be missing
     */
    public record BelongsRequest(
            Belongs.Standing standing,
            @Nullable String part,
            @Nullable PartKind kind,
            @Nullable String because) {}

    /** Without what was found, and without what belongs there instead: that is in. */
    DetailRequest asRebuilt(boolean isHeld) {
        return new DetailRequest(
                tool,
                position,
                area,
                minutes,
                people,
                matchMark,
                matchedWith,
                positions,
                goesOn,
                facingMatters,
                check,
                null,
                null,
                null,
                null,
                null,
                null,
                envelope,
                leavesBy,
                massKg,
                thickness,
                teeth,
                subassembly,
                leftAssembled,
                null,
                isHeld ? alsoHeldBy : null,
                isHeld ? screws : null,
                bore,
                seat,
                drawn);
    }

    /**
     * @param shape  round part or box
     * @param width  diameter, or one side of the cross-section; missing for a shaft told by its steps
     * @param height other side of the cross-section of a box; missing for a round part
     * @param length length along its axis; missing for a shaft told by its steps
     * @param steps  steps of a shaft from left to right; missing for a part of one thickness
     */
    public record EnvelopeRequest(
            Envelope.Shape shape,
            @Nullable EnteredNumber width,
            @Nullable EnteredNumber height,
            @Nullable EnteredNumber length,
            @Nullable List<ShaftStepRequest> steps) {}

    /**
     * One step of a shaft.
     *
     * @param diameter its diameter
     * @param length   its length along the axis
     * @param wallBore bore of the inner wall in which it runs; missing where it runs in none
     */
    public record ShaftStepRequest(
            EnteredNumber diameter, EnteredNumber length, @Nullable EnteredNumber wallBore) {}
}
