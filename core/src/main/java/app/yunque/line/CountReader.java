package app.yunque.line;

import static app.yunque.line.TypedLine.words;

import app.yunque.teardown.PartKind;
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
                    "(?<![\\p{L}\\p{N}])(?:[x×]\\s?(\\d{1,4})(?![\\p{N}/.-]|\\s?(?:mm|in\\b|thou))|(\\d{1,4})(?:[x×](?=\\s)|\\s?(?:off|pcs|pieces|of (?:them|these|it))\\b)|qty\\.?\\s?(\\d{1,4})\\b|all (\\d{1,3}|"
                            + Numbers.WORDS
                            + ")\\b|("
                            + Numbers.WORDS
                            + ")\\s(?:off|of them)\\b)");
    static final Pattern WORD_OFF = words("\\b(\\d{1,3}|" + Numbers.WORDS + ")\\soff\\b");
    private static final Pattern ONLY_COUNT =
            words(
                    "^[\\s\\u0000]*(?:(\\d{1,3})|("
                            + Numbers.WORDS
                            + "))(?:\\s(?:halves|pieces|parts|segments|rings|in all|total|off))?[\\s\\u0000]*$");
    private static final Pattern BOTH_AFTER = words("^[\\s\\u0000]+both\\b");
    private static final Pattern NUMBER_AFTER =
            words("^[\\s\\u0000]+(\\d{1,4}|" + Numbers.WORDS + ")[\\s\\u0000]*$");
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
        var text = line.left(clause.from(), clause.to());
        var only = ONLY_COUNT.matcher(text);
        if (!own && only.find()) {
            d.count = Numbers.of(Numbers.first(only.toMatchResult(), 1, 2)).orElse(null);
            line.take(clause.from(), clause.to(), "pieces");
            return;
        }
        if (d.count != null) {
            return;
        }
        var after = line.find(COUNT_AFTER, clause.from(), clause.to());
        if (after.isPresent()) {
            d.count = Numbers.of(Numbers.first(after.get(), 1, 2, 3, 4, 5)).orElse(null);
            line.take(after.get().start(), after.get().end(), "pieces");
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
            } else if (number.find() && !isSizedByANumber(d) && !tail.isBlank()) {
                d.count = Numbers.of(number.group(1)).orElse(null);
                int at = lastGone(clause) + number.start(1);
                line.take(at, at + number.group(1).length(), "pieces");
            }
        }
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
