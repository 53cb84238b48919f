package app.yunque.server.procedure;

import app.yunque.procedure.StepAnswer;
import app.yunque.server.quantity.EnteredNumber;
import org.jspecify.annotations.Nullable;

/**
 * What somebody says of a step of setting or proving. A new one is a new try; the last counts, and all stay.
 *
 * @param version     version that was seen; missing for a new try
 * @param step        name of the step
 * @param result      how it went
 * @param value       what was measured; missing where a yes or no answers it
 * @param uncertainty expanded uncertainty of that (k = 2); missing means none is known
 * @param least       a least that overrules, the maker's; may be missing
 * @param most        a most that overrules, the maker's; may be missing
 * @param remark      where a limit comes from, what was moved, why it is not possible; at most 500 characters
 */
public record StepAnswerRequest(
        @Nullable Long version,
        String step,
        StepAnswer.Result result,
        @Nullable EnteredNumber value,
        @Nullable EnteredNumber uncertainty,
        @Nullable EnteredNumber least,
        @Nullable EnteredNumber most,
        String remark) {}
