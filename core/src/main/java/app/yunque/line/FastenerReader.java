package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.fastener.ScrewThread;
import app.yunque.line.LineReading.Amount;
import app.yunque.line.LineReading.Fastener;
import app.yunque.measure.Refused;
import app.yunque.teardown.Fastening.Locking;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Reads threads, with their count, length, hand, torque, drive and what keeps them from coming loose. */
final class FastenerReader {
    private static final String NUMBER = "\\d{1,4}(?:[.,]\\d{1,4})?";
    private static final String FRACTION = "\\d{1,2}/\\d{1,2}";
    private static final String INCHES =
            "\\d{1,2}[\\s-]" + FRACTION + "|" + FRACTION + "|\\d{0,2}[.,]\\d{1,4}|\\d{1,2}";
    private static final String COUNT =
            "(?:(?<![\\p{L}\\p{N}./-])(\\d{1,3}|"
                    + Numbers.WORDS
                    + ")\\s?(?:x|×|\\*|off|pcs)?\\s+(?:(?:of|the)\\s+)?)?";

    /** Fastener words that may stand between the count and the thread: "2 cap screws M8x35", "nine cross head M4x8". */
    private static final String BETWEEN =
            "((?:(?:self[\\s-]|cross[\\s-]?|hex|cap|socket|set|grub|machine|flange|coach|carriage|slotted|countersunk|csk|round|cheese|pan|wing|jam|lock|castle|plain|allen|long|short|jack|eye|stop|clamp|shoulder|through|head(?:ed)?|cover|case|base|brass|steel)[\\s-]?)*"
                    + "(?:screws?|bolts?|nuts?|studs?|tappers?|tapping|head)?\\s+)?";

    private static final Pattern METRIC =
            words(
                    COUNT
                            + BETWEEN
                            + "(?:(\\d{1,3})\\s?[x×*]\\s?)?\\bM\\s?(\\d{1,3}(?:[.,]\\d)?)(?=[x×*]\\d|[^\\p{L}\\d]|$)(?:\\s(?:socket|hex|cap|allen|csk|countersunk|slotted|cross|pan|cheese|torx)[\\s-]?heads?(?=\\s?[x×*]\\s?\\d))?(?:\\s?[x×*]\\s?("
                            + NUMBER
                            + "))?(?:\\s?[x×*]\\s?("
                            + NUMBER
                            + "))?(?:\\s?mm\\b)?(\\s?(?:8|10|12)\\.[89]\\b)?(\\s[x×*]\\s?\\d{1,3}\\b)?");

    private static final Pattern INCH =
            words(
                    COUNT
                            + BETWEEN
                            + "(?:(\\d{1,3})\\s?[x×*]\\s?)?((?:(?:#|no\\.?\\s?)?\\d{1,2}|\\d{1,2}[\\s-]\\d{1,2}/\\d{1,2}|\\d{1,2}/\\d{1,2})\"?-\\d{1,2}(?:\\.5)?)(?=[x×*]\\s?[\\d.]|[^\\p{L}\\d/]|$)"
                            + "(\\s?N\\.?P\\.?T\\b|\\s?UN[CFS]\\b|\\s?BS[WF]\\b)?"
                            + "(?:\\s?[x×*]\\s?("
                            + INCHES
                            + ")\\s?(?:\"|in\\b|inch(?:es)?\\b)?)?(?:\\s?(long)\\b)?");

    private static final Pattern PIPE =
            words(
                    COUNT
                            + "()(?:(\\d{1,3})\\s?[x×*]\\s?)?\\b(G\\s?(?:\\d{1,2}[\\s-]\\d/\\d|\\d/\\d|\\d)|(?:\\d{1,2}[\\s-])?\\d/\\d\\s?(?:BSPT?|NPT|pipe))(?![\\p{L}\\d/])");

    private static final Pattern TRAPEZOIDAL =
            words(
                    COUNT
                            + "()(?:(\\d{1,3})\\s?[x×*]\\s?)?\\b(Tr\\s?\\d{1,3}\\s?[x×*]\\s?\\d{1,2})\\b");

