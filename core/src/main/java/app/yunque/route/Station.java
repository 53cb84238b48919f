package app.yunque.route;

/** The eight stations of a job, in their order. */
public enum Station {
    RECEIVE,
    STRIP,
    INSPECT,
    DECIDE,
    BUILD,
    SET,
    FILL,
    PROVE
}
