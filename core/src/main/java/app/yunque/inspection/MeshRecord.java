package app.yunque.inspection;

import app.yunque.finding.Check;
import app.yunque.finding.CheckAnswer;
import app.yunque.finding.Checks;
import app.yunque.gear.ServiceDuty;
import java.util.List;
import java.util.Map;

/**
 * What is on record about the mesh of one stage, before the rebuild.
 *
 * @param stage  number of the stage, 1 first
 * @param words  the stage in words: "stage 1, z 17/57"
 * @param family family of its checks: "MSP"
 * @param duty   what the drive is there for
 * @param answers what was said about its checks, by their names; one that is missing is open
 */
public record MeshRecord(
        int stage,
        String words,
        String family,
        ServiceDuty duty,
        Map<String, CheckAnswer> answers) {
    public MeshRecord {
        answers = Map.copyOf(answers);
    }

    List<Check> asked() {
        return Checks.all().stream().filter(c -> c.family().equals(family)).toList();
    }

    CheckAnswer answer(Check check) {
        return answers.getOrDefault(check.id(), CheckAnswer.OPEN);
    }

    /** The load hangs in every mesh of a drive that lifts. */
    boolean isStrict() {
        return duty == ServiceDuty.LIFTING;
    }
}
