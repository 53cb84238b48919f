package app.yunque.measure;

import static app.yunque.measure.Working.line;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Any measured value against the limits of its part, where no rule of its own works them out: the worst place decides about wear, the
 * place with least about the least.
 *
 * @param verdict  the verdict in one of four words
 * @param zone     the zone it counts as; null when it has to be measured again, and when there is no limit
 * @param renewNow true when it will be past its limit before the unit is opened again
 * @param coarse   true where the tool is too coarse to overrule a feel
 * @param sentence the verdict in words
 *
 * @param reading  the reading that decides
 * @param working  what was compared
 */
public record LimitReading(
        Verdict verdict,
        @Nullable Zone zone,
        boolean renewNow,
        boolean coarse,
        String sentence,
        Reading reading,
        Working working) {
    public static final Range HOURS =
            Range.of("hours", "hours to the next opening", 0, 200_000, "h");
    private static final int DECIMALS = 4;

    /**
     * How it goes on wearing.
     *
     * @param perHour change of the value per hour of running, same unit, 0 or more
     * @param hours   hours of running to the next opening
     */
    public record Forecast(double perHour, double hours) {
        public Forecast {
            Refused.ifAny(HOURS.judge(hours));
            if (!(perHour >= 0) || !Double.isFinite(perHour)) {
                throw Refused.because(
                        "perHour", "Wear per hour cannot be negative. Enter 0 or more.");
            }
        }
    }

    /**
     * @param edges       where new ends and renewal begins
     * @param values      readings at one or more places, in the unit of the edges
     * @param uncertainty expanded uncertainty of one reading (k = 2), same unit, 0 or more
     * @param strict      true on a part for which doubtful counts as failed
     * @param forecast    how it goes on wearing; empty when nobody knows
     * @param unit        the unit, for the words
     * @throws Refused when there is no reading, or one is not a number
     */
    public static LimitReading of(
            Edges edges,
            List<Double> values,
            double uncertainty,
            boolean strict,
            Optional<Forecast> forecast,
            String unit) {
        var readings = new RepeatedReadings(values);
        double worst = edges.shrinks() ? readings.smallestMm() : readings.largestMm();
        double least = edges.shrinks() ? readings.largestMm() : readings.smallestMm();
        var wear = Zoned.of(edges, worst, uncertainty, strict);
        var tight = Zoned.of(edges, least, uncertainty, strict);
        boolean leastDecides = tight.verdict().compareTo(wear.verdict()) > 0;
        double judged = leastDecides ? least : worst;
        var zoned = leastDecides ? tight : wear;
        var later = forecast.map(f -> worst + (edges.shrinks() ? -1 : 1) * f.perHour * f.hours);
        boolean past = later.filter(y -> isPast(edges, y)).isPresent();
        return new LimitReading(
                zoned.verdict(),
                zoned.counts(),
                past && zoned.counts() != Zone.BEYOND,
                zoned.coarse(),
                sentence(zoned, edges, judged, uncertainty, unit)
                        + (past ? forecastWords(later.orElseThrow(), unit) : ""),
                new Reading(judged, uncertainty, unit),
                working(edges, judged, uncertainty, unit));
    }

    private static boolean isPast(Edges edges, double value) {
        var renew = edges.renew();
        return renew != null && (edges.shrinks() ? value < renew : value > renew);
    }

    private static String sentence(
            Zoned zoned, Edges edges, double value, double uncertainty, String unit) {
        var read = told(value, unit) + " ± " + told(uncertainty, unit);
        if (zoned.verdict() == Verdict.NOT_JUDGED) {
            return read + ": no limit is known, so it is not judged.";
        }
        if (zoned.counts() == null) {
            return "%s lies within its uncertainty of a limit%s."
                    .formatted(
                            read,
                            zoned.needs()
                                    .map(
                                            u ->
                                                    ": this tool is too coarse, it would need ± %s or less"
                                                            .formatted(told(u, unit)))
                                    .orElse(": measure again"));
        }
        return switch (zoned.counts()) {
            case AS_NEW -> read + " is inside the limits of a new one, here, with this tool.";
            case WATCH ->
                    "%s is worn but usable%s."
                            .formatted(
                                    read,
                                    zoned.share()
                                            .map(
                                                    q ->
                                                            ": %s %% of the way to renewal"
                                                                    .formatted(
                                                                            PlainDigits.rounded(
                                                                                    100 * q, 0)))
                                            .orElse(""));
            case BEYOND ->
                    "%s is beyond the limit of %s."
                            .formatted(
                                    read, edges.renew() == null ? "?" : told(edges.renew(), unit));
            case BELOW ->
                    "%s is %s than the %s of a new one, %s."
                            .formatted(
                                    read,
                                    edges.shrinks() ? "more" : "less",
                                    edges.shrinks() ? "most" : "least",
                                    edges.least() == null ? "?" : told(edges.least(), unit));
        };
    }

    private static String forecastWords(double later, String unit) {
        return " By the next opening it will be %s, past its limit.".formatted(told(later, unit));
    }

    private static Working working(Edges edges, double value, double uncertainty, String unit) {
        return new Working(
                List.of(
                        line("reading that decides", told(value, unit)),
                        line("expanded uncertainty, k = 2", "± " + told(uncertainty, unit)),
                        line(edges.shrinks() ? "most" : "least", edge(edges.least(), unit)),
                        line(
                                edges.shrinks() ? "least of a new one" : "most of a new one",
                                edge(edges.mostNew(), unit)),
                        line("renewal", edge(edges.renew(), unit))),
                "ISO 14253-1, decision rule, from memory");
    }

    private static String edge(@Nullable Double edge, String unit) {
        return edge == null ? "none" : told(edge, unit);
    }

    private static String told(double value, String unit) {
        return (PlainDigits.rounded(value, DECIMALS) + " " + unit).strip();
    }
}
