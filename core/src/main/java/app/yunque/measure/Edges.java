package app.yunque.measure;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The three edges a measured value is judged by: A the least, B the most of a new one, C where it is renewed. Any may be absent:
 * without C nothing is beyond, with B = C nothing is worn but usable.
 *
 * <p>What grows with wear (play, loss, run-out) has A ≤ B ≤ C. What shrinks (a length, a depth, a force left) is the mirror image: A is
 * the most and A ≥ B ≥ C.
 *
 * @param least   A, any unit; null when there is none
 * @param mostNew B, same unit; null when there is none
 * @param renew   C, same unit; null when there is none
 * @param shrinks true for what shrinks with wear
 */
public record Edges(
        @Nullable Double least, @Nullable Double mostNew, @Nullable Double renew, boolean shrinks) {
    private static final double SLACK = 1e-9;

    /** @throws Refused when an edge is no number, or the edges are out of order */
    public Edges {
        refuseNoNumber("least", least);
        refuseNoNumber("mostNew", mostNew);
        refuseNoNumber("renew", renew);
        refuseOrder(least, mostNew, shrinks, "least", "most of a new one");
        refuseOrder(mostNew, renew, shrinks, "most of a new one", "renewal limit");
        refuseOrder(least, renew, shrinks, "least", "renewal limit");
    }

    /** Edges of what grows with wear. */
    public static Edges growing(
            @Nullable Double least, @Nullable Double mostNew, @Nullable Double renew) {
        return new Edges(least, mostNew, renew, false);
    }

    /** Edges of what shrinks with wear. */
    public static Edges shrinking(
            @Nullable Double most, @Nullable Double leastNew, @Nullable Double renew) {
        return new Edges(most, leastNew, renew, true);
    }

    /** The least alone: what the smallest place round a turn answers for. */
    public Edges leastOnly() {
        return new Edges(least, null, null, shrinks);
    }

    /** The edges of wear alone: what the mean or the worst place answers for. */
    public Edges wearOnly() {
        return new Edges(null, mostNew, renew, shrinks);
    }

    /** The zone of a value; a value on an edge belongs to the better side. Empty when there is no edge at all. */
    Optional<Zone> zone(double value) {
        if (least == null && mostNew == null && renew == null) {
            return Optional.empty();
        }
        if (least != null && worse(least, value)) {
            return Optional.of(Zone.BELOW);
        }
        if (renew != null && worse(value, renew)) {
            return Optional.of(Zone.BEYOND);
        }
        return Optional.of(mostNew != null && worse(value, mostNew) ? Zone.WATCH : Zone.AS_NEW);
    }

    /** Place in the watch zone, (y − B)/(C − B); empty where there is no such zone. */
    Optional<Double> share(double value) {
        return mostNew == null || renew == null || Math.abs(renew - mostNew) <= SLACK
                ? Optional.empty()
                : Optional.of(Math.max(0, (value - mostNew) / (renew - mostNew)));
    }

    /** Largest uncertainty that can tell new from renewal, a quarter of the way between them; empty where either is not known. */
    public Optional<Double> uncertaintyNeeded() {
        return mostNew == null || renew == null || Math.abs(renew - mostNew) <= SLACK
                ? Optional.empty()
                : Optional.of(Math.abs(renew - mostNew) / 4);
    }

    private boolean worse(double one, double other) {
        return shrinks ? one < other - SLACK : one > other + SLACK;
    }

    private static void refuseNoNumber(String component, @Nullable Double edge) {
        if (edge != null && !Double.isFinite(edge)) {
            throw Refused.because(
                    component, "A limit is not a number. Enter it again, or leave it out.");
        }
    }

    private static void refuseOrder(
            @Nullable Double better,
            @Nullable Double worse,
            boolean shrinks,
            String betterWords,
            String worseWords) {
        if (better != null
                && worse != null
                && (shrinks ? better < worse - SLACK : better > worse + SLACK)) {
            throw Refused.because(
                    "renew",
                    "Edges out of order: the %s, %s, has to be %s the %s, %s. Check the limit against the maker's paper."
                            .formatted(
                                    worseWords,
                                    PlainDigits.exact(worse),
                                    shrinks ? "at most" : "at least",
                                    betterWords,
                                    PlainDigits.exact(better)));
        }
    }
}
