package app.yunque.server.measuring;

/** What was measured. */
public enum MeasurementKind {
    BACKLASH,
    SPAN
}
