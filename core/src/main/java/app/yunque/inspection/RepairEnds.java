package app.yunque.inspection;

import app.yunque.finding.PartRecord;
import app.yunque.finding.Severity;
import app.yunque.finding.StandingFinding;
import app.yunque.measure.Verdict;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What may end a repair: found, it is decided first and nothing else is measured. It proposes a decision and takes none: a case can be
 * welded by whoever may, a part be found elsewhere. Source: common practice, no source.
 */
public final class RepairEnds {
    /** Checks of which a condemning word means that what carries everything else is gone. */
    private static final Map<String, Set<String>> WORDS =
            Map.of(
                    "HSG-1", Set.of("crack into a bore, foot or boss"),
                    "HBR-1", Set.of("cracked"),
                    "CAR-2", Set.of("line"),
                    "RNG-1", Set.of("lug cracked", "hardening, grinding or fatigue crack"),
                    "CYR-3", Set.of("cracked"),
                    "BRK-3", Set.of("crack"));

    /** A look at the whole part says the same of these. */
    private static final Set<PartKind> CARRY_ALL =
            EnumSet.of(PartKind.HOUSING, PartKind.RING_GEAR, PartKind.CARRIER);

    private static final Set<String> BROKEN = Set.of("cracked", "torn or broken");

    /** Parts that a shop cannot make by itself. */
    private static final Set<PartKind> NOT_MADE_HERE =
            EnumSet.of(PartKind.HOUSING, PartKind.WORM, PartKind.CAM_DISC, PartKind.RING_GEAR);

    private static final String OUT_OF_LINE = "HBR-4";

    private RepairEnds() {}

    /**
     * One thing that may end it.
     *
     * @param stepId the part, by its step
     * @param says   what was found and what it means, in a sentence
     */
    public record Reason(String stepId, String says) {}

    /**
     * @param parts   what is on record about each part
     * @param decided parts about which somebody decided since, by identity of their step: it goes on in spite of them
     * @return in the order of the parts; empty while nothing ends it, which says nothing of what nobody looked at
     */
    public static List<Reason> of(List<PartRecord> parts, Set<String> decided) {
        var reasons = new ArrayList<Reason>();
        for (var part : parts) {
            if (decided.contains(part.step().id())) {
                continue;
            }
            part.standing().stream()
                    .filter(f -> f.severity() == Severity.CONDEMNED && ends(part.step(), f))
                    .findFirst()
                    .ifPresent(f -> reasons.add(reason(part.step(), f.word())));
            part.measured().stream()
                    .filter(m -> m.check().equals(OUT_OF_LINE))
                    .filter(m -> m.verdict() == Verdict.CLEAR_FAIL)
                    .findFirst()
                    .ifPresent(m -> reasons.add(reason(part.step(), "its bores are out of line")));
        }
        return List.copyOf(reasons);
    }

    private static boolean ends(TeardownStep step, StandingFinding finding) {
        return WORDS.getOrDefault(finding.check(), Set.of()).contains(finding.word())
                || finding.check().equals("ANY-1")
                        && CARRY_ALL.contains(step.kind())
                        && BROKEN.contains(finding.word());
    }

    private static Reason reason(TeardownStep step, String found) {
        return new Reason(
                step.id(),
                "%s (%d): %s. This may end the repair: decide before anything else is measured."
                        .formatted(step.part(), step.number(), found));
    }

    /** What it means that a part cannot be had; empty where a shop can make or replace it. */
    public static Optional<String> without(PartRecord part) {
        if (part.isStrict()) {
            return Optional.of(
                    "It holds, stops or carries the load, and nothing but the maker’s part goes there: without it the repair ends.");
        }
        boolean isWormWheel = part.step().part().toLowerCase(Locale.ROOT).contains("worm wheel");
        return isWormWheel || NOT_MADE_HERE.contains(part.step().kind())
                ? Optional.of(
                        "A shop does not make this part: where it cannot be had, the repair ends.")
                : Optional.empty();
    }
}
