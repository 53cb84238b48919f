package app.yunque.server.unit;

import app.yunque.server.quantity.EnteredNumber;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One stage as its papers describe it, whatever turns in it.
 *
 * @param kind   kind of stage, one of those the register offers
 * @param values what was entered, by field name
 * @param was    number the stage had before the papers were corrected, so that what was found on it goes with it; missing for a new
 *               one, and everywhere when the stages stand as they stood
 */
public record StageRequest(String kind, Map<String, EnteredNumber> values, @Nullable Integer was) {

    /** As it is kept. */
    StageRequest kept() {
        return new StageRequest(kind, values, null);
    }
}
