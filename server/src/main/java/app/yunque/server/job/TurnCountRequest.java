package app.yunque.server.job;

import app.yunque.server.quantity.EnteredNumber;
import org.jspecify.annotations.Nullable;

/**
 * Turns counted at the shafts.
 *
 * @param version      version that was seen; missing when there was none
 * @param position     position of the levers in which it was counted; missing where the unit has one only
 * @param inputTurns   turns of the input
 * @param outputTurns  turns of the output
 * @param readingError how well the output angle was read at each end (degrees)
 */
public record TurnCountRequest(
        @Nullable Long version,
        @Nullable String position,
        EnteredNumber inputTurns,
        EnteredNumber outputTurns,
        EnteredNumber readingError) {}
