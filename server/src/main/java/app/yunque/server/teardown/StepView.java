package app.yunque.server.teardown;

import app.yunque.teardown.TeardownStep;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A kept step.
 *
 * @param id        identity
 * @param number    place in the strip, 1 first
 * @param given     the step as entered, with its version
 * @param inWords   part and count
 * @param where     shaft and side in words
 * @param fastening what held it, in words; missing when nothing
 * @param facts     details worth a line
 * @param keptBy    who kept it last
 * @param keptAt    when
 */
public record StepView(
        UUID id,
        int number,
        StepRequest given,
        String inWords,
        String where,
        @Nullable String fastening,
        List<String> facts,
        String keptBy,
        Instant keptAt) {
    StepView asRebuilt(TeardownStep rebuilt) {
        return new StepView(
                id,
                number,
                given.asRebuilt(rebuilt),
                rebuilt.inWords(),
                where,
                fastening,
                rebuilt.facts(),
                keptBy,
                keptAt);
    }
}
