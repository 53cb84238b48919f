package app.yunque.server.place;

/** What was done at a place. */
public enum FillKind {
    /** Filled, changed or greased. */
    FILLED,
    /** Topped up with some of the same. */
    TOPPED_UP,
    /** Left as it was, on purpose. */
    LEFT
}
