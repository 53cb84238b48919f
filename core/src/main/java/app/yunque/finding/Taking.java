package app.yunque.finding;

import app.yunque.measure.Refused;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * How a value came about, which says how much it weighs against a feel.
 *
 * @param by     who took it; empty where nobody is named
 * @param at     when; null where that is not known
 * @param where  where on the part, in words; empty where nobody says
 * @param coarse true where its uncertainty is more than a quarter of the way from new to renewal
 * @param stale  true where something took its value away since
 * @param times  how many measurements that agree stand behind it, 1 or more
 */
public record Taking(
        String by, @Nullable Instant at, String where, boolean coarse, boolean stale, int times) {
    /** Where nobody says how it came about. */
    public static final Taking NOT_SAID = new Taking("", null, "", false, false, 1);

    public Taking {
        if (times < 1) {
            throw Refused.because("times", "A value was taken at least once.");
        }
    }

    /** Taken once. */
    public Taking(String by, Instant at, String where, boolean coarse) {
        this(by, at, where, coarse, false, 1);
    }

    Taking confirmed(int agreeing) {
        return new Taking(by, at, where, coarse, stale, agreeing);
    }

    Taking withoutValue() {
        return new Taking(by, at, where, coarse, true, times);
    }

    /** Whether it was taken before something else; what has no time was taken in the order it was said. */
    boolean isBefore(@Nullable Instant other) {
        return at != null && other != null && at.isBefore(other);
    }
}
