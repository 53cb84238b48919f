package app.yunque.finding;

import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * What was noted of a part as it came off, as a finding of its own: it answers whether the part is whole, and nothing else. What is pitted
 * or worn is condemned at once only where no measurement could save it. Source: common practice, no source.
 */
final class NotedInPassing {
    /** On what rolls a spall is the end; elsewhere pits are of several sorts, and sort and area decide. */
    private static final Set<PartKind> ROLLING =
            EnumSet.of(
                    PartKind.BEARING,
                    PartKind.ROLLER,
                    PartKind.BALL,
                    PartKind.CAM_DISC,
                    PartKind.ECCENTRIC);

    private NotedInPassing() {}

    static Optional<PartFinding> of(TeardownStep step) {
        return severity(step)
                .map(
                        s ->
                                new PartFinding(
                                        Checks.WHOLE,
                                        step.condition().words(),
                                        s,
                                        Look.AS_FOUND,
                                        ""));
    }

    /** True when the words of the strip lump together what a check of the part's own kind tells apart. */
    static boolean isCoarse(TeardownStep step) {
        return step.condition() == Condition.WORN
                || step.condition() == Condition.PITTED && !ROLLING.contains(step.kind());
    }

    private static Optional<Severity> severity(TeardownStep step) {
        return switch (step.condition()) {
            case NOT_SAID -> Optional.empty();
            case SOUND -> Optional.of(Severity.SOUND);
            case RAISED_METAL, CORRODED -> Optional.of(Severity.DRESS);
            case WORN ->
                    Optional.of(
                            step.kind() == PartKind.BEARING
                                    ? Severity.CONDEMNED
                                    : Severity.MEASURE);
            case PITTED ->
                    Optional.of(
                            ROLLING.contains(step.kind()) ? Severity.CONDEMNED : Severity.MEASURE);
            case CRACKED, BROKEN -> Optional.of(Severity.CONDEMNED);
        };
    }
}
