package app.yunque.lubricant.grease;

import app.yunque.lubricant.interval.ChangeInterval;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * What shortens the life of grease in a bearing: heat, dirt, moisture, vibration and the way the shaft stands. Source: widely
 * printed motor and bearing formula, common practice.
 *
 * @param housingDegC at the housing (°C), −60 to 250
 */
public record GreaseSurroundings(
        double housingDegC,
        ChangeInterval.Dirt dirt,
        Moisture moisture,
        Vibration vibration,
        Shaft shaft) {
    public static final Range HOUSING =
            Range.of("housingDegC", "temperature of the housing", -60, 250, "°C");

    public GreaseSurroundings {
        Refused.ifAny(HOUSING.judge(housingDegC));
    }

    /** How wet it is about the bearing. */
    public enum Moisture {
        DRY(1),
        HUMID(0.7),
        CONDENSATION(0.4),
        WATER_ON_IT(0.1);

        private final double factor;

        Moisture(double factor) {
            this.factor = factor;
        }

        /** As the surroundings of an oil tell it. */
        public static Moisture of(ChangeInterval.Water water) {
            return switch (water) {
                case DRY -> DRY;
                case CONDENSATION -> CONDENSATION;
                case INGRESS -> WATER_ON_IT;
            };
        }
    }

    /** How hard it shakes, peak velocity. */
    public enum Vibration {
        BELOW_5_MM_PER_S(1),
        TO_10_MM_PER_S(0.6),
        ABOVE_10_MM_PER_S(0.3);

        private final double factor;

        Vibration(double factor) {
            this.factor = factor;
        }
    }

    /** How the shaft stands. */
    public enum Shaft {
        LYING(1),
        LEANING(0.5),
        STANDING(0.3);

        private final double factor;

        Shaft(double factor) {
            this.factor = factor;
        }
    }

    /** Product of all (0 to 1). */
    public double factor() {
        return heat() * soil() * moisture.factor * vibration.factor * shaft.factor;
    }

    private double heat() {
        return housingDegC < 65 ? 1 : housingDegC < 80 ? 0.5 : housingDegC < 93 ? 0.2 : 0.1;
    }

    private double soil() {
        return switch (dirt) {
            case CLEAN -> 1;
            case LIGHT -> 0.7;
            case DUSTY -> 0.4;
            case HEAVY -> 0.2;
        };
    }
}
