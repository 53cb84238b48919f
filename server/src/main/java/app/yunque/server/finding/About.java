package app.yunque.server.finding;

import app.yunque.gear.Member;
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
}
