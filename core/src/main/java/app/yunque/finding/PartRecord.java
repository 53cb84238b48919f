package app.yunque.finding;

import app.yunque.gear.ServiceDuty;
import app.yunque.teardown.TeardownStep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * All that is on record about a part, and nothing else: silence is never soundness.
 *
 * @param step     the part as it came off, with what was noted in passing
 * @param duty     what the drive is there for
 * @param findings what was found by eye, finger or ear, in the order it was said
 * @param measured what was measured on it, in the order it was taken; of several on one thing the one that counts is kept
 */
public record PartRecord(
        TeardownStep step, ServiceDuty duty, List<PartFinding> findings, List<Measured> measured) {

    public PartRecord {
        findings = List.copyOf(findings);
        measured = AgreeingMeasurements.of(measured, StrictParts.isStrict(step, duty));
    }

    /** A part of which only the strip speaks. */
    public static PartRecord of(TeardownStep step, ServiceDuty duty) {
        return new PartRecord(step, duty, List.of(), List.of());
    }

    /** True when doubtful counts as failed on it, and not looked at as not fit. */
    public boolean isStrict() {
        return StrictParts.isStrict(step, duty);
    }

    /** What stands of all that was said of it, hardest first. */
    public List<StandingFinding> standing() {
        var all = new ArrayList<PartFinding>();
        NotedInPassing.of(step).ifPresent(all::add);
        all.addAll(findings);
        return StandingFinding.of(all);
    }

    /** A finding that a measurement decides counts as noted once that measurement passed, or finer words took its place. */
    boolean isSettledByMeasuring(StandingFinding finding) {
        return isAnswered(finding) || isSaidMoreFinely(finding);
    }

    private boolean isAnswered(StandingFinding finding) {
        var check = Checks.find(finding.check());
        var answering = check.map(c -> c.answeredBy(finding.word())).orElse(List.of());
        boolean inPassing = finding.check().equals(Checks.WHOLE);
        return measured.stream()
                .filter(Measured::isPassed)
                .anyMatch(
                        m ->
                                answering.contains(m.check())
                                        || inPassing && (m.check().isEmpty() || !isOfAny(m)));
    }

    /** What was noted in passing in coarse words is settled by the words of a check of its own kind. */
    private boolean isSaidMoreFinely(StandingFinding finding) {
        return finding.check().equals(Checks.WHOLE)
                && finding.look() == Look.AS_FOUND
                && NotedInPassing.isCoarse(step)
                && findings.stream().anyMatch(f -> !f.check().startsWith("ANY"));
    }

    /** Checks that must be answered and are not, quickest first. */
    public List<Check> openMusts() {
        var standing = standing();
        return MustChecks.of(this).stream()
                .filter(c -> standing.stream().noneMatch(s -> answers(s, c)))
                .filter(
                        c ->
                                measured.stream()
                                        .noneMatch(m -> m.isJudged() && m.check().equals(c.id())))
                .sorted(Comparator.comparingDouble(Check::minutes))
                .toList();
    }

    /** Whoever answered a check of the part by eye had the part in hand: that it is whole was seen too. */
    private static boolean answers(StandingFinding finding, Check check) {
        return finding.check().equals(check.id()) || check.id().equals(Checks.WHOLE);
    }

    private static boolean isOfAny(Measured m) {
        return m.check().startsWith("ANY");
    }
}
