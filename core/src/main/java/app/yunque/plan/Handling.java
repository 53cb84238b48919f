package app.yunque.plan;

import org.jspecify.annotations.Nullable;

/**
 * What has to be in hand for a task; null means that it does not matter.
 *
 * @param tool     main tool
 * @param position which way up the unit lies
 * @param area     bench, press, floor
 */
public record Handling(@Nullable String tool, @Nullable String position, @Nullable String area) {
    public static final Handling ANY = new Handling(null, null, null);

    public Handling {
        tool = blankToNull(tool);
        position = blankToNull(position);
        area = blankToNull(area);
    }

    private static @Nullable String blankToNull(@Nullable String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }
}
