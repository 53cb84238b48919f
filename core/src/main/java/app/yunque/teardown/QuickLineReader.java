package app.yunque.teardown;

import static app.yunque.teardown.QuickLineWords.CONDITIONS;
import static app.yunque.teardown.QuickLineWords.COUNT;
import static app.yunque.teardown.QuickLineWords.COUNTS;
import static app.yunque.teardown.QuickLineWords.COUNT_AFTER;
import static app.yunque.teardown.QuickLineWords.DRIVE;
import static app.yunque.teardown.QuickLineWords.DRIVE_END;
import static app.yunque.teardown.QuickLineWords.FACING;
import static app.yunque.teardown.QuickLineWords.HARD;
import static app.yunque.teardown.QuickLineWords.HOUSING;
import static app.yunque.teardown.QuickLineWords.INCH;
import static app.yunque.teardown.QuickLineWords.LEFT_HAND;
import static app.yunque.teardown.QuickLineWords.LENGTH;
import static app.yunque.teardown.QuickLineWords.LOCK;
import static app.yunque.teardown.QuickLineWords.LOOSE;
import static app.yunque.teardown.QuickLineWords.MATCH_MARK;
import static app.yunque.teardown.QuickLineWords.METRIC;
import static app.yunque.teardown.QuickLineWords.METRIC_TIGHT;
import static app.yunque.teardown.QuickLineWords.MINUTES;
import static app.yunque.teardown.QuickLineWords.NEW;
import static app.yunque.teardown.QuickLineWords.NOTE;
import static app.yunque.teardown.QuickLineWords.NUMBERED_SHAFT;
import static app.yunque.teardown.QuickLineWords.PAPERS;
import static app.yunque.teardown.QuickLineWords.PIPE;
import static app.yunque.teardown.QuickLineWords.RIGHT_HAND;
import static app.yunque.teardown.QuickLineWords.SIDE;
import static app.yunque.teardown.QuickLineWords.STUCK_TO;
import static app.yunque.teardown.QuickLineWords.TEETH;
import static app.yunque.teardown.QuickLineWords.THICK;
import static app.yunque.teardown.QuickLineWords.TOOL;
import static app.yunque.teardown.QuickLineWords.TORQUE;
import static app.yunque.teardown.QuickLineWords.TRAY;
import static app.yunque.teardown.QuickLineWords.WORD_COUNT;
import static app.yunque.teardown.QuickLineWords.words;

import app.yunque.drive.DriveShafts;
import app.yunque.fastener.ScrewThread;
import app.yunque.gear.Member;
import app.yunque.measure.Refused;
import app.yunque.teardown.QuickLine.Amount;
import app.yunque.teardown.QuickLine.Piece;
import app.yunque.teardown.QuickLine.Screw;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads one line. Each rule looks for its words in what is left, notes what it understood and blanks the words out, so that
 * places stay true and the rest becomes the name of the part. Telling words go first: a tray before a side, a thread before
 * a count.
 */
final class QuickLineReader {
    private static final char GONE = '\u0000';
    private final String line;
    private final List<String> shafts;
    private final Optional<DriveShafts> drive;
    private final StringBuilder left;
    private final List<Piece> pieces = new ArrayList<>();
    private final List<String> problems = new ArrayList<>();

    QuickLineReader(String line, List<String> shafts, Optional<DriveShafts> drive) {
        this.line = line.replace('\u0000', ' ').strip();
        this.shafts = shafts;
        this.drive = drive;
        this.left = new StringBuilder(this.line);
    }

