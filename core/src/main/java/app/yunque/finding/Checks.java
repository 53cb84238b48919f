package app.yunque.finding;

import app.yunque.measure.Refused;
import app.yunque.teardown.TeardownStep;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** All checks there are, and which of them are asked of a part. */
public final class Checks {
    /** The check every part gets: is it whole? What is noted in passing at Strip answers it. */
    public static final String WHOLE = "ANY-1";

    private static final Map<String, Check> BY_ID = byId();
    private static final Map<String, List<Check>> BY_FAMILY =
            BY_ID.values().stream().collect(Collectors.groupingBy(Check::family));

    private Checks() {}

    public static List<Check> all() {
        return List.copyOf(BY_ID.values());
    }

    public static Optional<Check> find(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }

    /** @throws Refused when there is no such check */
    public static Check of(String id) {
        return find(id).orElseThrow(
                        () ->
                                Refused.because(
                                        "check",
                                        "There is no check “%s”. Choose one from the list of the part."
                                                .formatted(id)));
    }

    /**
     * What can be asked of a part: what every part is asked, then the families of its kind and words. Of what was not there nothing can be
     * asked.
     */
    public static List<Check> of(TeardownStep step) {
        if (step.cameOff() == 0) {
            return List.of();
        }
        return CheckFamilies.of(step.kind(), step.part()).stream()
                .flatMap(family -> ofFamily(family).stream())
                .toList();
    }

    /** All checks of a family, in the order of the table; empty for one nobody knows. */
    public static List<Check> ofFamily(String family) {
        return BY_FAMILY.getOrDefault(family, List.of());
    }

    private static Map<String, Check> byId() {
        var checks = new LinkedHashMap<String, Check>();
        for (var check : CheckTable.read()) {
            if (checks.put(check.id(), check) != null) {
                throw new IllegalStateException("Two checks are named " + check.id() + ".");
            }
        }
        return checks;
    }
}
