package app.yunque.server.photo;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A picture of a step, without the picture itself.
 *
 * @param id      identity
 * @param stepId  step it belongs to; missing where it shows what was found on a mesh
 * @param findingId finding it shows; missing for one of the step itself
 * @param width   width (pixels)
 * @param height  height (pixels)
 * @param caption what it shows
 * @param marks   what is drawn on it
 * @param version version of the record
 * @param takenBy who put it in
 * @param takenAt when
 */
public record PhotoView(
        UUID id,
        @Nullable UUID stepId,
        @Nullable UUID findingId,
        int width,
        int height,
        String caption,
        List<PhotoMark> marks,
        long version,
        String takenBy,
        Instant takenAt) {}
