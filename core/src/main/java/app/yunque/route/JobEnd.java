package app.yunque.route;

import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * How a job ends that nobody signs, with why, and where the parts are that came off. Source: common practice, no source.
 *
 * @param how     how it ends
 * @param why     reason, 1 to 300 characters
 * @param partsAt where the parts are that came off and did not go back, at most 200 characters; empty where none did
 * @param into    number of the job that goes on with it; empty but for one that is merged
 */
public record JobEnd(How how, String why, String partsAt, Optional<Long> into) {
    private static final int LONGEST_WHY = 300;
    private static final int LONGEST_WHERE = 200;

    /** How it ends. */
    public enum How {
        MISTAKE("Opened by mistake"),
        RETURNED("Returned unrepaired"),
        SCRAPPED("The unit is scrapped"),
        CALLED_OFF("Called off"),
        MERGED("Goes on in another job");

        private final String words;

        How(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param how     how it ends
     * @param why     reason in words
     * @param partsAt where the parts on the bench are
     * @param into    number of the job that goes on with it
     * @param own     number of this job
     * @param onBench pieces that came off and did not go back
     * @throws Refused where a reason is missing, parts are not accounted for, or a merged job names no other
     */
    public static JobEnd of(
            How how, String why, String partsAt, Optional<Long> into, long own, int onBench) {
        var end = new JobEnd(how, why.strip(), partsAt.strip(), into);
        if (end.why.isEmpty() || end.why.length() > LONGEST_WHY) {
            throw Refused.because(
                    "why",
                    end.why.isEmpty()
                            ? "The reason is missing."
                            : "The reason has %d characters; at most %d fit. Shorten it."
                                    .formatted(end.why.length(), LONGEST_WHY));
        }
        if (end.partsAt.length() > LONGEST_WHERE) {
            throw Refused.because(
                    "partsAt",
                    "Where the parts are has at most %d characters.".formatted(LONGEST_WHERE));
        }
        if (how != How.MISTAKE && how != How.MERGED && onBench > 0 && end.partsAt.isEmpty()) {
            throw Refused.because(
                    "partsAt",
                    "%d pieces came off and did not go back. Say where they are: in the unit, in a box with it, thrown away."
                            .formatted(onBench));
        }
        if (how == How.MERGED && (into.isEmpty() || into.get() == own)) {
            throw Refused.because("into", "Say in which other job it goes on, by its number.");
        }
        if (how != How.MERGED && into.isPresent()) {
            throw Refused.because(
                    "into", "Only a job that goes on in another names one. Leave it out.");
        }
        return end;
    }

    /** "Returned unrepaired: too dear. The parts: in a box with it". */
    public String inWords() {
        var because = why.endsWith(".") ? why.substring(0, why.length() - 1) : why;
        return (how == How.MISTAKE ? because : "%s: %s".formatted(how.words, because))
                + into.map(i -> ". It goes on in job " + i).orElse("")
                + (partsAt.isEmpty() ? "" : ". The parts: " + partsAt);
    }
}
