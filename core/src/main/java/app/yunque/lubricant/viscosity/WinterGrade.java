package app.yunque.lubricant.viscosity;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * Winter grades of SAE J306: the highest temperature at which the oil reaches 150 000 mPa·s, and a least viscosity at 100 °C. Source: SAE
 * J306, limits of 2005, from memory.
 */
public enum WinterGrade {
    SAE_70W("70W", -55, 4.1),
    SAE_75W("75W", -40, 4.1),
    SAE_80W("80W", -26, 7.0),
    SAE_85W("85W", -12, 11.0);

    public static final Range STIFF =
            Range.of("stiffDegC", "temperature at 150 000 mPa·s", -80, 40, "°C");
    public static final Range AT_100 = Range.of("at100", "viscosity at 100 °C", 1, 1000, "mm²/s");

    private final String words;
    private final double stiffDegC;
    private final double least;

    WinterGrade(String words, double stiffDegC, double least) {
        this.words = words;
        this.stiffDegC = stiffDegC;
        this.least = least;
    }

    public String words() {
        return "SAE " + words;
    }

    /**
     * The best winter grade an oil meets; empty where it meets none.
     *
     * @param stiffDegC where it reaches 150 000 mPa·s (°C)
     * @param at100     ν at 100 °C (mm²/s)
     */
    @PublicRule(
            at = "lubricant/winter-grade",
            title = "SAE winter grade",
            says = "Which winter grade of SAE J306 an oil meets.",
            source = "SAE J306, limits of 2005, from memory")
    public static Optional<WinterGrade> of(double stiffDegC, double at100) {
        Refused.ifAny(STIFF.judge(stiffDegC), AT_100.judge(at100));
        for (var grade : values()) {
            if (stiffDegC <= grade.stiffDegC && at100 >= grade.least) {
                return Optional.of(grade);
            }
        }
        return Optional.empty();
    }
}
