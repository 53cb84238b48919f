package app.yunque.server.proof;

import app.yunque.upkeep.RunTemperature;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A kept proof.
 *
 * @param given       as entered, with its version
 * @param temperature what the temperature means; missing until it was run
 * @param keptBy      who proved it
 * @param keptAt      when
 */
public record ProofView(
        ProofRequest given, @Nullable RunTemperature temperature, String keptBy, Instant keptAt) {}