    private static final Pattern TORQUE =
            words(
                    "(?<![\\p{N}.,])("
                            + NUMBER
                            + ")\\s?(N[·.\\s]?m|Nm|newton[\\s-]?met(?:er|re)s?|lbf?[·.\\s-]?ft|ft[·.\\s-]?lbf?s?|foot[\\s-]pounds?|pounds?[\\s-]f(?:ee|oo)t|lbf?[·.\\s-]?in|in[·.\\s-]?lbf?s?|inch[\\s-]pounds?)(?![\\p{L}])"
                            + "(?:,?\\s+(?:from\\s+|by\\s+|per\\s+|as per\\s+|acc(?:ording)?\\.?\\s+to\\s+)?(?:the\\s+)?(est(?:\\.|imated?\\b)?|guess(?:ed)?\\b|felt\\b|(?:maker['’]?s\\s+)?(?:manual|sheet|table|name\\s?plate|plate|drawing|book|handbook|chart|spec(?:ification)?)\\b(?:\\s?(?:p(?:age)?\\.?\\s?)?\\d{1,4})?|(?<=from\\s)[^,;]{2,60}))?");

    private static final Pattern BY_FEEL =
            words(
                    "\\b(?:(?:finger|hand)[\\s-]?tight(?: only)?|snug(?:ged)?(?: up| down)?|nipped(?: up)?|just nipped|(?:to|until|till) (?:there is |it has )?no play|alternately)"
                            + "(?:,? (?:plus|and|then|and then|\\+) (?:a |an |another |back(?:ed)?(?: off)?(?: a| an)? ?)?(?:\\d/\\d|quarter|half|eighth|full|hair)?(?: of a)?(?: turns?)?)?(?![\\p{L}\\d])");

    private static final Pattern LENGTH =
            words(
                    "(?<![\\p{L}\\p{N}])("
                            + INCHES
                            + "|"
                            + NUMBER
                            + ")\\s?(mm|in\\b|\")?\\s*long\\b");

    /** "Washer M5 x2": its size, and two of them. */
    private static final Pattern WASHER_BEFORE = words("washers?\\s*(?:of\\s+)?$");

    /** "M8 helicoil wanted", "M6 tap run through": the size of a tool or of a repair. */
    private static final Pattern NO_FASTENER_AFTER =
            words(
                    "^\\s*(?:helicoils?|thread inserts?|taps?\\b|dies?\\b|drill|hole|spanner|wrench|puller)");

    private static final Pattern LEFT_HAND =
            words(
                    "\\b(?:LH(?!\\s+(?:heli|worm|spiral|gear))|left[\\s-]hand(?:ed)?(?:\\s+thread)?|thread left|left thread)\\b(?!\\s+(?:helix|side|end|lead|flute))");
    private static final Pattern RIGHT_HAND =
            words(
                    "\\b(?:RH|right[\\s-]hand(?:ed)?(?:\\s+thread)?)\\b(?!\\s+(?:helix|side|end|lead))");
    private static final Pattern ONE_OF_EACH =
            words(
                    "\\bone RH\\b[,\\s]+(?:and\\s+)?one LH\\b|\\bone LH\\b[,\\s]+(?:and\\s+)?one RH\\b");
    private static final Pattern KEY =
            words(
                    "(?<![\\p{L}\\p{N}])("
                            + INCHES
                            + "|"
                            + NUMBER
                            + ")\\s?(?:mm|in|\")?\\s?(?:a\\/f\\s?)?(?:key|allen(?: key)?|hex key)\\b");
    private static final Pattern HEAD_ACROSS =
            words(
                    "(?<![\\p{L}\\p{N}/])((?:\\d[\\s-])?"
                            + FRACTION
                            + "|\\d{1,2})\\s?(?:mm|in|\")?\\s(?:heads?|hex|spanner|socket|a\\/f|across flats)\\b");
    private static final Pattern DRIVE =
            words(
                    "\\b(hex socket|hex|socket|slotted|slot|cross(?:[\\s-]head)?(?![\\s-]thread)|square|star|torx|spanner|hook spanner|pin spanner|c-spanner|countersunk|allen)\\s?(\\d{1,2}/\\d{1,2}|\\d{1,3}(?:[.,]\\d)?)?(?![\\p{L}\\d])");
    private static final Map<Pattern, Locking> LOCKS = new LinkedHashMap<>();
    private static final Map<String, String> PLAIN_DRIVES =
            Map.of(
                    "cross head",
                    "cross",
                    "cross-head",
                    "cross",
                    "torx",
                    "star",
                    "allen",
                    "hex socket");

