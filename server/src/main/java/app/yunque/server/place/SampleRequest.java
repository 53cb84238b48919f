package app.yunque.server.place;

import app.yunque.measure.Refused;
import app.yunque.server.problem.NothingLeftOut;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.sheet.DrawerEntries;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * An oil sample of a place.
 *
 * @param version version that was seen; missing for a new one
 * @param takenOn the day it was drawn
 * @param meter   hours on the meter that day
 * @param entries what the laboratory gave, as the drawer "oil-sample" asks it; earlier samples are added from the record
 */
public record SampleRequest(
        @Nullable Long version,
        LocalDate takenOn,
        @Nullable EnteredNumber meter,
        DrawerEntries entries)
        implements NothingLeftOut.Missing {
    /** What a caller left out is told like an empty field. */
    public SampleRequest {
        if (takenOn == null) {
            throw Refused.because(
                    "takenOn", "The day the sample was drawn is missing. It stands on the bottle.");
        }
        if (entries == null) {
            throw Refused.because("entries", "What the laboratory gave is missing. Enter it.");
        }
    }
}
