package app.yunque.finding;

import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Whether what a check is asked under is so of a part, by what its name says: "[shielded or sealed] shields, lips". Most conditions nobody can
 * tell from a name; those checks are offered and not counted. Source: common practice, no source.
 */
public final class PartFeatures {
    private static final Pattern CONDITION = Pattern.compile("^\\[([^\\]]+)]");
    private static final Pattern SEALED =
            Pattern.compile("\\b(sealed|shielded|2rs1?|2rsh|rs|zz|2z)\\b|-2?rs\\b|-z{1,2}\\b");
    private static final Pattern TAPER = Pattern.compile("\\b(taper(ed)?|angular)\\b");
    private static final Pattern NEEDLE = Pattern.compile("\\b(needles?|loose rollers?)\\b");

    private PartFeatures() {}

    /** Whether a condition holds: yes, no, or nobody has said. */
    public enum Holds {
        YES,
        NO,
        NOT_SAID
    }

    public static Holds of(Check check, TeardownStep step) {
        return condition(check).map(c -> holds(c, step)).orElseGet(() -> carries(check, step));
    }

    /**
     * A place that only some parts of the kind have: nobody has said that this one has it, unless its name does. A shaft has seats and a
     * housing has bores.
     */
    private static Holds carries(Check check, TeardownStep step) {
        boolean sure =
                switch (check.family()) {
                    case "LND", "SPL" -> CheckFamilies.isNamed(check, step);
                    case "HBR" -> step.kind() == PartKind.HOUSING;
                    default -> true;
                };
        return sure ? Holds.YES : Holds.NOT_SAID;
    }

    private static Optional<String> condition(Check check) {
        return Optional.of(CONDITION.matcher(check.lookAt()))
                .filter(Matcher::find)
                .map(m -> m.group(1));
    }

    private static Holds holds(String condition, TeardownStep step) {
        var name = step.part().toLowerCase(Locale.ROOT);
        boolean isSealed = SEALED.matcher(name).find();
        boolean isTaper = TAPER.matcher(name).find();
        boolean isNeedle = NEEDLE.matcher(name).find();
        return switch (condition) {
            // Nothing is renewed yet while it is looked at.
            case "renewed", "renewed part" -> Holds.NO;
            case "pawl" ->
                    step.kind() == PartKind.PAWL || name.contains("pawl") ? Holds.YES : Holds.NO;
            case "open" -> isSealed ? Holds.NO : Holds.YES;
            case "shielded or sealed" -> isSealed ? Holds.YES : Holds.NO;
            case "taper, angular contact" -> isTaper ? Holds.YES : Holds.NO;
            case "needles, loose rollers" -> isNeedle ? Holds.YES : Holds.NO;
            case "ball, cylindrical roller, needle" -> isTaper ? Holds.NO : Holds.YES;
            default -> Holds.NOT_SAID;
        };
    }

    /** Conditions that a name tells of, for the test that the table still says them so. */
    public static List<String> known() {
        return List.of(
                "renewed",
                "renewed part",
                "pawl",
                "open",
                "shielded or sealed",
                "taper, angular contact",
                "needles, loose rollers",
                "ball, cylindrical roller, needle");
    }
}
