package app.yunque.finding;

/**
 * What somebody found on a part by eye, finger or ear.
 *
 * @param check    name of the check it answers
 * @param word     the fixed word
 * @param severity how much the word weighs
 * @param look     when it was looked at
 * @param by       who looked
 */
public record PartFinding(String check, String word, Severity severity, Look look, String by) {

    /** @throws app.yunque.measure.Refused when there is no such check, or it knows no such word */
    public static PartFinding of(String check, String word, Look look, String by) {
        return new PartFinding(check, word, Checks.of(check).severityOf(word), look, by);
    }
}
