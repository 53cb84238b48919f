package app.yunque.line;

import app.yunque.drive.DriveShafts;
import app.yunque.gear.Member;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.teardown.Condition;
import app.yunque.teardown.Fastening;
import app.yunque.teardown.GearPlace;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import app.yunque.teardown.StripAct;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One typed line, read. Only what the line determines is there: what it does not say is missing and never a default, and what was not
 * understood stays in the note in the words typed. A wrong reading is worse than none. Source of the words: {@code vocabulary.table},
 * common practice, no source.
 *
 * @param act      what was done; missing where the line does not tell
 * @param parts    what it was done to
 * @param loose    small things that came free, counted
 * @param fasteners what held it, or the fastener itself
 * @param tray     tray, or "bag 3"; may be empty
 * @param goesOn   what goes on it; may be empty
 * @param tool     main tool; may be empty
 * @param minutes  minutes it took; missing where the line does not say
 * @param people   how many it took; missing where the line does not say
 * @param massKg   mass (kg); missing where the line does not say
 * @param hard     why it was hard; may be empty
 * @param stuckTo  what it came off together with; may be empty
 * @param together what came out whole; may be empty
 * @param mark     match mark; may be empty
 * @param note     what is not read as anything else, in the words typed; may be empty
 * @param pieces   what was understood, in the order of the line
 * @param problems what was seen and cannot be, in whole sentences
 */
