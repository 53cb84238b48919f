package app.yunque.drive;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Any row of stages with what follows from them: ratio, sense, speeds, torques, velocities, mesh frequencies. T = T_in |i|
 * η, P = T n/9549.3, v = π d n/60000, f = z n/60; the same pair of teeth meets after lcm (z₁, z₂) passages. Source:
 * definitions; efficiencies common practice.
 *
 * @param ratio          i, minus when the output turns the other way
 * @param outputSpeedRpm (min⁻¹), minus when it turns the other way
 * @param efficiency     η of all stages
 * @param outputTorqueNm (N·m); 0 when the input torque is unknown
 * @param travelMmPerInputTurn travel of the output for one turn of the input (mm); 0 where it turns
 * @param outputForceN   force along the line, F = 2π T/s (N); 0 where the output turns or the input torque is unknown
 * @param stages         each stage
 * @param working        formula and numbers
 */
public record DriveLine(
        double ratio,
        double outputSpeedRpm,
        double efficiency,
        double outputTorqueNm,
        double travelMmPerInputTurn,
        double outputForceN,
        List<At> stages,
        Working working) {
    public static final Range STAGES = Range.count("stages", "number of stages", 1, 12);
    public static final Range INPUT_SPEED =
            Range.of("inputSpeedRpm", "input speed", 0.01, 100_000, "min⁻¹");
    public static final Range INPUT_TORQUE =
            Range.of("inputTorqueNm", "input torque", 0, 1e7, "N·m");

    /**
     * One stage at work.
     *
     * @param words          the stage
     * @param ratio          i of this stage
     * @param inputRpm       speed of its input shaft (min⁻¹)
     * @param inputTorqueNm  torque of its input shaft (N·m)
     * @param velocityMPerS  pitch-line velocity (m/s); 0 when the diameter is unknown
     * @param meshHz         mesh frequency (Hz); 0 where no teeth pass
     * @param huntingHz      how often the same two teeth meet (Hz); 0 where it does not apply
     */
    public record At(
            String words,
            double ratio,
            double inputRpm,
            double inputTorqueNm,
            double velocityMPerS,
            double meshHz,
            double huntingHz) {}

    /**
     * @param stages        from the input on, 1 to 12
     * @param inputSpeedRpm speed of the input (min⁻¹); 0 while nobody knows it
     * @param inputTorqueNm torque of the input (N·m); 0 when unknown
     */
    public static DriveLine of(List<Stage> stages, double inputSpeedRpm, double inputTorqueNm) {
        Refused.ifAny(
                STAGES.judge(stages.size()),
                inputSpeedRpm == 0 ? Optional.empty() : INPUT_SPEED.judge(inputSpeedRpm),
                INPUT_TORQUE.judge(inputTorqueNm));
        double ratio = 1;
        double efficiency = 1;
        var at = new ArrayList<At>();
        for (var stage : stages) {
            double rpm = inputSpeedRpm / ratio;
            double torqueIn = inputTorqueNm * Math.abs(ratio) * efficiency;
            double mesh = stage.teethPerInputTurn() * Math.abs(rpm) / 60;
            at.add(
                    new At(
                            stage.inWords(),
                            stage.ratio(),
                            rpm,
                            torqueIn,
                            Math.PI * stage.inputDiameterMm() * Math.abs(rpm) / 60_000,
                            mesh,
                            stage.huntingHz(mesh)));
            ratio *= stage.ratio();
            efficiency *= stage.efficiency();
        }
        double torque = inputTorqueNm * Math.abs(ratio) * efficiency;
        double travel = stages.get(stages.size() - 1).travelMmPerTurn();
        return new DriveLine(
                ratio,
                inputSpeedRpm / ratio,
                efficiency,
                torque,
                travel / Math.abs(ratio),
                travel == 0 ? 0 : 2 * Math.PI * torque / (travel / 1000),
                List.copyOf(at),
                working(stages, ratio, efficiency, inputSpeedRpm));
    }

    private static Working working(
            List<Stage> stages, double ratio, double efficiency, double rpm) {
        var lines = new ArrayList<Working.Line>();
        for (var stage : stages) {
            lines.add(
                    line(
                            stage.inWords(),
                            "i = "
                                    + PlainDigits.rounded(stage.ratio(), 5)
                                    + ", η about "
                                    + PlainDigits.rounded(stage.efficiency(), 3)));
        }
        lines.add(
                line(
                        "i = Π iₖ, n_out = n_in / i, η = Π ηₖ",
                        "i = %s, n_out = %s / %s = %s min⁻¹, η = %s"
                                .formatted(
                                        PlainDigits.rounded(ratio, 5),
                                        PlainDigits.exact(rpm),
                                        PlainDigits.rounded(ratio, 5),
                                        PlainDigits.rounded(rpm / ratio, 3),
                                        PlainDigits.rounded(efficiency, 3))));
        return new Working(
                lines,
                "definition of the ratio, Willis equation; efficiencies common practice, no source");
    }
}
