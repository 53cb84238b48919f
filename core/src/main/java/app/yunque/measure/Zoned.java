package app.yunque.measure;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A measured value judged by the edges of its part with the uncertainty of the reading: both ends of y ± U are looked at. One zone at
 * both ends is clear, two or more are doubtful between them. On a strict part, one that holds, stops or carries people, what is
 * doubtful counts as failed.
 *
 * <p>Source: ISO 14253-1, decision rule for conformity, from memory, applied at each of three edges; worn but usable, and what a doubt
 * between new and worn counts as, common practice, no source.
 *
 * @param better   zone of the better end of y ± U; null when nothing can be judged
 * @param worse    zone of the worse end; null as before
 * @param counts   the zone it counts as; null when it has to be measured again, and when nothing can be judged
 * @param verdict  the same in one of four words
 * @param share    how far through the watch zone, 0 as new to 1 renewed; empty where that says nothing
 * @param needs    the uncertainty it would take to tell, when this tool is too coarse; empty when it is not
 * @param coarse   true where the uncertainty is more than a quarter of the way from new to renewal: such a reading does not overrule a feel
 */
public record Zoned(
        @Nullable Zone better,
        @Nullable Zone worse,
        @Nullable Zone counts,
        Verdict verdict,
        Optional<Double> share,
        Optional<Double> needs,
        boolean coarse) {
    private static final Zoned NOT_JUDGED =
            new Zoned(
                    null,
                    null,
                    null,
                    Verdict.NOT_JUDGED,
                    Optional.empty(),
                    Optional.empty(),
                    false);

    /** Half way through the watch zone: from here on the renewal is planned. */
    private static final double PLAN_FROM = 0.5;

    private static final double SLACK = 1e-9;

    /**
     * @param edges       where new ends and renewal begins
     * @param value       measured value y, in the unit of the edges; NaN when nothing was measured
     * @param uncertainty expanded uncertainty U (k = 2), same unit, 0 or more
     * @param strict      true on a part for which doubtful counts as failed
     * @throws Refused when the uncertainty is negative
     */
    public static Zoned of(Edges edges, double value, double uncertainty, boolean strict) {
        if (!(uncertainty >= 0)) {
            throw Refused.because("uncertainty", "An uncertainty cannot be negative.");
        }
        if (!Double.isFinite(value)) {
            return NOT_JUDGED;
        }
        double reach = edges.shrinks() ? -uncertainty : uncertainty;
        var better = edges.zone(value - reach);
        var worse = edges.zone(value + reach);
        if (better.isEmpty() || worse.isEmpty()) {
            return NOT_JUDGED;
        }
        var counts = counts(better.get(), worse.get(), strict);
        return new Zoned(
                better.get(),
                worse.get(),
                counts,
                verdict(counts),
                counts == Zone.WATCH ? edges.share(value) : Optional.empty(),
                needs(edges, better.get(), worse.get(), uncertainty),
                edges.uncertaintyNeeded().filter(u -> uncertainty > u + SLACK).isPresent());
    }

    /** True when both ends of y ± U lie in one zone. */
    public boolean isClear() {
        return better != null && better == worse;
    }

    /** True when it is worn more than half of the way to its renewal. */
    public boolean planRenewal() {
        return share.filter(q -> q > PLAN_FROM).isPresent();
    }

    private static @Nullable Zone counts(Zone better, Zone worse, boolean strict) {
        if (better == worse) {
            return better;
        }
        if (better == Zone.AS_NEW && worse == Zone.WATCH) {
            return Zone.WATCH;
        }
        if (!strict) {
            return null;
        }
        return worse == Zone.BEYOND ? Zone.BEYOND : Zone.BELOW;
    }

    private static Verdict verdict(@Nullable Zone counts) {
        if (counts == null) {
            return Verdict.DOUBTFUL;
        }
        return switch (counts) {
            case AS_NEW, WATCH -> Verdict.CLEAR_PASS;
            case BELOW, BEYOND -> Verdict.CLEAR_FAIL;
        };
    }

    /** Over three zones, or wider than the watch zone, no second reading with the same tool would tell. */
    private static Optional<Double> needs(
            Edges edges, Zone better, Zone worse, double uncertainty) {
        boolean doubtful = better != worse;
        boolean threeZones = worse.ordinal() - better.ordinal() > 1;
        var needed = edges.uncertaintyNeeded();
        boolean wide = needed.filter(u -> 2 * uncertainty > 4 * u).isPresent();
        return doubtful && (threeZones || wide) ? needed : Optional.empty();
    }
}
