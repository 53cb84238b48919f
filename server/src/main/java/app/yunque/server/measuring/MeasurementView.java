package app.yunque.server.measuring;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A kept measurement with what it means.
 *
 * @param id     identity
 * @param given  as entered, with its version
 * @param gear   the gear in words: "wheel 1, z 54"
 * @param result what it means
 * @param keptBy who measured
 * @param keptAt when
 * @param lost   what took its value away since; missing while it counts
 *
 */
public record MeasurementView(
        UUID id,
        MeasurementRequest given,
        String gear,
        MeasurementResult result,
        String keptBy,
        Instant keptAt,
        @Nullable String lost) {}
