package app.yunque.server.quantity;

import app.yunque.measure.Problem;
import app.yunque.server.problem.Retold;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/**
 * A fault of a number that was typed in a unit of the bench is told in that unit: who reads inches gets the range in inches, and the value
 * as it was typed. The core knows canonical units only, so this is done once, at the door, from the body of the request.
 */
@ControllerAdvice
class AsTyped extends RequestBodyAdviceAdapter implements Retold {
    private static final String BODY = AsTyped.class.getName();

    /** Where a form keeps what is typed, beside the request itself. */
    private static final List<String> PLACES =
            List.of("", "/fields", "/readings", "/entries/fields", "/entries/readings");

    private static final int DIGITS = 5;
    private static final int SURE_DIGITS = 12;
    private static final double SAME = 1e-9;

    private final ObjectMapper mapper;

    AsTyped(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public boolean supports(
            MethodParameter parameter,
            Type target,
            Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type target,
            Class<? extends HttpMessageConverter<?>> converter) {
        var request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.setAttribute(BODY, body, RequestAttributes.SCOPE_REQUEST);
        }
        return body;
    }

    @Override
    public Problem apply(Problem problem) {
        var request = RequestContextHolder.getRequestAttributes();
        var body =
                request == null
                        ? null
                        : request.getAttribute(BODY, RequestAttributes.SCOPE_REQUEST);
        return body == null || problem.value() == null
                ? problem
                : typed(mapper.valueToTree(body), problem.component())
                        .map(t -> told(problem, t))
                        .orElse(problem);
    }

    /** What was typed at a field; empty where that is no number with a unit. */
    private static Optional<EnteredNumber> typed(JsonNode body, String component) {
        var path = "/" + component.replace("[", "/").replace("]", "").replace('.', '/');
        return PLACES.stream()
                .flatMap(
                        place ->
                                List.of(
                                        place + path,
                                        // A form names its fields with their dots.
                                        place + "/" + component)
                                        .stream())
                .distinct()
                .map(body::at)
                .filter(n -> n.path("text").isString() && n.path("unit").isString())
                .map(n -> new EnteredNumber(n.path("text").asString(), n.path("unit").asString()))
                .findFirst();
    }

    static Problem told(Problem p, EnteredNumber typed) {
        var unit = EntryUnit.ofCode(typed.unit()).orElse(null);
        var from = unit == null ? null : ofKind(p.unit(), unit);
        if (unit == null || from == null || unit == from || !isTyped(p, from, typed, unit)) {
            return p;
        }
        var low = limit(p.low(), from, unit, RoundingMode.CEILING);
        var high = limit(p.high(), from, unit, RoundingMode.FLOOR);
        boolean turned = unit.isReciprocal();
        return new Problem(
                p.component(),
                p.label(),
                typed.text(),
                unit.code(),
                turned ? limit(p.high(), from, unit, RoundingMode.CEILING) : low,
                turned ? limit(p.low(), from, unit, RoundingMode.FLOOR) : high,
                p.remedy());
    }

    /** False for a value that was worked out from what was typed: its range is no range of the field. */
    private static boolean isTyped(Problem p, EntryUnit from, EnteredNumber typed, EntryUnit unit) {
        try {
            double fault = from.canonical(Double.parseDouble(plain(String.valueOf(p.value()))));
            double entered = unit.canonical(Double.parseDouble(plain(typed.text())));
            return Math.abs(fault - entered) <= SAME * Math.max(1, Math.abs(entered));
        } catch (NumberFormatException none) {
            return false;
        }
    }

    private static String plain(String digits) {
        return digits.strip().replace('−', '-').replace(',', '.');
    }

    /** The unit a limit is told in, where it is of the kind that was typed; a tooth size in mm is a module. */
    private static @Nullable EntryUnit ofKind(String code, EntryUnit typed) {
        return EntryUnit.ofCode(code)
                .filter(u -> u.kind() == typed.kind())
                .or(
                        () ->
                                typed.kind() == EntryUnit.EntryKind.TOOTH_SIZE && code.equals("mm")
                                        ? Optional.of(EntryUnit.MODULE)
                                        : Optional.empty())
                .orElse(null);
    }

    /** Rounded towards what is allowed, so that the limit itself is. */
    private static @Nullable String limit(
            @Nullable String value, EntryUnit from, EntryUnit to, RoundingMode mode) {
        if (value == null) {
            return null;
        }
        double entered = to.entered(from.canonical(Double.parseDouble(plain(value))));
        return Double.isFinite(entered)
                ? BigDecimal.valueOf(entered)
                        // The last digits of a double are no part of a limit.
                        .round(new MathContext(SURE_DIGITS))
                        .round(new MathContext(DIGITS, mode))
                        .stripTrailingZeros()
                        .toPlainString()
                        .replace('-', '−')
                : null;
    }
}
