package app.yunque.lubricant.interval;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.time.LocalDate;
import java.util.Optional;

/**
 * The day a lubricant is due: the earlier of running hours and months. After a rebuild the first change comes early, to carry the
 * run-in metal off. The maker's interval wins when it is shorter; a longer one only while the oil stays at or below 80 °C.
 * Source: AGMA 9005-D94, from memory, for power drives; the rest common practice, no source.
 *
 * @param due    the day
 * @param runIn  true for the first change after a rebuild
 * @param reason in words
 */
public record NextChange(LocalDate due, boolean runIn, String reason) {
    public static final Range MAKERS_HOURS =
            Range.of("makersHours", "maker's interval in hours", 1, 100_000, "h");
    public static final Range MAKERS_MONTHS =
            Range.of("makersMonths", "maker's interval in months", 0.1, 240, "months");
    private static final double DAYS_A_MONTH = 30.4375;
    private static final double COOL = 80;

    /** Months between greasings where nobody says otherwise; half of them with salt or water about. */
    private static final double GREASING_MONTHS = 12;

    /** What the box belongs to, which sets the first change. */
    public enum Trade {
        POWER_DRIVE("power drive", 500, 28),
        MACHINE_TOOL("machine-tool box", 75, 90),
        OUTDOOR("outdoor equipment", 20, 90);

        private final String words;
        private final double firstHours;
        private final int firstDays;

        Trade(String words, double firstHours, int firstDays) {
            this.words = words;
            this.firstHours = firstHours;
            this.firstDays = firstDays;
        }

        public String words() {
            return words;
        }
    }

    /**
     * The maker's interval.
     *
     * @param hours  (h); empty when not told
     * @param months empty when not told
     */
    public record Makers(Optional<Double> hours, Optional<Double> months) {
        public static final Makers NONE = new Makers(Optional.empty(), Optional.empty());

        public Makers {
            Refused.ifAny(hours.flatMap(MAKERS_HOURS::judge), months.flatMap(MAKERS_MONTHS::judge));
        }

        boolean isTold() {
            return hours.isPresent() || months.isPresent();
        }

        double days(double hoursPerMonth) {
            double byHours =
                    hours.map(h -> h / hoursPerMonth * DAYS_A_MONTH)
                            .orElse(Double.POSITIVE_INFINITY);
            double byMonths = months.map(m -> m * DAYS_A_MONTH).orElse(Double.POSITIVE_INFINITY);
            return Math.min(byHours, byMonths);
        }
    }

    /** The first change after a rebuild. */
    @PublicRule(
            at = "lubricant/first-change",
            title = "First change",
            says = "When the first filling is changed.",
            source = "common practice, no source")
    public static NextChange first(LocalDate filled, Trade trade, double hoursPerMonth) {
        Refused.ifAny(ChangeInterval.USE.judge(hoursPerMonth));
        double byHours = trade.firstHours / hoursPerMonth * DAYS_A_MONTH;
        long days = Math.max(1, (long) Math.floor(Math.min(byHours, trade.firstDays)));
        return new NextChange(
                filled.plusDays(days),
                true,
                "first change after the rebuild of a %s: %s h or %d days, whichever comes first"
                        .formatted(
                                trade.words, PlainDigits.exact(trade.firstHours), trade.firstDays));
    }

    /**
     * Greasing, or a drop of oil.
     *
     * @param greased      the last one
     * @param bearingHours what the speed of a bearing allows (h); empty elsewhere
     * @param wet          true with salt or water about
     * @param hoursPerMonth running hours a month
     * @param makers       what the maker says; it wins
     */
    public static NextChange greasing(
            LocalDate greased,
            Optional<Double> bearingHours,
            boolean wet,
            double hoursPerMonth,
            Makers makers) {
        Refused.ifAny(ChangeInterval.USE.judge(hoursPerMonth));
        double months = wet ? GREASING_MONTHS / 2 : GREASING_MONTHS;
        double byHours = bearingHours.map(h -> h / hoursPerMonth).orElse(Double.POSITIVE_INFINITY);
        boolean bearing = byHours < months;
        double days =
                makers.isTold()
                        ? makers.days(hoursPerMonth)
                        : Math.min(byHours, months) * DAYS_A_MONTH;
        var reason =
                makers.isTold()
                        ? "the maker's interval"
                        : bearing
                                ? "%s h by the speed of the bearing, at %s h a month"
                                        .formatted(
                                                PlainDigits.rounded(bearingHours.orElseThrow(), 0),
                                                PlainDigits.exact(hoursPerMonth))
                                : "every %s months%s"
                                        .formatted(
                                                PlainDigits.exact(months),
                                                wet ? ", salt or water about" : "");
        return new NextChange(
                greased.plusDays(Math.max(1, (long) Math.floor(days))), false, reason);
    }

    /**
     * Any later change.
     *
     * @param changed       the last one
     * @param interval      what the oil's temperature and surroundings allow
     * @param sumpDegC      its temperature (°C)
     * @param hoursPerMonth running hours a month
     * @param makers        what the maker says
     */
    public static NextChange after(
            LocalDate changed,
            ChangeInterval interval,
            double sumpDegC,
            double hoursPerMonth,
            Makers makers) {
        double own = interval.months() * DAYS_A_MONTH;
        double told = makers.days(hoursPerMonth);
        boolean makersWins = makers.isTold() && (told < own || sumpDegC <= COOL);
        double days = makersWins ? told : own;
        var reason =
                makersWins
                        ? "the maker's interval"
                        : "%s h at %s °C, or %s months at %s h a month"
                                .formatted(
                                        PlainDigits.rounded(interval.hours(), 0),
                                        PlainDigits.rounded(sumpDegC, 0),
                                        PlainDigits.rounded(interval.months(), 1),
                                        PlainDigits.exact(hoursPerMonth));
        if (makers.isTold() && !makersWins) {
            reason += "; the maker's longer one holds only up to 80 °C";
        }
        return new NextChange(
                changed.plusDays(Math.max(1, (long) Math.floor(days))), false, reason);
    }
}
