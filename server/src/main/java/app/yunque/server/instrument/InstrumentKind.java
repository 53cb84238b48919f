package app.yunque.server.instrument;

/** What an instrument is. */
public enum InstrumentKind {
    DIAL_INDICATOR,
    TEST_INDICATOR,
    CALIPER,
    MICROMETER,
    DISC_MICROMETER,
    TOOTH_CALIPER,
    FEELER_GAUGES
}
