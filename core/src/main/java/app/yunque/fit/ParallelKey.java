package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * The parallel key of a shaft: its section and depths, the torque its shear and its flanks carry, and the lost motion of its slack. Shear
 * T = τ b L d/2, crushing of the hub T = p (h − t₁) L_t d/2 with L_t = L − b for round ends; slack c gives 2 c/d of free turn. Source:
 * DIN 6885-1, ISO 773, from memory; the simple form without a load factor.
 *
 * @param widthMm       b (mm)
 * @param heightMm      h (mm)
 * @param shaftDepthMm  t₁ (mm)
 * @param hubDepthMm    t₂ (mm)
 * @param shearTorqueNm torque at which it shears (N·m)
 * @param crushTorqueNm torque its flanks carry (N·m)
 * @param lostDeg       free turn by the slack (degrees)
 * @param told          words and working
 */
public record ParallelKey(
        double widthMm,
        double heightMm,
        double shaftDepthMm,
        double hubDepthMm,
        double shearTorqueNm,
        double crushTorqueNm,
        double lostDeg,
        Told told) {
    public static final Range SHAFT =
            Range.of("shaftMm", "diameter of the shaft", 6.001, 110, "mm")
                    .advising("The built-in table goes over 6 up to 110 mm.");
    public static final Range LENGTH = Range.of("lengthMm", "length of the key", 3, 500, "mm");
    public static final Range SHEAR =
            Range.of("shearStressMpa", "shear stress it may bear", 5, 400, "MPa");
    public static final Range PRESSURE =
            Range.of("pressureMpa", "pressure its flanks may bear", 5, 500, "MPa");
    public static final Range SLACK =
            Range.of("slackMm", "slack in both keyways together", 0, 3, "mm");

    private static final double[] UP_TO = {
        8, 10, 12, 17, 22, 30, 38, 44, 50, 58, 65, 75, 85, 95, 110
    };

    /** b, h, t₁, t₂ (mm) by step of the shaft. */
    private static final double[][] SECTIONS = {
        {2, 2, 1.2, 1.0},
        {3, 3, 1.8, 1.4},
        {4, 4, 2.5, 1.8},
        {5, 5, 3.0, 2.3},
        {6, 6, 3.5, 2.8},
        {8, 7, 4.0, 3.3},
        {10, 8, 5.0, 3.3},
        {12, 8, 5.0, 3.3},
        {14, 9, 5.5, 3.8},
        {16, 10, 6.0, 4.3},
        {18, 11, 7.0, 4.4},
        {20, 12, 7.5, 4.9},
        {22, 14, 9.0, 5.4},
        {25, 14, 9.0, 5.4},
        {28, 16, 10.0, 6.4}
    };

    /**
     * @param shaftMm        diameter of the shaft (mm), over 6 to 110
     * @param lengthMm       L (mm)
     * @param roundEnds      true when its ends are round
     * @param shearStressMpa shear stress it may bear (MPa)
     * @param pressureMpa    pressure the weaker of key and hub may bear (MPa)
     * @param slackMm        slack in both keyways together (mm)
     */
    @PublicRule(
            at = "fit/key",
            title = "Parallel key",
            says =
                    "Section and depths for a shaft, the torque it carries, the free turn of its slack.")
    public static ParallelKey of(
            double shaftMm,
            double lengthMm,
            @Asks("its ends are round") boolean roundEnds,
            double shearStressMpa,
            double pressureMpa,
            double slackMm) {
        Refused.ifAny(
                SHAFT.judge(shaftMm),
                LENGTH.judge(lengthMm),
                SHEAR.judge(shearStressMpa),
                PRESSURE.judge(pressureMpa),
                SLACK.judge(slackMm));
        var section = section(shaftMm);
        double width = section[0];
        double height = section[1];
        double bearing = roundEnds ? lengthMm - width : lengthMm;
        if (bearing <= 0) {
            throw Refused.because(
                    "lengthMm",
                    "A key %s mm wide with round ends has no flank left at %s mm of length. Measure it again."
                            .formatted(PlainDigits.exact(width), PlainDigits.exact(lengthMm)));
        }
        double shear = shearStressMpa * width * lengthMm * shaftMm / 2 / 1000;
        double crush = pressureMpa * (height - section[2]) * bearing * shaftMm / 2 / 1000;
        double lost = Math.toDegrees(2 * slackMm / shaftMm);
        var told =
                Told.of("DIN 6885-1, ISO 773, from memory; simple form, no load factor")
                        .words(
                                "section",
                                "key",
                                "%s × %s mm, %s in the shaft, %s in the hub"
                                        .formatted(
                                                PlainDigits.exact(width),
                                                PlainDigits.exact(height),
                                                PlainDigits.exact(section[2]),
                                                PlainDigits.exact(section[3])))
                        .figure("crushTorqueNm", "torque its flanks carry", crush, "N·m", 1)
                        .figure("shearTorqueNm", "torque that shears it", shear, "N·m", 1)
                        .figure("lostDeg", "free turn by the slack", lost, "°", 3)
                        .line(
                                "T = p (h − t₁) L_t d / 2",
                                "%s × %s × %s × %s / 2 = %s N·m",
                                PlainDigits.exact(pressureMpa),
                                PlainDigits.rounded(height - section[2], 1),
                                PlainDigits.exact(bearing),
                                PlainDigits.exact(shaftMm),
                                PlainDigits.rounded(crush, 1))
                        .line("T = τ b L d / 2", "%s N·m", PlainDigits.rounded(shear, 1))
                        .saying(
                                "Key %s × %s: carries %s N·m, %s first."
                                        .formatted(
                                                PlainDigits.exact(width),
                                                PlainDigits.exact(height),
                                                PlainDigits.rounded(Math.min(crush, shear), 0),
                                                crush <= shear ? "its flanks give" : "it shears"));
        return new ParallelKey(width, height, section[2], section[3], shear, crush, lost, told);
    }

    private static double[] section(double shaftMm) {
        return SECTIONS[ToleranceTable.within(shaftMm, UP_TO, "shaftMm", "keys")];
    }

    /** Width of the key of a shaft (mm). */
    static double widthOn(double shaftMm) {
        return section(shaftMm)[0];
    }
}
