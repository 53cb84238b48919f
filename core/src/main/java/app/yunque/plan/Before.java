package app.yunque.plan;

/**
 * "First must come before then", and why.
 *
 * @param first  task that comes first
 * @param then   task that comes after it
 * @param reason why, as a clause: "same end of the input shaft"
 * @param origin who says so
 */
public record Before(String first, String then, String reason, Origin origin) {

    /** Where a constraint comes from; what was said can be unsaid, what was measured has to be measured again. */
    public enum Origin {
        LOG("the log"),
        STATED("said at the bench"),
        PASSAGE("sizes of part and opening");

        private final String words;

        Origin(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The same constraint for the way back. */
    public Before reversed() {
        return new Before(then, first, reason, origin);
    }
}
