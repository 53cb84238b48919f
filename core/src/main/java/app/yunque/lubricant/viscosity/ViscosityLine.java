package app.yunque.lubricant.viscosity;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * How the viscosity of an oil goes with temperature: log log (ν + 0.7) = A − B log T, T in kelvin: a straight line on the
 * viscosity chart. Source: Walther, ASTM D341, short form above 2 mm²/s, from memory.
 *
 * @param a A
 * @param b B, above 0
 */
public record ViscosityLine(double a, double b) {
    public static final Range TEMPERATURE =
            Range.of("temperatureDegC", "oil temperature", -60, 250, "°C")
                    .advising("The equation was made for −60 to 250 °C.");
    public static final Range VISCOSITY =
            Range.of("viscosityMm2PerS", "viscosity", 0.3, 1e7, "mm²/s");
    private static final double OFFSET = 0.7;
    private static final double KELVIN = 273.15;

    /** @throws Refused when the oil would not thin as it warms */
    public ViscosityLine {
        if (!(b > 0) || !Double.isFinite(a)) {
            throw Refused.because(
                    "viscosityMm2PerS",
                    "An oil must be thinner at the higher temperature. Were the two values exchanged?");
        }
    }

    /**
     * Through two points.
     *
     * @throws Refused for temperatures that do not differ by a kelvin, and for an oil that thickens as it warms
     */
    @PublicRule(
            at = "lubricant/line-through",
            title = "Line of an oil through two points",
            says = "The line of an oil in the chart, from viscosities at two temperatures.",
            source = "ASTM D341, ISO 2909, from memory")
    public static ViscosityLine through(double t1, double v1, double t2, double v2) {
        Refused.ifAny(
                TEMPERATURE.judge(t1),
                TEMPERATURE.judge(t2),
                VISCOSITY.judge(v1),
                VISCOSITY.judge(v2));
        if (Math.abs(t1 - t2) < 1) {
            throw Refused.because(
                    "temperatureDegC",
                    "The two temperatures, %s and %s °C, must differ by a kelvin or more."
                            .formatted(PlainDigits.exact(t1), PlainDigits.exact(t2)));
        }
        double w1 = logLog(v1);
        double w2 = logLog(v2);
        double l1 = Math.log10(t1 + KELVIN);
        double l2 = Math.log10(t2 + KELVIN);
        double b = (w1 - w2) / (l2 - l1);
        return new ViscosityLine(w1 + b * l1, b);
    }

    /** An oil known by its viscosity at 40 °C (mm²/s) and its index. */
    @PublicRule(
            at = "lubricant/line-of",
            title = "Line of an oil",
            says = "The line of an oil in the chart, from 40 °C and its index.",
            source = "ASTM D341, ISO 2909, from memory")
    public static ViscosityLine of(double at40, double index) {
        return through(40, at40, 100, ViscosityIndex.at100(at40, index));
    }

    /**
     * An oil known at any one temperature and by its index, as old plates give it: ν at 50 °C or 100 °F.
     *
     * @param temperatureDegC where it is known (°C), 20 to 150
     */
    @PublicRule(
            at = "lubricant/line-at",
            title = "Line of an oil from an old plate",
            says = "The line of an oil known at one temperature and by its index.",
            source = "ASTM D341, ISO 2909, from memory")
    public static ViscosityLine at(double temperatureDegC, double viscosity, double index) {
        Refused.ifAny(TEMPERATURE.judge(temperatureDegC), VISCOSITY.judge(viscosity));
        double low = 3;
        double high = 20_000;
        for (int i = 0; i < 200; i++) {
            double middle = Math.sqrt(low * high);
            if (of(middle, index).viscosityAt(temperatureDegC) < viscosity) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return of(Math.sqrt(low * high), index);
    }

    /** ν at a temperature (mm²/s). */
    public double viscosityAt(double temperatureDegC) {
        Refused.ifAny(TEMPERATURE.judge(temperatureDegC));
        double w = a - b * Math.log10(temperatureDegC + KELVIN);
        return Math.pow(10, Math.pow(10, w)) - OFFSET;
    }

    /** The temperature at which the oil is so thick (°C). */
    public double temperatureOf(double viscosity) {
        Refused.ifAny(VISCOSITY.judge(viscosity));
        return Math.pow(10, (a - logLog(viscosity)) / b) - KELVIN;
    }

    /** The place of a viscosity on the chart: log log (ν + 0.7). */
    public static double chartHeight(double viscosity) {
        return logLog(viscosity);
    }

    /** The place of a temperature on the chart: log T. */
    public static double chartPlace(double temperatureDegC) {
        return Math.log10(temperatureDegC + KELVIN);
    }

    static double logLog(double viscosity) {
        return Math.log10(Math.log10(viscosity + OFFSET));
    }

    static double fromLogLog(double w) {
        return Math.pow(10, Math.pow(10, w)) - OFFSET;
    }
}
