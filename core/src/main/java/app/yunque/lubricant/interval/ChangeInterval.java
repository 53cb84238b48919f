package app.yunque.lubricant.interval;

import static app.yunque.measure.Working.line;

import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * How long an oil lasts: L = L₀ · 2^(−(T − 80)/10) · F_dirt · F_water, at most twice L₀, and never beyond the calendar cap of
 * its kind. Source: rule of ten kelvins, common practice; first change 500 h or four weeks, AGMA 9005-D94, from memory.
 *
 * @param hours   running hours until the change (h)
 * @param months  the same in months at this use, the calendar cap counted
 * @param working formula and numbers
 */
public record ChangeInterval(double hours, double months, Working working) {
    public static final Range SUMP = Range.of("sumpDegC", "sump temperature", -20, 180, "°C");
    public static final Range USE = Range.of("hoursPerMonth", "running hours a month", 1, 744, "h");
    private static final double REFERENCE = 80;

    /** How dirty it is where the box stands. */
    public enum Dirt {
        CLEAN(1),
        LIGHT(0.7),
        DUSTY(0.5),
        HEAVY(0.3);

        private final double factor;

        Dirt(double factor) {
            this.factor = factor;
        }
    }

    /** How water comes to the oil. */
    public enum Water {
        DRY(1),
        CONDENSATION(0.7),
        INGRESS(0.4);

        private final double factor;

        Water(double factor) {
            this.factor = factor;
        }
    }

    /** @throws Refused when the oil is hotter than it can bear: there is no interval then */
    @PublicRule(
            at = "lubricant/change-interval",
            title = "Life of an oil",
            says = "Hours and months an oil lasts at a temperature.")
    public static ChangeInterval of(
            BaseOil base, double sumpDegC, double hoursPerMonth, Dirt dirt, Water water) {
        Refused.ifAny(SUMP.judge(sumpDegC), USE.judge(hoursPerMonth));
        if (sumpDegC > base.limitDegC()) {
            throw Refused.because(
                    "sumpDegC",
                    "%s °C is above the limit of %s °C for %s oil: reduce the temperature first."
                            .formatted(
                                    PlainDigits.exact(sumpDegC),
                                    PlainDigits.exact(base.limitDegC()),
                                    base.words()));
        }
        double counted = Math.max(sumpDegC, REFERENCE - 10);
        double hours =
                base.lifeHoursAt80()
                        * Math.pow(2, -(counted - REFERENCE) / 10)
                        * dirt.factor
                        * water.factor;
        double months = Math.min(hours / hoursPerMonth, base.mostMonths());
        return new ChangeInterval(
                hours,
                months,
                new Working(
                        List.of(
                                line(
                                        "L = L₀ · 2^(−(T − 80)/10) · F_dirt · F_water",
                                        "%s × 2^(−(%s − 80)/10) × %s × %s = %s h"
                                                .formatted(
                                                        PlainDigits.exact(base.lifeHoursAt80()),
                                                        PlainDigits.exact(counted),
                                                        PlainDigits.exact(dirt.factor),
                                                        PlainDigits.exact(water.factor),
                                                        PlainDigits.rounded(hours, 0))),
                                line(
                                        "months = hours / use, at most " + base.mostMonths(),
                                        PlainDigits.rounded(months, 1))),
                        "rule of ten kelvins, common practice, no source",
                        List.of(
                                "After a rebuild the first change comes at 500 h or four weeks (AGMA 9005-D94, from memory).",
                                "The maker's interval wins when it is shorter.")));
    }
}
