package app.yunque.server.finding;

import app.yunque.finding.LeftOpen;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Somebody's word that a check is not made.
 *
 * @param version version that was seen; missing for a new one
 * @param stepId  the part, by its step of the strip; missing for a mesh
 * @param stage   stage of the mesh, 1 first; missing for a part
 * @param check   the check
 * @param why     why it is not made
 * @param remark  which tool is missing, what covers it; at most 500 characters
 */
public record LeftRequest(
        @Nullable Long version,
        @Nullable UUID stepId,
        @Nullable Integer stage,
        String check,
        LeftOpen.Why why,
        String remark) {}