    static {
        LOCKS.put(
                words(
                        "\\bthread\\s?lock(?:er|ed|ing)?\\s*low\\b|\\blow(?:[\\s-]strength)?\\s+thread\\s?lock(?:er)?\\b"),
                Locking.THREADLOCK_LOW);
        LOCKS.put(
                words(
                        "\\bthread\\s?lock(?:er|ed|ing)?\\s*high\\b|\\bhigh(?:[\\s-]strength)?\\s+thread\\s?lock(?:er)?\\b"),
                Locking.THREADLOCK_HIGH);
        LOCKS.put(
                words(
                        "(?<!without its )(?<!without )(?<!no )\\b(?:(?:medium|blue)(?:[\\s-]strength)?\\s+)?thread\\s?lock(?:er|ed|ing)?(?:\\s+it)?(?:\\s*medium)?\\b"),
                Locking.THREADLOCK_MEDIUM);
        LOCKS.put(
                words("\\bself[\\s-]?locking nuts?\\b|\\bnyloc(?: nuts?)?\\b"),
                Locking.PREVAILING_NUT);
        LOCKS.put(words("\\block\\s?wired?\\b|\\bwired\\b"), Locking.WIRE);
        LOCKS.put(
                words("\\b(?:with |on )(?:plain and )?spring washers?\\b"), Locking.SPRING_WASHER);
        LOCKS.put(words("\\bpeened\\b(?! over)|\\bstaked\\b"), Locking.PEENED);
        LOCKS.put(
                words("\\b(?:one on top of the other|second (?:set )?screw on top)\\b"),
                Locking.SECOND_SCREW);
    }

    private final TypedLine line;
    private final List<Read> read = new ArrayList<>();
    private final List<String> problems = new ArrayList<>();

    /**
     * A fastener and where it stands.
     *
     * @param words fastener words between its count and its thread: "cap screws"; may be empty
     */
    record Read(Fastener fastener, int from, int to, String words) {
        Read with(Fastener other) {
            return new Read(other, from, to, words);
        }
    }

    FastenerReader(TypedLine line) {
        this.line = line;
    }

    /** Everything the line says of fasteners, in its order, blanked out. */
    List<Read> read() {
        var torque = line.take(TORQUE, "torque");
        boolean eachHand = line.take(ONE_OF_EACH, "one right-hand, one left-hand").isPresent();
        Boolean left = line.take(LEFT_HAND, "left-hand thread").isPresent() ? Boolean.TRUE : null;
        if (left == null && line.take(RIGHT_HAND, "right-hand thread").isPresent()) {
            left = Boolean.FALSE;
        }
        all(TRAPEZOIDAL, (m) -> pipe(m, m.group(4)));
        all(PIPE, (m) -> pipe(m, m.group(4)));
        all(INCH, this::inch);
        all(METRIC, this::metric);
        read.sort(java.util.Comparator.comparingInt(Read::from));
        if (read.isEmpty() && torque.isEmpty() && left == null) {
            return List.of();
        }
        var length =
                read.isEmpty()
                        ? Optional.<MatchResult>empty()
                        : line.find(LENGTH)
                                .filter(FastenerReader::isALength)
                                .map(
                                        m -> {
                                            line.take(m.start(), m.end(), "length under the head");
                                            return m;
                                        });
        if (read.isEmpty()) {
            int at = torque.map(MatchResult::start).orElse(line.length());
            read.add(new Read(EMPTY, at, at, ""));
        }
        say(left, torque, length);
        drive();
        if (eachHand && read.size() == 1) {
            var one = read.get(0);
            var f = one.fastener;
            read.set(0, one.with(hand(f, 1, false)));
            read.add(one.with(hand(f, 1, true)));
        }
        return read;
    }

    List<String> problems() {
        return problems;
    }

    private static final double SHORTEST_WITHOUT_UNIT = 8;

    private static final Fastener EMPTY =
            new Fastener(null, "", null, null, null, "", "", null, "", -1);

    private static Fastener hand(Fastener f, int count, boolean left) {
        return new Fastener(
                count,
                f.thread(),
                f.length(),
                left,
                f.torque(),
                f.source(),
                f.drive(),
                f.locking(),
                f.byFeel(),
                -1);
    }

    private interface Make {
        @Nullable Fastener of(MatchResult m);
    }

