package app.yunque.server.sheet;

import app.yunque.server.problem.NothingLeftOut;
import app.yunque.server.quantity.EnteredNumber;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was entered in a drawer.
 *
 * @param fields     numbers as typed with their units, choices as their value, by field name
 * @param readings   lists of readings as typed, by field name
 * @param instrument the instrument of the shop that was used; missing when none was chosen
 */
public record DrawerEntries(
        Map<String, EnteredNumber> fields,
        Map<String, List<EnteredNumber>> readings,
        @Nullable UUID instrument)
        implements NothingLeftOut.Missing {
    /** Nothing entered is an empty sheet, not a fault. */
    public DrawerEntries {
        fields = Objects.requireNonNullElse(fields, Map.of());
        readings = Objects.requireNonNullElse(readings, Map.of());
    }
}
