package app.yunque.server.bench;

import app.yunque.inspection.Circumstance;

/**
 * Something that raises checks.
 *
 * @param code  its name, the same for ever
 * @param words in words
 * @param of    what it is said of
 */
public record CircumstanceView(Circumstance code, String words, Of of) {

    /** What it is said of. */
    public enum Of {
        COMPLAINT,
        HISTORY,
        SURROUNDINGS,
        KIND
    }

    static CircumstanceView of(Circumstance c) {
        var of =
                c.isComplaint()
                        ? Of.COMPLAINT
                        : c.isKind() ? Of.KIND : c.isOfTheUnit() ? Of.SURROUNDINGS : Of.HISTORY;
        return new CircumstanceView(c, c.words(), of);
    }
}
