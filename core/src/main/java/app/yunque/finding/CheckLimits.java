package app.yunque.finding;

import app.yunque.measure.Edges;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Edges of a check that are plain numbers.
 *
 * @param unit  mm, µm, % or °; empty for a bare number
 * @param edges the edges in that unit
 */
public record CheckLimits(String unit, Edges edges) {
    private static final Pattern NUMBERS =
            Pattern.compile(
                    "(?<what>[^↑↓↕]*?) ?(?<way>[↑↓]): A (?<a>–|[\\d.]+), B (?<b>–|[\\d.]+), C (?<c>–|[\\d.]+)");
    private static final Pattern UNIT = Pattern.compile(".*(?<![^ ])(mm|µm|%|°)( of .*)?");

    /** Edges as the table words them; empty where they are formulas, or where more than one thing is measured. */
    static Optional<CheckLimits> in(String measured) {
        var found = NUMBERS.matcher(measured);
        if (!found.matches()) {
            return Optional.empty();
        }
        var unit = UNIT.matcher(found.group("what"));
        return Optional.of(
                new CheckLimits(
                        unit.matches() ? unit.group(1) : "",
                        new Edges(
                                edge(found.group("a")),
                                edge(found.group("b")),
                                edge(found.group("c")),
                                found.group("way").equals("↓"))));
    }

    private static @Nullable Double edge(String text) {
        return text.equals("–") ? null : Double.valueOf(text);
    }
}
