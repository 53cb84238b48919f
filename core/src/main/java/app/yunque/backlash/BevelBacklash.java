package app.yunque.backlash;

import static app.yunque.measure.Working.line;

import app.yunque.gear.BevelPair;
import app.yunque.gear.Member;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;
import java.util.Optional;

/**
 * Backlash of a bevel pair, read at the heel on the pitch radius with the pinion held: j_te; normal j_ne = j_te cos α_n
 * cos β; as an angle j_te/(d_e2/2); at mid-face j_te R_m/R_e. Source: geometry of the cone; usual range by outer
 * diametral pitch from memory of AGMA 2005 and the machinist's handbooks.
 *
 * @param heelMm        j_te along the circle at the heel (mm)
 * @param normalMm      j_ne square to the flanks (mm)
 * @param wheelAngleMin play of the wheel (minutes of arc)
 * @param midFaceMm     j_tm (mm)
 * @param usual         usual normal backlash at the tightest place (mm); empty outside the table
 * @param sentence      how it compares
 * @param working       formula and numbers
 */
public record BevelBacklash(
        double heelMm,
        double normalMm,
        double wheelAngleMin,
        double midFaceMm,
        Optional<BevelLimits.Usual> usual,
        String sentence,
        Working working) {
    public static final Range READING = Range.of("readingMm", "indicator reading", 0, 20, "mm");
    private static final double MINUTES_PER_RADIAN = 60 * 180 / Math.PI;

    /**
     * @param pair         the pair
     * @param readingMm    at the heel on the pitch radius (mm), 0 to 20
     * @param acrossFlank  true when the stylus stood square to the flank and so reads j_ne
     */
    @PublicRule(
            at = "backlash/bevel",
            title = "Backlash of a bevel pair",
            says = "At the heel, square to the flank and as an angle.")
    public static BevelBacklash of(BevelPair pair, double readingMm, boolean acrossFlank) {
        Refused.ifAny(READING.judge(readingMm));
        double normalPerHeel = normalPerReading(pair, false);
        double heel = acrossFlank ? readingMm / normalPerHeel : readingMm;
        double normal = heel * normalPerHeel;
        var usual = BevelLimits.usual(pair);
        return new BevelBacklash(
                heel,
                normal,
                MINUTES_PER_RADIAN * heel / (pair.outerDiameterMm(Member.WHEEL) / 2),
                heel * pair.meanConeDistanceMm() / pair.outerConeDistanceMm(),
                usual,
                sentence(normal, usual),
                new Working(
                        List.of(
                                line(
                                        "j_ne = j_te cos αₙ cos β",
                                        PlainDigits.rounded(heel, 4)
                                                + " × "
                                                + PlainDigits.rounded(normalPerHeel, 5)
                                                + " = "
                                                + PlainDigits.rounded(normal, 4)
                                                + " mm"),
                                line(
                                        "j_tm = j_te R_m / R_e",
                                        PlainDigits.rounded(
                                                        heel
                                                                * pair.meanConeDistanceMm()
                                                                / pair.outerConeDistanceMm(),
                                                        4)
                                                + " mm")),
                        "geometry of the cone; usual range AGMA 2005 and machinist's handbooks, from memory",
                        List.of(
                                "Low-accuracy cast or planed bevels: about double (common practice).",
                                "Measure at four places or more and judge the smallest.")));
    }

    /** Backlash square to the flanks for each mm that was read (no unit). */
    public static double normalPerReading(BevelPair pair, boolean acrossFlank) {
        return acrossFlank
                ? 1
                : Math.cos(pair.normalPressureAngleRad()) * Math.cos(pair.spiralAngleRad());
    }

    private static String sentence(double normal, Optional<BevelLimits.Usual> usual) {
        if (usual.isEmpty()) {
            return "This pitch lies outside the table of usual backlash: ask the maker's papers.";
        }
        var range =
                PlainDigits.rounded(usual.get().leastMm(), 2)
                        + " to "
                        + PlainDigits.rounded(usual.get().mostMm(), 2)
                        + " mm";
        if (normal < usual.get().leastMm()) {
            return "Tighter than the usual " + range + " square to the flanks: move the wheel out.";
        }
        return normal > usual.get().mostMm()
                ? "Looser than the usual " + range + " square to the flanks: move the wheel in."
                : "Within the usual " + range + " square to the flanks.";
    }
}
