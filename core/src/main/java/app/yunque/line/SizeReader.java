package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.line.LineReading.Amount;
import app.yunque.teardown.PartKind;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Reads sizes, thicknesses and numbers of teeth, as far as the kind of part has them. */
final class SizeReader {
    private static final Pattern TEETH =
            words(
                    "\\bz\\s?=?\\s?(\\d{1,4})\\b|\\b(\\d{1,4})\\s?T\\b|\\b(\\d{1,4})\\s?(?:-\\s?)?(?:teeth|tooth)\\b(?!\\s+(?:\\p{L}+\\s+)?(?:gone|missing|chipped|broken|worn|bent|burred|cracked|sheared|stripped|lost|pitted|off|in two|damaged|bad))");
    static final String NUM = "\\d{1,3}(?:[.,]\\d{1,3})?";
    private static final String FRACTION = "(?:\\d{1,2}[\\s-])?\\d{1,2}/\\d{1,2}";
    private static final Pattern SIZE_BY =
            words(
                    "(?<![\\p{L}\\p{N}])((?:"
                            + FRACTION
                            + "|"
                            + NUM
                            + ")(?:(?:\\ssq(?:uare)?)?\\s?[x×*]\\s?(?:"
                            + FRACTION
                            + "|"
                            + NUM
                            + ")){1,2})(?:\\s?mm\\b)?(?![\\p{L}\\p{N}])");
    private static final Pattern DASH_SIZE =
            words("(?<![\\p{L}\\p{N}])(2-\\d{3})(?![\\p{L}\\p{N}])");
    private static final Pattern BEARING_NUMBER =
            words(
                    "(?<![\\p{L}\\p{N}/.-])((?:NUP?|NJ|NKI?|HK|NA|RNA|AXK|LM|L|RLS|RMS)?\\s?\\d{3,6}(?:[\\s-]?(?:ZZ|2Z|Z|2RS1?|RS|DDU|LLU|C3|NR|N|K|E|A|B|TN9?|M))*(?:/\\w{1,4})?)(?![\\p{L}\\p{N}/.])");
    private static final Pattern BEARING_ALONE =
            words(
                    "^[\\s\\u0000]*(?:(\\d|"
                            + Numbers.WORDS
                            + ")\\s?(?:x|×|off|pcs|of)?\\s+)?((?:6[0-4]\\d{2}|16\\d{3}|6[89]\\d{2}|7[23]\\d{2}|3[023]\\d{3}|51\\d{3}|(?:NUP?|NJ|HK|NA|RNA|AXK)\\s?\\d{3,6})(?:[\\s-]?(?:ZZ|2Z|Z|2RS1?|RS|DDU|LLU|C3|NR|N|ECP|TN9))*)(?=[\\s,;]|$)(?!\\s?(?:mm|rpm|h\\b|hours|N\\b|turns))");
    private static final Pattern DIAMETER =
            words(
                    "(?<![\\p{L}\\p{N}.-])(?:(?:int(?:ernal)?|ext(?:ernal)?)\\s)?("
                            + FRACTION
                            + "|"
                            + NUM
                            + ")(?:\\s?(?:mm|in|\"))?(?:\\s(?:dia|diameter|int(?:ernal)?|ext(?:ernal)?|long|free(?: length)?|bore|OD|ID)\\b)*(?![\\p{L}\\p{N}])");
    private static final Pattern DIAMETER_WITH_UNIT =
            words(
                    "(?<![\\p{L}\\p{N}.-])(?:("
                            + FRACTION
                            + ")|"
                            + NUM
                            + "\\s?(?:mm|in\\b|\"))(?:\\s?(?:mm|in\\b|\"))?(?:\\s(?:dia|diameter|long|bore|OD|ID)\\b)*(?![\\p{L}\\p{N}])|(?<![\\p{L}\\p{N}.-])"
                            + NUM
                            + "(?:\\smm)?\\s(?:free(?: length)?|long)\\b");
    private static final Pattern THICKNESS =
            words(
                    "(?<![\\p{L}\\p{N}/])(?:(half|quarter) (inch)|("
                            + FRACTION
                            + "|\\d{0,3}[.,]\\d{1,4}|\\d{1,3}(?=\\s?(?:mm|thou|thk|thick|in\\b)))\\s?(mm|thou|in\\b(?! (?:place|the|a|its))|inch\\b|\")?)\\s?(?:thk\\b|thick\\b|each\\b)?(?![\\p{N}])");

    /** "0.1 + 0.2 + 0.5": a pack, and no thickness of one piece. */
    private static final Pattern PACK = words("\\d\\s*(?:\\+|at)\\s*[\\d.]");

