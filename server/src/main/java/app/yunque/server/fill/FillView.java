package app.yunque.server.fill;

import java.time.Instant;

/**
 * A kept fill.
 *
 * @param given  as entered, with its version
 * @param answer what the core says of it
 * @param keptBy who filled
 * @param keptAt when
 */
public record FillView(FillRequest given, FillAnswer answer, String keptBy, Instant keptAt) {}
