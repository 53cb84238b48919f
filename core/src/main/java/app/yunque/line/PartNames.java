package app.yunque.line;

import app.yunque.teardown.PartKind;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Tells the kind of a part by its name, from the one vocabulary that lines are read by: {@code vocabulary.table} and the words of the
 * shop. Source of the words: common practice, no source.
 */
public final class PartNames {
    private PartNames() {}

    /**
     * The kind that the words of a part give away: of several the one named last, which is the thing itself ("coupling key" is a key),
     * unless a later word only says where it belongs ("seal of the input shaft").
     *
     * @param part name of the part
     * @param own  words of the shop
     * @return empty where no word of it is known
     */
    public static Optional<PartKind> kindOf(String part, OwnWords own) {
        var vocabulary = Vocabulary.with(own);
        var thing = part.split("\\b(?:of|for|in|on|from|under|behind|with|to)\\b|,|\\(", 2)[0];
        return last(thing, vocabulary).or(() -> last(part, vocabulary));
    }

    private static Optional<PartKind> last(String words, Vocabulary vocabulary) {
        return vocabulary
                .part()
                .matcher(words)
                .results()
                .reduce((first, second) -> second)
                .flatMap(m -> vocabulary.kind(m.group()));
    }

    /** The names of one kind as a regular expression without regard to case, for a form that shows the kind while a name is typed. */
    public static String hint(PartKind kind, OwnWords own) {
        var names =
                Vocabulary.with(own).names(kind).stream()
                        .distinct()
                        .sorted(
                                java.util.Comparator.comparing(String::length)
                                        .reversed()
                                        .thenComparing(n -> n))
                        .map(n -> n.replaceAll("[\\s-]", "[\\\\s-]?"))
                        .collect(Collectors.joining("|"));
        return names.isEmpty()
                ? "(?!)"
                : "(?<![\\p{L}\\p{N}])(?:" + names + ")(?:e?s)?(?![\\p{L}\\p{N}])";
    }
}
