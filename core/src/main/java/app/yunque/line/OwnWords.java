package app.yunque.line;

import app.yunque.line.LineReading.Found;
import app.yunque.measure.Refused;
import app.yunque.teardown.PartKind;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What one shop calls a thing: it is read beside the table of the trade, and counts before it.
 *
 * @param words words of the shop, each once
 */
public record OwnWords(List<Word> words) {
    public static final OwnWords NONE = new OwnWords(List.of());
    public static final int LONGEST = 40;
    private static final int MOST_WORDS = 3;

    /** Letters, with spaces and hyphens between them: what is looked for in a line. */
    private static final Pattern SPELLING = Pattern.compile("\\p{L}+(?:[ -]\\p{L}+){0,2}");

    /** What tells one of several alike, and is no part of what they are called. */
    private static final Pattern WHICH =
            TypedLine.words(
                    "\\b(?:left|right|upper|lower|top|bottom|front|rear|back|inner|outer|middle|first|second|third|fourth|other|old|new|small|big|large|long|short|the|an?|its|our)\\b|[\\d.,#]+\\s?(?:mm|in|thou)?\\b|[\\d.,#]+\\p{L}*");

    /**
     * One word.
     *
     * @param words what it is called, one thing, 2 to 40 letters in at most three words
     * @param kind  the kind of part that it is; null for a word for what was found
     * @param found what was found; null for a name of a part
     */
    public record Word(String words, @Nullable PartKind kind, @Nullable Found found) {
        /** @throws Refused when it is no word, or means nothing, or two things */
        public Word {
            words = words.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
            if (words.length() < 2
                    || words.length() > LONGEST
                    || !SPELLING.matcher(words).matches()) {
                throw Refused.because(
                        "words",
                        "“%s” is no name: one to %d words of letters, 2 to %d characters. Leave out sizes, numbers and sides."
                                .formatted(words, MOST_WORDS, LONGEST));
            }
            if ((kind == null) == (found == null)) {
                throw Refused.because(
                        "kind",
                        "Say what “%s” stands for: a kind of part, or something found on one."
                                .formatted(words));
            }
        }
    }

    /** One correction of what the table of the trade says may be of that part alone; two are what the shop calls it. */
    private static final int SURE = 2;

    /**
     * Whether a name may be learned from one correction or several. A word of the trade that is no name of a part ("end", "worn") is never
     * learned by itself: every line that holds it would be read otherwise. A lead can still say it.
     *
     * @param name one to three words, as {@link #inName} gives them
     */
    public static boolean canBeLearned(String name) {
        return !name.isEmpty()
                && (PartNames.kindOf(name, NONE).isPresent()
                        || !Vocabulary.OF_THE_TRADE.isKnown(name));
    }

    /**
     * Whether lines are read by a word: what the table of the trade knows as something else counts from the second correction on.
     *
     * @param word  the word
     * @param times at how many parts it was said, from 1
     */
    public static boolean isSure(Word word, int times) {
        return word.found() != null
                || times >= SURE
                || PartNames.kindOf(word.words(), NONE).isEmpty();
    }

    public OwnWords {
        words = List.copyOf(words);
    }

    boolean isEmpty() {
        return words.isEmpty();
    }

    /**
     * The word in the name of a part, without what only tells one of several alike: "left dogbones 2" is a dogbone. Empty where nothing is
     * left that could be looked for.
     */
    public static String inName(String part) {
        var words =
                WHICH.matcher(part.toLowerCase(Locale.ROOT))
                        .replaceAll(" ")
                        .replaceAll("\\s+", " ")
                        .strip()
                        .replaceFirst("(?<=\\p{L}{2}[^s])s$", "");
        return words.length() >= 2 && words.length() <= LONGEST && SPELLING.matcher(words).matches()
                ? words
                : "";
    }
}
