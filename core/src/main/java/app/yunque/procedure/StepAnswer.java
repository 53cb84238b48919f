package app.yunque.procedure;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import app.yunque.route.Station;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What somebody says of a step.
 *
 * @param result      how it went
 * @param value       what was measured, in the unit of the step; null where nothing was
 * @param uncertainty expanded uncertainty (k = 2) of that, same unit, 0 or more
 * @param least       a least that overrules the step's own, the maker's; null where there is none
 * @param most        a most that overrules the step's own, the maker's; null where there is none
 * @param remark      anything worth knowing: where a limit comes from, why it is not possible
 */
public record StepAnswer(
        Result result,
        @Nullable Double value,
        double uncertainty,
        @Nullable Double least,
        @Nullable Double most,
        String remark) {

    /** How a step went. */
    public enum Result {
        /** It was made, and is as it should be or as measured. */
        DONE("done"),
        /** It was made, and is not as it should be. */
        FAILED("failed"),
        /** It cannot be made here: no power, no load, no medium. */
        NOT_POSSIBLE("not possible here"),
        /** The unit has no such thing, or it was not disturbed. */
        NOT_FITTED("not needed: the unit has none, or it was not disturbed");

        private final String words;

        Result(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @throws Refused where a value is missing that the step asks for, a limit is below the least, or nobody says why it cannot be made
     */
    public static void refuseImpossible(ProcedureStep step, StepAnswer answer) {
        boolean needsValue = step.by() == ProcedureStep.By.VALUE && answer.result == Result.DONE;
        Refused.ifAny(
                fault(
                        needsValue && answer.value == null,
                        "value",
                        "%s asks for what was measured (%s, %s). A tick proves nothing that is measured: enter it."
                                .formatted(step.id(), step.measured(), step.counted().strip())),
                fault(
                        step.at() == Station.PROVE && answer.value != null && answer.value < 0,
                        "value",
                        "%s is counted from 0: %s cannot be negative. Enter its size."
                                .formatted(step.id(), step.measured())),
                fault(
                        isCrossed(step, answer),
                        "most",
                        "The most is below the least, the step’s own counted where none is entered. Enter both as the maker gives them."),
                fault(
                        (answer.least != null || answer.most != null) && answer.remark.isBlank(),
                        "remark",
                        "Say where the limit comes from: manual and page, plate, drawing."),
                fault(
                        answer.result == Result.NOT_POSSIBLE && answer.remark.isBlank(),
                        "remark",
                        "Say why it is not possible here, who does it, where, and by when."),
                fault(
                        answer.uncertainty < 0,
                        "uncertainty",
                        "An uncertainty cannot be negative. Enter 0 or more."),
                fault(
                        answer.result == Result.NOT_FITTED
                                && step.fixed().equals(ProcedureStep.ALWAYS),
                        "result",
                        "No unit that is asked %s is without it. Make it, or say why it is not possible here."
                                .formatted(step.id())));
    }

    private static boolean isCrossed(ProcedureStep step, StepAnswer answer) {
        var limits = step.limits().overruledBy(answer.least, answer.most);
        return limits.least() != null && limits.most() != null && limits.least() > limits.most();
    }

    private static Optional<Problem> fault(boolean isSo, String field, String sentence) {
        return isSo ? Optional.of(Problem.told(field, sentence)) : Optional.empty();
    }
}
