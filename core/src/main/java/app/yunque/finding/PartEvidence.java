package app.yunque.finding;

import app.yunque.measure.Verdict;
import app.yunque.teardown.PartKind;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What signing asks of a part.
 *
 * @param open      checks it may not go back without and that nobody made, quickest first
 * @param left      checks left open for a reason that a lead answers for
 * @param damaged   true when something on it wants measuring, or condemns it
 * @param condemned true when nothing that is measured lets it go back
 * @param worst     worst verdict of what was measured on it; NOT_JUDGED when nothing was
 * @param strict    true for a part on which doubtful counts as failed
 * @param lock      true for a lock that holds once only: a tab washer, a cotter pin
 */
public record PartEvidence(
        List<Check> open,
        List<Check> left,
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
        return new PartEvidence(
                part.openAtSigning(),
                part.leftToALead(),
                standing.stream().anyMatch(f -> DAMAGE.contains(f.severity())),
                standing.stream().anyMatch(f -> f.severity() == Severity.CONDEMNED),
                judged.stream().reduce(Verdict::worse).orElse(Verdict.NOT_JUDGED),
                part.isStrict(),
                part.step().kind() == PartKind.TAB_WASHER
                        || part.step().kind() == PartKind.COTTER_PIN);
    }

    /** True when all was looked at that can be while the unit lies open. */
    public boolean lookedAt() {
        return open.stream().allMatch(Check::isAfterWork);
    }
}
