package app.yunque.finding;

import java.util.List;

/**
 * What was measured of a surface before it was dressed says nothing of it any more: the stone may have taken away what was read. What can
 * only be found as it came in is evidence and stays. Words stay too: a stone takes away no crack and no spall that was seen. Source:
 * common practice, no source.
 */
final class AfterDressing {
    private static final String SAYS =
            "The surface was dressed after this was measured: measure it again (%s).";

    private AfterDressing() {}

    /** The measurements of a part, those that the work took away as stale. */
    static List<Measured> of(List<Measured> measured, List<PartFinding> findings) {
        return measured.stream().map(m -> of(m, findings)).toList();
    }

    private static Measured of(Measured measured, List<PartFinding> findings) {
        var check = Checks.find(measured.check());
        return check.isPresent()
                        && !check.get().isGoneAfterWashing()
                        && findings.stream()
                                .filter(f -> family(f).equals(check.get().family()))
                                .filter(f -> isDressed(f, findings))
                                .anyMatch(f -> measured.taking().isBefore(f.at()))
                ? measured.stale(SAYS.formatted(measured.check()))
                : measured;
    }

    private static String family(PartFinding finding) {
        return Checks.find(finding.check()).map(Check::family).orElse("");
    }

    /** Looked at after the work, where something was to be dressed before. */
    private static boolean isDressed(PartFinding finding, List<PartFinding> findings) {
        return finding.look() == Look.AFTER_WORK
                && findings.stream()
                        .anyMatch(
                                f ->
                                        f.check().equals(finding.check())
                                                && f.severity() == Severity.DRESS
                                                && f.look() != Look.AFTER_WORK);
    }
}
