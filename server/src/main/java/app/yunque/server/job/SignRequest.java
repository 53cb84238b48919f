package app.yunque.server.job;

import app.yunque.route.LeadsReason;
import org.jspecify.annotations.Nullable;

/**
 * The signature of the person who is signed in.
 *
 * @param despite a lead's reason when something still stands against signing; missing otherwise
 */
public record SignRequest(@Nullable LeadsReason despite) {}
