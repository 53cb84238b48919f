package app.yunque.lubricant.grade;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * Which temperature the oil works at, the best known first: a thermometer in the oil just after stopping, infrared on a dull spot
 * of the case near the oil level and 5 K, a heat balance, or ambient and what is usual. Source: common practice, no source.
 *
 * @param degC    (°C)
 * @param whence  which of the four it is, in words
 * @param assumed true when nothing was measured or worked out
 */
public record WorkingTemperature(double degC, String whence, boolean assumed) {
    public static final Range MEASURED =
            Range.of("measuredDegC", "measured temperature", -40, 250, "°C");
    private static final double INFRARED_K = 5;

    /** How the box is used, for the rise that is assumed. */
    public enum Use {
        LOADED("a loaded drive", 40),
        LIGHT("a light box", 25),
        BY_HAND("driven by hand", 10);

        private final String words;
        private final double riseK;

        Use(String words, double riseK) {
            this.words = words;
            this.riseK = riseK;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param inOilDegC    thermometer in the oil
     * @param infraredDegC infrared on the case
     * @param balance      heat balance
     * @param ambientDegC  surroundings (°C)
     * @param use          what it does
     */
    public static WorkingTemperature of(
            Optional<Double> inOilDegC,
            Optional<Double> infraredDegC,
            Optional<SumpHeat> balance,
            double ambientDegC,
            Use use) {
        Refused.ifAny(
                inOilDegC.flatMap(MEASURED::judge),
                infraredDegC.flatMap(MEASURED.named("infraredDegC", "infrared reading")::judge));
        if (inOilDegC.isPresent()) {
            return new WorkingTemperature(inOilDegC.get(), "measured in the oil", false);
        }
        if (infraredDegC.isPresent()) {
            return new WorkingTemperature(
                    infraredDegC.get() + INFRARED_K, "infrared on the case and 5 K", false);
        }
        return balance.map(b -> new WorkingTemperature(b.temperatureDegC(), "heat balance", false))
                .orElseGet(
                        () ->
                                new WorkingTemperature(
                                        ambientDegC + use.riseK,
                                        "assumed: ambient %s °C and %s K for %s"
                                                .formatted(
                                                        PlainDigits.exact(ambientDegC),
                                                        PlainDigits.exact(use.riseK),
                                                        use.words),
                                        true));
    }
}
