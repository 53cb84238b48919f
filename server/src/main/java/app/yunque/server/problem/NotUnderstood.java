package app.yunque.server.problem;

import app.yunque.measure.Refused;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns what a JSON reader could not make a value of into a refusal at the field it came from. */
public final class NotUnderstood {
    private static final Pattern MISSING =
            Pattern.compile("Missing required creator property '([^']+)'");

    private static final String ENTER_A_NUMBER =
            "enter a number in digits, or the text that belongs there.";

    private NotUnderstood() {}

    /** The refusal, with the path of the field in the request. */
    public static Refused of(DatabindException fault) {
        var path = path(fault);
        // A record of the core that came over the wire as it is refuses impossible values itself.
        for (var cause = fault.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof Refused refused) {
                return AtField.moved(path.isEmpty() ? "" : path + ".", Map.of(), refused);
            }
        }
        var left = leftOut(fault);
        if (left.isPresent()) {
            var whole =
                    path.isEmpty()
                            ? left.get()
                            : path.endsWith(left.get()) ? path : path + "." + left.get();
            return missing(whole);
        }
        if (fault instanceof InvalidFormatException format
                && format.getTargetType() == LocalDate.class) {
            return Refused.because(
                    path,
                    "“%s” is no day. Write year, month and day, as 2026-11-30."
                            .formatted(format.getValue()));
        }
        return Refused.because(
                path,
                path.isEmpty()
                        ? "The request is not understood."
                        : "The value of “" + path + "” is not understood: " + hint(fault));
    }

    /** A value that has to be there and is not. */
    public static Refused missing(String path) {
        return Refused.because(path, "“" + path + "” is missing. Enter it.");
    }

    /** A value that is no number of its kind. */
    public static Refused at(String path) {
        return Refused.because(
                path, "The value of “" + path + "” is not understood: " + ENTER_A_NUMBER);
    }

    /** A name that no value goes by. */
    public static Refused noSuchField(String path) {
        return Refused.because(
                path, "The value of “" + path + "” is not understood: there is no such field.");
    }

    private static String path(DatabindException fault) {
        return fault.getPath().stream()
                .map(NotUnderstood::step)
                .collect(Collectors.joining("."))
                .replace(".[", "[");
    }

    /** Name of a value that was left out or sent as nothing; empty for any other fault. */
    private static Optional<String> leftOut(DatabindException fault) {
        if (fault instanceof InvalidNullException nothing) {
            return Optional.of(nothing.getPropertyName().getSimpleName());
        }
        var told = MISSING.matcher(String.valueOf(fault.getOriginalMessage()));
        return told.find() ? Optional.of(told.group(1)) : Optional.empty();
    }

    private static String step(JacksonException.Reference reference) {
        return reference.getPropertyName() == null
                ? "[" + reference.getIndex() + "]"
                : reference.getPropertyName();
    }

    private static String hint(DatabindException fault) {
        if (fault instanceof UnrecognizedPropertyException) {
            return "there is no such field.";
        }
        if (fault instanceof InvalidFormatException format
                && format.getTargetType() != null
                && format.getTargetType().isEnum()) {
            return "choose one of "
                    + Arrays.stream(format.getTargetType().getEnumConstants())
                            .map(Object::toString)
                            .collect(Collectors.joining(", "))
                    + ".";
        }
        if (String.valueOf(fault.getOriginalMessage()).contains("Cannot coerce Floating-point")) {
            return "it is counted, so enter a whole number.";
        }
        return ENTER_A_NUMBER;
    }
}
