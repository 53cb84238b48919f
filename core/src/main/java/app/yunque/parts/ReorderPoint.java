package app.yunque.parts;

import static app.yunque.measure.Working.line;

import app.yunque.cost.SparesToHold;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * When a spare is ordered again, and how many: what is there and on its way, less what is reserved, may fall to the number that covers the
 * demand until an order comes; then it is brought up to that and what a quarter of a year uses. Source: Poisson demand; a quarter of a
 * year is a judgement, no source.
 *
 * @param point     order when no more than this is free
 * @param free      on the shelf and on its way, less what is reserved; negative where more is reserved than there is
 * @param order     pieces to order now; 0 while there are enough
 * @param demand    pieces used while an order is on its way, expected
 * @param sentence  the same in words
 * @param working   how it came about
 */
public record ReorderPoint(
        int point, int free, int order, double demand, String sentence, Working working) {
    public static final Range PER_YEAR =
            Range.of("perYear", "pieces used in a year", 0, 100_000, "");
    public static final Range LEAD =
            Range.of("leadDays", "days until an order comes", 0, 1825, "d");
    public static final Range LEVEL = SparesToHold.LEVEL;
    public static final Range ON_SHELF = Range.count("onShelf", "pieces on the shelf", 0, 100_000);
    public static final Range RESERVED = Range.count("reserved", "pieces reserved", 0, 100_000);
    public static final Range ON_ITS_WAY =
            Range.count("onItsWay", "pieces on their way", 0, 100_000);
    private static final double DAYS_A_YEAR = 365;
    private static final double DAYS_A_WEEK = 7;
    private static final double WEEKS_A_YEAR = 52;
    private static final double QUARTERS = 4;

    /**
     * @param perYear      pieces used in a year
     * @param leadDays     days until an order comes
     * @param levelPercent share of demands to be met (%)
     * @param onShelf      pieces on the shelf
     * @param reserved     pieces that jobs want and have not taken
     * @param onItsWay     pieces ordered and not here
     */
    @PublicRule(
            at = "parts/reorder",
            title = "When a spare is ordered again",
            says = "From how few pieces on a spare is ordered, and how many.")
    public static ReorderPoint of(
            double perYear,
            double leadDays,
            double levelPercent,
            int onShelf,
            int reserved,
            int onItsWay) {
        Refused.ifAny(
                PER_YEAR.judge(perYear),
                LEAD.judge(leadDays),
                LEVEL.judge(levelPercent),
                ON_SHELF.judge(onShelf),
                RESERVED.judge(reserved),
                ON_ITS_WAY.judge(onItsWay));
        // The same Poisson demand, with the year in days.
        var hold =
                SparesToHold.of(
                        1,
                        1,
                        Math.min(SparesToHold.FAILURES.high(), perYear),
                        leadDays / DAYS_A_WEEK * (WEEKS_A_YEAR * DAYS_A_WEEK) / DAYS_A_YEAR,
                        levelPercent);
        int free = onShelf + onItsWay - reserved;
        boolean isLow = free <= hold.hold() && (hold.hold() > 0 || free < 0);
        int order =
                isLow ? Math.max(1, hold.hold() + (int) Math.ceil(perYear / QUARTERS) - free) : 0;
        return new ReorderPoint(
                hold.hold(),
                free,
                order,
                hold.demand(),
                sentence(isLow, order, free, hold.hold()),
                new Working(
                        List.of(
                                line(
                                        "λ = use a year × days / 365",
                                        PlainDigits.rounded(hold.demand(), 4)),
                                line(
                                        "P(N ≤ s) ≥ level",
                                        "s = %d: %s %%"
                                                .formatted(
                                                        hold.hold(),
                                                        PlainDigits.rounded(
                                                                100 * hold.probability(), 2)))),
                        "Poisson demand; order of a quarter of a year judgement, no source"));
    }

    private static String sentence(boolean isLow, int order, int free, int point) {
        var when = "ordered again when %d or fewer are free".formatted(point);
        if (!isLow) {
            return "Enough: %d free; %s.".formatted(free, when);
        }
        return free < 0
                ? "Order %d: jobs want %d more than there are.".formatted(order, -free)
                : "Order %d: %d free, %s.".formatted(order, free, when);
    }
}
