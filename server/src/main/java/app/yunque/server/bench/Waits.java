package app.yunque.server.bench;

import app.yunque.route.Route;
import app.yunque.route.Station;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a job waits.
 *
 * @param at    station it waits at; null when it waits nowhere
 * @param says  what is missing there
 * @param stops state of each station
 */
record Waits(@Nullable Station at, @Nullable String says, List<Route.Stop> stops) {
    static final Waits NOWHERE = new Waits(null, null, List.of());

    static Waits in(Route route) {
        var next = route.next();
        return new Waits(
                next,
                route.stops().stream()
                        .filter(s -> s.station() == next)
                        .map(Route.Stop::says)
                        .findFirst()
                        .orElse(null),
                route.stops());
    }
}
