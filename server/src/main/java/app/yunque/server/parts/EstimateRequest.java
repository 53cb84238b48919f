package app.yunque.server.parts;

import org.jspecify.annotations.Nullable;

/**
 * Hours of a job.
 *
 * @param version     version that was seen; missing for a new one
 * @param hours       estimated, 0 to 10000
 * @param workedHours worked so far, 0 to 10000
 * @param newUnitCents price of a new unit (cents), which says when the owner is asked whether the repair goes on; missing where nobody knows it
 */
public record EstimateRequest(
        @Nullable Long version, double hours, double workedHours, @Nullable Long newUnitCents) {}