    QuickLine read() {
        var note = take(NOTE, "note").map(m -> first(m, 1, 2)).orElse("");
        var tray = take(TRAY, "tray").map(QuickLineReader::trayName).orElse("");
        var torque = take(TORQUE, "torque");
        var minutes = take(MINUTES, "minutes").map(m -> decimal(m.group(1))).orElse(null);
        var stuckTo = take(STUCK_TO, "stuck to").map(m -> m.group(1).strip()).orElse("");
        var hard = take(HARD, "why it was hard").map(m -> m.group(1)).orElse("");
        var loose = take(LOOSE, "loose items, counted").map(QuickLineReader::loose).orElse(null);
        var facing = take(FACING, "which way round").map(m -> tidy(m.group())).orElse("");
        var held = held(torque.orElse(null));
        var thickness = take(THICK, "thickness").map(m -> amount(m, "mm")).orElse(null);
        var papers = peek(PAPERS, "gear of the papers").map(QuickLineReader::papers).orElse(null);
        var teeth = peek(TEETH, "teeth").map(m -> Integer.valueOf(first(m, 1, 2, 3))).orElse(null);
        var mark = take(MATCH_MARK, "match mark").map(m -> m.group(1)).orElse("");
        var drive =
                take(DRIVE, held == null ? "tool" : "drive")
                        .map(m -> m.group(1).strip())
                        .orElse("");
        var tool = take(TOOL, "tool").map(m -> m.group(1).strip()).orElse("");
        boolean renew = take(NEW, "single use: a new one goes in").isPresent();
        var condition = condition();
        var shaft = shaft();
        var side = side();
        int count = count(held);
        var part = rest();
        var kind = PartKind.guess(part).orElse(PartKind.OTHER);
        if (part.isEmpty()) {
            part = held == null ? "" : "screw";
            kind = held == null ? PartKind.OTHER : PartKind.SCREW;
        }
        if (part.isEmpty()) {
            problems.add("Say what came off: no part is named in this line.");
        }
        pieces.sort(Comparator.comparingInt(Piece::from));
        return new QuickLine(
                part,
                papers != null ? PartKind.GEAR : kind,
                count,
                papers != null ? shaftOf(papers) : shaft,
                papers != null ? Side.MIDDLE : side,
                papers,
                facing,
                held == null ? null : held.with(drive),
                tray,
                condition,
                held == null && tool.isEmpty() ? drive : tool,
                minutes,
                mark,
                hard,
                stuckTo,
                loose,
                thickness,
                teeth,
                note.strip(),
                renew || kind.isSingleUse(),
                pieces,
                problems);
    }

    /** Where the papers put a gear; without papers stages stand in a row, each on the next shaft. */
    private Integer shaftOf(GearPlace gear) {
        boolean isDriven = gear.member() == Member.WHEEL;
        return drive.filter(d -> gear.stage() <= d.driver().size())
                .map(d -> d.of(gear.stage(), isDriven))
                .orElseGet(() -> isDriven ? gear.stage() + 1 : gear.stage());
    }

    /** What held the part, before its drive is known. */
    private record Held(
            @Nullable Integer count,
            String thread,
            @Nullable Amount length,
            boolean leftHand,
            @Nullable Amount torque,
            String source,
            Fastening.Locking locking) {
        Screw with(String drive) {
            return new Screw(
                    count == null ? 1 : count,
                    thread,
                    length,
                    leftHand,
                    torque,
                    source,
                    drive,
                    locking);
        }
    }

    private @Nullable Held held(@Nullable MatchResult torque) {
        var leftHand = take(LEFT_HAND, "left-hand thread").isPresent();
        take(RIGHT_HAND, "right-hand thread");
        var thread = take(METRIC_TIGHT, "").or(() -> take(METRIC, ""));
        Held held = thread.map(this::metric).orElse(null);
        if (held == null) {
            held = take(INCH, "").map(this::inch).orElse(null);
        }
        if (held == null) {
            held = take(PIPE, "").map(m -> threaded(m, m.group(1), m.group(2), null)).orElse(null);
        }
        if (held == null) {
            if (torque != null) {
                problems.add("A torque is given but no thread: say which screw, for example M8.");
            }
            return null;
        }
        var length =
                held.length != null
                        ? held.length
                        : take(LENGTH, "length under the head")
                                .map(m -> amount(m, "mm"))
                                .orElse(null);
        var locking =
                take(LOCK, "threadlocker")
                        .map(m -> lock(m.group(1)))
                        .orElse(Fastening.Locking.NONE);
        return new Held(
                held.count,
                held.thread,
                length,
                leftHand,
                torque == null
                        ? null
                        : new Amount(
                                torque.group(1),
                                torque.group(2).toLowerCase(Locale.ROOT).startsWith("n")
                                        ? "N·m"
                                        : "lbf·ft"),
                torque == null
                        ? ""
                        : torque.group(3) == null
                                ? "typed at the bench, no source"
                                : torque.group(3).strip(),
                locking);
    }

