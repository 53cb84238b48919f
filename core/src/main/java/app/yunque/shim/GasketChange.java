package app.yunque.shim;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * What other gaskets than were found do to the float of the shaft they locate, and to the mesh where they part the centres: each gives its squeezed
 * thickness t (1 − s). Source: geometry; a paper gasket squeezed by 10 to 20 %, common practice, no source.
 *
 * @param workingMm  change of the squeezed thickness (mm), plus is more
 * @param backlashMm change of the backlash where the halves carry the centres (mm); 0 where they do not
 * @param told       the same in words
 */
public record GasketChange(double workingMm, double backlashMm, Told told) {
    public static final Range COUNT = Range.count("foundCount", "gaskets found", 0, 20);
    public static final Range THICKNESS = Range.of("foundMm", "thickness", 0, 10, "mm");
    public static final Range SQUEEZE = Range.of("squeezePercent", "squeezed by", 0, 60, "%");
    public static final Range ANGLE =
            Range.of("pressureAngleDeg", "working pressure angle", 10, 35, "degrees");

    /**
     * Gaskets at one joint.
     *
     * @param count       how many
     * @param thicknessMm thickness of each before it is squeezed (mm)
     */
    public record Gaskets(
            @Asks("number of gaskets") int count,
            @Asks(value = "thickness of each", hint = "Before it is squeezed.")
                    double thicknessMm) {
        public Gaskets {
            Refused.ifAny(
                    COUNT.named("count", "number of gaskets").judge(count),
                    THICKNESS.named("thicknessMm", "thickness of a gasket").judge(thicknessMm));
        }

        double together() {
            return count * thicknessMm;
        }
    }

    /** What the joint carries. */
    public enum Joint {
        LOCATES_A_BEARING("a cover that locates a bearing: it gives float"),
        PARTS_THE_CENTRES("halves that carry the shafts apart: it gives backlash");

        private final String words;

        Joint(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param found            what was found
     * @param fitted           what is to be fitted
     * @param squeezePercent   how much they are squeezed (%)
     * @param joint            what the joint carries
     * @param pressureAngleDeg working pressure angle of the mesh (degrees)
     */
    @PublicRule(
            at = "shim/gaskets",
            title = "Other gaskets than were found",
            says = "What another number or thickness does to float and backlash.",
            sets = {"S-05", "S-12"})
    public static GasketChange of(
            @Asks("found") Gaskets found,
            @Asks("to be fitted") Gaskets fitted,
            double squeezePercent,
            @Asks("the joint is") Joint joint,
            double pressureAngleDeg) {
        Refused.ifAny(SQUEEZE.judge(squeezePercent), ANGLE.judge(pressureAngleDeg));
        double working = (fitted.together() - found.together()) * (1 - squeezePercent / 100);
        double lash =
                joint == Joint.PARTS_THE_CENTRES
                        ? 2 * working * Math.tan(Math.toRadians(pressureAngleDeg))
                        : 0;
        var told =
                Told.of("geometry; squeeze common practice, no source")
                        .mm("workingMm", "squeezed thickness, plus is more", working)
                        .warnIf(
                                fitted.count != found.count,
                                "%d were there and %d go in: count them into the ledger, and write down which side."
                                        .formatted(found.count, fitted.count))
                        .line(
                                "Δ = Δ(n t) (1 − s)",
                                "(%s − %s) × %s = %s mm",
                                PlainDigits.rounded(fitted.together(), 3),
                                PlainDigits.rounded(found.together(), 3),
                                PlainDigits.rounded(1 - squeezePercent / 100, 2),
                                PlainDigits.rounded(working, 4));
        if (joint == Joint.PARTS_THE_CENTRES) {
            told.mm("backlashMm", "backlash, plus is more", lash)
                    .line(
                            "Δj = 2 Δa tan α",
                            "2 × %s × tan %s° = %s mm",
                            PlainDigits.rounded(working, 4),
                            PlainDigits.exact(pressureAngleDeg),
                            PlainDigits.rounded(lash, 4));
        }
        double change = joint == Joint.PARTS_THE_CENTRES ? lash : working;
        return new GasketChange(
                working,
                lash,
                told.saying(
                        change == 0
                                ? "Nothing changes."
                                : "%s mm %s %s. Read it again with the cover at its torque."
                                        .formatted(
                                                PlainDigits.rounded(Math.abs(change), 3),
                                                change > 0 ? "more" : "less",
                                                joint == Joint.PARTS_THE_CENTRES
                                                        ? "backlash"
                                                        : "float")));
    }
}
