package app.yunque.finding;

import app.yunque.measure.Verdict;
import app.yunque.teardown.PartKind;
import java.util.EnumSet;
import java.util.Set;

/**
 * What signing asks of a part.
 *
 * @param lookedAt  true when somebody said how it was found, or measured it, and on a part that holds every check of its own was made
 * @param damaged   true when something on it wants measuring, or condemns it
 * @param condemned true when nothing that is measured lets it go back
 * @param worst     worst verdict of what was measured on it; NOT_JUDGED when nothing was
 * @param strict    true for a part on which doubtful counts as failed
 * @param lock      true for a lock that holds once only: a tab washer, a cotter pin
 */
public record PartEvidence(
        boolean lookedAt,
        boolean damaged,
        boolean condemned,
        Verdict worst,
        boolean strict,
        boolean lock) {
    private static final Set<Severity> DAMAGE = EnumSet.of(Severity.MEASURE, Severity.CONDEMNED);

    public static PartEvidence of(PartRecord part) {
        var standing = part.standing();
        var judged =
                part.measured().stream()
                        .map(Measured::verdict)
                        .filter(v -> v != Verdict.NOT_JUDGED)
                        .toList();
        boolean seen = !standing.isEmpty() || !judged.isEmpty();
        boolean strict = part.isStrict();
        return new PartEvidence(
                seen && (!strict || part.openMusts().isEmpty()),
                standing.stream().anyMatch(f -> DAMAGE.contains(f.severity())),
                standing.stream().anyMatch(f -> f.severity() == Severity.CONDEMNED),
                judged.stream().reduce(Verdict::worse).orElse(Verdict.NOT_JUDGED),
                strict,
                part.step().kind() == PartKind.TAB_WASHER
                        || part.step().kind() == PartKind.COTTER_PIN);
    }
}
