package app.yunque.server.place;

import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerEntries;
import java.util.UUID;

/**
 * A sample with what it says against those before it.
 *
 * @param id     identity
 * @param given  as entered, with its version
 * @param judged the same with the samples of the same fill before it, as it was judged
 * @param answer what that says
 * @param keptBy who entered it
 */
public record SampleView(
        UUID id, SampleRequest given, DrawerEntries judged, DrawerAnswer answer, String keptBy) {}
