package app.yunque.server.quantity;

import static javax.measure.MetricPrefix.KILO;
import static javax.measure.MetricPrefix.MILLI;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import javax.measure.Quantity;
import javax.measure.Unit;
import tech.units.indriya.unit.Units;

/** The units in which the bench enters a quantity, and the canonical unit each turns into. */
public enum EntryUnit {
    MM("mm", EntryKind.LENGTH, by(MILLI(Units.METRE), MILLI(Units.METRE))),
    INCH("in", EntryKind.LENGTH, by(Inch.INCH, MILLI(Units.METRE))),
    THOU("thou", EntryKind.LENGTH, by(Inch.INCH.divide(1000), MILLI(Units.METRE))),
    MICROMETRE("µm", EntryKind.LENGTH, value -> value / 1000),
    MODULE("module", EntryKind.TOOTH_SIZE, value -> value),
    DIAMETRAL_PITCH("DP", EntryKind.TOOTH_SIZE, value -> 25.4 / value),
    LITRE("L", EntryKind.VOLUME, by(Units.LITRE, Units.LITRE)),
    US_QUART("US qt", EntryKind.VOLUME, by(Units.LITRE.multiply(0.946352946), Units.LITRE)),
    /** Twenty to the millilitre; common practice, no source. */
    DROP("drops", EntryKind.VOLUME, value -> value * 0.00005),
    KILOGRAM("kg", EntryKind.MASS, by(Units.KILOGRAM, Units.KILOGRAM)),
    GRAM("g", EntryKind.MASS, by(Units.GRAM, Units.KILOGRAM)),
    POUND("lb", EntryKind.MASS, by(Units.KILOGRAM.multiply(0.45359237), Units.KILOGRAM)),
    /** Of a hand gun, about 1.2 g; common practice, no source. */
    GUN_STROKE("gun strokes", EntryKind.MASS, value -> value * 0.0012),
    CELSIUS("°C", EntryKind.TEMPERATURE, by(Units.CELSIUS, Units.CELSIUS)),
    FAHRENHEIT("°F", EntryKind.TEMPERATURE, value -> (value - 32) / 1.8),
    KILOWATT("kW", EntryKind.POWER, by(KILO(Units.WATT), KILO(Units.WATT))),
    HORSEPOWER(
            "hp", EntryKind.POWER, by(Units.WATT.multiply(745.69987158227022), KILO(Units.WATT))),
    NEWTON_METRE("N·m", EntryKind.TORQUE, value -> value),
    POUND_FOOT("lbf·ft", EntryKind.TORQUE, value -> value * 1.3558179483314004),
    POUND_INCH("lbf·in", EntryKind.TORQUE, value -> value * 1.3558179483314004 / 12),
    NEWTON("N", EntryKind.FORCE, value -> value),
    KILONEWTON("kN", EntryKind.FORCE, value -> value * 1000),
    POUND_FORCE("lbf", EntryKind.FORCE, value -> value * 4.4482216152605),
    KILOGRAM_FORCE("kgf", EntryKind.FORCE, value -> value * 9.80665),
    MEGAPASCAL("MPa", EntryKind.PRESSURE, value -> value),
    KSI("ksi", EntryKind.PRESSURE, value -> value * 6.894757293168361),
    TURNS("turns", EntryKind.TURNS, value -> value),
    DEGREES("°", EntryKind.ANGLE, value -> value),
    ARC_MINUTES("′", EntryKind.ANGLE, value -> value / 60),
    RPM("min⁻¹", EntryKind.SPEED, value -> value),
    KELVIN("K", EntryKind.TEMPERATURE_RISE, value -> value),
    PERCENT("%", EntryKind.PERCENT, value -> value),
    BARE("", EntryKind.NUMBER, value -> value);

    /** What kind of quantity a unit measures. */
    public enum EntryKind {
        LENGTH,
        TOOTH_SIZE,
        VOLUME,
        MASS,
        TEMPERATURE,
        POWER,
        TORQUE,
        FORCE,
        PRESSURE,
        TURNS,
        ANGLE,
        SPEED,
        TEMPERATURE_RISE,
        PERCENT,
        NUMBER
    }

    private static final class Inch {
        /** 25.4 mm exactly. */
        private static final Unit<javax.measure.quantity.Length> INCH =
                Units.METRE.multiply(254).divide(10_000);
    }

    private final String code;
    private final EntryKind kind;
    private final DoubleUnaryOperator toCanonical;

    EntryUnit(String code, EntryKind kind, DoubleUnaryOperator toCanonical) {
        this.code = code;
        this.kind = kind;
        this.toCanonical = toCanonical;
    }

    public String code() {
        return code;
    }

    public EntryKind kind() {
        return kind;
    }

    double canonical(double entered) {
        return toCanonical.applyAsDouble(entered);
    }

    /** The inverse of {@link #canonical}: what would be typed for it in this unit. */
    double entered(double canonical) {
        if (this == DIAMETRAL_PITCH) {
            return toCanonical.applyAsDouble(canonical);
        }
        double zero = toCanonical.applyAsDouble(0);
        return (canonical - zero) / (toCanonical.applyAsDouble(1) - zero);
    }

    /** True where more of it is less in the canonical unit: a finer pitch is a smaller tooth. */
    boolean isReciprocal() {
        return this == DIAMETRAL_PITCH;
    }

    /** One of it in the canonical unit; of temperatures the canonical unit itself only. */
    public double inCanonical() {
        return toCanonical.applyAsDouble(1);
    }

    public static Optional<EntryUnit> ofCode(String code) {
        return Arrays.stream(values()).filter(u -> u.code.equals(code)).findFirst();
    }

    private static <Q extends Quantity<Q>> DoubleUnaryOperator by(Unit<Q> from, Unit<Q> to) {
        var converter = from.getConverterTo(to);
        return converter::convert;
    }
}
