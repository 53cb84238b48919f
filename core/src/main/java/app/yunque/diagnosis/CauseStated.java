package app.yunque.diagnosis;

import app.yunque.measure.Refused;
import java.util.List;

/**
 * What it really was, as somebody states it at the end: a cause of the table, another in words, or not found with what was ruled out. It
 * is told apart from what is only likely: nothing is stated here that nobody said.
 *
 * @param cause    name in the table of causes; empty for another one and for none
 * @param words    what was said beside, or the cause in words; at most 200 characters
 * @param isFound  false where the cause was not found
 * @param ruledOut causes that looks made at this job speak against and that are left with less than 2 %; empty where the cause was found
 * @param sentence the whole for the report
 */
public record CauseStated(
        String cause, String words, boolean isFound, List<String> ruledOut, String sentence) {
    private static final int LONGEST = 200;
    private static final double LEFT = 0.02;

    /** Speaks clearly against it: half as likely with this cause as with the others (10 log₁₀ ½). */
    private static final double AGAINST = -3;

    /**
     * @param cause     name in the table; empty for another one, told in words
     * @param words     in words, may be empty where the table names it or it was not found
     * @param isFound   false where it was not found
     * @param diagnosis what is known, for what was ruled out
     * @throws Refused for a name in no table, and where neither name nor words tell it
     */
    public static CauseStated of(String cause, String words, boolean isFound, Diagnosis diagnosis) {
        var said = words.strip();
        if (said.length() > LONGEST) {
            throw Refused.because(
                    "words", "What it was has at most %d characters.".formatted(LONGEST));
        }
        if (!isFound) {
            if (!cause.isEmpty()) {
                throw Refused.because("cause", "It was found or it was not. Which of the two?");
            }
            var out = ruledOut(diagnosis);
            return new CauseStated(
                    "", said, false, out, "The cause was not found." + ruled(out) + beside(said));
        }
        if (cause.isEmpty()) {
            if (said.isEmpty()) {
                throw Refused.because("words", "Say what it was, or choose it from the list.");
            }
            return new CauseStated("", said, true, List.of(), "The cause: " + ended(said));
        }
        var known = EvidenceTable.shipped().causes().get(cause);
        if (known == null) {
            throw Refused.because(
                    "cause", "“%s” is in no table. Choose one of the list.".formatted(cause));
        }
        return new CauseStated(
                cause, said, true, List.of(), "The cause: " + known.words() + "." + beside(said));
    }

    private static List<String> ruledOut(Diagnosis diagnosis) {
        return diagnosis.causes().stream()
                .filter(c -> c.probability() < LEFT)
                .filter(c -> c.evidence().stream().anyMatch(CauseStated::isALookAgainst))
                .map(Diagnosis.Ranked::cause)
                .toList();
    }

    /** A complaint that does not fit rules nothing out; something that was looked at does. */
    private static boolean isALookAgainst(Diagnosis.Weighed e) {
        return e.decibans() <= AGAINST && EvidenceTable.shipped().tests().containsKey(e.id());
    }

    private static String ruled(List<String> out) {
        return out.isEmpty()
                ? " Nothing was ruled out by a look."
                : " Ruled out: %s.".formatted(String.join("; ", out));
    }

    private static String beside(String said) {
        return said.isEmpty() ? "" : " " + ended(said);
    }

    private static String ended(String said) {
        return said.matches(".*[.!?]") ? said : said + ".";
    }
}
