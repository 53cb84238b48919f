package app.yunque.backlash;

import static app.yunque.measure.Working.line;

import app.yunque.gear.GearPair;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Edges;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;
import java.util.Optional;

/**
 * What backlash a pair should have: the least of a new pair, the most of a new pair, and where it is renewed.
 *
 * <p>j_bn,min = ⅔ (0.06 + 0.0005 |a| + 0.03 m_n) (mm), normal backlash, for steel gears in iron housings below 15
 * m/s. Source: ISO/TR 10064-2, from memory; its printed table rounds up to 0.01 mm. The report gives no maximum:
 * twice the minimum is common practice, no source; renewal at a multiple of that by duty is common practice too.
 *
 * @param leastNormalMm           j_bn,min (mm)
 * @param leastCircumferentialMm  the same along the working circle (mm)
 * @param mostNewCircumferentialMm largest of a new pair (mm)
 * @param renewCircumferentialMm  renewal limit (mm)
 * @param isMakersLimit           true when the renewal limit is the maker's
 * @param working                 formula, numbers and the other schools
 */
public record RecommendedBacklash(
        double leastNormalMm,
        double leastCircumferentialMm,
        double mostNewCircumferentialMm,
        double renewCircumferentialMm,
        boolean isMakersLimit,
        Working working) {
    public static final Range MAKERS_LIMIT =
            Range.of("makersLimitMm", "maker's largest circumferential backlash", 0.005, 20, "mm");
    private static final double NEW_MOST_MULTIPLE = 2;

    /**
     * @param pair          the pair at its working centre distance
     * @param duty          sets the multiple at which the pair is renewed
     * @param makersLimitMm the maker's largest circumferential backlash (mm), which overrules; may be empty
     */
    public static RecommendedBacklash of(
            GearPair pair, ServiceDuty duty, Optional<Double> makersLimitMm) {
        Refused.ifAny(makersLimitMm.flatMap(MAKERS_LIMIT::judge));
        double least = leastNormalMm(pair.centreDistanceMm(), pair.pinion().normalModuleMm());
        double leastAlong = least / Backlash.normalPerCircumferential(pair);
        double most = NEW_MOST_MULTIPLE * leastAlong;
        double renew = makersLimitMm.orElse(most * duty.renewBacklashMultiple());
        if (renew < leastAlong) {
            throw Refused.because(
                    "makersLimitMm",
                    "Maker's largest circumferential backlash %s mm lies below the least that a pair of this size needs, %s mm: it would bind when warm. Was it read in another unit, or is it the least?"
                            .formatted(
                                    PlainDigits.exact(renew), PlainDigits.rounded(leastAlong, 3)));
        }
        return new RecommendedBacklash(
                least,
                leastAlong,
                most,
                renew,
                makersLimitMm.isPresent(),
                working(pair, duty, least, leastAlong, renew, makersLimitMm.isPresent()));
    }

    /**
     * What a reading along the circle is judged by. A maker's limit inside the band of a new pair takes that band's place: there is then
     * nothing between new and renewal.
     */
    public BacklashVerdict.Limits limits() {
        return new BacklashVerdict.Limits(
                Edges.growing(
                        leastCircumferentialMm,
                        Math.min(mostNewCircumferentialMm, renewCircumferentialMm),
                        renewCircumferentialMm),
                "along the circle",
                BacklashVerdict.WearBy.MEAN);
    }

    /** j_bn,min = ⅔ (0.06 + 0.0005 a + 0.03 m_n) (mm). */
    static double leastNormalMm(double centreDistanceMm, double normalModuleMm) {
        return 2.0 / 3 * (0.06 + 0.0005 * centreDistanceMm + 0.03 * normalModuleMm);
    }

    private static Working working(
            GearPair pair,
            ServiceDuty duty,
            double least,
            double leastAlong,
            double renew,
            boolean makers) {
        double module = pair.pinion().normalModuleMm();
        return new Working(
                List.of(
                        line(
                                "j_bn,min = ⅔ (0.06 + 0.0005 a + 0.03 mₙ)",
                                "⅔ × (0.06 + 0.0005 × %s + 0.03 × %s) = %s mm"
                                        .formatted(
                                                PlainDigits.exact(pair.centreDistanceMm()),
                                                PlainDigits.exact(module),
                                                PlainDigits.rounded(least, 4))),
                        line(
                                "j_wt,min = j_bn,min / (cos α_wt cos β_b)",
                                "%s / %s = %s mm"
                                        .formatted(
                                                PlainDigits.rounded(least, 4),
                                                PlainDigits.rounded(
                                                        Backlash.normalPerCircumferential(pair), 5),
                                                PlainDigits.rounded(leastAlong, 4))),
                        line(
                                makers
                                        ? "renewal limit"
                                        : "renewal limit = 2 × j_wt,min × multiple of the duty",
                                makers
                                        ? PlainDigits.rounded(renew, 3) + " mm, the maker's figure"
                                        : "2 × %s × %s (%s) = %s mm"
                                                .formatted(
                                                        PlainDigits.rounded(leastAlong, 4),
                                                        PlainDigits.exact(
                                                                duty.renewBacklashMultiple()),
                                                        duty.words(),
                                                        PlainDigits.rounded(renew, 3)))),
                "Minimum: ISO/TR 10064-2, from memory. Maximum and renewal: common practice, no source",
                List.of(
                        "Rule of thumb for feed and change gears: 0.03 to 0.05 × module, here %s to %s mm along"
                                        .formatted(
                                                PlainDigits.rounded(0.03 * module, 3),
                                                PlainDigits.rounded(0.05 * module, 3))
                                + " the circle. It knows nothing of centre distance or heat.",
                        "Handbook ranges for coarse-pitch gears are wider: they allow for gears 39 °C hotter than"
                                + " the housing, and condemn good machine-tool gears."));
    }
}
