package app.yunque.route;

import java.util.Locale;

/** The eight stations of a job, in their order. */
public enum Station {
    RECEIVE,
    STRIP,
    INSPECT,
    DECIDE,
    BUILD,
    SET,
    FILL,
    PROVE;

    /** As it stands on the route: "Inspect". */
    public String words() {
        return name().charAt(0) + name().substring(1).toLowerCase(Locale.ROOT);
    }
}
