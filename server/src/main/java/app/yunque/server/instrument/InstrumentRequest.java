package app.yunque.server.instrument;

import app.yunque.server.quantity.EnteredNumber;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * An instrument as its card describes it.
 *
 * @param version      version that was seen; missing for a new one
 * @param name         number and name in the shop, 1 to 80 characters
 * @param kind         what it is
 * @param resolution   one division
 * @param maxError     calibration limit, ±
 * @param low          smallest reading
 * @param high         largest reading
 * @param calibratedOn day of the last calibration
 * @param dueOn        day the next is due
 */
public record InstrumentRequest(
        @Nullable Long version,
        String name,
        InstrumentKind kind,
        EnteredNumber resolution,
        EnteredNumber maxError,
        EnteredNumber low,
        EnteredNumber high,
        LocalDate calibratedOn,
        LocalDate dueOn) {}
