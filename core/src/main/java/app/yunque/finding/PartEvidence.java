package app.yunque.finding;

import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Verdict;
import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What is known of a part, and only that: silence is never soundness.
 *
 * @param lookedAt  true when somebody said how it was found, or measured it
 * @param damaged   true when it was found worn, pitted, cracked or broken
 * @param condemned true when it is cracked or broken: nothing that is measured lets it go back
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
    private static final Set<Condition> CONDEMNED = EnumSet.of(Condition.CRACKED, Condition.BROKEN);
    private static final Set<Condition> DAMAGED =
            EnumSet.of(Condition.WORN, Condition.PITTED, Condition.CRACKED, Condition.BROKEN);

    /**
     * @param step     the part as it came off
     * @param evidence what was measured on it; empty when nothing was
     * @param duty     what the drive is there for
     */
    public static PartEvidence of(
            TeardownStep step, List<DispositionProposal.Evidence> evidence, ServiceDuty duty) {
        var judged =
                evidence.stream()
                        .map(DispositionProposal.Evidence::verdict)
                        .filter(v -> v != Verdict.NOT_JUDGED)
                        .toList();
        return new PartEvidence(
                step.condition() != Condition.NOT_SAID || !judged.isEmpty(),
                DAMAGED.contains(step.condition()),
                CONDEMNED.contains(step.condition()),
                judged.stream().reduce(Verdict::worse).orElse(Verdict.NOT_JUDGED),
                StrictParts.isStrict(step, duty),
                step.kind() == PartKind.TAB_WASHER || step.kind() == PartKind.COTTER_PIN);
    }
}
