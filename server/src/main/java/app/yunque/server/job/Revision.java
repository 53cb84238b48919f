package app.yunque.server.job;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * One signature of a job.
 *
 * @param number   1 first
 * @param signedBy who signed it; missing on records from before this was noted
 * @param signedAt when; missing as before
 * @param why      why the one before was corrected; empty for the first
 * @param digest   SHA-256 of its data, as its papers bear it; of an empty text where a job was signed before data was sealed
 * @param isWhole  false where data or papers are not what was sealed: something changed them outside of the app
 */
public record Revision(
        int number,
        @Nullable String signedBy,
        @Nullable Instant signedAt,
        String why,
        String digest,
        boolean isWhole) {}
