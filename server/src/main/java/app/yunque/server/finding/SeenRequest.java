package app.yunque.server.finding;

import app.yunque.finding.Look;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What somebody found on a part or a mesh by eye, finger or ear.
 *
 * @param version version that was seen; missing for a new one
 * @param stepId  the part, by its step of the strip; missing for a mesh
 * @param stage   stage of the mesh, 1 first; missing for a part
 * @param check   the check it answers
 * @param look    when it was looked at
 * @param word    the fixed word of that check
 * @param pieces  how many of the part's pieces show it; missing means all
 * @param remark  anything worth knowing, at most 500 characters
 */
public record SeenRequest(
        @Nullable Long version,
        @Nullable UUID stepId,
        @Nullable Integer stage,
        String check,
        Look look,
        String word,
        @Nullable Integer pieces,
        String remark) {}