    private void all(Pattern pattern, Make make) {
        int at = 0;
        while (at < line.length()) {
            var found = line.find(pattern, at, line.length());
            if (found.isEmpty()) {
                return;
            }
            var m = found.get();
            at = m.end();
            var fastener = make.of(m);
            if (fastener != null) {
                // Its name stays: it may be the part itself.
                line.note(m.start(), m.end(), "held by " + fastener.inWords());
                if (m.group(2) == null || m.group(2).isBlank()) {
                    line.take(m.start(), m.end(), "");
                } else {
                    line.take(m.start(), m.start(2), "");
                    line.take(m.end(2), m.end(), "");
                }
                read.add(
                        new Read(
                                fastener,
                                m.start(4),
                                m.end(),
                                m.group(2) == null ? "" : m.group(2).strip()));
            }
        }
    }

    private static @Nullable Integer count(MatchResult m, int... groups) {
        for (int group : groups) {
            if (m.group(group) != null) {
                return Numbers.of(m.group(group).replaceAll("[^\\p{L}\\d ]", "").strip())
                        .orElse(null);
            }
        }
        return null;
    }

    private static @Nullable Integer orOne(@Nullable Integer count, String between) {
        boolean single = between.matches("(?i).*(?:screw|bolt|nut|stud|tapper)\\s*");
        return count == null && single ? Integer.valueOf(1) : count;
    }

    /** M8×25 is a length, M8×1 a pitch, M10×1.25×30 both: the thread table decides. A number after a space and × is a count. */
    private @Nullable Fastener metric(MatchResult m) {
        var size = m.group(4);
        var first = m.group(5);
        var second = m.group(6);
        boolean isPitch = first != null && ScrewThread.hasPitch(size, first.replace(',', '.'));
        var thread = isPitch ? "M" + size + "x" + first : "M" + size;
        var length = isPitch ? second : first;
        var count = count(m, 1, 3);
        if (count == null && m.group(8) != null) {
            count = Integer.valueOf(m.group(8).replaceAll("\\D", ""));
        }
        if (!isPitch && first != null && second != null && count == null && !second.contains(".")) {
            count = Integer.valueOf(second);
        }
        if (NO_FASTENER_AFTER.matcher(line.left(m.end(), line.length())).find()) {
            return null;
        }
        if (WASHER_BEFORE.matcher(line.left(0, m.start())).find()) {
            return null;
        }
        if (length != null && Double.parseDouble(length.replace(',', '.')) < 2 && !isPitch) {
            thread = thread + "x" + length;
            length = null;
        }
        return threaded(
                count, m.group(2), thread, length == null ? null : new Amount(length, "mm"));
    }

    private @Nullable Fastener inch(MatchResult m) {
        var thread = m.group(4).replace("\"", "").replaceFirst("(?i)^no\\.?\\s?", "#");
        var whole = Pattern.compile("^(\\d{1,2})([\\s-])(\\d{1,2}/\\d{1,2}-.*)$").matcher(thread);
        var count = count(m, 1, 3);
        if (whole.matches()) {
            thread = whole.group(1) + " " + whole.group(3);
            if (!ScrewThread.isOne(thread)) {
                // "3 1/4-20": three of them.
                count = Integer.valueOf(whole.group(1));
                thread = whole.group(3);
            }
        }
        if (m.group(5) != null && m.group(5).strip().toUpperCase(Locale.ROOT).startsWith("N")) {
            return threaded(count, m.group(2), thread + " NPT", null);
        }
        if (!ScrewThread.isOne(thread) && ScrewThread.isOne("#" + thread)) {
            thread = "#" + thread;
        }
        if (thread.matches("\\d{1,2}-\\d{1,3}") && !ScrewThread.isOne(thread)) {
            // Two whole numbers may be anything: a pair of marks, a range, a part number.
            return null;
        }
        var length = m.group(6);
        return threaded(
                count, m.group(2), thread, length == null ? null : Amount.inches(length.strip()));
    }

    private @Nullable Fastener pipe(MatchResult m, String thread) {
        return threaded(count(m, 1, 3), "", thread, null);
    }

    private @Nullable Fastener threaded(
            @Nullable Integer count,
            @Nullable String between,
            String thread,
            @Nullable Amount length) {
        try {
            return new Fastener(
                    orOne(count, between == null ? "" : between),
                    ScrewThread.of(thread).name(),
                    length,
                    null,
                    null,
                    "",
                    drive(between == null ? "" : between),
                    null,
                    "",
                    -1);
        } catch (Refused none) {
            problems.add(none.getMessage());
            return null;
        }
    }

