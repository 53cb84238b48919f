package app.yunque.server.place;

import app.yunque.measure.Refused;
import app.yunque.server.problem.NothingLeftOut;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.sheet.DrawerEntries;
import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was done at a place.
 *
 * @param version   version that was seen; missing for a new one
 * @param kind      filled, topped up or left
 * @param on        the day; missing means today
 * @param lubricant the can on the shop's shelf; missing when it came from elsewhere
 * @param can       name on the can when it is not one of the shelf
 * @param amount    what went in: a volume of oil, a mass of grease; may be missing for a film, and where it was filled to its mark
 * @param toTheMark true where it was filled until it ran from the plug or stood at the mark; missing is not
 * @param meter     hours on the meter; may be missing
 * @param drained   what came out, as the drawer "drained-oil" asks it; may be missing
 * @param source    why another kind or grade than the wanted one: plate, maker's table
 * @param despite   why in spite of a finding that forbids it
 */
public record FillRequest(
        @Nullable Long version,
        FillKind kind,
        @Nullable LocalDate on,
        @Nullable UUID lubricant,
        String can,
        @Nullable EnteredNumber amount,
        @Nullable Boolean toTheMark,
        @Nullable EnteredNumber meter,
        @Nullable DrawerEntries drained,
        String source,
        String despite)
        implements NothingLeftOut.Missing {
    /** What a caller left out is told like an empty field. */
    public FillRequest {
        can = Objects.requireNonNullElse(can, "");
        source = Objects.requireNonNullElse(source, "");
        despite = Objects.requireNonNullElse(despite, "");
        toTheMark = Boolean.TRUE.equals(toTheMark);
        if (kind == null) {
            throw Refused.because("kind", "Was it filled, topped up or left? Choose one.");
        }
    }
}
