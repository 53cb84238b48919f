package app.yunque.server.finding;

/** How something was found. */
public enum FindingSort {
    /** By eye, finger or ear, in the fixed words of a check. */
    SEEN,
    /** Readings at the bench: backlash by dial indicator, span. */
    MEASURED,
    /** An answer of a drawer. */
    ANSWERED,
    /** A check that is not made, with why. */
    LEFT,
    /** A step of setting or proving. */
    STEP,
    /** Something that was done at Strip and is no part that came off. */
    DONE,
    /** Something a job changes on the unit itself. */
    CHANGED,
    /** A thing that lies ready before the first screw. */
    LAID_OUT
}
