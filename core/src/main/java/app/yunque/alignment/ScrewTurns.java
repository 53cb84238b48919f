package app.yunque.alignment;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * Turns of a screw from where it stands to where it should: (target − now)/lead. A setting is approached from one side: when the move would end against it, it goes past by
 * the lost motion and half a turn and comes back. Source: definition; half a turn common practice, no source.
 *
 * @param turns     signed turns, plus towards larger values
 * @param whole     whole turns, signed
 * @param divisions rest in divisions of the dial, signed
 * @param pastMm    how far it goes past the target before it comes back (mm); 0 where it does not
 * @param told      words
 */
public record ScrewTurns(double turns, int whole, double divisions, double pastMm, Told told) {
    public static final Range PLACE = Range.of("nowMm", "where it stands", -10_000, 10_000, "mm");
    public static final Range LEAD = Range.of("pitchMm", "pitch", 0.1, 50, "mm");
    public static final Range STARTS = Range.count("starts", "starts", 1, 8);
    public static final Range DIAL =
            Range.count("divisionsPerTurn", "divisions of the dial a turn", 1, 1000);
    public static final Range LOST = Range.of("lostMm", "lost motion", 0, 20, "mm");
    private static final double SLACK = 1e-9;
    private static final double TURNS_PAST = 0.5;

    /** From which side a setting is approached. */
    public enum Approach {
        UPWARD("from below"),
        DOWNWARD("from above");

        private final String words;

        Approach(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * The screw.
     *
     * @param pitchMm          pitch (mm)
     * @param starts           starts of the thread
     * @param divisionsPerTurn divisions of its dial
     * @param lostMm           lost motion when it is reversed (mm)
     */
    public record Screw(double pitchMm, int starts, int divisionsPerTurn, double lostMm) {
        public Screw {
            Refused.ifAny(
                    LEAD.judge(pitchMm),
                    STARTS.judge(starts),
                    DIAL.judge(divisionsPerTurn),
                    LOST.judge(lostMm));
        }

        double leadMm() {
            return pitchMm * starts;
        }
    }

    /**
     * How far it may travel.
     *
     * @param fromMm lowest (mm)
     * @param toMm   highest (mm), more than the lowest
     */
    public record Travel(@Asks("lowest") double fromMm, @Asks("highest") double toMm) {
        public Travel {
            Refused.ifAny(
                    PLACE.named("fromMm", "lowest of the travel").judge(fromMm),
                    PLACE.named("toMm", "highest of the travel").judge(toMm));
            if (toMm <= fromMm) {
                throw Refused.because("toMm", "The end of the travel lies before its beginning.");
            }
        }
    }

    /**
     * @param nowMm    where it stands (mm)
     * @param targetMm where it should (mm)
     * @param screw    the screw
     * @param approach from which side
     * @param travel   how far it may go
     * @throws Refused when the move leaves the travel
     */
    @PublicRule(
            at = "alignment/screw-turns",
            title = "Turns to a setting",
            says =
                    "Whole turns and divisions from where it stands to where it should, and from which side.",
            sets = {"S-10"})
    public static ScrewTurns of(
            double nowMm,
            @Asks("where it should") double targetMm,
            @Asks("the screw") Screw screw,
            @Asks("it is approached") Approach approach,
            @Asks("its travel") Travel travel) {
        Refused.ifAny(
                PLACE.judge(nowMm), PLACE.named("targetMm", "where it should").judge(targetMm));
        double move = targetMm - nowMm;
        boolean against = approach == Approach.UPWARD ? move < -SLACK : move > SLACK;
        double past = against ? screw.lostMm + TURNS_PAST * screw.leadMm() : 0;
        double farthest = targetMm + (approach == Approach.UPWARD ? -past : past);
        refuseBeyond(travel, targetMm, "targetMm");
        refuseBeyond(travel, farthest, "targetMm");
        double turns = move / screw.leadMm();
        int whole = (int) (turns < 0 ? Math.ceil(turns - SLACK) : Math.floor(turns + SLACK));
        double rest = (turns - whole) * screw.divisionsPerTurn;
        if (Math.abs(rest) < SLACK) {
            rest = 0;
        }
        var told =
                Told.of("definition; half a turn past common practice, no source")
                        .figure("turns", "turns", turns, "", 4)
                        .figure("whole", "whole turns", whole, "", 0)
                        .figure("divisions", "and divisions", rest, "", 1)
                        .figure("pastMm", "past the target by", past, "mm", 2)
                        .warn("Write down where it stood before the first turn.")
                        .line(
                                "(target − now) / lead",
                                "(%s − %s) / %s = %s turns",
                                PlainDigits.exact(targetMm),
                                PlainDigits.exact(nowMm),
                                PlainDigits.exact(screw.leadMm()),
                                PlainDigits.rounded(turns, 4))
                        .saying(
                                "%s%s %s and %s of %d divisions%s."
                                        .formatted(
                                                move < 0 ? "Down: " : "Up: ",
                                                Math.abs(whole),
                                                Math.abs(whole) == 1 ? "turn" : "turns",
                                                PlainDigits.rounded(Math.abs(rest), 1),
                                                screw.divisionsPerTurn,
                                                past > 0
                                                        ? "; go past by %s mm and come back, so that it ends %s"
                                                                .formatted(
                                                                        PlainDigits.rounded(
                                                                                past, 2),
                                                                        approach.words)
                                                        : ""));
        return new ScrewTurns(turns, whole, rest, past, told);
    }

    private static void refuseBeyond(Travel travel, double place, String field) {
        if (place < travel.fromMm - SLACK || place > travel.toMm + SLACK) {
            throw Refused.because(
                    field,
                    "%s mm is past the end of its travel, %s to %s mm. Look at its stops before you force it."
                            .formatted(
                                    PlainDigits.rounded(place, 2),
                                    PlainDigits.exact(travel.fromMm),
                                    PlainDigits.exact(travel.toMm)));
        }
    }
}
