package app.yunque.route;

/**
 * One thing that stands against signing.
 *
 * @param id     which rule says so; the same for ever
 * @param says   what has to be settled, in a whole sentence that names the parts and the station
 * @param weight who may sign in spite of it
 */
public record SigningPoint(String id, String says, Weight weight) {

    /** Who may sign in spite of it, heaviest first. */
    public enum Weight {
        /** Nobody signs. */
        NEVER,
        /** A lead signs with a reason that is kept and printed. */
        LEAD
    }
}