public record LineReading(
        @Nullable StripAct act,
        List<Part> parts,
        List<Loose> loose,
        List<Fastener> fasteners,
        String tray,
        String goesOn,
        String tool,
        @Nullable Double minutes,
        @Nullable Integer people,
        @Nullable Double massKg,
        String hard,
        String stuckTo,
        String together,
        String mark,
        String note,
        List<Piece> pieces,
        List<String> problems) {
    public static final int LONGEST = 400;

    /** What may be found on a part as it comes off, and what that is at a glance. */
    public enum Found {
        SOUND(Condition.SOUND),
        WORN(Condition.WORN),
        SCORED(Condition.WORN),
        CORRODED(Condition.CORRODED),
        BROKEN(Condition.BROKEN),
        BENT(Condition.NOT_SAID),
        SHEARED(Condition.BROKEN),
        CRACKED(Condition.CRACKED),
        TORN(Condition.BROKEN),
        CHIPPED(Condition.BROKEN),
        PITTED(Condition.PITTED),
        STRIPPED(Condition.BROKEN),
        BURRED(Condition.RAISED_METAL),
        BLUED(Condition.NOT_SAID),
        WEAK(Condition.WORN),
        HARDENED(Condition.WORN),
        SWOLLEN(Condition.WORN),
        GROOVED(Condition.WORN),
        LOST(Condition.NOT_SAID),
        LOOSE(Condition.NOT_SAID),
        SEIZED(Condition.NOT_SAID),
        LEAKING(Condition.NOT_SAID),
        TEETH_MISSING(Condition.BROKEN);

        private final Condition atAGlance;

        Found(Condition atAGlance) {
            this.atAGlance = atAGlance;
        }

        public String words() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    /**
     * A number as typed.
     *
     * @param text digits as typed, fractions of an inch as a decimal number
     * @param unit mm, in, thou, N·m, lbf·ft, lbf·in
     */
    public record Amount(String text, String unit) {
        private static final double INCH_MM = 25.4;
        private static final double FOOT_POUND_NM = 1.3558179483314004;

        /** In mm or N·m. */
        public double canonical() {
            double value = Double.parseDouble(text.replace(',', '.'));
            return switch (unit) {
                case "in" -> value * INCH_MM;
                case "thou" -> value * INCH_MM / 1000;
                case "lbf·ft" -> value * FOOT_POUND_NM;
                case "lbf·in" -> value * FOOT_POUND_NM / 12;
                default -> value;
            };
        }

        /** 1 1/4, 1-1/4, 3/8 or .062 inches as a decimal number; what is decimal already stays as typed. */
        static Amount inches(String text) {
            return new Amount(decimal(text), "in");
        }

        static String decimal(String text) {
            if (!text.contains("/")) {
                return text.startsWith(".") || text.startsWith(",") ? "0" + text : text;
            }
            double sum = 0;
            for (var part : text.split("[\\s-]+")) {
                var over = part.split("/");
                sum +=
                        Double.parseDouble(over[0])
                                / (over.length > 1 ? Double.parseDouble(over[1]) : 1);
            }
            return PlainDigits.exact(Math.round(sum * 1e6) / 1e6);
        }
    }

    /**
     * @param what  what was found
     * @param words in the words typed
     * @param count pieces it was found on; missing where it is all of them
     * @param of    of how many; missing where it is all of them
     * @param not   true when it was looked for and is not there
     */
    public record Finding(
            Found what, String words, @Nullable Integer count, @Nullable Integer of, boolean not) {
        /** True where only some of several pieces have it. */
        public boolean isPartial() {
            return count != null;
        }

        /** "2 of 3 pitted", "not cracked", "bent". */
        String inWords() {
            return (not ? "not " : "")
                    + (count == null ? "" : of == null ? count + " " : count + " of " + of + " ")
                    + what.words();
        }
    }

    /**
     * @param name      as it is called
     * @param kind      its kind
     * @param count     pieces; missing where the line does not say
     * @param shaft     shaft from 1; missing where the line does not say
     * @param side      end of the shaft; missing where the line does not say
     * @param gear      gear of the papers; missing where the line names none
     * @param position  any other place; may be empty
     * @param wayRound  which face looks where; may be empty
     * @param size      size as typed; may be empty
     * @param teeth     number of teeth; missing where the line does not say
     * @param thickness thickness of one piece; missing where the line does not say
     * @param found     what was found on it
     * @param renew     true when it must not be used again
     * @param with      what is still on it; may be empty
     * @param insteadOf what belongs there instead of it; may be empty
     */
    public record Part(
            String name,
            PartKind kind,
            @Nullable Integer count,
            @Nullable Integer shaft,
            @Nullable Side side,
            @Nullable GearPlace gear,
            String position,
            String wayRound,
            String size,
            @Nullable Integer teeth,
            @Nullable Amount thickness,
            List<Finding> found,
            boolean renew,
            String with,
            String insteadOf) {
        public Part {
            found = List.copyOf(found);
        }

        /** The worst that was found on all of its pieces, at a glance; what only some have says nothing of the rest. */
        public Condition condition() {
            return found.stream()
                    .filter(f -> !f.not && !f.isPartial())
                    .map(f -> f.what.atAGlance)
                    .filter(c -> c != Condition.NOT_SAID)
                    .max(Comparator.naturalOrder())
                    .orElse(Condition.NOT_SAID);
        }

        private boolean isSeenAtAGlance(Finding finding) {
            return finding.what.atAGlance != Condition.NOT_SAID
                    && finding.what.atAGlance == condition();
        }

        /** What was found and the glance does not tell: on some pieces, looked for and not there, bent, lost. */
        public String foundBeside() {
            return found.stream()
                    .filter(f -> f.not || f.isPartial() || !isSeenAtAGlance(f))
                    .map(Finding::inWords)
                    .collect(Collectors.joining(", "));
        }
    }

    /**
     * @param kind     what came free
     * @param count    how many were found; missing where the line does not say
     * @param size     size as typed; may be empty
     * @param name     as it is called
     */
    public record Loose(PartKind kind, @Nullable Integer count, String size, String name) {}

    /**
     * @param count    how many; missing where the line does not say
     * @param thread   thread in its usual spelling; empty where the line names none
     * @param length   length under the head; missing where the line does not say
     * @param leftHand true for a left-hand thread, false for a right-hand one; missing where the line does not say
     * @param torque   tightening torque; missing where the line does not say
     * @param source   where the torque comes from; empty where the line does not say
     * @param drive    drive and size; may be empty
     * @param locking  what keeps it from coming loose; missing where the line does not say
     * @param byFeel   how tight, where the line says it without a figure: "finger tight"; may be empty
     * @param part     place of the part it belongs to, 0 first; -1 where it belongs to none
     */
    public record Fastener(
            @Nullable Integer count,
            String thread,
            @Nullable Amount length,
            @Nullable Boolean leftHand,
            @Nullable Amount torque,
            String source,
            String drive,
            Fastening.@Nullable Locking locking,
            String byFeel,
            int part) {
        /** With all that was said of it: "left-hand, 30 N·m (estimate), hex 24, threadlocker, medium strength". */
        public String inFull() {
            return Stream.of(
                            inWords(),
                            leftHand == null ? "" : leftHand ? "left-hand" : "right-hand",
                            torque == null ? "" : torque.text() + " " + torque.unit(),
                            source.isEmpty() ? "" : "(" + source + ")",
                            drive,
                            locking == null ? "" : locking.words(),
                            byFeel)
                    .filter(w -> !w.isEmpty())
                    .collect(Collectors.joining(", "))
                    .replace(", (", " (");
        }

        /** "2 × M8, 60 mm long". */
        public String inWords() {
            return ((count == null ? "" : count + " × ")
                            + (thread.isEmpty() ? "no thread named" : thread)
                            + (length == null
                                    ? ""
                                    : ", " + length.text() + " " + length.unit() + " long"))
                    .strip();
        }

        Fastener of(int otherPart) {
            return new Fastener(
                    count, thread, length, leftHand, torque, source, drive, locking, byFeel,
                    otherPart);
        }
    }

    /**
     * @param words   the words of the line
     * @param meaning what they were taken for
     * @param from    place of the first character, 0 first
     */
    public record Piece(String words, String meaning, int from) {}

    /**
     * The line before, where this one leans on it ("same shaft").
     *
     * @param shaft shaft from 1; missing where there is none
     */
    public record Previous(@Nullable Integer shaft) {
        public static final Previous NONE = new Previous(null);
    }

    public LineReading {
        parts = List.copyOf(parts);
        loose = List.copyOf(loose);
        fasteners = List.copyOf(fasteners);
        pieces = List.copyOf(pieces);
        problems = List.copyOf(problems);
    }

    /** True where something came off and it is known what. */
    public boolean takesOff() {
        return act == StripAct.TAKE_OFF && !(parts.isEmpty() && loose.isEmpty());
    }

    /** With the words of the trade alone. */
    public static LineReading of(
            String line, List<String> shafts, Optional<DriveShafts> drive, Previous previous) {
        return of(line, shafts, drive, previous, OwnWords.NONE);
    }

    /**
     * @param line     as typed, at most 400 characters
     * @param shafts   names of the shafts, input first
     * @param drive    shafts of the stages by the papers; empty when they are not known
     * @param previous the line before
     * @param own      words of the shop
     * @throws Refused when the line is empty or too long
     */
    public static LineReading of(
            String line,
            List<String> shafts,
            Optional<DriveShafts> drive,
            Previous previous,
            OwnWords own) {
        if (line.isBlank()) {
            throw Refused.because(
                    "line", "Type what came off, for example: cover input left 6x M8x25 tray B.");
        }
        if (line.length() > LONGEST) {
            throw Refused.because(
                    "line",
                    "The line has %d characters; at most %d fit. Keep it in two steps."
                            .formatted(line.length(), LONGEST));
        }
        return new LineReader(line, shafts, drive, previous, Vocabulary.with(own)).read();
    }

    /** A gear of the papers: "pinion 1", "wheel 2". */
    static GearPlace gear(String member, String stage) {
        return new GearPlace(
                Integer.parseInt(stage),
                member.equalsIgnoreCase("pinion") ? Member.PINION : Member.WHEEL);
    }
}
