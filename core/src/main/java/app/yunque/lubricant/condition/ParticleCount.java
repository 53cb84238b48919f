package app.yunque.lubricant.condition;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * Counts as laboratories write them, a hundred millilitres, as an ISO 4406 code. Source: ISO 4406, from memory.
 *
 * @param perMl4  particles of 4 µm and more a millilitre
 * @param perMl6  of 6 µm and more
 * @param perMl14 of 14 µm and more
 * @param code    ISO 4406 code
 */
public record ParticleCount(double perMl4, double perMl6, double perMl14, String code) {
    public static final Range AT_4 = count("per100mlAt4", "4");
    public static final Range AT_6 = count("per100mlAt6", "6");
    public static final Range AT_14 = count("per100mlAt14", "14");
    private static final double HUNDRED = 100;

    private static Range count(String component, String size) {
        return Range.of(component, "count from " + size + " µm on in 100 mL", 0, 1e12, "");
    }

    /** @throws Refused where a count grows with the size */
    @PublicRule(
            at = "lubricant/count-of-100-ml",
            title = "Counts in 100 mL",
            says = "ISO 4406 code of counts that a laboratory gives in 100 mL.",
            source = "ISO 4406, from memory")
    public static ParticleCount of(double per100mlAt4, double per100mlAt6, double per100mlAt14) {
        Refused.ifAny(AT_4.judge(per100mlAt4), AT_6.judge(per100mlAt6), AT_14.judge(per100mlAt14));
        double at4 = per100mlAt4 / HUNDRED;
        double at6 = per100mlAt6 / HUNDRED;
        double at14 = per100mlAt14 / HUNDRED;
        return new ParticleCount(at4, at6, at14, OilCondition.cleanliness(at4, at6, at14));
    }
}
