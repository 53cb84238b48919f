package app.yunque.lubricant.grade;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * What an enclosed spur, helical or bevel drive asks of its oil.
 *
 * @param pitchLineVelocityMPerS pitch-line velocity of the last, slowest stage (m/s), 0.001 to 60
 * @param coldestAmbientDegC     lowest temperature at start (°C), −40 to 55
 * @param hottestAmbientDegC     highest surrounding temperature in service (°C), −40 to 100
 * @param load                   how hard the flanks are pressed; empty when unknown
 */
public record GearOilDuty(
        double pitchLineVelocityMPerS,
        double coldestAmbientDegC,
        double hottestAmbientDegC,
        Optional<ToothLoad> load) {
    public static final Range VELOCITY =
            Range.of("pitchLineVelocityMPerS", "pitch-line velocity", 0.001, 60, "m/s");

    /** A box that hardly turns is reckoned as the slowest there is (m/s). */
    public static double atLeastSlowest(double velocityMPerS) {
        return Math.max(VELOCITY.low(), velocityMPerS);
    }

    public static final Range COLDEST =
            Range.of("coldestAmbientDegC", "coldest surroundings", -40, 55, "°C")
                    .advising("Outside the table; ask the oil supplier.");
    public static final Range HOTTEST =
            Range.of("hottestAmbientDegC", "hottest surroundings", -40, 100, "°C")
                    .advising(
                            "Beside a furnace or an exhaust measure the oil, and ask its supplier.");

    /** Where tables and schools end; beyond it the heat of the box decides. */
    private static final double TABLES_END = 55;

    /** @throws Refused naming every value out of its range, and a coldest above the hottest */
    public GearOilDuty {
        Refused.ifAny(
                VELOCITY.judge(pitchLineVelocityMPerS),
                COLDEST.judge(coldestAmbientDegC),
                HOTTEST.judge(hottestAmbientDegC));
        if (coldestAmbientDegC > hottestAmbientDegC) {
            throw Refused.because(
                    "coldestAmbientDegC",
                    "Coldest surroundings "
                            + PlainDigits.exact(coldestAmbientDegC)
                            + " °C are above the hottest, "
                            + PlainDigits.exact(hottestAmbientDegC)
                            + " °C. Exchange the two.");
        }
    }

    /** What is to be minded where it is hotter than any table reaches, as beside an engine; empty elsewhere. */
    public Optional<String> beyondTheTables() {
        return hottestAmbientDegC > TABLES_END
                ? Optional.of(
                        "The tables end at 55 °C; the grade is that of their hottest column. Measure the oil at work: its temperature decides base oil and grade.")
                : Optional.empty();
    }

    /** A drive whose load is unknown. */
    public GearOilDuty(
            double pitchLineVelocityMPerS, double coldestAmbientDegC, double hottestAmbientDegC) {
        this(pitchLineVelocityMPerS, coldestAmbientDegC, hottestAmbientDegC, Optional.empty());
    }
}
