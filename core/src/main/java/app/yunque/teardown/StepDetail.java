package app.yunque.teardown;

import app.yunque.fastener.ScrewPattern;
import app.yunque.measure.Refused;
import app.yunque.plan.Handling;
import app.yunque.plan.Task;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a careful mechanic notes beyond what came off and where.
 *
 * @param work        how it came off, and how it goes back
 * @param body        what the part is like as a body
 * @param found       what was found as it came free
 * @param back        what has to be right when it goes back
 * @param subassembly name of the subassembly it belongs to; empty when it came off by itself
 * @param leftAssembled true when that subassembly is left together on purpose
 * @param alsoHeldBy  further sets of screws, nuts or studs beside the first, up to {@value #MOST_SETS}
 */
public record StepDetail(
        Work work,
        Body body,
        Found found,
        Back back,
        String subassembly,
        boolean leftAssembled,
        List<Fastening> alsoHeldBy) {
    private static final int MOST_SETS = 8;

    /** Nothing beyond the step itself. */
    public static final StepDetail NONE =
            new StepDetail(Work.ANY, Body.UNKNOWN, Found.NOTHING, Back.PLAIN, "", false, List.of());

    /**
     * @param tool     main tool; empty when it does not matter
     * @param position which way up the unit lay; empty when it does not matter
     * @param area     bench, press, floor; empty when it does not matter
     * @param minutes  minutes it takes; null when not noted
     * @param people   people it needs, 1 or 2
     */
    public record Work(
            String tool, String position, String area, @Nullable Double minutes, int people) {
        public static final Work ANY = new Work("", "", "", null, 1);
        private static final double USUAL_MINUTES = 3;

        public Work {
            Refused.ifAny(
                    minutes == null ? Optional.empty() : Task.MINUTES.judge(minutes),
                    Task.PEOPLE.judge(people),
                    DetailLimits.tooLong("tool", "Tool", tool),
                    DetailLimits.tooLong("position", "Position", position),
                    DetailLimits.tooLong("area", "Area", area));
        }

        /** The minutes noted; {@value #USUAL_MINUTES} when none were, which is a judgement. */
        double minutesOrUsual() {
            return minutes == null ? USUAL_MINUTES : minutes;
        }

        Handling handling() {
            return new Handling(tool, position, area);
        }
    }

    /**
     * @param envelope    the room it needs to pass; null when not measured
     * @param leavesBy    names of the openings it can leave by; empty when it may try all
     * @param massKg      mass (kg); null when not known
     * @param thicknessMm thickness of one piece (mm), for shims, gaskets and spacers; null when not measured
     * @param teeth       number of teeth, for a gear outside the papers; null otherwise
     * @param boreMm      hole by which it sits on its shaft (mm), 0.1 to 10000; null when it has none or nobody measured it
     * @param seat        the step of its shaft on which it sits, 1 for the leftmost; null when it is told by its bore or not known
     * @param drawn       pieces that the drawing or the parts list wants; null when nobody looked
     */
    public record Body(
            @Nullable Envelope envelope,
            List<String> leavesBy,
            @Nullable Double massKg,
            @Nullable Double thicknessMm,
            @Nullable Integer teeth,
            @Nullable Double boreMm,
            @Nullable Integer seat,
            @Nullable Integer drawn) {
        public static final Body UNKNOWN = new Body(null, List.of(), null, null, null);

        /** Whose seat on its shaft nobody measured. */
        public Body(
                @Nullable Envelope envelope,
                List<String> leavesBy,
                @Nullable Double massKg,
                @Nullable Double thicknessMm,
                @Nullable Integer teeth) {
            this(envelope, leavesBy, massKg, thicknessMm, teeth, null, null, null);
        }

        public Body {
            leavesBy = List.copyOf(leavesBy);
            Refused.ifAny(
                    massKg == null ? Optional.empty() : DetailLimits.MASS.judge(massKg),
                    thicknessMm == null
                            ? Optional.empty()
                            : DetailLimits.THICKNESS.judge(thicknessMm),
                    teeth == null ? Optional.empty() : DetailLimits.TEETH.judge(teeth),
                    boreMm == null ? Optional.empty() : DetailLimits.BORE.judge(boreMm),
                    seat == null ? Optional.empty() : DetailLimits.SEAT.judge(seat),
                    drawn == null ? Optional.empty() : DetailLimits.DRAWN.judge(drawn));
        }
    }

    /**
     * @param hard        why it was hard; empty when it was not
     * @param stuckTo     what it came off together with; empty when by itself
     * @param notOriginal what an earlier repair did wrong; empty when nothing
     * @param setting     a setting at this place; null when there is none
     * @param energy      energy it sets free; null when there is none
     * @param loose       small things that came free
     */
    public record Found(
            String hard,
            String stuckTo,
            String notOriginal,
            @Nullable Setting setting,
            @Nullable StoredEnergy energy,
            List<LooseItem> loose) {
        public static final Found NOTHING = new Found("", "", "", null, null, List.of());

        public Found {
            loose = List.copyOf(loose);
            Refused.ifAny(
                    DetailLimits.tooLong("hard", "Why it was hard", hard),
                    DetailLimits.tooLong("stuckTo", "Stuck to", stuckTo),
                    DetailLimits.tooLong("notOriginal", "Earlier repair", notOriginal));
        }
    }

    /**
     * @param matchMark   match mark; empty when there is none
     * @param matchedWith the part it is matched with; empty when with none
     * @param positions   number of positions it fits in, only one of them right; null when it fits in one
     * @param goesOn      what goes on it
     * @param facingMatters true when it has two different faces, also while nobody has noted which looks where
     * @param check       the check to pass before going on; empty for the usual one of its kind
     * @param belongs     what belongs there instead of what came off; null when that goes back
     * @param screws      how its screws stand; null while nobody said, which is taken for a circle
     */
    public record Back(
            String matchMark,
            String matchedWith,
            @Nullable Integer positions,
            GoesOn goesOn,
            boolean facingMatters,
            String check,
            @Nullable Belongs belongs,
            @Nullable ScrewPattern screws) {
        public static final Back PLAIN = new Back("", "", null, GoesOn.UNSAID, false, "");

        /** Of what goes back itself. */
        public Back(
                String matchMark,
                String matchedWith,
                @Nullable Integer positions,
                GoesOn goesOn,
                boolean facingMatters,
                String check) {
            this(matchMark, matchedWith, positions, goesOn, facingMatters, check, null, null);
        }

        /** Whose screws nobody noted more of than their number. */
        public Back(
                String matchMark,
                String matchedWith,
                @Nullable Integer positions,
                GoesOn goesOn,
                boolean facingMatters,
                String check,
                @Nullable Belongs belongs) {
            this(matchMark, matchedWith, positions, goesOn, facingMatters, check, belongs, null);
        }

        public Back {
            Refused.ifAny(
                    positions == null ? Optional.empty() : DetailLimits.POSITIONS.judge(positions),
                    DetailLimits.tooLong("matchMark", "Match mark", matchMark),
                    DetailLimits.tooLong("matchedWith", "Matched with", matchedWith),
                    DetailLimits.tooLong("check", "Check", check));
        }
    }

    /** @throws Refused naming every value out of its range */
    public StepDetail {
        Refused.ifAny(DetailLimits.tooLong("subassembly", "Subassembly", subassembly));
        if (alsoHeldBy.size() > MOST_SETS) {
            throw Refused.because(
                    "alsoHeldBy",
                    "%d further sets of screws; at most %d fit. Put the rest in the note."
                            .formatted(alsoHeldBy.size(), MOST_SETS));
        }
        subassembly = subassembly.strip();
        alsoHeldBy = List.copyOf(alsoHeldBy);
    }

    /** Without what belongs there instead; without its further screws where another kind of part is in. */
    StepDetail asRebuilt(boolean isSameKind) {
        return new StepDetail(
                work,
                body,
                Found.NOTHING,
                new Back(
                        back.matchMark,
                        back.matchedWith,
                        back.positions,
                        back.goesOn,
                        back.facingMatters,
                        back.check,
                        null,
                        isSameKind ? back.screws : null),
                subassembly,
                leftAssembled,
                isSameKind ? alsoHeldBy : List.of());
    }

    /** Facts worth a line in the log, in words. */
    public List<String> inWords() {
        var words = new ArrayList<String>();
        if (back.belongs != null) {
            words.add(
                    back.belongs.standing().words()
                            + (back.belongs.part().isEmpty() ? "" : ": " + back.belongs.part())
                            + (back.belongs.because().isEmpty()
                                    ? ""
                                    : " (" + back.belongs.because() + ")"));
        }
        if (!back.matchMark.isBlank()) {
            words.add("mark " + back.matchMark);
        }
        if (!back.matchedWith.isBlank()) {
            words.add("matched with " + back.matchedWith);
        }
        if (found.setting != null) {
            words.add(
                    found.setting.name()
                            + (found.setting.value().isBlank()
                                    ? ": value not noted"
                                    : " " + found.setting.value()));
        }
        for (var loose : found.loose) {
            words.add(
                    (loose.found() == null ? "uncounted" : String.valueOf(loose.found()))
                            + " of "
                            + (loose.expected() == null ? "?" : String.valueOf(loose.expected()))
                            + " × "
                            + loose.kind().words());
        }
        if (!work.tool.isBlank()) {
            words.add(work.tool);
        }
        if (!found.hard.isBlank()) {
            words.add("hard: " + found.hard);
        }
        if (!found.stuckTo.isBlank()) {
            words.add("stuck to " + found.stuckTo);
        }
        if (!subassembly.isEmpty()) {
            words.add("in " + subassembly + (leftAssembled ? ", left together on purpose" : ""));
        }
        return words;
    }
}
