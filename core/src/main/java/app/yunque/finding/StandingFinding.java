package app.yunque.finding;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What stands of all that was said of one check on one part.
 *
 * <p>Each person's later word at the same look takes the place of the earlier one; of two people the worse stands. Dirt is settled by the
 * look after washing, and a feel that washing does not take away condemns. What was to be dressed is settled by the look after the work,
 * and what is still there then condemns. Nothing else said later makes an earlier word milder: a measurement does. Source: common
 * practice, no source.
 *
 * @param check    name of the check
 * @param word     the word that stands
 * @param severity how much it weighs now
 * @param look     when it was looked at
 * @param by       who said it
 * @param at       when it was said; null where that is not known
 * @param again    true when it was there again after washing or dressing
 */
public record StandingFinding(
        String check,
        String word,
        Severity severity,
        Look look,
        String by,
        @Nullable Instant at,
        boolean again) {

    private record Person(String check, Look look, String by) {}

    /**
     * @param said all findings of a part, in the order they were said
     * @return one a check, hardest first
     */
    public static List<StandingFinding> of(List<PartFinding> said) {
        Map<Person, PartFinding> last = new LinkedHashMap<>();
        said.forEach(f -> last.put(new Person(f.check(), f.look(), f.by()), f));
        var checks = said.stream().map(PartFinding::check).distinct().toList();
        var standing = new ArrayList<StandingFinding>();
        for (var check : checks) {
            var here = last.values().stream().filter(f -> f.check().equals(check)).toList();
            here.stream()
                    .filter(f -> !isSettled(f, here))
                    .map(f -> weighed(f, here))
                    .max(Comparator.comparing(StandingFinding::severity))
                    .ifPresent(standing::add);
        }
        standing.sort(Comparator.comparing(StandingFinding::severity).reversed());
        return List.copyOf(standing);
    }

    /** Dirt and dressing are settled by looking again afterwards, whatever is found then. */
    private static boolean isSettled(PartFinding finding, List<PartFinding> here) {
        return switch (finding.severity()) {
            case WASH -> here.stream().anyMatch(f -> f.look().compareTo(finding.look()) > 0);
            case DRESS ->
                    finding.look() != Look.AFTER_WORK
                            && here.stream().anyMatch(f -> f.look() == Look.AFTER_WORK);
            default -> false;
        };
    }

    private static StandingFinding weighed(PartFinding finding, List<PartFinding> here) {
        boolean washedInVain =
                finding.severity() == Severity.WASH && finding.look() != Look.AS_FOUND;
        boolean dressedInVain =
                finding.severity() == Severity.DRESS
                        && finding.look() == Look.AFTER_WORK
                        && here.stream()
                                .anyMatch(
                                        f ->
                                                f.severity() == Severity.DRESS
                                                        && f.look() != Look.AFTER_WORK);
        boolean again = washedInVain || dressedInVain;
        return new StandingFinding(
                finding.check(),
                finding.word(),
                again ? Severity.CONDEMNED : finding.severity(),
                finding.look(),
                finding.by(),
                finding.at(),
                again);
    }
}
