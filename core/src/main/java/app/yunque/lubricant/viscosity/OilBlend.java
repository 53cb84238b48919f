package app.yunque.lubricant.viscosity;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.List;

/**
 * Two or more oils poured together: log log (ν + 0.7) mixes by volume, never the viscosities themselves. Source: Walther; same
 * family as ASTM D7152, from memory.
 */
public final class OilBlend {
    public static final Range LITRES = Range.of("litres", "litres", 0, 100_000, "L");

    private OilBlend() {}

    /** So much of an oil. */
    public record Part(double litres, double viscosityMm2PerS) {
        public Part {
            Refused.ifAny(LITRES.judge(litres), ViscosityLine.VISCOSITY.judge(viscosityMm2PerS));
        }
    }

    /** ν of the mixture at the temperature at which the parts are given (mm²/s). */
    @PublicRule(
            at = "lubricant/blend",
            title = "Viscosity of a blend",
            says = "Viscosity at 40 °C of oils mixed.",
            source = "Refutas, from memory")
    public static double viscosity(List<Part> parts) {
        double total = parts.stream().mapToDouble(Part::litres).sum();
        if (!(total > 0)) {
            throw Refused.because("litres", "There is nothing to mix: enter litres of each oil.");
        }
        double w =
                parts.stream()
                        .mapToDouble(
                                p -> p.litres / total * ViscosityLine.logLog(p.viscosityMm2PerS))
                        .sum();
        return ViscosityLine.fromLogLog(w);
    }

    /**
     * Share of the first oil that brings the mixture to a target, 0 to 1.
     *
     * @throws Refused when the target does not lie between the two
     */
    @PublicRule(
            at = "lubricant/blend-share",
            title = "Share for a viscosity",
            says = "How much of the first oil gives a viscosity.",
            source = "Refutas, from memory")
    public static double shareOfFirst(double first, double second, double target) {
        double share =
                (ViscosityLine.logLog(target) - ViscosityLine.logLog(second))
                        / (ViscosityLine.logLog(first) - ViscosityLine.logLog(second));
        if (!(share >= 0 && share <= 1)) {
            throw Refused.because(
                    "target",
                    "%s mm²/s lies outside the two oils, %s and %s: it cannot be reached by mixing them."
                            .formatted(
                                    PlainDigits.exact(target),
                                    PlainDigits.exact(first),
                                    PlainDigits.exact(second)));
        }
        return share;
    }
}
