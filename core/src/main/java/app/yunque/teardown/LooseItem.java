package app.yunque.teardown;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Small things that come free with a step.
 *
 * @param kind     what they are
 * @param expected how many there should be, 0 to 9999; null when nobody knows
 * @param found    how many were found, 0 to 9999; null while not counted
 */
public record LooseItem(PartKind kind, @Nullable Integer expected, @Nullable Integer found) {
    public static final Range EXPECTED = Range.count("expected", "loose items expected", 0, 9999);
    public static final Range FOUND = Range.count("found", "loose items found", 0, 9999);

    /** @throws Refused naming every count out of its range */
    public LooseItem {
        Refused.ifAny(
                expected == null ? Optional.empty() : EXPECTED.judge(expected),
                found == null ? Optional.empty() : FOUND.judge(found));
    }
}
