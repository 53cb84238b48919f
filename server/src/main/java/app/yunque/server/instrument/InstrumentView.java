package app.yunque.server.instrument;

import java.time.LocalDate;
import java.util.UUID;

/**
 * An instrument of the shop.
 *
 * @param id           identity
 * @param given        as entered, with its version
 * @param name         number and name
 * @param kind         what it is
 * @param resolutionMm one division (mm)
 * @param maxErrorMm   calibration limit ± (mm)
 * @param lowMm        smallest reading (mm)
 * @param highMm       largest reading (mm)
 * @param dueOn        day the next calibration is due
 * @param inDays       from today to that day; minus when it is past
 * @param overdue      true when that day is past
 */
public record InstrumentView(
        UUID id,
        InstrumentRequest given,
        String name,
        InstrumentKind kind,
        double resolutionMm,
        double maxErrorMm,
        double lowMm,
        double highMm,
        LocalDate dueOn,
        long inDays,
        boolean overdue) {}
