package app.yunque.server.bench;

import app.yunque.route.Route;
import app.yunque.route.Station;
import app.yunque.server.history.PutAway;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A job as the Floor shows it.
 *
 * @param number      number on the job sheet
 * @param unitId      the unit
 * @param tag         tag on the machine
 * @param unit        what it is
 * @param complaint   what the customer says
 * @param openedAt    when it was opened
 * @param openedBy    who opened it
 * @param next        station it waits at; missing when signed
 * @param says        what is missing there; missing when signed
 * @param stops       state of each station; empty when signed
 * @param signedBy    who signed it; missing while open
 * @param signedAt    when; missing while open
 * @param putAway     who put it away unsigned, and why; missing otherwise
 * @param backlashMm  mean backlash after the rebuild, mesh by mesh (mm); empty while open
 */
public record JobCard(
        long number,
        UUID unitId,
        String tag,
        String unit,
        String complaint,
        Instant openedAt,
        String openedBy,
        @Nullable Station next,
        @Nullable String says,
        List<Route.Stop> stops,
        @Nullable String signedBy,
        @Nullable Instant signedAt,
        @Nullable PutAway putAway,
        List<Double> backlashMm) {}
