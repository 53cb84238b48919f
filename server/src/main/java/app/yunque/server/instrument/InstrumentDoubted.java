package app.yunque.server.instrument;

import java.util.UUID;

/** Told in the same transaction when the days in which an instrument is in doubt have changed: what was read with it is to be judged anew. */
public record InstrumentDoubted(UUID instrument) {}
