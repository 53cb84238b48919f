package app.yunque.server.decision;

import app.yunque.finding.Disposition;
import org.jspecify.annotations.Nullable;

/**
 * A decision on one part.
 *
 * @param version     version that was seen; missing for a first decision
 * @param disposition reuse, dress or renew
 * @param reason      why, 1 to 300 characters
 */
public record DecisionRequest(@Nullable Long version, Disposition disposition, String reason) {}
