package app.yunque.server.decision;

import app.yunque.finding.Disposition;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A part with the proposal and, once made, the decision.
 *
 * @param stepId         step of the strip
 * @param number         its place
 * @param part           what it is
 * @param condition      as found, in words
 * @param lookedAt       true when somebody said how it was found, or measured it
 * @param strict         true for a part on which doubtful counts as failed
 * @param proposed       the proposal; missing when it has to be measured first
 * @param proposedReason why
 * @param decided        the decision; missing until made
 * @param reason         why; missing until decided
 * @param decidedBy      who decided; missing until decided
 * @param decidedAt      when; missing until decided
 * @param version        version of the decision; missing until decided
 */
public record DecisionView(
        UUID stepId,
        int number,
        String part,
        String condition,
        boolean lookedAt,
        boolean strict,
        @Nullable Disposition proposed,
        String proposedReason,
        @Nullable Disposition decided,
        @Nullable String reason,
        @Nullable String decidedBy,
        @Nullable Instant decidedAt,
        @Nullable Long version) {}
