package app.yunque.teardown;

import app.yunque.bearing.NamedBearing;
import app.yunque.measure.Problem;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One thing that came off.
 *
 * @param id         identity of the step, made where it was typed
 * @param number     place in the strip, 1 first
 * @param part       what came off, in the mechanic's words, 1 to 120 characters
 * @param kind       its kind
 * @param count      how many pieces, 1 to 9999
 * @param shaft      shaft it sat on, 1 for the input; 0 for the housing
 * @param side       which end of the shaft
 * @param gear       which gear of the papers it is; null for anything else
 * @param wayRound   which face looks where, up to 200 characters; empty when it does not matter
 * @param fastening  what held it; null when nothing was undone
 * @param singleUse  true when it must not be used again
 * @param tray       tray or bag, up to 20 characters; empty when it lies loose
 * @param condition  as found
 * @param note       anything else, up to 2000 characters
 * @param detail     what a careful mechanic notes beyond
 */
public record TeardownStep(
        String id,
        int number,
        String part,
        PartKind kind,
        int count,
        int shaft,
        Side side,
        @Nullable GearPlace gear,
        String wayRound,
        @Nullable Fastening fastening,
        boolean singleUse,
        String tray,
        Condition condition,
        String note,
        StepDetail detail) {
    public static final int LONGEST_PART = 120;
    public static final int LONGEST_WAY_ROUND = 200;
    public static final int LONGEST_TRAY = 20;
    public static final int LONGEST_NOTE = 2000;
    public static final Range COUNT =
            Range.count("count", "number of pieces", 1, 9999)
                    .advising("Something came off, so count at least one.");

    /** @throws Refused naming every value that cannot be */
    public TeardownStep {
        part = part.strip();
        Refused.ifAny(
                missing(part),
                COUNT.judge(count),
                tooLong("part", "Name of the part", part, LONGEST_PART),
                tooLong("wayRound", "Way round", wayRound, LONGEST_WAY_ROUND),
                tooLong("tray", "Tray", tray, LONGEST_TRAY),
                tooLong("note", "Note", note, LONGEST_NOTE));
        if (fastening == null && !detail.alsoHeldBy().isEmpty()) {
            throw Refused.because(
                    "fastening", "Name the first set of screws before a further one.");
        }
        var screws = detail.back().screws();
        if (screws != null) {
            screws.places(screwsOf(fastening, detail));
        }
        if (gear != null && kind != PartKind.GEAR) {
            throw Refused.because("gear", "Only a gear can be one of the gears of the papers.");
        }
    }

    private static int screwsOf(@Nullable Fastening first, StepDetail detail) {
        return (first == null ? 0 : first.count())
                + detail.alsoHeldBy().stream().mapToInt(Fastening::count).sum();
    }

    /** True when it matters which way round the part goes back. */
    public boolean isOneWay() {
        return !wayRound.isBlank();
    }

    /** What belongs here in place of what came off; null when that goes back. */
    public @Nullable Belongs belongs() {
        return detail.back().belongs();
    }

    /** Pieces that came off: none of what was missing. */
    public int cameOff() {
        var belongs = belongs();
        return belongs != null && belongs.standing() == Belongs.Standing.MISSING ? 0 : count;
    }

    /** Pieces that go in: as the drawing wants it, else as many as were found. */
    public int wanted() {
        var drawn = detail.body().drawn();
        return drawn == null ? count : drawn;
    }

    /**
     * Pieces to buy: all that go in where it is renewed or something else belongs there, else those the drawing wants and nobody found.
     *
     * @param isRenewed true where a new part was decided on
     * @param goIn      pieces that go in, as many as wanted or as a pack worked out at Set has
     */
    public int toBuy(boolean isRenewed, int goIn) {
        return belongs() != null || isRenewed ? goIn : Math.max(0, wanted() - count);
    }

    /** What goes in here: what came off, or what belongs there instead. */
    public String goesIn() {
        var belongs = belongs();
        if (belongs == null) {
            return part;
        }
        return belongs.isUnknown()
                ? "what belongs in place of the " + part
                : belongs.part().isEmpty() ? part : belongs.part();
    }

    /** The kind of what goes in here. */
    public PartKind kindThatGoesIn() {
        var belongs = belongs();
        return belongs == null || belongs.kind() == null ? kind : belongs.kind();
    }

    /** As it stands in the unit once it was rebuilt: what belongs there is in, and nothing is said of what came off before it. */
    public TeardownStep asRebuilt() {
        var belongs = belongs();
        if (belongs == null) {
            return this;
        }
        var into = kindThatGoesIn();
        boolean isSameKind = into == kind;
        return new TeardownStep(
                id,
                number,
                belongs.part().isEmpty() ? part : belongs.part(),
                into,
                count,
                shaft,
                side,
                isSameKind ? gear : null,
                isSameKind ? wayRound : "",
                isSameKind ? fastening : null,
                into.isSingleUse(),
                tray,
                Condition.NOT_SAID,
                "",
                detail.asRebuilt(isSameKind));
    }

    /** Every set of screws, nuts or studs that held it, the first one first. */
    public List<Fastening> fastenings() {
        return Stream.concat(Stream.ofNullable(fastening), detail.alsoHeldBy().stream()).toList();
    }

    /** Which bearing it is, where its name holds the designation. */
    public Optional<NamedBearing> bearing() {
        return kind == PartKind.BEARING ? NamedBearing.of(part) : Optional.empty();
    }

    /** What is known of it beyond what came off and where, in words. */
    public List<String> facts() {
        return Stream.concat(
                        bearing().map(NamedBearing::inWords).stream(), detail.inWords().stream())
                .toList();
    }

    /** "2 × spacer ring" or "oil seal". */
    public String inWords() {
        return count == 1 ? part : count + " × " + part;
    }

    private static Optional<Problem> missing(String part) {
        return part.isEmpty()
                ? Optional.of(Problem.told("part", "Say what came off."))
                : Optional.empty();
    }

    private static Optional<Problem> tooLong(String field, String label, String text, int most) {
        return text.length() <= most
                ? Optional.empty()
                : Optional.of(
                        Problem.told(
                                field,
                                "%s has %d characters; at most %d fit. Shorten it, or put the rest in the note."
                                        .formatted(label, text.length(), most)));
    }
}
