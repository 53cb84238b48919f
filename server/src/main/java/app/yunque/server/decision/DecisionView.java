package app.yunque.server.decision;

import app.yunque.finding.Disposition;
import app.yunque.finding.StandingFinding;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
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
 * @param checks         checks that can be asked of it, in order
 * @param open           checks that must be answered and are not, quickest first
 * @param standing       what stands of all that was found on it by eye, finger or ear, hardest first
 * @param givesOut       true where it is worth asking whether it is cheaper renewed while the unit lies open
 * @param toBuy          what is bought where it is renewed, with its pieces
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
        @Nullable Long version,
        List<String> checks,
        List<String> open,
        List<StandingFinding> standing,
        boolean givesOut,
        @Nullable String toBuy) {

    /** Sealed views from before there were findings hold none of these. */
    public DecisionView {
        checks = Objects.requireNonNullElse(checks, List.of());
        open = Objects.requireNonNullElse(open, List.of());
        standing = Objects.requireNonNullElse(standing, List.of());
    }
}
