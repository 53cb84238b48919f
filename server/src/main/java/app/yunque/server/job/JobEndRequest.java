package app.yunque.server.job;

import app.yunque.route.JobEnd;
import org.jspecify.annotations.Nullable;

/**
 * Ends a job that nobody signs.
 *
 * @param version version that was seen
 * @param how     how it ends; missing means opened by mistake
 * @param why     reason in words, up to 300 characters
 * @param partsAt where the parts are that came off and did not go back, up to 200 characters; missing where none did
 * @param into    number of the job that goes on with it; for one that is merged only
 */
public record JobEndRequest(
        long version,
        JobEnd.@Nullable How how,
        String why,
        @Nullable String partsAt,
        @Nullable Long into) {}
