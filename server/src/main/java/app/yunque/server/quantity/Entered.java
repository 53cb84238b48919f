package app.yunque.server.quantity;

import jakarta.persistence.Embeddable;
import org.jspecify.annotations.Nullable;

/**
 * A quantity as the bench entered it, with its canonical value beside it.
 *
 * @param text      digits exactly as typed
 * @param unit      unit code as shown on the tool
 * @param canonical value in the canonical unit of its kind: mm, L, °C, kW, N·m, turns, degrees
 */
@Embeddable
public record Entered(String text, String unit, Double canonical) {

    /** Stands in an entity until the real one is put there. */
    public static final Entered NOTHING = new Entered("", "", 0.0);

    /** "0,35 mm", as typed. */
    public String asEntered() {
        return text + " " + unit;
    }

    public static @Nullable Double valueOf(@Nullable Entered entered) {
        return entered == null ? null : entered.canonical;
    }
}
