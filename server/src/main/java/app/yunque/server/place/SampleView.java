package app.yunque.server.place;

import app.yunque.server.drawer.DrawerAnswer;
import java.util.UUID;

/**
 * A sample with what it says against those before it.
 *
 * @param id     identity
 * @param given  as entered, with its version
 * @param answer judged against the samples of the same fill before it
 * @param keptBy who entered it
 */
public record SampleView(UUID id, SampleRequest given, DrawerAnswer answer, String keptBy) {}