    private static String drive(String between) {
        var m = DRIVE.matcher(between);
        return m.find() && !m.group(1).equalsIgnoreCase("hex") ? plainDrive(m.group(1)) : "";
    }

    private static String plainDrive(String drive) {
        var lower = drive.toLowerCase(Locale.ROOT);
        return PLAIN_DRIVES.getOrDefault(lower, lower);
    }

    /** Hand, torque and length belong to the fastener named before them, else to the first. */
    private void say(
            @Nullable Boolean left, Optional<MatchResult> torque, Optional<MatchResult> length) {
        var lock = lock();
        var feel = line.take(BY_FEEL, "how tight").map(m -> m.group().strip()).orElse("");
        for (int i = 0; i < read.size(); i++) {
            var f = read.get(i).fastener;
            boolean first = i == 0;
            boolean isLast = i == read.size() - 1;
            read.set(
                    i,
                    read.get(i)
                            .with(
                                    new Fastener(
                                            f.count(),
                                            f.thread(),
                                            f.length() == null && first && length.isPresent()
                                                    ? amount(length.get(), f.thread())
                                                    : f.length(),
                                            first ? left : null,
                                            isLast || first
                                                    ? torque.map(FastenerReader::torque)
                                                            .orElse(null)
                                                    : null,
                                            isLast || first
                                                    ? torque.map(FastenerReader::source).orElse("")
                                                    : "",
                                            f.drive(),
                                            first ? lock : null,
                                            first ? feel : "",
                                            -1)));
        }
    }

    /** "2 long" beside short ones is two of them; a length that small has its unit. */
    private static boolean isALength(MatchResult m) {
        return m.group(2) != null
                || m.group(1).contains("/")
                || Double.parseDouble(m.group(1).replace(',', '.')) >= SHORTEST_WITHOUT_UNIT;
    }

    private static Amount amount(MatchResult m, String thread) {
        boolean inch =
                m.group(1).contains("/")
                        || (m.group(2) != null && !m.group(2).equalsIgnoreCase("mm"))
                        || (m.group(2) == null && thread.contains("-"));
        return inch ? Amount.inches(m.group(1)) : new Amount(m.group(1), "mm");
    }

    private static Amount torque(MatchResult m) {
        var unit = m.group(2).toLowerCase(Locale.ROOT);
        return new Amount(
                m.group(1),
                unit.startsWith("n") ? "N·m" : unit.contains("in") ? "lbf·in" : "lbf·ft");
    }

    private static String source(MatchResult m) {
        var source = m.group(3) == null ? "" : m.group(3).strip();
        return source.matches("(?i)est.*|guess.*") ? "estimate" : source;
    }

    private @Nullable Locking lock() {
        for (var lock : LOCKS.entrySet()) {
            if (line.take(lock.getKey(), lock.getValue().words()).isPresent()) {
                return lock.getValue();
            }
        }
        return null;
    }

    /** Drive and size: "hex 4", "24 hex", "5 mm key", "8 mm head". */
    private void drive() {
        var f = read.get(0).fastener;
        var key = line.take(KEY, "key that fits");
        var named = line.find(DRIVE).filter(m -> m.group(2) != null);
        var across =
                named.isPresent() || key.isPresent()
                        ? Optional.<MatchResult>empty()
                        : line.take(HEAD_ACROSS, "size of the drive");
        var words = f.drive();
        if (key.isPresent()) {
            words = (words.isEmpty() ? "hex" : words) + " " + key.get().group(1);
        } else if (across.isPresent()) {
            words = (words.isEmpty() ? "hex" : words) + " " + across.get().group(1);
        } else {
            var any = line.find(DRIVE).filter(m -> !m.group(1).equalsIgnoreCase("spanner"));
            if (any.isPresent()) {
                var m = any.get();
                line.take(m.start(), m.end(), "drive");
                words = plainDrive(m.group(1)) + (m.group(2) == null ? "" : " " + m.group(2));
            }
        }
        read.set(
                0,
                read.get(0)
                        .with(
                                new Fastener(
                                        f.count(),
                                        f.thread(),
                                        f.length(),
                                        f.leftHand(),
                                        f.torque(),
                                        f.source(),
                                        words,
                                        f.locking(),
                                        f.byFeel(),
                                        -1)));
    }
}
