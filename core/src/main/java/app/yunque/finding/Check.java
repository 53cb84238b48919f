package app.yunque.finding;

import app.yunque.measure.Refused;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * One thing that is looked at, felt or measured on a part or a mesh.
 *
 * @param id       its name, the same for ever: "BRG-1"
 * @param lookAt   what is looked at
 * @param how      how, with which tool and which resolution
 * @param level    M must, S should, D if in doubt, and what raises it
 * @param words    the fixed words of what may be found; empty where it is only measured
 * @param measured what is measured, with its edges, in words; empty where nothing is
 * @param limits   the same edges as numbers, where they are the same for every part; null where they depend on its size or duty
 * @param source   where words, severities and edges come from
 * @param minutes  minutes of a practised mechanic, part clean and at hand
 * @param looks    when it is looked at
 * @param leadsTo  what it leads to, in words
 * @param caution  what can hurt somebody while it is made; empty where nothing but the usual care is asked
 */
public record Check(
        String id,
        String lookAt,
        String how,
        String level,
        List<Word> words,
        String measured,
        @Nullable CheckLimits limits,
        String source,
        double minutes,
        Set<Look> looks,
        String leadsTo,
        String caution) {
    /** How checks are named. */
    static final Pattern NAME = Pattern.compile("[A-Z]{3}-\\d{1,2}");

    /** A fixed word for what may be found, and how much it weighs. */
    public record Word(String text, Severity severity) {}

    public Check {
        words = List.copyOf(words);
        looks = Set.copyOf(EnumSet.copyOf(looks));
    }

    /** True for what must be answered whatever the circumstances. */
    public boolean isMust() {
        return level.equals("M") || level.startsWith("M;");
    }

    /** Whether it becomes a must on a part that holds, stops or carries the load: what should be made does, but for what every part is asked. */
    public boolean isRaisedOnStrictParts() {
        return (level.equals("S") || level.startsWith("S;")) && !family().equals("ANY");
    }

    /** True where it can only be made after the rebuild. */
    public boolean isAfterWork() {
        return looks.equals(Set.of(Look.AFTER_WORK));
    }

    /** True where it can only be made before washing. */
    public boolean isGoneAfterWashing() {
        return looks.equals(Set.of(Look.AS_FOUND));
    }

    /** True for what is asked only where something is so: "[open] races". */
    public boolean isConditional() {
        return lookAt.startsWith("[");
    }

    /** Names of the checks whose measurement decides a word: its own, else the one its topic leads to, else all it leads to. */
    public List<String> answeredBy(String word) {
        if (!measured.isEmpty()) {
            return List.of(id);
        }
        var clauses = List.of(leadsTo.split(";"));
        var onTopic =
                clauses.stream()
                        .filter(c -> speaksOf(c, word))
                        .flatMap(c -> measurable(c).stream())
                        .toList();
        return onTopic.isEmpty()
                ? clauses.stream().flatMap(c -> measurable(c).stream()).distinct().toList()
                : onTopic;
    }

    /** "pitting, corrosion pits: GER-8" speaks of progressive pitting. */
    private static boolean speaksOf(String clause, String word) {
        int colon = clause.indexOf(':');
        return colon > 0
                && List.of(clause.substring(0, colon).split(",")).stream()
                        .map(String::strip)
                        .anyMatch(
                                topic ->
                                        word.toLowerCase(Locale.ROOT)
                                                .contains(topic.toLowerCase(Locale.ROOT)));
    }

    private static List<String> measurable(String clause) {
        return NAME.matcher(clause)
                .results()
                .map(MatchResult::group)
                .filter(name -> Checks.find(name).filter(c -> !c.measured.isEmpty()).isPresent())
                .toList();
    }

    /** What is looked at with its name, for a list of what is open: "bearing seat on the shaft (JRN-1)". */
    public String inWords() {
        return "%s (%s)".formatted(lookAt.replaceFirst("^\\[[^\\]]*]\\s*", ""), id);
    }

    /** The family of parts it is asked of: "BRG". */
    public String family() {
        return id.substring(0, id.indexOf('-'));
    }

    /** @throws Refused when this check knows no such word */
    public Severity severityOf(String word) {
        return words.stream()
                .filter(w -> w.text.equalsIgnoreCase(word.strip()))
                .findFirst()
                .map(Word::severity)
                .orElseThrow(
                        () ->
                                Refused.because(
                                        "word",
                                        "%s (%s) knows no finding “%s”. Take one of: %s."
                                                .formatted(
                                                        id,
                                                        lookAt,
                                                        word,
                                                        String.join(
                                                                ", ",
                                                                words.stream()
                                                                        .map(Word::text)
                                                                        .toList()))));
    }
}
