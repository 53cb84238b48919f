package app.yunque.lubricant.viscosity;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * Gear-oil grades of SAE J306 by viscosity at 100 °C, lower limit included, upper not. Source: SAE J306, limits of 2005, from
 * memory.
 */
public enum SaeGearGrade {
    SAE_80("80", 7.0, 11.0),
    SAE_85("85", 11.0, 13.5),
    SAE_90("90", 13.5, 18.5),
    SAE_110("110", 18.5, 24.0),
    SAE_140("140", 24.0, 32.5),
    SAE_190("190", 32.5, 41.0),
    SAE_250("250", 41.0, Double.POSITIVE_INFINITY);
    public static final Range AT_100 =
            Range.of("at100", "viscosity at 100 °C", 0.3, 10000, "mm²/s");

    private final String words;
    private final double from;
    private final double below;

    SaeGearGrade(String words, double from, double below) {
        this.words = words;
        this.from = from;
        this.below = below;
    }

    public String words() {
        return "SAE " + words;
    }

    /** Geometric middle of its band at 100 °C (mm²/s); the open band of 250 by its lower end. */
    public double middle() {
        return Double.isInfinite(below) ? from : Math.sqrt(from * below);
    }

    /** The grade of an oil by its viscosity at 100 °C (mm²/s); empty below SAE 80. */
    @PublicRule(
            at = "lubricant/sae-grade",
            title = "SAE gear grade",
            says = "The SAE J306 grade of a viscosity at 100 °C.",
            source = "SAE J306, from memory")
    public static Optional<SaeGearGrade> of(double at100) {
        Refused.ifAny(AT_100.judge(at100));
        for (var grade : values()) {
            if (at100 >= grade.from && at100 < grade.below) {
                return Optional.of(grade);
            }
        }
        return Optional.empty();
    }
}
