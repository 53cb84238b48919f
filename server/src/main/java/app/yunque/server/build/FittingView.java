package app.yunque.server.build;

import java.time.Instant;
import java.util.UUID;

/**
 * What went back for one step.
 *
 * @param stepId   step of the strip
 * @param given    as entered, with its version
 * @param fittedBy who fitted it
 * @param fittedAt when
 */
public record FittingView(UUID stepId, FittingRequest given, String fittedBy, Instant fittedAt) {}
