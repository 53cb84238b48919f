package app.yunque.contact;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Verdict;
import java.util.List;

/**
 * What a contact pattern means and what to move. The marking is told as the place it takes on the drive flank and on the
 * coast flank of one tooth.
 *
 * <p>Sources: spur and helical common practice; straight bevel derived and checked with a spherical-involute pair; spiral
 * bevel common practice, widely used in axle work; worm argued from geometry, not computed.
 *
 * @param kind     the kind of gear
 * @param drive    where the drive flank shows the marking
 * @param coast    where the coast flank does
 * @param meaning  what it means
 * @param move     what to move which way
 * @param backlash what becomes of the backlash
 * @param source   who says so
 * @param verdict  clear pass for a pattern to leave alone; doubtful where something is to be moved or measured; clear fail where no move
 *                 of the gears mends it; not judged where no rule knows it
 */
public record ContactPattern(
        Kind kind,
        Place drive,
        Place coast,
        String meaning,
        String move,
        String backlash,
        String source,
        Verdict verdict) {

    /** Kinds of gear with a pattern language of their own. */
    public enum Kind {
        SPUR("spur"),
        HELICAL("helical"),
        STRAIGHT_BEVEL("straight bevel, wheel"),
        SPIRAL_BEVEL("spiral bevel, wheel"),
        WORM("worm wheel");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Where the marking sits on one flank of the wheel: the near end is the toe of a bevel, the entering side of a worm
     * wheel; the far end the heel or leaving side.
     */
    public enum Place {
        MIDDLE,
        NEAR_END,
        FAR_END,
        TIP,
        ROOT,
        BOTH_ENDS,
        COMES_AND_GOES
    }

    private static final String PRACTICE = "common practice, no source";
    private static final String DERIVED = "derived; checked with a spherical-involute pair";
    private static final String AXLE = "common practice of axle work; not computed";
    private static final String ARGUED = "argued from geometry; not computed";

    /** What the marking means; a pattern that no rule knows asks to mark again. */
    @PublicRule(
            at = "contact/pattern",
            title = "Contact pattern",
            says = "What two marks mean, and what moves them.")
    public static ContactPattern of(Kind kind, Place drive, Place coast) {
        return switch (kind) {
            case SPUR, HELICAL -> parallel(kind, drive, coast);
            case STRAIGHT_BEVEL -> straightBevel(drive, coast);
            case SPIRAL_BEVEL -> spiralBevel(drive, coast);
            case WORM -> worm(drive, coast);
        };
    }

    /** Places a mechanic can choose for this kind, in the order they are offered. */
    public static List<Place> places(Kind kind) {
        return switch (kind) {
            case WORM ->
                    List.of(
                            Place.MIDDLE,
                            Place.NEAR_END,
                            Place.FAR_END,
                            Place.TIP,
                            Place.BOTH_ENDS);
            default -> List.of(Place.values());
        };
    }

    private static ContactPattern parallel(Kind kind, Place drive, Place coast) {
        var told = new Told(kind, drive, coast, PRACTICE);
        if (drive == Place.MIDDLE && coast == Place.MIDDLE) {
            return told.good(
                    "Central, off tips and ends: good. 40 to 70 % of the face, 60 to 80 % of the height.");
        }
        if (drive == Place.COMES_AND_GOES || coast == Place.COMES_AND_GOES) {
            return told.as(
                    "It comes and goes round the turn: run-out.",
                    "Take a backlash map, then look at the seat, the bore and the shaft.",
                    "It varies round the turn already.");
        }
        if (drive == Place.BOTH_ENDS || coast == Place.BOTH_ENDS) {
            return told.as(
                    "Two bands: the step the old mate wore.",
                    "Match the face widths, renew in pairs.",
                    "Unchanged.");
        }
        if (drive == coast && isEnd(drive)) {
            return told.as(
                    "The same end on both flanks: the shafts stand closer there (not parallel in their plane).",
                    "Spread that end or close the other: Δ = gap · L / (b sin α_wt).",
                    "It changes along the face by 2 Δ tan α_wt.");
        }
        if (isEnd(drive) && isEnd(coast)) {
            return told.as(
                    "Opposite ends on drive and coast: the shafts cross (skew).",
                    "Raise or lower one bearing: Δ = gap · L / (b cos α_wt).",
                    "Nearly unchanged.");
        }
        if (kind == Kind.HELICAL && (isEnd(drive) || isEnd(coast))) {
            return told.as(
                    "One end on one flank only: helix or hand differs, or the crowning is wrong.",
                    "Check the pairing and the data before any shim.",
                    "Unchanged.");
        }
        if (isHeight(drive) || isHeight(coast)) {
            return told.as(
                    "A band at the tip of one and the root of the other: centre distance or pressure angle does not suit.",
                    "Check the centre distance and the pressure angle, 14.5° against 20° for example.",
                    "Check it against the mesh at this centre distance.");
        }
        return told.again();
    }

    private static ContactPattern straightBevel(Place drive, Place coast) {
        var told = new Told(Kind.STRAIGHT_BEVEL, drive, coast, DERIVED);
        if (drive == Place.MIDDLE && coast == Place.MIDDLE) {
            return told.good("In the middle, a little towards the toe: good.");
        }
        if (drive == Place.FAR_END && coast == Place.FAR_END) {
            return told.as(
                    "Towards the heel on both flanks: the members stand too far apart. With the backlash right, the shaft angle is wrong.",
                    "Wheel in. With the backlash right: shim one end of the housing.",
                    "It falls: Δj = 2 Δ tan α sin δ₂.");
        }
        if (drive == Place.NEAR_END && coast == Place.NEAR_END) {
            return told.as(
                    "Towards the toe on both flanks: the members stand too close. With the backlash right, the shaft angle is wrong.",
                    "Wheel out. With the backlash right: shim one end of the housing.",
                    "It rises: Δj = 2 Δ tan α sin δ₂.");
        }
        if (drive == Place.TIP && coast == Place.TIP) {
            return told.as(
                    "Tip of the wheel, root of the pinion: the pinion stands too far out.",
                    "Pinion in, then wheel out by Δ sin δ₁ / sin δ₂.",
                    "It keeps.");
        }
        if (drive == Place.ROOT && coast == Place.ROOT) {
            return told.as(
                    "Root of the wheel, tip of the pinion: the pinion stands too far in.",
                    "Pinion out, then wheel in by Δ sin δ₁ / sin δ₂.",
                    "It keeps.");
        }
        if (isEnd(drive) && isEnd(coast)) {
            return told.beyondShims(
                    "Toe on one flank, heel on the other: the shafts do not meet, or are skew.",
                    "Correct the housing or the bearing offset; no shim of the gears mends it.",
                    "Unchanged.");
        }
        return drive == Place.COMES_AND_GOES || coast == Place.COMES_AND_GOES
                ? told.runOut()
                : told.again();
    }

    private static ContactPattern spiralBevel(Place drive, Place coast) {
        var told = new Told(Kind.SPIRAL_BEVEL, drive, coast, AXLE);
        if (drive == Place.MIDDLE && coast == Place.MIDDLE) {
            return told.good("In the middle, a little towards the toe: good.");
        }
        if (drive == Place.NEAR_END && coast == Place.NEAR_END) {
            return told.as(
                    "Towards the toe on both flanks: too little room.", "Wheel out.", "It rises.");
        }
        if (drive == Place.FAR_END && coast == Place.FAR_END) {
            return told.as(
                    "Towards the heel on both flanks: too much room.", "Wheel in.", "It falls.");
        }
        if (drive == Place.TIP || (drive == Place.FAR_END && coast == Place.NEAR_END)) {
            return told.as(
                    "High on the wheel, drive flank towards the heel, coast towards the toe: the pinion stands too far out.",
                    "Pinion in: the drive flank goes lower and to the toe, the coast flank lower and to the heel.",
                    "It falls a little; set it again with the wheel.");
        }
        if (drive == Place.ROOT || (drive == Place.NEAR_END && coast == Place.FAR_END)) {
            return told.as(
                    "Low on the wheel, drive flank towards the toe, coast towards the heel: the pinion stands too far in.",
                    "Pinion out: the reverse.",
                    "It rises a little; set it again with the wheel.");
        }
        return drive == Place.COMES_AND_GOES || coast == Place.COMES_AND_GOES
                ? told.runOut()
                : told.again();
    }

    private static ContactPattern worm(Place drive, Place coast) {
        var told = new Told(Kind.WORM, drive, coast, ARGUED);
        if (isMiddleOrLeaving(drive)
                && isMiddleOrLeaving(coast)
                && (drive == Place.MIDDLE || coast == Place.MIDDLE)) {
            return told.good(
                    "Full height, middle to a little on the leaving side, where the oil wedge can enter: good.");
        }
        // The ends change places with the sense of turning: entering one way is leaving the other.
        if (drive != coast && isEnd(drive) && isEnd(coast)) {
            return told.as(
                    "The same side of the wheel in both directions: the wheel stands off axially.",
                    "Move the wheel towards the side that shows contact, half of the offset seen as a start.",
                    "Nearly unchanged.");
        }
        if (isEnd(drive) && isEnd(coast)) {
            return told.as(
                    "Opposite sides in the two directions: the shafts are not square, or the wheel tilts on its seat.",
                    "Check the seat and the housing; shims under one foot only after that.",
                    "Unchanged.");
        }
        if (drive == Place.BOTH_ENDS || coast == Place.BOTH_ENDS) {
            return told.as(
                    "Both edges, hollow middle: the worm is smaller than the hob was (reground), or stands too deep.",
                    "Check the worm's diameter and the centre distance.",
                    "It would rise with the centre distance.");
        }
        if (drive == Place.TIP || coast == Place.TIP) {
            return told.as(
                    "Only the tips of the wheel: the centre distance is too large.",
                    "Bring the worm nearer.",
                    "It falls by 2 Δa tan α_x.");
        }
        return told.again();
    }

    private static boolean isEnd(Place place) {
        return place == Place.NEAR_END || place == Place.FAR_END;
    }

    private static boolean isHeight(Place place) {
        return place == Place.TIP || place == Place.ROOT;
    }

    private static boolean isMiddleOrLeaving(Place place) {
        return place == Place.MIDDLE || place == Place.FAR_END;
    }

    private record Told(Kind kind, Place drive, Place coast, String source) {
        ContactPattern as(String meaning, String move, String backlash) {
            return told(meaning, move, backlash, Verdict.DOUBTFUL);
        }

        ContactPattern good(String meaning) {
            return told(
                    meaning, "Leave it and keep a picture of it.", "As it is.", Verdict.CLEAR_PASS);
        }

        ContactPattern beyondShims(String meaning, String move, String backlash) {
            return told(meaning, move, backlash, Verdict.CLEAR_FAIL);
        }

        private ContactPattern told(String meaning, String move, String backlash, Verdict verdict) {
            return new ContactPattern(kind, drive, coast, meaning, move, backlash, source, verdict);
        }

        ContactPattern runOut() {
            return as(
                    "It comes and goes round the turn: run-out of one member.",
                    "Take a backlash map, look at the seat and the bore.",
                    "It varies round the turn already.");
        }

        ContactPattern again() {
            return told(
                    "No rule knows this pair of markings.",
                    "Clean, mark thinly on a few teeth, load lightly and turn both ways, then look at each flank again.",
                    "Unchanged.",
                    Verdict.NOT_JUDGED);
        }
    }
}
