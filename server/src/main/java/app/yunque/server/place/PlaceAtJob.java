package app.yunque.server.place;

import app.yunque.teardown.LubricantOfPlace;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A lubricated place at a job.
 *
 * @param id    of the place
 * @param name  of the place
 * @param words what sort it is
 * @param takes false where nothing is put
 * @param oil   true where it holds or gets oil
 * @param onFitting what goes on a part of it as it is fitted; missing where nothing is put
 * @param fill  what was done at this job; missing until something was
 */
public record PlaceAtJob(
        UUID id,
        String name,
        String words,
        boolean takes,
        boolean oil,
        @Nullable LubricantOfPlace onFitting,
        @Nullable FillView fill) {}
