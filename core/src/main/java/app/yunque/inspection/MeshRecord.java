package app.yunque.inspection;

import app.yunque.finding.Check;
import app.yunque.finding.CheckAnswer;
import app.yunque.finding.Checks;
import app.yunque.finding.LeftOpen;
import app.yunque.finding.Measured;
import app.yunque.finding.PartFinding;
import app.yunque.finding.StandingFinding;
import app.yunque.gear.ServiceDuty;
import java.util.List;

/**
 * What is on record about the mesh of one stage, before the rebuild.
 *
 * @param stage    number of the stage, 1 first
 * @param words    the stage in words: "stage 1, z 17/57"
 * @param family   family of its checks: "MSP"
 * @param duty     what the drive is there for
 * @param findings what was found by eye, finger or ear, in the order it was said
 * @param measured what was measured on it, in the order it was taken
 * @param left     checks that somebody said are not made, in the order it was said
 */
public record MeshRecord(
        int stage,
        String words,
        String family,
        ServiceDuty duty,
        List<PartFinding> findings,
        List<Measured> measured,
        List<LeftOpen> left) {
    public MeshRecord {
        findings = List.copyOf(findings);
        measured = List.copyOf(measured);
        left = List.copyOf(left);
    }

    /** A mesh that nobody looked at. */
    public MeshRecord(int stage, String words, String family, ServiceDuty duty) {
        this(stage, words, family, duty, List.of(), List.of(), List.of());
    }

    /** The check that its backlash answers. */
    public static String backlashOf(String family) {
        return family + "-1";
    }

    List<Check> asked() {
        return Checks.all().stream().filter(c -> c.family().equals(family)).toList();
    }

    CheckAnswer answer(Check check) {
        return CheckAnswer.of(check, StandingFinding.of(findings), measured, left)
                .or(() -> CheckAnswer.stale(check, measured))
                .orElse(CheckAnswer.OPEN);
    }

    /** The load hangs in every mesh of a drive that lifts. */
    boolean isStrict() {
        return duty == ServiceDuty.LIFTING;
    }
}