    private static final Pattern ADDED =
            words("(?:\\d*[.,])?\\d+(?:\\s*\\+\\s*(?:\\d*[.,])?\\d+)+");
    private static final Pattern LISTED =
            words("(?<![\\d.,])\\d*[.,]\\d+(?:\\s+\\d*[.,]\\d+)+(?![\\d.,])");

    private static final Set<PartKind> SIZED_BY =
            EnumSet.of(
                    PartKind.KEY,
                    PartKind.PIN,
                    PartKind.COTTER_PIN,
                    PartKind.BUSH,
                    PartKind.SEAL,
                    PartKind.O_RING);
    static final Set<PartKind> FLAT =
            EnumSet.of(PartKind.SHIM, PartKind.GASKET, PartKind.SPACER, PartKind.WASHER);

    private final TypedLine line;

    SizeReader(TypedLine line) {
        this.line = line;
    }

    void teeth(Draft d, int from, int to) {
        line.take(TEETH, "teeth", from, to)
                .ifPresent(m -> d.teeth = Integer.valueOf(Numbers.first(m, 1, 2, 3)));
    }

    Optional<MatchResult> sizeOfRing(int from, int to) {
        return line.take(DASH_SIZE, "size", from, to)
                .or(() -> line.take(SIZE_BY, "size", from, to));
    }

    /** "6007-2RS x2, top and bottom": a bearing by its number alone, which a table of sizes would not take for anything else. */
    Optional<Draft> bearing(Clause clause) {
        return line.find(BEARING_ALONE, clause.from(), clause.to())
                .map(
                        m -> {
                            var d = new Draft();
                            d.name = "bearing";
                            d.kind = PartKind.BEARING;
                            d.size = m.group(2).strip();
                            d.at = clause.from();
                            d.group = clause.group();
                            if (m.group(1) != null) {
                                d.count = Numbers.of(m.group(1)).orElse(null);
                                line.take(m.start(1), m.end(1), "pieces");
                            }
                            line.take(m.start(2), m.end(2), "bearing, by its number");
                            return d;
                        });
    }

    void takeBearingNumber(Draft d, Clause clause, Head head) {
        if (d.kind == PartKind.BEARING) {
            line.take(BEARING_NUMBER, "size", head.to(), clause.to())
                    .ifPresent(m -> d.size = m.group(1).strip());
        }
    }

    /** "5x5x25", "1/4 x 1-3/4": taken before a count is looked for. */
    void sizeBy(Draft d, int from, int to) {
        if (d.size.isEmpty() && SIZED_BY.contains(d.kind)) {
            line.take(SIZE_BY, "size", from, to).ifPresent(m -> d.size = TypedLine.tidy(m.group()));
        }
    }

    void size(Draft d, int from, int to) {
        if (!d.size.isEmpty()) {
            return;
        }
        var size =
                switch (d.kind) {
                    case KEY, PIN, COTTER_PIN, BUSH, SEAL ->
                            line.take(DIAMETER_WITH_UNIT, "size", from, to);
                    case CIRCLIP -> line.take(DIAMETER, "size", from, to);
                    case BALL, ROLLER, SPRING -> line.take(DIAMETER_WITH_UNIT, "size", from, to);
                    case BEARING -> line.take(BEARING_NUMBER, "size", from, to);
                    default -> Optional.<MatchResult>empty();
                };
        size.ifPresent(m -> d.size = TypedLine.tidy(m.group()));
    }

    /** Of how many pieces the thickness is told one after the other: "0.3 + 0.1", and of shims "0.5 0.2 0.1" too; 0 where it is not. */
    static int thicknesses(PartKind kind, String text) {
        if (!FLAT.contains(kind)) {
            return 0;
        }
        var added = ADDED.matcher(text);
        if (added.find()) {
            return added.group().split("\\+").length;
        }
        var listed = LISTED.matcher(text);
        return kind == PartKind.SHIM && listed.find() ? listed.group().split("\\s+").length : 0;
    }

    void thickness(Draft d, int from, int to) {
        if (!FLAT.contains(d.kind)
                || d.thickness != null
                || PACK.matcher(line.left(from, to)).find()
                || thicknesses(d.kind, line.left(from, to)) > 1) {
            return;
        }
        line.take(THICKNESS, "thickness", from, to).ifPresent(m -> d.thickness = thickness(m));
    }

    private static Amount thickness(MatchResult m) {
        if (m.group(1) != null) {
            return new Amount(m.group(1).equalsIgnoreCase("half") ? "0.5" : "0.25", "in");
        }
        var unit = m.group(4) == null ? "" : m.group(4).toLowerCase(Locale.ROOT);
        if (unit.equals("thou")) {
            return new Amount(m.group(3), "thou");
        }
        return m.group(3).contains("/") || unit.startsWith("in") || unit.equals("\"")
                ? Amount.inches(m.group(3))
                : new Amount(Amount.decimal(m.group(3)), "mm");
    }
}
