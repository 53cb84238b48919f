package app.yunque.server.job;

import app.yunque.drive.TurnCountCheck;
import app.yunque.route.Energy;
import app.yunque.server.quantity.EnteredNumber;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The first station.
 *
 * @param complaint  what the customer says
 * @param symptoms   what was found before opening
 * @param oilAsFound amount, look, metal of the drained oil
 * @param version    version of these three
 * @param permission permission to open; missing until given
 * @param isolation  isolation; missing until confirmed
 * @param turnCount  turn count; missing until made
 */
public record ReceiveView(
        String complaint,
        String symptoms,
        String oilAsFound,
        long version,
        @Nullable PermissionView permission,
        @Nullable IsolationView isolation,
        @Nullable TurnCountView turnCount) {

    /**
     * @param version    version of the record
     * @param approvedBy who allows it
     * @param reference  order, mail or telephone note
     * @param keptBy     who wrote it down
     * @param keptAt     when
     */
    public record PermissionView(
            long version, String approvedBy, String reference, String keptBy, Instant keptAt) {}

    /**
     * @param version     version of the record
     * @param sources     isolated sources of energy
     * @param how         how they were locked and tagged
     * @param done        what was done at them, in words; empty at jobs of the first days
     * @param confirmedBy who isolated it
     * @param confirmedAt when
     * @param liftedBy    who put the energy back on; missing while isolated
     * @param liftedAt    when; missing while isolated
     * @param isolated    true while it stands
     * @param triedBy     who tried for himself that it does not start, who isolated it first
     */
    public record IsolationView(
            long version,
            Set<Energy> sources,
            String how,
            List<String> done,
            String confirmedBy,
            Instant confirmedAt,
            @Nullable String liftedBy,
            @Nullable Instant liftedAt,
            boolean isolated,
            List<String> triedBy) {
        public IsolationView {
            triedBy = Objects.requireNonNullElse(triedBy, List.of());
            // A seal of the first days has none.
            done = Objects.requireNonNullElse(done, List.of());
        }
    }

    /**
     * @param version      version of the record
     * @param position     position of the levers; empty where the unit has one only
     * @param inputTurns   as entered
     * @param outputTurns  as entered
     * @param readingError as entered
     * @param keptBy       who counted
     * @param keptAt       when
     * @param check        what it means
     */
    public record TurnCountView(
            long version,
            String position,
            EnteredNumber inputTurns,
            EnteredNumber outputTurns,
            EnteredNumber readingError,
            String keptBy,
            Instant keptAt,
            TurnCountCheck check) {}
}
