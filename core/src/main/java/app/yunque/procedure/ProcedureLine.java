package app.yunque.procedure;

import app.yunque.measure.Verdict;
import app.yunque.procedure.ProcedureStep.Without;

/**
 * One step of the list of a unit, and where it stands.
 *
 * @param step    the step, with the limits of this kind of unit
 * @param without who may sign this unit without it
 * @param state   where it stands
 * @param verdict what was measured against its limit; NOT_JUDGED where nothing was
 * @param says    the answer in words, what is missing while it is open
 */
public record ProcedureLine(
        ProcedureStep step, Without without, State state, Verdict verdict, String says) {

    /** Where a step stands. */
    public enum State {
        OPEN("open"),
        PASSED("done"),
        DOUBTFUL("doubtful"),
        FAILED("failed"),
        NOT_POSSIBLE("not possible here"),
        NOT_NEEDED("not needed");

        private final String words;

        State(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Whether it stands against a signature. */
    public boolean standsAgainst() {
        return state != State.PASSED && state != State.NOT_NEEDED;
    }
}
