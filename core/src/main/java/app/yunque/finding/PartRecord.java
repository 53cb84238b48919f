package app.yunque.finding;

import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Verdict;
import app.yunque.teardown.TeardownStep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * All that is on record about a part, and nothing else: silence is never soundness.
 *
 * @param step     the part as it came off, with what was noted in passing
 * @param duty     what the drive is there for
 * @param findings what was found by eye, finger or ear, in the order it was said
 * @param measured what was measured on it, in the order it was taken; of several on one thing the one that counts is kept
 * @param left     checks that somebody said are not made, in the order it was said
 * @param musts    checks it may not go back without; those of its kind and duty are always among them
 */
public record PartRecord(
        TeardownStep step,
        ServiceDuty duty,
        List<PartFinding> findings,
        List<Measured> measured,
        List<LeftOpen> left,
        List<Check> musts) {

    public PartRecord {
        findings = List.copyOf(findings);
        measured =
                AgreeingMeasurements.of(
                        AfterDressing.of(measured, findings), StrictParts.isStrict(step, duty));
        left = List.copyOf(left);
        musts =
                Stream.concat(MustChecks.of(step, duty).stream(), musts.stream())
                        .distinct()
                        .toList();
    }

    /** A part of which nobody said that anything is left. */
    public PartRecord(
            TeardownStep step,
            ServiceDuty duty,
            List<PartFinding> findings,
            List<Measured> measured) {
        this(step, duty, findings, measured, List.of(), List.of());
    }

    /** A part of which only the strip speaks. */
    public static PartRecord of(TeardownStep step, ServiceDuty duty) {
        return new PartRecord(step, duty, List.of(), List.of());
    }

    /** The same with more that it may not go back without. */
    public PartRecord alsoAsked(List<Check> more) {
        return new PartRecord(step, duty, findings, measured, left, more);
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
        return passedOn(finding).anyMatch(m -> m.overrules(finding.at()));
    }

    /** True when something was measured good on a feel that says otherwise, but too coarsely or too early to overrule it. */
    boolean isContradicted(StandingFinding finding) {
        return !isAnswered(finding) && passedOn(finding).findAny().isPresent();
    }

    private Stream<Measured> passedOn(StandingFinding finding) {
        var check = Checks.find(finding.check());
        var answering = check.map(c -> c.answeredBy(finding.word())).orElse(List.of());
        boolean inPassing = finding.check().equals(Checks.WHOLE);
        return measured.stream()
                .filter(Measured::isPassed)
                .filter(
                        m ->
                                answering.contains(m.check())
                                        || inPassing && (m.check().isEmpty() || !isOfAny(m)));
    }

    /** True where the same check was found sound by feel or eye and nobody has measured a second time. */
    boolean isFeltOtherwise(Measured beyond) {
        return beyond.taking().times() == 1
                && standing().stream()
                        .anyMatch(
                                f ->
                                        f.check().equals(beyond.check())
                                                && f.severity() == Severity.SOUND);
    }

    /** What was noted in passing in coarse words is settled by the words of a check of its own kind. */
    private boolean isSaidMoreFinely(StandingFinding finding) {
        return finding.check().equals(Checks.WHOLE)
                && finding.look() == Look.AS_FOUND
                && NotedInPassing.isCoarse(step)
                && findings.stream().anyMatch(f -> !f.check().startsWith("ANY"));
    }

    /** Where a check stands on this part. */
    public CheckState state(Check check) {
        return answer(check).state();
    }

    /** What was said about a check. */
    public CheckAnswer answer(Check check) {
        return answers().of(check);
    }

    /** What was said about each check, worked out once for many. */
    public Answers answers() {
        return new Answers(standing(), measured, left);
    }

    /**
     * @param standing what stands of all that was found, hardest first
     * @param measured what was measured
     * @param left     checks that somebody said are not made
     */
    public record Answers(
            List<StandingFinding> standing, List<Measured> measured, List<LeftOpen> left) {

        public CheckAnswer of(Check check) {
            return CheckAnswer.of(check, standing, measured, List.of())
                    .or(() -> inHand(check))
                    .or(() -> CheckAnswer.of(check, List.of(), List.of(), left))
                    .or(() -> CheckAnswer.stale(check, measured))
                    .orElse(CheckAnswer.OPEN);
        }

        /** Whoever answered a check of the part by eye had the part in hand: that it is whole was seen too. */
        private Optional<CheckAnswer> inHand(Check check) {
            return check.id().equals(Checks.WHOLE) && !standing.isEmpty()
                    ? Optional.of(
                            new CheckAnswer(
                                    CheckState.SEEN, "seen with the rest", Verdict.CLEAR_PASS))
                    : Optional.empty();
        }
    }

    /** What was last said about why a check is not made. */
    public Optional<LeftOpen> leftOpen(Check check) {
        return left.stream()
                .filter(l -> l.check().equals(check.id()))
                .reduce((first, second) -> second);
    }

    /** Checks that must be answered before it may go back, while the unit lies open, quickest first. */
    public List<Check> openMusts() {
        return openAtSigning().stream().filter(c -> !c.isAfterWork()).toList();
    }

    /** The same, with what can only be made after the rebuild. */
    public List<Check> openAtSigning() {
        var answers = answers();
        return musts.stream()
                .filter(c -> standsOpen(c, answers))
                .sorted(Comparator.comparingDouble(Check::minutes))
                .toList();
    }

    /** Checks left open for a reason that a lead answers for, quickest first. */
    public List<Check> leftToALead() {
        var answers = answers();
        return musts.stream()
                .filter(c -> !answers.of(c).state().isAnswered() && !standsOpen(c, answers))
                .filter(c -> leftOpen(c).filter(l -> l.why().isForALead()).isPresent())
                .sorted(Comparator.comparingDouble(Check::minutes))
                .toList();
    }

    private boolean standsOpen(Check check, Answers answers) {
        return !answers.of(check).state().isAnswered()
                && leftOpen(check).filter(l -> l.letsGoBack(isStrict())).isEmpty();
    }

    private static boolean isOfAny(Measured m) {
        return m.check().startsWith("ANY");
    }
}
