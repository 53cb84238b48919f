package app.yunque.lubricant.viscosity;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * Viscosity index: how little an oil thins when it warms. Up to 100: VI = 100 (L − U)/(L − H); above: VI = 100 + (10^N −
 * 1)/0.00715, N = (log H − log U)/log Y, with U at 40 °C, Y at 100 °C (mm²/s) and the reference oils L and H as
 * polynomials of Y. Source: ISO 2909 and ASTM D2270, coefficients from memory; neighbours agree at each joint within 0.18 %.
 */
public final class ViscosityIndex {
    public static final Range INDEX = Range.of("viscosityIndex", "viscosity index", -100, 400, "");
    public static final Range AT_40 = Range.of("at40", "viscosity at 40 °C", 2, 20_000, "mm²/s");
    public static final Range AT_100 =
            Range.of("at100", "viscosity at 100 °C", 2, 1000, "mm²/s")
                    .advising("The index is defined only from 2 mm²/s at 100 °C.");

    /** Y from, then a, b, c of L and d, e, f of H. */
    private static final double[][] COEFFICIENTS = {
        {2.0, 1.14673, 1.7576, -0.109, 0.84155, 1.5521, -0.077},
        {3.8, 3.38095, -15.4952, 33.196, 0.78571, 1.7929, -0.183},
        {4.4, 2.5000, -7.2143, 13.812, 0.82143, 1.5679, 0.119},
        {5.0, 0.10100, 16.6350, -45.469, 0.04985, 9.1613, -18.557},
        {6.4, 3.35714, -23.5643, 78.466, 0.22619, 7.7369, -16.656},
        {7.0, 0.01191, 21.4750, -72.870, 0.79762, -0.7321, 14.610},
        {7.7, 0.41858, 16.1558, -56.040, 0.05794, 10.5156, -28.240},
        {9.0, 0.88779, 7.5527, -16.600, 0.26665, 6.7015, -10.810},
        {12, 0.76720, 10.7972, -38.180, 0.20073, 8.4658, -22.490},
        {15, 0.97305, 5.3135, -2.200, 0.28889, 5.9741, -4.930},
        {18, 0.97256, 5.2500, -0.980, 0.24504, 7.4160, -16.730},
        {22, 0.91413, 7.4759, -21.820, 0.20323, 9.1267, -34.230},
        {28, 0.87031, 9.7157, -50.770, 0.18411, 10.1015, -46.750},
        {40, 0.84703, 12.6752, -133.310, 0.17029, 11.4866, -80.620},
        {55, 0.85921, 11.1009, -83.190, 0.17130, 11.3680, -76.940},
        {70, 0.83531, 14.6731, -216.246, 0.16841, 11.8493, -96.947}
    };

    private ViscosityIndex() {}

    /** @throws Refused for viscosities outside the definition, or an oil that would not thin */
    @PublicRule(
            at = "lubricant/viscosity-index",
            title = "Viscosity index",
            says = "Index of an oil known at 40 and 100 °C.",
            source = "ISO 2909, from memory")
    public static double of(double at40, double at100) {
        Refused.ifAny(AT_40.judge(at40), AT_100.judge(at100));
        if (at40 <= at100) {
            throw Refused.because(
                    "at40",
                    "Viscosity at 40 °C, %s, must be higher than at 100 °C, %s mm²/s. Were the two exchanged?"
                            .formatted(PlainDigits.exact(at40), PlainDigits.exact(at100)));
        }
        double l = polynomial(at100, 1);
        double h = polynomial(at100, 4);
        if (at40 >= h) {
            return 100 * (l - at40) / (l - h);
        }
        double n = (Math.log10(h) - Math.log10(at40)) / Math.log10(at100);
        return 100 + (Math.pow(10, n) - 1) / 0.00715;
    }

    /** Viscosity at 40 °C of an oil known at 100 °C (mm²/s). */
    @PublicRule(
            at = "lubricant/viscosity-at-40",
            title = "Viscosity at 40 °C",
            says = "From that at 100 °C and the index.",
            source = "ISO 2909, from memory")
    public static double at40(double at100, double index) {
        Refused.ifAny(AT_100.judge(at100), INDEX.judge(index));
        double l = polynomial(at100, 1);
        double h = polynomial(at100, 4);
        if (index <= 100) {
            return l - index / 100 * (l - h);
        }
        return h / Math.pow(at100, Math.log10(1 + 0.00715 * (index - 100)));
    }

    /** Viscosity at 100 °C of an oil known at 40 °C (mm²/s), by bisection. */
    @PublicRule(
            at = "lubricant/viscosity-at-100",
            title = "Viscosity at 100 °C",
            says = "From that at 40 °C and the index.",
            source = "ISO 2909, from memory")
    public static double at100(double at40, double index) {
        Refused.ifAny(AT_40.judge(at40), INDEX.judge(index));
        double low = 2;
        double high = 1000;
        if (at40(low, index) > at40) {
            throw Refused.because(
                    "viscosityIndex",
                    "No oil of index %s with %s mm²/s at 40 °C has 2 mm²/s or more at 100 °C."
                            .formatted(PlainDigits.exact(index), PlainDigits.exact(at40)));
        }
        // Until no number lies between the two any more.
        for (double middle = (low + high) / 2;
                middle > low && middle < high;
                middle = (low + high) / 2) {
            if (at40(middle, index) < at40) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** L for the first coefficient 1, H for 4. */
    static double polynomial(double y, int first) {
        double[] row = COEFFICIENTS[0];
        for (var candidate : COEFFICIENTS) {
            if (y >= candidate[0]) {
                row = candidate;
            }
        }
        return row[first] * y * y + row[first + 1] * y + row[first + 2];
    }
}