    /** M8×25 is a length, M8×1 a pitch, M10×1.25×30 both: the thread table decides. */
    private @Nullable Held metric(MatchResult m) {
        var size = m.group(2);
        var one = m.group(3);
        var two = m.group(4);
        if (one == null) {
            return threaded(m, m.group(1), "M" + size, null);
        }
        boolean pitch =
                two != null || ScrewThread.hasPitch(size, one) || decimal(one) < decimal(size) / 2;
        return pitch
                ? threaded(
                        m,
                        m.group(1),
                        "M" + size + "×" + one,
                        two == null ? null : new Amount(two, "mm"))
                : threaded(m, m.group(1), "M" + size, new Amount(one, "mm"));
    }

    private @Nullable Held inch(MatchResult m) {
        var length = m.group(3);
        return threaded(
                m,
                m.group(1),
                m.group(2),
                length == null ? null : new Amount(decimalInches(length), "in"));
    }

    private @Nullable Held threaded(
            MatchResult m, @Nullable String count, String thread, @Nullable Amount length) {
        try {
            var name = ScrewThread.of(thread).name();
            var words =
                    (count == null ? "" : count + " × ")
                            + name
                            + (length == null
                                    ? ""
                                    : ", " + length.text() + " " + length.unit() + " long");
            pieces.add(new Piece(m.group().strip(), "held by " + words, m.start()));
            return new Held(
                    count == null ? null : Integer.valueOf(count),
                    name,
                    length,
                    false,
                    null,
                    "",
                    Fastening.Locking.NONE);
        } catch (Refused none) {
            problems.add(none.getMessage());
            return null;
        }
    }

    private static Fastening.Locking lock(@Nullable String strength) {
        return switch (strength == null ? "medium" : strength.toLowerCase(Locale.ROOT)) {
            case "low" -> Fastening.Locking.THREADLOCK_LOW;
            case "high" -> Fastening.Locking.THREADLOCK_HIGH;
            default -> Fastening.Locking.THREADLOCK_MEDIUM;
        };
    }

    private Condition condition() {
        for (var entry : CONDITIONS.entrySet()) {
            if (take(entry.getKey(), "as found: " + entry.getValue().words()).isPresent()) {
                return entry.getValue();
            }
        }
        return Condition.NOT_SAID;
    }

    /** A shaft named where it only says where is taken out; "input cover" keeps its name and still says where. */
    private @Nullable Integer shaft() {
        var numbered = take(NUMBERED_SHAFT, "shaft");
        if (numbered.isPresent()) {
            int shaft = Integer.parseInt(numbered.get().group(1));
            if (shaft > shafts.size()) {
                problems.add(
                        "There is no shaft %d: this unit has %d, the input is 1."
                                .formatted(shaft, shafts.size()));
                return null;
            }
            return shaft;
        }
        for (int s = 0; s < shafts.size(); s++) {
            var name = Pattern.quote(shafts.get(s).replaceFirst("(?i)\\s+shaft$", ""));
            var alone =
                    words(
                            "(?<!of |of the )\\b(?:on (?:the )?)?"
                                    + name
                                    + "(?:\\s+shaft)?(?=\\s*(?:,|;|$|\\u0000|left|right|middle))");
            if (take(alone, "on the " + shafts.get(s)).isPresent()
                    || peek(words("\\b" + name + "\\b"), "on the " + shafts.get(s)).isPresent()) {
                return s + 1;
            }
        }
        return take(HOUSING, "on the housing").map(m -> 0).orElse(null);
    }

    private @Nullable Side side() {
        var end = take(DRIVE_END, "end of the shaft").or(() -> take(SIDE, "end of the shaft"));
        return end.map(
                        m ->
                                switch (m.group(1).toLowerCase(Locale.ROOT)) {
                                    case "left", "drive" -> Side.LEFT;
                                    case "middle" -> Side.MIDDLE;
                                    default -> Side.RIGHT;
                                })
                .orElse(null);
    }

