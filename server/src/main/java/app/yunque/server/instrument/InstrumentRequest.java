package app.yunque.server.instrument;

import app.yunque.measure.InDoubt;
import app.yunque.measure.Problem;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.server.problem.NothingLeftOut;
import app.yunque.server.quantity.EnteredNumber;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
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
 * @param inDoubt      days in which it was not to be trusted, at most 20; none while it never was found out
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
        LocalDate dueOn,
        List<InDoubt> inDoubt)
        implements NothingLeftOut.Missing {
    private static final Range TIMES = Range.count("inDoubt", "times it was in doubt", 0, 20);

    /** What a caller left out is told like an empty field, never as a fault of the app. */
    public InstrumentRequest {
        name = Objects.requireNonNullElse(name, "");
        inDoubt = inDoubt == null ? List.of() : List.copyOf(inDoubt);
        Refused.ifAny(
                missing(kind, "kind", "What it is"),
                missing(calibratedOn, "calibratedOn", "Day of the last calibration"),
                missing(dueOn, "dueOn", "Day the next calibration is due"),
                TIMES.judge(inDoubt.size()));
    }

    private static Optional<Problem> missing(@Nullable Object given, String field, String label) {
        return given == null
                ? Optional.of(Problem.told(field, label + " is missing."))
                : Optional.empty();
    }
}
