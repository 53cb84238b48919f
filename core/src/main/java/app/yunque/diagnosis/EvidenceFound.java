package app.yunque.diagnosis;

import app.yunque.diagnosis.EvidenceTable.Test;
import app.yunque.finding.Look;
import app.yunque.finding.Measured;
import app.yunque.finding.PartFinding;
import app.yunque.finding.Severity;
import app.yunque.inspection.Circumstance;
import app.yunque.inspection.Complaint;
import app.yunque.measure.Verdict;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * The evidence that a job holds already: signs from the complaint, tests from what was found and measured, so that nothing is typed twice. Of several parts one that is bad
 * makes a test positive; negative it is only where nothing is bad and something was looked at. What was looked at after the work says nothing of what came in. Source: common practice, no source.
 */
public final class EvidenceFound {
    private static final String CONDEMNED = "condemned";
    private static final String BEYOND = "beyond";
    private static final String INSIDE = "inside";

    private EvidenceFound() {}

    /**
     * @param complaint what the customer says
     * @param said      words of the complaint that count
     * @param findings  what was found on parts and meshes by eye, finger or ear
     * @param measured  what was measured on them
     */
    public static Evidence of(
            String complaint,
            Set<Circumstance> said,
            Collection<PartFinding> findings,
            Collection<Measured> measured) {
        var present = new TreeSet<String>();
        for (var sign : EvidenceTable.shipped().signs().values()) {
            if (sign.saidBy().stream().anyMatch(said::contains)
                    || sign.readBy().stream()
                            .anyMatch(
                                    p -> Complaint.isSaid(p, complaint.toLowerCase(Locale.ROOT)))) {
                present.add(sign.id());
            }
        }
        var positive = new TreeSet<String>();
        var negative = new TreeSet<String>();
        for (var test : EvidenceTable.shipped().tests().values()) {
            if (isFound(test.positive(), test, findings, measured)) {
                positive.add(test.id());
            } else if (isFound(test.negative(), test, findings, measured)) {
                negative.add(test.id());
            }
        }
        return new Evidence(present, Set.of(), positive, negative);
    }

    /**
     * The same with what somebody answered by hand: a sign that was read wrongly is taken back by it, a test that a finding answers is not.
     *
     * @param said signs and tests by name: true where it is there or positive, false where it is not
     * @throws app.yunque.measure.Refused for a name that is in no table
     */
    public static Evidence alsoSaid(Evidence found, Map<String, Boolean> said) {
        var signs = EvidenceTable.shipped().signs();
        var present = new TreeSet<>(found.present());
        var absent = new TreeSet<>(found.absent());
        var positive = new TreeSet<>(found.positive());
        var negative = new TreeSet<>(found.negative());
        said.forEach(
                (name, isSo) -> {
                    if (signs.containsKey(name)) {
                        present.remove(name);
                        absent.remove(name);
                        (isSo ? present : absent).add(name);
                    } else if (!found.positive().contains(name)
                            && !found.negative().contains(name)) {
                        (isSo ? positive : negative).add(name);
                    }
                });
        return new Evidence(present, absent, positive, negative);
    }

    private static boolean isFound(
            List<String> words,
            Test test,
            Collection<PartFinding> findings,
            Collection<Measured> measured) {
        return findings.stream()
                        .filter(f -> test.checks().contains(f.check()))
                        .filter(f -> f.look() != Look.AFTER_WORK)
                        .anyMatch(
                                f ->
                                        words.contains(f.word())
                                                || words.contains(CONDEMNED)
                                                        && f.severity() == Severity.CONDEMNED)
                || measured.stream()
                        .filter(m -> test.checks().contains(m.check()))
                        .anyMatch(
                                m ->
                                        words.contains(BEYOND) && m.verdict() == Verdict.CLEAR_FAIL
                                                || words.contains(INSIDE)
                                                        && m.verdict() == Verdict.CLEAR_PASS);
    }
}
