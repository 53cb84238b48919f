package app.yunque.server.job;

import org.jspecify.annotations.Nullable;

/**
 * Permission to open.
 *
 * @param version    version that was seen; missing when there was none
 * @param approvedBy who allows it: owner, or the warrantor where a warranty runs
 * @param reference  order, mail or telephone note; required under warranty
 */
public record PermissionRequest(@Nullable Long version, String approvedBy, String reference) {}
