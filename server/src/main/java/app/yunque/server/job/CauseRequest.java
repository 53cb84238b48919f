package app.yunque.server.job;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What was answered by hand, and what it really was.
 *
 * @param version  version that was seen; missing for a new one
 * @param answers  signs and tests by name: true where it is there or positive, false where it is not
 * @param isStated true once somebody says what it was, or that it was not found
 * @param isFound  false where it was not found
 * @param cause    name in the table of causes; empty for another one and for none
 * @param words    what is said beside, or the cause in words; up to 200 characters
 */
public record CauseRequest(
        @Nullable Long version,
        Map<String, Boolean> answers,
        boolean isStated,
        boolean isFound,
        String cause,
        String words) {
    static final CauseRequest NOTHING = new CauseRequest(null, Map.of(), false, false, "", "");
}
