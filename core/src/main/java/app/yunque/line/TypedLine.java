package app.yunque.line;

import app.yunque.line.LineReading.Piece;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * A line while it is read: slips of the key put right, short words written out, what was understood blanked out, and for each place the
 * one it had as typed.
 */
final class TypedLine {
    /** Stands where words were understood; a pattern that asks for the end of a phrase takes it for an end. */
    static final char GONE = '\u0000';

    private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L}'’]*\\.?");
    private final String typed;
    private final Vocabulary vocabulary;
    private final String whole;
    private final int[] origin;
    private final StringBuilder left;
    private final List<Piece> pieces = new ArrayList<>();

    TypedLine(String typed, Vocabulary vocabulary) {
        this.typed = typed;
        this.vocabulary = vocabulary;
        var text = new StringBuilder();
        var from = new ArrayList<Integer>();
        int at = 0;
        for (var word : WORD.matcher(typed).results().toList()) {
            copy(typed.substring(at, word.start()), at, text, from);
            var meant = vocabulary.meant(word.group()).orElse(word.group());
            copy(meant, word.start(), text, from);
            at = word.end();
        }
        copy(typed.substring(at), at, text, from);
        for (var same : Vocabulary.SAME.entrySet()) {
            var m = same.getKey().matcher(text);
            int start = 0;
            while (m.find(start)) {
                int place = from.get(m.start());
                text.replace(m.start(), m.end(), same.getValue());
                from.subList(m.start(), m.end()).clear();
                var places = new ArrayList<Integer>();
                for (int i = 0; i < same.getValue().length(); i++) {
                    places.add(place);
                }
                from.addAll(m.start(), places);
                start = m.start() + same.getValue().length();
                m = same.getKey().matcher(text);
            }
        }
        whole = text.toString();
        left = text;
        origin = from.stream().mapToInt(i -> i).toArray();
    }

    private static void copy(String words, int from, StringBuilder text, List<Integer> origin) {
        for (int i = 0; i < words.length(); i++) {
            text.append(words.charAt(i));
            origin.add(from + i);
        }
    }

    Vocabulary vocabulary() {
        return vocabulary;
    }

    /** The line with slips put right, nothing blanked out. */
    String whole() {
        return whole;
    }

    int length() {
        return whole.length();
    }

    /** What is not understood yet between two places, what is blanked out included. */
    String left(int from, int to) {
        return left.substring(from, to);
    }

    String left() {
        return left.toString();
    }

    /** Looks for words from a place on, and leaves them. */
    Optional<MatchResult> find(Pattern pattern, int from, int to) {
        var m =
                pattern.matcher(left)
                        .region(from, to)
                        .useTransparentBounds(true)
                        .useAnchoringBounds(false);
        return m.find() ? Optional.of(m.toMatchResult()) : Optional.empty();
    }

    Optional<MatchResult> find(Pattern pattern) {
        return find(pattern, 0, length());
    }

    /** Looks for words, notes what they mean, and blanks them out. */
    Optional<MatchResult> take(Pattern pattern, String meaning, int from, int to) {
        var found = find(pattern, from, to);
        found.ifPresent(m -> take(m.start(), m.end(), meaning));
        return found;
    }

    Optional<MatchResult> take(Pattern pattern, String meaning) {
        return take(pattern, meaning, 0, length());
    }

    void take(int from, int to, String meaning) {
        note(from, to, meaning);
        for (int i = from; i < to; i++) {
            left.setCharAt(i, GONE);
        }
    }

    /** Notes what words mean without blanking them out. */
    void note(int from, int to, String meaning) {
        var words = whole.substring(from, to);
        int blank = words.length() - words.stripLeading().length();
        if (meaning.isEmpty() || words.isBlank()) {
            return;
        }
        int start = origin[Math.min(from + blank, origin.length - 1)];
        int end = to < origin.length ? origin[to] : typed.length();
        pieces.add(new Piece(typed.substring(start, Math.max(start, end)).strip(), meaning, start));
    }

    /** What was understood, in the order of the line. */
    List<Piece> pieces() {
        return pieces.stream().sorted(Comparator.comparingInt(Piece::from)).toList();
    }

    /** A pattern of words, whatever their case. */
    static Pattern words(String regex) {
        return Pattern.compile(regex, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** Words with nothing blank, doubled or hanging on. */
    static String tidy(String words) {
        return words.replace(GONE, ' ')
                .replaceAll("\\s+", " ")
                .replaceAll("(\\s*[,;:]\\s*)+", ", ")
                .replaceAll("^[,;:.\\s]+|[,;:\\s]+$", "")
                .strip();
    }
}
