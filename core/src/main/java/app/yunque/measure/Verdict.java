package app.yunque.measure;

/** What a measured value amounts to against its limit, worst last. */
public enum Verdict {
    /** Inside the limit by at least the uncertainty. */
    CLEAR_PASS,
    /** Nothing was measured, or no limit is known. */
    NOT_JUDGED,
    /** Within the uncertainty of the limit: measure again. */
    DOUBTFUL,
    /** Outside the limit by more than the uncertainty. */
    CLEAR_FAIL;

    public Verdict worse(Verdict other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
