package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.teardown.PartKind;
import java.util.Optional;
import java.util.regex.Pattern;

/** Counts pieces: "3 keys", "x2", "two off", "both", "12 of them". */
final class CountReader {
    static final Pattern OF_HOW_MANY =
            words(
                    "^[\\s\\u0000]*(?:\\d{1,3}|"
                            + Numbers.WORDS
                            + ")\\s+of\\s+(?:the\\s+)?(\\d{1,3}|"
                            + Numbers.WORDS
                            + ")\\b");
    private static final Pattern COUNT_AFTER =
            words(
                    "(?<![\\p{L}\\p{N}])(?:(?<!/\\d\\s)(?<!/\\d\\d\\s)[x×]\\s?(\\d{1,6})(?![\\p{N}/.-]|\\s?(?:mm|in\\b|thou))|(\\d{1,6})(?:[x×](?=\\s)|\\s?(?:off|pcs|pieces|of (?:them|these|it))\\b)|(?:qty\\.?\\s?|\\()(\\d{1,6})(?:\\)|\\b)|all (\\d{1,3}|"
                            + Numbers.WORDS
                            + ")\\b|("
                            + Numbers.WORDS
                            + ")\\s(?:off|of them)\\b)");
    static final Pattern WORD_OFF = words("\\b(\\d{1,3}|" + Numbers.WORDS + ")\\soff\\b");
    private static final Pattern ONLY_COUNT =
            words(
                    "^[\\s\\u0000]*(?:(\\d{1,3})|("
                            + Numbers.WORDS
                            + "))(\\s(?:halves|pieces|parts|segments|rings|in all|total|off|found|there|of them))?[\\s\\u0000]*$");

    /** "Felt wiper dry and hard, both". */
    private static final Pattern ONLY_BOTH =
            words("^[\\s\\u0000]*both(?: of (?:them|these))?[\\s\\u0000]*$");

    private static final Pattern NUMBER_BEFORE = words("\\d\\s*,\\s*$");
    private static final Pattern NUMBER_NEXT =
            words("^\\s*,\\s*\\d{1,4}(?:[.,]\\d+)?\\s*(?:,|$|and\\b|with\\b)");
    private static final Pattern OF_EACH =
            words(
                    "^[\\s\\u0000]*((?:\\d{1,2}|"
                            + Numbers.WORDS
                            + "))\\s+(?:times|of each|each|sets(?: of (?:these|them|it))?)[\\s\\u0000]*$");

    /** "26 expected, 25 found", "25 of 26 found": so many came out. */
    private static final Pattern EXPECTED_AND_FOUND =
            words(
                    "^[^,;:]*[:,]?\\s*(?:\\d{1,3} (?:expected|should be),? (?:only )?(\\d{1,3}) (?:found|there)|(\\d{1,3}) of \\d{1,3} found)\\b");

    private static final Pattern AT_EACH =
            words("\\b(?:from|at|on|in|under|behind|per|for) (?:each|every)\\b");
    private static final Pattern BOTH_AFTER = words("^[\\s\\u0000]+both\\b");
    private static final Pattern NUMBER_AFTER =
            words(
                    "^[\\s\\u0000]+(\\d{1,4}|"
                            + Numbers.WORDS
                            + ")(?:[\\s\\u0000]*$|\\s+(?!(?:mm|in(?! order)|inch|thou|teeth|tooth|T|deg|x|off|kg|of|turns?|long|sizes?|and|to|with|thick|x)\\b)(?=\\p{L}))");
    static final Pattern AT_BOTH_ENDS =
            words("\\b(?:top and bottom|both ends|both sides|left and right|front and rear)\\b");

    private final TypedLine line;

    CountReader(TypedLine line) {
        this.line = line;
    }

