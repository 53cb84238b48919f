package app.yunque.server.finding;

import app.yunque.gear.Member;
import app.yunque.measure.Refused;
import app.yunque.server.problem.NotThere;
import app.yunque.teardown.TeardownStep;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a finding is about.
 *
 * @param stepId the part, by its step of the strip; missing where it is about none
 * @param stage  stage of the mesh, 1 first; missing where it is about none
 * @param member gear of that stage; missing where it is about none
 */
public record About(@Nullable UUID stepId, @Nullable Integer stage, @Nullable Member member) {
    public static final About NOTHING = new About(null, null, null);

    /**
     * A part or a mesh, and one of them only.
     *
     * @throws Refused  when both are named, or neither
     * @throws NotThere when the part is no longer in the strip
     */
    static About partOrMesh(
            @Nullable UUID stepId, @Nullable Integer stage, List<TeardownStep> strip) {
        if ((stepId == null) == (stage == null)) {
            throw Refused.because(
                    "stepId", "Name the part it is about, or the stage of the mesh: one of them.");
        }
        var about = new About(stepId, stage, null);
        if (stepId != null && about.part(strip).isEmpty()) {
            throw new NotThere("That part is no longer in the strip. Look again.");
        }
        return about;
    }

    /** The part it is about; empty where it is about none that is in the strip. */
    Optional<TeardownStep> part(List<TeardownStep> strip) {
        return strip.stream()
                .filter(s -> stepId != null && s.id().equals(stepId.toString()))
                .findFirst();
    }
}
