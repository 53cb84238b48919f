package app.yunque.measure;

import org.jspecify.annotations.Nullable;

/**
 * One thing that is wrong with one value, kept as data so that a screen can put it at its field and a
 * wording catalogue can say it in another language.
 *
 * @param component name of the record component or wire field that is at fault, for example {@code moduleMm}
 * @param label     what a mechanic calls the quantity, lower case: "tip diameter"
 * @param value     the value exactly as it came, in plain digits; null when it is missing
 * @param unit      unit of value and limits; empty for a pure number
 * @param low       smallest allowed value in plain digits; null where no range applies
 * @param high      largest allowed value in plain digits; null where no range applies
 * @param remedy    a whole sentence that says what to do; may be empty
 */
public record Problem(
        String component,
        String label,
        @Nullable String value,
        String unit,
        @Nullable String low,
        @Nullable String high,
        String remedy) {

    /** A fault that no range describes, told in a whole sentence of its own. */
    public static Problem told(String component, String sentence) {
        return new Problem(component, "", null, "", null, null, sentence);
    }

    /** The fault as the mechanic reads it: what it is, the value, its unit, the allowed range, what to do. */
    public String sentence() {
        if (label.isEmpty()) {
            return remedy;
        }
        var name = Character.toUpperCase(label.charAt(0)) + label.substring(1);
        var fault =
                value == null
                        ? name + " is missing."
                        : name
                                + " "
                                + value
                                + withUnit()
                                + " is outside "
                                + low
                                + " to "
                                + high
                                + withUnit()
                                + ".";
        return remedy.isEmpty() ? fault : fault + " " + remedy;
    }

    private String withUnit() {
        return unit.isEmpty() ? "" : " " + unit;
    }
}
