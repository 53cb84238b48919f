package app.yunque.measure;

import org.jspecify.annotations.Nullable;

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

    /** A verdict that may be missing: what was not judged is not judged. */
    public static Verdict orNotJudged(@Nullable Verdict verdict) {
        return verdict == null ? NOT_JUDGED : verdict;
    }

    public boolean isPass() {
        return this == CLEAR_PASS;
    }

    public boolean isFail() {
        return this == CLEAR_FAIL;
    }

    /** In words; worn but usable is never told as a bare pass. */
    public String words(@Nullable Zone zone) {
        return switch (this) {
            case CLEAR_PASS -> zone == Zone.WATCH ? Zone.WATCH.words() : "clear pass";
            case DOUBTFUL -> "doubtful";
            case CLEAR_FAIL -> "clear fail";
            case NOT_JUDGED -> "not judged";
        };
    }

    public Verdict worse(Verdict other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
