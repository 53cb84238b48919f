package app.yunque.server.quantity;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A number typed at the bench and the unit it was read in. Point and comma are both decimal separators; grouping, signs
 * other than a leading minus, letters and exponents are refused.
 *
 * @param text digits as typed
 * @param unit unit code
 */
@Schema(
        description =
                "A number as typed, point or comma as decimal separator, with the unit it was read in")
public record EnteredNumber(
        @Schema(example = "0,35") String text, @Schema(example = "mm") String unit) {
    private static final Pattern NUMBER = Pattern.compile("[-−]?\\d{1,12}([.,]\\d{1,12})?");
    private static final int LONGEST_SHOWN = 40;

    /**
     * @param field path of the field in the request
     * @param label what the quantity is called, lower case
     * @param kind  the kind of quantity expected
     * @throws Refused when the number is missing, not a number, or in a unit of another kind
     */
    public static Entered read(
            @Nullable EnteredNumber number, String field, String label, EntryKind kind) {
        if (number == null || number.text.isBlank()) {
            throw new Refused(
                    List.of(
                            new Problem(
                                    field,
                                    label,
                                    null,
                                    "",
                                    null,
                                    null,
                                    "Measure it and enter it.")));
        }
        var text = number.text.strip();
        if (!NUMBER.matcher(text).matches()) {
            throw Refused.because(
                    field,
                    "“"
                            + shortened(text)
                            + "” is not a number for "
                            + label
                            + ". Enter digits with one decimal point or comma, for example 0.35 or 0,35.");
        }
        var unit =
                EntryUnit.ofCode(number.unit)
                        .filter(u -> u.kind() == kind)
                        .orElseThrow(() -> wrongUnit(number.unit, field, label, kind));
        double value = new BigDecimal(text.replace(',', '.').replace('−', '-')).doubleValue();
        return new Entered(text, unit.code(), unit.canonical(value));
    }

    /** As {@link #read}, but an empty field is allowed and stays empty. */
    public static @Nullable Entered readOptional(
            @Nullable EnteredNumber number, String field, String label, EntryKind kind) {
        return number == null || number.text.isBlank() ? null : read(number, field, label, kind);
    }

    /** As {@link #readOptional}, a fault gathered with the others and nothing read. */
    public static @Nullable Entered gatherOptional(
            Faults faults,
            @Nullable EnteredNumber number,
            String field,
            String label,
            EntryKind kind) {
        var read =
                faults.gather(() -> Optional.ofNullable(readOptional(number, field, label, kind)));
        return read == null ? null : read.orElse(null);
    }

    /** As {@link #given}, for a quantity that may be missing. */
    public static @Nullable EnteredNumber of(@Nullable Entered entered) {
        return entered == null ? null : given(entered);
    }

    /** The number as it goes back to the screen. */
    public static EnteredNumber given(Entered entered) {
        return new EnteredNumber(entered.text(), entered.unit());
    }

    private static Refused wrongUnit(String unit, String field, String label, EntryKind kind) {
        var known =
                Arrays.stream(EntryUnit.values())
                        .filter(u -> u.kind() == kind)
                        .map(EntryUnit::code)
                        .collect(Collectors.joining(", "));
        return Refused.because(
                field,
                "“"
                        + shortened(unit)
                        + "” is not a unit for "
                        + label
                        + ". Use one of "
                        + known
                        + ".");
    }

    private static String shortened(String text) {
        return text.length() <= LONGEST_SHOWN ? text : text.substring(0, LONGEST_SHOWN) + "…";
    }
}
