package app.yunque.server.parts;

import org.jspecify.annotations.Nullable;

/**
 * What the shop reckons with.
 *
 * @param version    version that was seen; missing for a new one
 * @param currency   three letters, as EUR
 * @param rateCents  hourly rate (cents), 0 to 10 million
 * @param limitCents what a mechanic may order for a job without a lead (cents); missing for no limit
 */
public record MoneyRequest(
        @Nullable Long version, String currency, long rateCents, @Nullable Long limitCents) {}
