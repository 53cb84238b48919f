package app.yunque.measure;

import java.util.Optional;

/**
 * The values a quantity can have, both ends included. Each range has one home: a constant on the record it
 * guards; the API description and the hints of the screens are made from it.
 *
 * @param component name of the guarded component, which names the field at fault
 * @param label     the quantity in the trade's words, lower case
 * @param low       smallest allowed value, in {@code unit}
 * @param high      largest allowed value, in {@code unit}
 * @param unit      unit of the value; empty for a pure number
 * @param whole     true when only whole numbers make sense
 * @param remedy    what to do when a value falls outside, a whole sentence; may be empty
 */
public record Range(
        String component,
        String label,
        double low,
        double high,
        String unit,
        boolean whole,
        String remedy) {

    public Range {
        if (!(low <= high)) {
            throw new IllegalArgumentException("Impossible: a range from " + low + " to " + high);
        }
    }

    /** A range of a continuous quantity. */
    public static Range of(String component, String label, double low, double high, String unit) {
        return new Range(component, label, low, high, unit, false, "");
    }

    /** A range of a counted quantity: only whole numbers. */
    public static Range count(String component, String label, int low, int high) {
        return new Range(component, label, low, high, "", true, "");
    }

    /** The same range with advice on what to do when a value falls outside. */
    public Range advising(String whatToDo) {
        return new Range(component, label, low, high, unit, whole, whatToDo);
    }

    /** The same range for a field of another name, as when one record holds two of a kind. */
    public Range named(String otherComponent, String otherLabel) {
        return new Range(otherComponent, otherLabel, low, high, unit, whole, remedy);
    }

    public boolean holds(double value) {
        return low <= value && value <= high && (!whole || value == Math.rint(value));
    }

    /** Nothing when the value is in the range; the fault otherwise. NaN counts as missing. */
    public Optional<Problem> judge(double value) {
        if (holds(value)) {
            return Optional.empty();
        }
        var came = Double.isNaN(value) ? null : PlainDigits.exact(value);
        return Optional.of(
                new Problem(
                        component,
                        label,
                        came,
                        unit,
                        PlainDigits.exact(low),
                        PlainDigits.exact(high),
                        remedy));
    }

    /** The range in words: "0.1 to 100 mm". */
    public String inWords() {
        var ends = PlainDigits.exact(low) + " to " + PlainDigits.exact(high);
        return unit.isEmpty() ? ends : ends + " " + unit;
    }
}
