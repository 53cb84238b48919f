package app.yunque.server.rule;

import app.yunque.measure.Asks;
import app.yunque.measure.Range;
import app.yunque.server.api.RangeConstants;
import app.yunque.server.quantity.EntryUnit;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import java.lang.reflect.AnnotatedElement;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The form of a rule, read off the values it takes: a number of a range with its units, a word, a choice, a yes or no; a record of several values stands under a heading
 * of its own, a list of records as a list for each of its values. And the way back: what was entered, as the input of the rule.
 */
public final class RuleFields {
    /** Units a mechanic may enter a quantity in, by the unit the rule takes. */
    private static final Map<String, List<String>> UNITS =
            Map.ofEntries(
                    Map.entry("mm", List.of("mm", "in", "thou")),
                    Map.entry("µm", List.of("µm", "mm", "thou")),
                    Map.entry("N·m", List.of("N·m", "lbf·ft", "lbf·in")),
                    Map.entry("N", List.of("N", "lbf", "kgf")),
                    Map.entry("kN", List.of("kN", "N", "lbf")),
                    Map.entry("MPa", List.of("MPa", "ksi")),
                    Map.entry("°C", List.of("°C", "°F")),
                    Map.entry("degrees", List.of("°")),
                    Map.entry("K", List.of("K")),
                    Map.entry("%", List.of("%")),
                    Map.entry("min⁻¹", List.of("min⁻¹")));

    private static final String YES = "YES";
    private static final String NO = "NO";
    private static final Pattern UNCERTAINTY = Pattern.compile(".*[uU]ncertainty[MU]m");
    private static final double WHOLE = 1e-6;

    /**
     * One value of the form.
     *
     * @param path   of it in the input: "joint.diameterMm"
     * @param type   as the rule takes it
     * @param unit   unit the rule takes it in; empty where it has none
     * @param isList true for a list of it
     * @param field  how it is asked for
     */
    private record Entry(String path, Class<?> type, String unit, boolean isList, Field field) {}

    private final Rule rule;
    private final List<Entry> entries = new ArrayList<>();

    private RuleFields(Rule rule) {
        this.rule = rule;
        var ranges = new HashMap<>(RangeConstants.of(rule.method().getDeclaringClass()));
        for (var parameter : rule.parameters()) {
            add(
                    "",
                    parameter.getName(),
                    parameter.getParameterizedType(),
                    parameter,
                    Rule.mayBeLeftOut(parameter),
                    "",
                    ranges);
        }
    }

    public static RuleFields of(Rule rule) {
        return new RuleFields(rule);
    }

    public List<Field> fields() {
        return entries.stream().map(Entry::field).toList();
    }

    /** True where the rule takes the uncertainty of a reading, which the instrument knows. */
    public boolean takesAnInstrument() {
        return entries.stream().anyMatch(RuleFields::isUncertainty);
    }

    /** True where an uncertainty was left to the instrument. */
    public boolean leansOnTheInstrument(DrawerSheet sheet) {
        return entries.stream().anyMatch(e -> isUncertainty(e) && !sheet.has(e.path));
    }

    private static boolean isUncertainty(Entry entry) {
        return UNCERTAINTY.matcher(entry.path).matches();
    }

    private void add(
            String prefix,
            String name,
            Type type,
            AnnotatedElement told,
            boolean optional,
            String heading,
            Map<String, Range> ranges) {
        var path = prefix + name;
        if (type instanceof ParameterizedType generic && generic.getRawType() == Optional.class) {
            add(prefix, name, generic.getActualTypeArguments()[0], told, true, heading, ranges);
            return;
        }
        boolean isList =
                type instanceof ParameterizedType generic && generic.getRawType() == List.class;
        var raw =
                (Class<?>) (isList ? ((ParameterizedType) type).getActualTypeArguments()[0] : type);
        var asks = told.getAnnotation(Asks.class);
        if (raw.isRecord()) {
            var inside = new HashMap<>(RangeConstants.of(raw));
            ranges.forEach(inside::putIfAbsent);
            if (raw.getEnclosingClass() != null) {
                RangeConstants.of(raw.getEnclosingClass()).forEach(inside::putIfAbsent);
            }
            for (var component : raw.getRecordComponents()) {
                add(
                        path + ".",
                        component.getName(),
                        isList ? listOf(component) : component.getGenericType(),
                        component,
                        optional || mayBeLeftOut(component),
                        asks == null ? heading : capital(asks.value()),
                        inside);
            }
            return;
        }
        var range = ranges.get(name);
        var unit = range == null ? UnitByName.of(name) : range.unit();
        var field =
                field(
                                path,
                                label(path, asks, range, unit),
                                raw,
                                unit,
                                range != null && range.whole(),
                                isList)
                        .hinting(asks == null ? "" : asks.hint())
                        .in(heading);
        if (UNCERTAINTY.matcher(path).matches()) {
            field = field.mayBeEmpty().hinting("Left empty, the instrument’s.");
        }
        entries.add(new Entry(path, raw, unit, isList, optional ? field.mayBeEmpty() : field));
    }

