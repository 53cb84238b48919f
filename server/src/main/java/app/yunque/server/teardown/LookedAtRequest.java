package app.yunque.server.teardown;

import java.util.List;
import java.util.UUID;

/**
 * "I looked at these, and they are sound": a statement about parts by name.
 *
 * @param parts the parts, one or more
 */
public record LookedAtRequest(List<LookedAtPart> parts) {
    /**
     * @param stepId  step of the strip
     * @param version version of it that was seen
     */
    public record LookedAtPart(UUID stepId, long version) {}
}