    void count(Clause clause, Draft d, boolean own) {
        if (d.count != null && !own) {
            return;
        }
        var found = EXPECTED_AND_FOUND.matcher(line.whole().substring(clause.from()));
        if (d.count == null && found.find()) {
            d.count = Numbers.of(Numbers.first(found.toMatchResult(), 1, 2)).orElse(null);
            return;
        }
        var text = line.left(clause.from(), clause.to());
        var only = ONLY_COUNT.matcher(text);
        if (!own
                && only.find()
                && (d.plural || only.group(3) != null)
                && !isOneOfAList(clause)
                && (only.group(2) != null || !followsANumber(clause))
                && !saysFound(clause)) {
            d.count = Numbers.of(Numbers.first(only.toMatchResult(), 1, 2)).orElse(null);
            line.take(clause.from(), clause.to(), "pieces");
            return;
        }
        if (!own && ONLY_BOTH.matcher(text).find()) {
            d.count = 2;
            line.take(clause.from(), clause.to(), "pieces");
            return;
        }
        if (d.count != null) {
            return;
        }
        var after =
                line.find(COUNT_AFTER, clause.from(), clause.to())
                        // "All 20 of them" of one thing speaks of its teeth.
                        .filter(m -> d.plural || m.group(4) == null);
        if (after.isPresent()) {
            d.count = Numbers.of(Numbers.first(after.get(), 1, 2, 3, 4, 5)).orElse(null);
            line.take(after.get().start(), after.get().end(), "pieces");
            return;
        }
        var thicknesses = SizeReader.thicknesses(d.kind, text);
        if (own && d.plural && thicknesses > 1) {
            d.count = thicknesses;
            return;
        }
        if (own && d.plural) {
            int end = clause.to();
            int start =
                    text.length()
                            - text.replaceFirst("^[\\s\\u0000]*", "").length()
                            + clause.from();
            var tail = line.left(start, end);
            var both = BOTH_AFTER.matcher(line.left(lastGone(clause), clause.to()));
            var number = NUMBER_AFTER.matcher(line.left(lastGone(clause), clause.to()));
            if (both.find()) {
                d.count = 2;
            } else if (number.find()
                    && !isSizedByANumber(d)
                    && !tail.isBlank()
                    && !isOneOfAList(clause)) {
                d.count = Numbers.of(number.group(1)).orElse(null);
                int at = lastGone(clause) + number.start(1);
                line.take(at, at + number.group(1).length(), "pieces");
            }
        }
    }

    /** "Gears 40, 65, 127": numbers of teeth, or sizes, and no pieces. */
    private boolean isOneOfAList(Clause clause) {
        return NUMBER_NEXT.matcher(line.whole().substring(clause.to())).find();
    }

    private boolean followsANumber(Clause clause) {
        return NUMBER_BEFORE.matcher(line.whole().substring(0, clause.from())).find();
    }

    private boolean saysFound(Clause clause) {
        var words = line.whole().substring(clause.from(), clause.to());
        return line.vocabulary().found().keySet().stream().anyMatch(f -> f.matcher(words).find());
    }

    /** "Three times", "two of each" after several names: so many of all of them; empty where the clause says no such thing. */
    Optional<Integer> ofEach(Clause clause) {
        var text = line.left(clause.from(), clause.to());
        var each = OF_EACH.matcher(text);
        if (!each.find()) {
            return Optional.empty();
        }
        line.take(clause.from() + each.start(1), clause.to(), "of each");
        return Numbers.of(each.group(1));
    }

    /** "From each nozzle": nobody knows how many there are. */
    boolean isOneOfMany(Clause clause) {
        return AT_EACH.matcher(line.whole().substring(clause.from(), clause.to())).find();
    }

    private static boolean isSizedByANumber(Draft d) {
        return d.kind == PartKind.CIRCLIP || d.kind == PartKind.BEARING;
    }

    /** Where the name of the part ends. */
    private int lastGone(Clause clause) {
        var text = line.left(clause.from(), clause.to());
        int at = text.indexOf(TypedLine.GONE);
        while (at >= 0 && at < text.length() && text.charAt(at) == TypedLine.GONE) {
            at++;
        }
        return clause.from() + Math.max(0, at);
    }
}
