package app.yunque.fastener;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * The steps in which a nut with slots can be locked, and how far one moves it: 360°/k with one cross hole and an even number of slots, half of that with a second hole
 * turned by half a slot. Source: geometry; which way to the next slot common practice, no source.
 *
 * @param stepDeg one step (degrees)
 * @param stepMm  along the thread (mm)
 * @param told    words
 */
public record CastleNut(double stepDeg, double stepMm, Told told) {
    public static final Range SLOTS = Range.count("slots", "slots of the nut", 3, 24);
    public static final Range PITCH = Range.of("pitchMm", "pitch of the thread", 0.2, 12, "mm");

    /**
     * @param slots      slots round the nut
     * @param crossHoles cross holes of the bolt, 1 or 2
     * @param pitchMm    pitch of the thread (mm)
     * @param adjusts    true where it sets a bearing, false where it clamps
     */
    @PublicRule(
            at = "fastener/castle-nut",
            title = "Slots of a castle nut",
            says = "How far one slot moves it, and which way to the next.",
            sets = {"S-13"})
    public static CastleNut of(
            int slots,
            @Asks(value = "cross holes", hint = "1, or 2 turned by half a slot.") int crossHoles,
            double pitchMm,
            @Asks("it sets a bearing") boolean adjusts) {
        Refused.ifAny(
                SLOTS.judge(slots),
                Range.count("crossHoles", "cross holes", 1, 2).judge(crossHoles),
                PITCH.judge(pitchMm));
        // With an odd number the two ends of the hole meet slots in turn.
        int positions = (slots % 2 == 0 ? slots : 2 * slots) * crossHoles;
        double step = 360.0 / positions;
        double along = pitchMm / positions;
        var told =
                Told.of("geometry; which way common practice, no source")
                        .figure("stepDeg", "one step", step, "°", 1)
                        .figure("stepMm", "along the thread", along, "mm", 4)
                        .line(
                                "360° / positions, pitch / positions",
                                "%d positions: %s°, %s mm",
                                positions,
                                PlainDigits.rounded(step, 1),
                                PlainDigits.rounded(along, 4))
                        .warn(
                                adjusts
                                        ? "A nut that sets a bearing is backed off to the nearest slot; never a locked pinion."
                                        : "A nut that clamps goes on to the next slot inside its torque, never back.")
                        .warn("The cotter pin is always new.")
                        .saying(
                                "One slot is %s mm along the thread."
                                        .formatted(PlainDigits.rounded(along, 3)));
        return new CastleNut(step, along, told);
    }
}
