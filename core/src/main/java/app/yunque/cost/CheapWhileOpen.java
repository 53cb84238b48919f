package app.yunque.cost;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.teardown.PartKind;
import java.util.EnumSet;
import java.util.Set;

/**
 * Whether a sound part is renewed now because the unit lies open: price + extra minutes × rate &lt; p × what coming back costs, p the
 * chance that it gives out before the next planned opening. What lifts, or takes more than an hour to come back to, is renewed. It says
 * nothing of a part that is condemned or was not looked at. Source: expected cost; each p is a judgement, no source.
 *
 * @param nowCost   what renewing now costs
 * @param laterCost what leaving it is expected to cost
 * @param renew     true where it is renewed now
 * @param told      words
 */
public record CheapWhileOpen(double nowCost, double laterCost, boolean renew, Told told) {
    public static final Range PRICE = Range.of("price", "price of the part", 0, 1_000_000, "");
    public static final Range EXTRA =
            Range.of("extraMinutes", "minutes more than refitting it", 0, 10_000, "min");
    public static final Range RATE = Range.of("ratePerHour", "shop rate an hour", 0, 100_000, "");
    public static final Range BACK =
            Range.of("comingBackCost", "what coming back to it costs", 0, 10_000_000, "")
                    .advising("Labour both ways, single-use parts and the machine standing.");
    public static final Range REACH =
            Range.of("reachMinutes", "minutes to reach it again", 0, 10_000, "min");

    /** From here on it is renewed whatever it costs (min). Judgement, no source. */
    public static final double UNREACHABLE_MINUTES = 60;

    private static final double MINUTES_AN_HOUR = 60;
    private static final double PERCENT = 100;

    private static final Set<PartKind> GIVE_OUT =
            EnumSet.of(PartKind.SEAL, PartKind.BEARING, PartKind.SPRING, PartKind.ROLLER);

    /** Kinds that give out in time, sound as they may be today: of these it is worth asking. Judgement, no source. */
    public static boolean isWorthAsking(PartKind kind) {
        return GIVE_OUT.contains(kind);
    }

    /** Parts that give out in time, each with the chance before the next planned opening (%). Judgement, no source. */
    public enum Part {
        LIP_SEAL("lip seal", 30),
        SEALED_BEARING("sealed bearing", 15),
        OLD_SEALED_BEARING("sealed bearing over 5 years or 10 000 h", 30),
        OPEN_BEARING("open bearing, clear in every check", 5),
        SPRING("spring of a pawl or detent", 15),
        NEEDLE_ROW("row of needles", 10),
        ELEMENT("flexible element", 25),
        NEARLY_WORN("anything worn past half of what it may", 50);

        private final String words;
        private final double chancePercent;

        Part(String words, double chancePercent) {
            this.words = words;
            this.chancePercent = chancePercent;
        }

        public String words() {
            return words;
        }

        public double chancePercent() {
            return chancePercent;
        }
    }

    /**
     * @param part           what it is
     * @param price          price of a new one
     * @param extraMinutes   minutes that renewing takes more than refitting (min)
     * @param ratePerHour    shop rate
     * @param comingBackCost what coming back to it costs: labour both ways, single-use parts, standstill
     * @param reachMinutes   minutes to reach it again (min)
     * @param lifts          true where the drive lifts
     */
    @PublicRule(
            at = "cost/cheap-while-open",
            title = "Renew while it lies open",
            says = "Whether a sound part is cheaper renewed now than come back to.")
    public static CheapWhileOpen of(
            @Asks("what it is") Part part,
            double price,
            double extraMinutes,
            double ratePerHour,
            double comingBackCost,
            double reachMinutes,
            @Asks("the drive lifts") boolean lifts) {
        Refused.ifAny(
                PRICE.judge(price),
                EXTRA.judge(extraMinutes),
                RATE.judge(ratePerHour),
                BACK.judge(comingBackCost),
                REACH.judge(reachMinutes));
        double now = price + extraMinutes * ratePerHour / MINUTES_AN_HOUR;
        double later = part.chancePercent / PERCENT * comingBackCost;
        boolean isUnreachable = reachMinutes > UNREACHABLE_MINUTES;
        boolean renew = lifts || isUnreachable || now < later;
        return new CheapWhileOpen(
                now,
                later,
                renew,
                Told.of("expected cost; the chances are judgement, no source")
                        .figure("nowCost", "renewed now", now, "", 2)
                        .figure("laterCost", "left, expected", later, "", 2)
                        .figure("chancePercent", "gives out before", part.chancePercent, "%", 0)
                        .line(
                                "price + minutes × rate against p × coming back",
                                "%s + %s × %s / 60 = %s; %s × %s = %s",
                                PlainDigits.exact(price),
                                PlainDigits.exact(extraMinutes),
                                PlainDigits.exact(ratePerHour),
                                PlainDigits.rounded(now, 2),
                                PlainDigits.exact(part.chancePercent / PERCENT),
                                PlainDigits.exact(comingBackCost),
                                PlainDigits.rounded(later, 2))
                        .school(
                                "always renewed when open: sure, dear, and a new one may be fitted badly")
                        .school("a quiet one is never touched: cheap, and blind")
                        .warn(
                                "Of a part that was looked at and found sound. What is condemned or single-use is renewed whatever it costs.")
                        .saying(sentence(now, later, lifts, isUnreachable)));
    }

    private static String sentence(double now, double later, boolean lifts, boolean unreachable) {
        if (lifts) {
            return "Renew it: the drive lifts.";
        }
        if (unreachable) {
            return "Renew it: it takes more than an hour to come back to.";
        }
        return now < later
                ? "Renew it now: %s against %s expected."
                        .formatted(PlainDigits.rounded(now, 2), PlainDigits.rounded(later, 2))
                : "Leave it: renewing costs %s, coming back is expected to cost %s."
                        .formatted(PlainDigits.rounded(now, 2), PlainDigits.rounded(later, 2));
    }
}
