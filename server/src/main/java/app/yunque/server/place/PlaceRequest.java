package app.yunque.server.place;

import app.yunque.measure.Refused;
import app.yunque.server.problem.NothingLeftOut;
import app.yunque.server.sheet.DrawerEntries;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A lubricated place of a unit.
 *
 * @param version version that was seen; missing for a new one
 * @param name    what the shop calls it, 1 to 60 characters
 * @param entries its sheet, as the drawer "lubricated-place" asks it
 */
public record PlaceRequest(@Nullable Long version, String name, DrawerEntries entries)
        implements NothingLeftOut.Missing {
    /** What a caller left out is told like an empty field. */
    public PlaceRequest {
        name = Objects.requireNonNullElse(name, "");
        if (entries == null) {
            throw Refused.because("entries", "The sheet of the place is missing. Enter it.");
        }
    }
}
