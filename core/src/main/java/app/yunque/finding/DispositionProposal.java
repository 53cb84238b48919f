package app.yunque.finding;

import app.yunque.measure.Verdict;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What to do with a part, proposed from how it was found and what was measured on it. First rule that fires: cracked or
 * broken, single use, measured and failed, measured and doubtful, pitted, worn by feel, raised metal, else reuse. Source:
 * common practice, no source.
 *
 * @param disposition the proposal; null when it has to be measured first
 * @param reason      why, in a sentence
 */
public record DispositionProposal(@Nullable Disposition disposition, String reason) {

    /**
     * A measurement that bears on a part.
     *
     * @param verdict  against its limit
     * @param sentence the verdict in words
     */
    public record Evidence(Verdict verdict, String sentence) {}

    /**
     * @param step     the part as it came off
     * @param evidence measurements taken on it; empty when none
     */
    public static DispositionProposal of(TeardownStep step, List<Evidence> evidence) {
        switch (step.condition()) {
            case CRACKED -> {
                return renew("Cracked: a crack only grows.");
            }
            case BROKEN -> {
                return renew("Broken. Find the cause before the new one goes in.");
            }
            default -> {}
        }
        if (step.singleUse()) {
            return renew("Single use: it has been disturbed and will not hold a second time.");
        }
        var failed = first(evidence, Verdict.CLEAR_FAIL);
        if (failed.isPresent()) {
            return renew("Measured and failed: " + failed.get().sentence);
        }
        var doubtful = first(evidence, Verdict.DOUBTFUL);
        if (doubtful.isPresent()) {
            return new DispositionProposal(
                    null, "Measured, too close to tell: measure again. " + doubtful.get().sentence);
        }
        return byEye(step, evidence);
    }

    private static DispositionProposal byEye(TeardownStep step, List<Evidence> evidence) {
        return switch (step.condition()) {
            case PITTED -> renew("Pitted or spalled: the surface goes on breaking out.");
            case WORN ->
                    step.kind() == PartKind.BEARING
                            ? renew("Worn to the feel: a bearing is cheaper than opening again.")
                            : passed(evidence)
                                    .orElse(
                                            new DispositionProposal(
                                                    null,
                                                    "Worn by eye or feel: measure it before deciding."));
            case RAISED_METAL ->
                    new DispositionProposal(
                            Disposition.DRESS,
                            "Only raised metal matters: stone it down, never file a running surface.");
            case CORRODED ->
                    new DispositionProposal(
                            Disposition.DRESS,
                            "Clean it and look again: pits on a running or sealing surface mean a new one.");
            case NOT_SAID ->
                    passed(evidence)
                            .orElse(
                                    new DispositionProposal(
                                            null,
                                            "Not looked at: say how it was found, or measure it."));
            default ->
                    passed(evidence)
                            .orElse(
                                    new DispositionProposal(
                                            Disposition.REUSE, "Looked at, and found sound."));
        };
    }

    private static Optional<DispositionProposal> passed(List<Evidence> evidence) {
        return first(evidence, Verdict.CLEAR_PASS)
                .map(
                        e ->
                                new DispositionProposal(
                                        Disposition.REUSE, "Measured and passed: " + e.sentence));
    }

    private static Optional<Evidence> first(List<Evidence> evidence, Verdict verdict) {
        return evidence.stream().filter(e -> e.verdict == verdict).findFirst();
    }

    private static DispositionProposal renew(String reason) {
        return new DispositionProposal(Disposition.RENEW, reason);
    }
}
