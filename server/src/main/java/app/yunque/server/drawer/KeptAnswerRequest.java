package app.yunque.server.drawer;

import app.yunque.route.Station;
import app.yunque.server.finding.About;
import app.yunque.server.sheet.DrawerEntries;
import org.jspecify.annotations.Nullable;

/**
 * A drawer's answer kept to a job.
 *
 * @param version version that was seen; missing for a new one
 * @param station INSPECT as found, SET after the rebuild, FILL for a lubricated place
 * @param drawer  name of the drawer
 * @param subject what it was about: "wheel 2, z 68", at most 120 characters
 * @param about   the part or gear by its key; missing where the words are all there is
 * @param check   the check of the part it answers; missing takes the usual one of the drawer
 * @param where   where on the part, as “left seat”, at most 60 characters; missing or empty where it has one place only
 * @param remark  anything worth knowing, at most 500 characters
 * @param entries what was entered
 */
public record KeptAnswerRequest(
        @Nullable Long version,
        Station station,
        String drawer,
        String subject,
        @Nullable About about,
        @Nullable String check,
        @Nullable String where,
        String remark,
        DrawerEntries entries) {

    /** Left out is nowhere in particular. */
    public KeptAnswerRequest {
        where = where == null ? "" : where.strip();
    }

    @Override
    public String where() {
        return where == null ? "" : where;
    }
}
