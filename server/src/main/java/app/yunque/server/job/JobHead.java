package app.yunque.server.job;

import app.yunque.server.history.PutAway;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The head of a job.
 *
 * @param id            identity
 * @param number        number on the job sheet
 * @param complaint     what the customer says
 * @param symptoms      what was found before opening
 * @param oilAsFound    amount, look, metal of the drained oil
 * @param openedBy      who opened it
 * @param openedAt      when
 * @param signedBy      who signed it; missing while it is open
 * @param signedAt      when; missing while it is open
 * @param signedDespite a lead's reason for signing with something open; empty otherwise
 * @param putAway       who put it away unsigned, and why; missing otherwise
 * @param revision      1 first; the signature that stands, or the one that is being worked at
 * @param correctedWhy  why the signature before this revision was corrected; empty for the first
 * @param correctedBy   who opened it again for that; missing for the first
 * @param version       version of the record
 */
public record JobHead(
        UUID id,
        long number,
        String complaint,
        String symptoms,
        String oilAsFound,
        String openedBy,
        Instant openedAt,
        @Nullable String signedBy,
        @Nullable Instant signedAt,
        String signedDespite,
        @Nullable PutAway putAway,
        int revision,
        String correctedWhy,
        @Nullable String correctedBy,
        long version) {

    /** Jobs sealed before there were revisions are their first. */
    public JobHead {
        revision = Math.max(1, revision);
        correctedWhy = Objects.requireNonNullElse(correctedWhy, "");
    }
}
