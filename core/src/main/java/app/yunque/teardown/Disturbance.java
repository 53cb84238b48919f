package app.yunque.teardown;

import app.yunque.drive.Drive;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A part that went in or came out again. What locates a shaft or a mesh takes the value of every reading after the rebuild that was
 * taken on it before: the reading is stale and counts as not made. What was found when the unit came in never becomes stale. Source:
 * common practice, no source.
 *
 * @param step the part
 * @param at   when it was last put in, changed or taken out again
 */
public record Disturbance(TeardownStep step, Instant at) {
    /** What holds a shaft or a gear in its place; an inspection cover or a drain plug does not. */
    private static final Set<PartKind> LOCATES =
            EnumSet.of(
                    PartKind.BEARING,
                    PartKind.BUSH,
                    PartKind.SHIM,
                    PartKind.GASKET,
                    PartKind.SPACER,
                    PartKind.COVER,
                    PartKind.SHAFT,
                    PartKind.WORM,
                    PartKind.CARRIER,
                    PartKind.RING_GEAR,
                    PartKind.CAM_DISC,
                    PartKind.ECCENTRIC,
                    PartKind.GEAR);

    /** Of the housing itself, whatever shaft it was logged on. */
    private static final Set<PartKind> LOCATES_ALL = EnumSet.of(PartKind.HOUSING);

    private String says() {
        return "%s (%d) was changed after it was measured: measure again"
                .formatted(step.part(), step.number());
    }

    private boolean moves(Drive drive, int stage) {
        if (LOCATES_ALL.contains(step.kind())) {
            return true;
        }
        var gear = step.gear();
        if (gear != null) {
            return gear.stage() == stage;
        }
        return LOCATES.contains(step.kind())
                && (step.shaft() == drive.shafts().of(stage, false)
                        || step.shaft() == drive.shafts().of(stage, true));
    }

    /**
     * @param changes   parts that were put in, changed or taken out again
     * @param drive     papers of the unit
     * @param stage     number of the mesh, 1 first
     * @param measuredAt when the reading was taken
     * @return what made the reading stale, the latest of it; empty while it counts
     */
    public static Optional<String> after(
            List<Disturbance> changes, Drive drive, int stage, Instant measuredAt) {
        return changes.stream()
                .filter(c -> c.at.isAfter(measuredAt))
                .filter(c -> drive.stage(stage).isEmpty() || c.moves(drive, stage))
                .max(Comparator.comparing(Disturbance::at))
                .map(Disturbance::says);
    }
}
