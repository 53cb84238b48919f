package app.yunque.drive;

import app.yunque.gear.GearPair;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The stages of a unit in a row: pairs on parallel shafts, and stages of other kinds among them.
 *
 * @param stages        pairs from the input to the output, 0 to 6; none while the papers do not describe the gears
 * @param inputSpeedRpm speed of the input shaft (min⁻¹), 0.1 to 60000; 0 while nobody knows it
 * @param others        stages of other kinds, by where they stand among the parallel ones
 * @param inputPowerKw  power at the input (kW), 0 to 20000; 0 when unknown
 */
public record GearTrain(
        List<GearPair> stages, double inputSpeedRpm, double inputPowerKw, List<OtherStage> others) {
    public static final Range STAGES = Range.count("stages", "number of stages", 0, 6);
    public static final Range INPUT_SPEED =
            Range.of("inputSpeedRpm", "input speed", 0.1, 60_000, "min⁻¹");
    public static final Range INPUT_POWER =
            Range.of("inputPowerKw", "input power", 0, 20_000, "kW");

    /** @throws Refused naming every value out of its range */
    public GearTrain {
        stages = List.copyOf(stages);
        others = List.copyOf(others);
        Refused.ifAny(
                STAGES.judge(stages.size()),
                inputSpeedRpm == 0 ? Optional.empty() : INPUT_SPEED.judge(inputSpeedRpm),
                INPUT_POWER.judge(inputPowerKw));
    }

    /** Parallel stages only. */
    public GearTrain(List<GearPair> stages, double inputSpeedRpm, double inputPowerKw) {
        this(stages, inputSpeedRpm, inputPowerKw, List.of());
    }

    /** Every stage of whatever kind, from the input on. */
    public List<Stage> inOrder() {
        var all = new ArrayList<Stage>();
        for (int place = 0; place <= stages.size(); place++) {
            int before = place;
            others.stream()
                    .filter(o -> Math.min(o.after(), stages.size()) == before)
                    .forEach(o -> all.add(o.stage()));
            if (place < stages.size()) {
                all.add(new Stage.Parallel(stages.get(place)));
            }
        }
        return all;
    }

    /** True when the papers describe no gears at all. */
    public boolean isUnknown() {
        return stages.isEmpty() && others.isEmpty();
    }

    /** True when the speed of the input is known. */
    public boolean isSpeedKnown() {
        return inputSpeedRpm > 0;
    }

    /** i as a magnitude, input turns for one output turn. */
    public double ratio() {
        return inOrder().stream().mapToDouble(s -> Math.abs(s.ratio())).reduce(1, (a, b) -> a * b);
    }

    /** True when the output turns the same way as the input; a worm's wheel counts as the same. */
    public boolean turnsTheSameWay() {
        return inOrder().stream().filter(s -> s.ratio() < 0).count() % 2 == 0;
    }

    /** Speed of the pinion shaft of a stage (min⁻¹); stage 1 is the first. */
    public double pinionSpeedRpm(int stage) {
        double speed = inputSpeedRpm;
        for (int i = 1; i < stage; i++) {
            speed /= stages.get(i - 1).ratio();
        }
        for (var other : others) {
            if (other.after() < stage) {
                speed /= Math.abs(other.stage().ratio());
            }
        }
        return speed;
    }

    public double outputSpeedRpm() {
        return inputSpeedRpm / ratio();
    }

    /** v = π · 2 r_w1 · n₁ / 60000 (m/s) on the working circle of a stage; stage 1 is the first. */
    public double pitchLineVelocityMPerS(int stage) {
        double diameter = 2 * stages.get(stage - 1).pinionWorkingRadiusMm();
        return Math.PI * diameter * pinionSpeedRpm(stage) / 60_000;
    }

    /** T = 9549.30 P/n at the input shaft (N·m), without losses; 0 when power or speed is unknown. */
    public double inputTorqueNm() {
        return !isSpeedKnown() ? 0 : 60_000 / (2 * Math.PI) * inputPowerKw / inputSpeedRpm;
    }
}