    private static boolean mayBeLeftOut(RecordComponent component) {
        return component.getType() == Optional.class
                || component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    private static Type listOf(RecordComponent component) {
        return new ParameterizedType() {
            @Override
            public Type[] getActualTypeArguments() {
                return new Type[] {component.getType()};
            }

            @Override
            public Type getRawType() {
                return List.class;
            }

            @Override
            public @Nullable Type getOwnerType() {
                return null;
            }
        };
    }

    private String label(String path, @Nullable Asks asks, @Nullable Range range, String unit) {
        if (asks == null && range == null) {
            throw new IllegalStateException(
                    "Impossible: nothing says what " + rule.at() + " asks for by " + path);
        }
        var words = asks != null ? asks.value() : range.label();
        var sized = unit.isEmpty() || UNITS.containsKey(unit) ? words : words + ", " + unit;
        return capital(sized);
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static Field field(
            String path, String label, Class<?> raw, String unit, boolean whole, boolean isList) {
        if (isList) {
            return Field.readings(path, label, units(unit));
        }
        if (raw == boolean.class) {
            return Field.choice(path, label, "", new Option(NO, "no"), new Option(YES, "yes"));
        }
        if (raw.isEnum()) {
            return Field.choice(
                    path,
                    label,
                    "",
                    Arrays.stream(raw.getEnumConstants())
                            .map(c -> new Option(((Enum<?>) c).name(), words(c)))
                            .toArray(Option[]::new));
        }
        if (raw == String.class) {
            return Field.text(path, label).needed();
        }
        return raw == int.class || whole
                ? Field.count(path, label, "")
                : Field.quantity(path, label, "", units(unit));
    }

    private static String[] units(String unit) {
        return UNITS.getOrDefault(unit, List.of("")).toArray(String[]::new);
    }

    private static String words(Object constant) {
        try {
            return (String) constant.getClass().getMethod("words").invoke(constant);
        } catch (ReflectiveOperationException none) {
            // Names that are words already: a clearance group is called C3.
            return constant.toString();
        }
    }

    /** What was entered, as the input of the rule. */
    public ObjectNode input(DrawerSheet sheet, JsonMapper json) {
        var input = json.createObjectNode();
        for (var entry : entries) {
            var steps = entry.path.split("\\.");
            if (entry.isList && steps.length > 1) {
                putInto(list(input, steps[0]), steps[1], sheet.readings(entry.path), entry);
            } else {
                put(input, steps, sheet, entry);
            }
        }
        return input;
    }

    private static ArrayNode list(ObjectNode input, String name) {
        return input.get(name) instanceof ArrayNode there ? there : input.putArray(name);
    }

    private static void putInto(ArrayNode list, String name, List<Double> values, Entry entry) {
        for (int i = 0; i < values.size(); i++) {
            var one = i < list.size() ? (ObjectNode) list.get(i) : list.addObject();
            number(one, name, values.get(i), entry);
        }
    }

    private static void put(ObjectNode input, String[] steps, DrawerSheet sheet, Entry entry) {
        if (isLeftOut(sheet, entry)) {
            return;
        }
        var at = input;
        for (int i = 0; i < steps.length - 1; i++) {
            at = at.get(steps[i]) instanceof ObjectNode there ? there : at.putObject(steps[i]);
        }
        var name = steps[steps.length - 1];
        if (entry.isList) {
            var list = at.putArray(name);
            sheet.readings(entry.path).forEach(v -> list.add(v * scale(entry.unit)));
        } else if (isUncertainty(entry) && !sheet.has(entry.path)) {
            at.put(name, sheet.gauge().expandedUncertaintyMm() * scale(entry.unit));
        } else if (entry.type == boolean.class) {
            at.put(name, sheet.is(entry.path, YES));
        } else if (entry.type.isEnum() || entry.type == String.class) {
            at.put(name, sheet.choice(entry.path));
        } else {
            number(at, name, sheet.number(entry.path), entry);
        }
    }

    private static boolean isLeftOut(DrawerSheet sheet, Entry entry) {
        if (entry.isList || isUncertainty(entry)) {
            return false;
        }
        return entry.type == String.class || entry.type.isEnum() || entry.type == boolean.class
                ? sheet.choice(entry.path).isBlank()
                : !sheet.has(entry.path);
    }

    private static void number(ObjectNode at, String name, double value, Entry entry) {
        double scaled = value * scale(entry.unit);
        // A fraction of what is counted goes on as it is, so that the rule refuses it.
        if (entry.type == int.class && Math.abs(scaled - Math.rint(scaled)) < WHOLE) {
            at.put(name, Math.round(scaled));
        } else {
            at.put(name, scaled);
        }
    }

    /** From the canonical unit of what is entered to the unit of the rule: mm to µm, N to kN. */
    private static double scale(String unit) {
        return EntryUnit.ofCode(unit).map(u -> 1 / u.inCanonical()).orElse(1.0);
    }
}
