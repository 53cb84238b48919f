package app.yunque.drive;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Other gears in front of a pump: f = (z_driver/z_driven)_new / (z_driver/z_driven)_old. A displacement pump delivers Q f
 * at the same torque and the power f; a centrifugal one Q f, head f², power f³. Source: affinity laws.
 *
 * @param speedFactor f
 * @param newSpeedRpm speed of the pump after (min⁻¹)
 * @param newFlow     flow after, in the unit of the old flow
 * @param newPowerKw  power after (kW)
 * @param headFactor  how the head changes; 1 for a displacement pump
 * @param warnings    what would be overloaded
 * @param working     formula and numbers
 */
public record ReRatio(
        double speedFactor,
        double newSpeedRpm,
        double newFlow,
        double newPowerKw,
        double headFactor,
        List<String> warnings,
        Working working) {
    public static final Range TEETH = Range.count("teeth", "teeth", 4, 500);
    public static final Range SPEED = Range.of("speedRpm", "pump speed", 0.1, 30_000, "min⁻¹");
    public static final Range FLOW = Range.of("flow", "flow", 0, 1e6, "");
    public static final Range POWER = Range.of("powerKw", "power of the pump", 0, 10_000, "kW");

    /** How flow, head and power answer to speed. */
    public enum Pump {
        DISPLACEMENT,
        CENTRIFUGAL
    }

    /** Driver and driven gear. */
    public record Gears(int driver, int driven) {
        public Gears {
            Refused.ifAny(
                    TEETH.named("driver", "teeth of the driver").judge(driver),
                    TEETH.named("driven", "teeth of the driven gear").judge(driven));
        }

        double factor() {
            return (double) driver / driven;
        }

        int sum() {
            return driver + driven;
        }
    }

    /**
     * @param speedRpm      speed of the pump now (min⁻¹)
     * @param flow          flow now, any unit
     * @param powerKw       power the pump takes now (kW)
     * @param makersMostRpm the maker's largest speed (min⁻¹); may be empty
     * @param motorKw       power of the motor (kW); may be empty
     */
    @PublicRule(
            at = "drive/re-ratio",
            title = "Another ratio for a pump",
            says = "Speed, flow and power after the gears were changed.")
    public static ReRatio of(
            Gears before,
            Gears after,
            Pump pump,
            double speedRpm,
            double flow,
            double powerKw,
            Optional<Double> makersMostRpm,
            Optional<Double> motorKw) {
        Refused.ifAny(SPEED.judge(speedRpm), FLOW.judge(flow), POWER.judge(powerKw));
        double f = after.factor() / before.factor();
        boolean turbo = pump == Pump.CENTRIFUGAL;
        double power = powerKw * (turbo ? f * f * f : f);
        double speed = speedRpm * f;
        var warnings = new ArrayList<String>();
        makersMostRpm
                .filter(most -> speed > most)
                .ifPresent(
                        most ->
                                warnings.add(
                                        "The pump would turn at %s min⁻¹, above the maker's %s min⁻¹."
                                                .formatted(
                                                        PlainDigits.rounded(speed, 0),
                                                        PlainDigits.exact(most))));
        motorKw.filter(most -> power > most)
                .ifPresent(
                        most ->
                                warnings.add(
                                        "The pump would take %s kW, more than the motor's %s kW."
                                                .formatted(
                                                        PlainDigits.rounded(power, 2),
                                                        PlainDigits.exact(most))));
        if (f > 1) {
            warnings.add(
                    turbo
                            ? "It needs about the square of the factor more head at its suction: check for cavitation."
                            : "Check relief valve and suction for the larger flow.");
        }
        if (before.sum() != after.sum()) {
            warnings.add(
                    "The tooth sum changes from %d to %d: at the same centre distance and module these gears do not mesh without profile shift."
                            .formatted(before.sum(), after.sum()));
        }
        return new ReRatio(
                f,
                speed,
                flow * f,
                power,
                turbo ? f * f : 1,
                List.copyOf(warnings),
                new Working(
                        List.of(
                                line(
                                        "f = (z₁/z₂)_new / (z₁/z₂)_old",
                                        "(%d/%d) / (%d/%d) = %s"
                                                .formatted(
                                                        after.driver,
                                                        after.driven,
                                                        before.driver,
                                                        before.driven,
                                                        PlainDigits.rounded(f, 5))),
                                line(
                                        turbo
                                                ? "Q · f, head · f², power · f³"
                                                : "Q · f, same torque, power · f",
                                        "flow %s, power %s kW"
                                                .formatted(
                                                        PlainDigits.rounded(flow * f, 3),
                                                        PlainDigits.rounded(power, 3)))),
                        "affinity laws"));
    }
}
