package app.yunque.server.evidence;

import org.jspecify.annotations.Nullable;

/**
 * @param version version that was seen; missing where this place was never corrected
 * @param cause   cause by its name in the table: "C01"
 * @param of      sign or test by its name; empty for the weight of the cause
 * @param value   weight 0.1 to 100, or chance 0.01 to 0.99
 * @param because why, up to 400 characters
 */
public record EvidenceWeightRequest(
        @Nullable Long version, String cause, String of, double value, String because) {}
