package app.yunque.finding;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * What somebody found on a part by eye, finger or ear.
 *
 * @param check    name of the check it answers
 * @param word     the fixed word
 * @param severity how much the word weighs
 * @param look     when it was looked at
 * @param by       who looked
 * @param at       when it was said; null where that is not known
 */
public record PartFinding(
        String check, String word, Severity severity, Look look, String by, @Nullable Instant at) {

    /** A finding of which nobody says when. */
    public PartFinding(String check, String word, Severity severity, Look look, String by) {
        this(check, word, severity, look, by, null);
    }

    /** @throws app.yunque.measure.Refused when there is no such check, or it knows no such word */
    public static PartFinding of(String check, String word, Look look, String by) {
        return new PartFinding(check, word, Checks.of(check).severityOf(word), look, by);
    }
}