    private int count(@Nullable Held held) {
        var digits = take(COUNT, "pieces").or(() -> take(COUNT_AFTER, "pieces"));
        if (digits.isPresent()) {
            var text = first(digits.get(), 1, 2, 3);
            return Integer.parseInt(text);
        }
        var word = take(WORD_COUNT, "pieces");
        if (word.isPresent()) {
            return COUNTS.get(word.get().group(1).toLowerCase(Locale.ROOT));
        }
        boolean onlyScrews =
                held != null
                        && held.count != null
                        && PartKind.guess(rest())
                                .filter(k -> k == PartKind.SCREW || k == PartKind.NUT)
                                .isPresent();
        return onlyScrews ? java.util.Objects.requireNonNull(held.count) : 1;
    }

    private String rest() {
        var words = left.toString().replace(GONE, ' ').replaceAll("\\s+", " ").strip();
        return tidy(words.replaceAll("(\\s*[,;]\\s*)+", ", "));
    }

    private static String tidy(String words) {
        return words.strip()
                .replaceAll("^[,;:\\s]+|[,;:\\s]+$", "")
                .replaceAll("\\s+", " ")
                .replaceAll("(?i)^(?:the|an?)\\s+|\\s+(?:with|on|by|from|of|at|and|on the)$", "");
    }

    private Optional<MatchResult> take(Pattern pattern, String meaning) {
        var m = pattern.matcher(left);
        if (!m.find()) {
            return Optional.empty();
        }
        var result = m.toMatchResult();
        note(result, meaning);
        for (int i = result.start(); i < result.end(); i++) {
            left.setCharAt(i, GONE);
        }
        return Optional.of(result);
    }

    /** Understands words and leaves them in the name of the part. */
    private Optional<MatchResult> peek(Pattern pattern, String meaning) {
        var m = pattern.matcher(left);
        if (!m.find()) {
            return Optional.empty();
        }
        note(m.toMatchResult(), meaning);
        return Optional.of(m.toMatchResult());
    }

    private void note(MatchResult m, String meaning) {
        var words = line.substring(m.start(), m.end());
        int blank = words.length() - words.stripLeading().length();
        if (!meaning.isEmpty() && !words.isBlank()) {
            pieces.add(new Piece(words.strip(), meaning, m.start() + blank));
        }
    }

    private static String first(MatchResult m, int... groups) {
        for (int group : groups) {
            if (m.group(group) != null) {
                return m.group(group);
            }
        }
        return "";
    }

    private static String trayName(MatchResult m) {
        var label = m.group(2).toUpperCase(Locale.ROOT);
        return m.group(1).equalsIgnoreCase("tray")
                ? label
                : m.group(1).toLowerCase(Locale.ROOT) + " " + label;
    }

    private static LooseItem loose(MatchResult m) {
        int number = Integer.parseInt(m.group(1));
        var kind = PartKind.guess(first(m, 2, 3)).orElse(PartKind.OTHER);
        return new LooseItem(kind, number, number);
    }

    private static GearPlace papers(MatchResult m) {
        return new GearPlace(
                Integer.parseInt(m.group(2)),
                m.group(1).equalsIgnoreCase("pinion") ? Member.PINION : Member.WHEEL);
    }

    private static Amount amount(MatchResult m, String otherwise) {
        var unit =
                m.group(2) == null
                        ? otherwise
                        : m.group(2).equals("\"") ? "in" : m.group(2).toLowerCase(Locale.ROOT);
        return new Amount(unit.equals("in") ? decimalInches(m.group(1)) : m.group(1), unit);
    }

    /** 1 1/4 → 1.25; what is decimal stays as typed. */
    private static String decimalInches(String text) {
        if (!text.contains("/")) {
            return text;
        }
        double inches = 0;
        for (var part : text.split(" ")) {
            var over = part.split("/");
            inches +=
                    Double.parseDouble(over[0])
                            / (over.length > 1 ? Double.parseDouble(over[1]) : 1);
        }
        return app.yunque.measure.PlainDigits.exact(Math.round(inches * 1e6) / 1e6);
    }

    private static double decimal(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }
}
