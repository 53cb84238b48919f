package app.yunque.server.parts;

import org.jspecify.annotations.Nullable;

/**
 * Hours of a job.
 *
 * @param version     version that was seen; missing for a new one
 * @param hours       estimated, 0 to 10000
 * @param workedHours worked so far, 0 to 10000
 */
public record EstimateRequest(@Nullable Long version, double hours, double workedHours) {}
