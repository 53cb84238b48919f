package app.yunque.server.sheet;

import app.yunque.measure.Gauge;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import app.yunque.server.instrument.InstrumentView;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The entries of a drawer, read against its fields: every fault is told at once, at its field, before any rule is asked.
 * What a drawer asks for but nobody entered is refused; what it does not ask for is passed over.
 */
public final class DrawerSheet {
    private static final int MOST_READINGS = 500;
    private static final int LONGEST_TEXT = 200;

    private final Map<String, Double> numbers = new HashMap<>();
    private final Map<String, String> choices = new HashMap<>();
    private final Map<String, List<Double>> readings = new HashMap<>();
    private final List<Field> fields;
    private final @Nullable InstrumentView instrument;

    private DrawerSheet(List<Field> fields, @Nullable InstrumentView instrument) {
        this.fields = fields;
        this.instrument = instrument;
    }

    /** @throws Refused naming every field that is missing or not what it should be */
    public static DrawerSheet read(
            List<Field> fields, DrawerEntries entries, @Nullable InstrumentView instrument) {
        var sheet = new DrawerSheet(fields, instrument);
        var faults = new Faults();
        for (var field : fields) {
            if (field.kind() == Field.Kind.CHOICE) {
                faults.gather(() -> sheet.readChoice(field, entries));
            }
        }
        for (var field : fields) {
            if (sheet.isAsked(field)) {
                faults.gather(() -> sheet.readNumber(field, entries));
            }
        }
        faults.throwIfAny();
        return sheet;
    }

    public boolean has(String name) {
        return numbers.containsKey(name);
    }

    public double number(String name) {
        var value = numbers.get(name);
        if (value == null) {
            throw Refused.because(name, "This is missing. Measure it and enter it.");
        }
        return value;
    }

    public Optional<Double> optional(String name) {
        return Optional.ofNullable(numbers.get(name));
    }

    public double orElse(String name, double otherwise) {
        return numbers.getOrDefault(name, otherwise);
    }

    public int count(String name) {
        return (int) number(name);
    }

    public Optional<Integer> optionalCount(String name) {
        return optional(name).map(Double::intValue);
    }

    public List<Double> readings(String name) {
        return readings.getOrDefault(name, List.of());
    }

    public String choice(String name) {
        return choices.getOrDefault(name, "");
    }

    public <E extends Enum<E>> E choice(String name, Class<E> type) {
        return Enum.valueOf(type, choice(name));
    }

    public boolean is(String name, String value) {
        return choice(name).equals(value);
    }

    public Gauge gauge() {
        return instrument == null
                ? Gauge.UNLISTED
                : new Gauge(instrument.resolutionMm(), instrument.maxErrorMm());
    }

    /**
     * Where the maker's figure stands, as a warning for the reader.
     *
     * @throws Refused when a maker's figure was entered without saying where it stands
     */
    public List<String> makersReference(String figure) {
        if (!has(figure)) {
            return List.of();
        }
        if (choice("makersReference").isBlank()) {
            throw Refused.because(
                    "makersReference",
                    "A maker's figure overrules: say where it stands, for example manual and page.");
        }
        return List.of("The maker's figure overrules: " + choice("makersReference") + ".");
    }

    /** What the instrument's card says against these readings. */
    public List<String> gaugeWarnings() {
        var told = new ArrayList<String>();
        if (instrument == null) {
            told.add(
                    "No instrument of the shop is chosen: a gauge of 0.01 mm, good to ± 0.01 mm, is assumed.");
        } else if (instrument.overdue()) {
            told.add(
                    "The calibration of %s was due on %s: its uncertainty cannot be relied on."
                            .formatted(instrument.name(), instrument.dueOn()));
        }
        return told;
    }

    /** @throws Refused when a reading lies outside what the instrument can read */
    public void refuseBeyondInstrument(String name) {
        if (instrument == null) {
            return;
        }
        for (double value : readings(name)) {
            if (value < instrument.lowMm() || value > instrument.highMm()) {
                throw Refused.because(
                        name,
                        "%s reads %s to %s mm; %s mm lies outside. Choose another instrument or check the unit."
                                .formatted(
                                        instrument.name(),
                                        PlainDigits.exact(instrument.lowMm()),
                                        PlainDigits.exact(instrument.highMm()),
                                        PlainDigits.rounded(value, 3)));
            }
        }
    }

    /** A field whose condition rests on a field that is not asked for is not asked for either. */
    private boolean isAsked(Field field) {
        var when = field.when();
        return when == null
                || when.values().contains(choice(when.field()))
                        && fields.stream()
                                .filter(f -> f.name().equals(when.field()))
                                .allMatch(this::isAsked);
    }

    private Object readChoice(Field field, DrawerEntries entries) {
        var given = entries.fields().get(field.name());
        var value = given == null || given.text().isBlank() ? field.start() : given.text();
        if (value.isBlank() && field.optional()) {
            return value;
        }
        if (value.isBlank()) {
            throw Refused.because(field.name(), field.label() + " is missing. Choose one.");
        }
        if (field.choices().stream().noneMatch(c -> c.value().equals(value))) {
            throw Refused.because(
                    field.name(),
                    "“" + value + "” cannot be chosen for " + lower(field.label()) + ".");
        }
        choices.put(field.name(), value);
        return value;
    }

    private Object readNumber(Field field, DrawerEntries entries) {
        return switch (field.kind()) {
            case CHOICE -> "";
            case TEXT -> readText(field, entries.fields().get(field.name()));
            case COUNT -> readCount(field, entries.fields().get(field.name()));
            case QUANTITY -> readQuantity(field, entries.fields().get(field.name()));
            case READINGS -> readReadings(field, entries.readings().get(field.name()));
        };
    }

    private Object readText(Field field, @Nullable EnteredNumber given) {
        var text = given == null ? "" : given.text().strip();
        if (text.length() > LONGEST_TEXT) {
            throw Refused.because(
                    field.name(),
                    "%s has %d characters; at most %d fit. Shorten it."
                            .formatted(field.label(), text.length(), LONGEST_TEXT));
        }
        if (text.isEmpty()) {
            missing(field);
        }
        choices.put(field.name(), text);
        return text;
    }

    private Object readCount(Field field, @Nullable EnteredNumber given) {
        if (isEmpty(given)) {
            return missing(field);
        }
        var text = given.text().strip();
        if (!text.matches("\\d{1,6}")) {
            throw Refused.because(
                    field.name(),
                    "“" + text + "” is not a whole number for " + lower(field.label()) + ".");
        }
        numbers.put(field.name(), Double.valueOf(text));
        return text;
    }

    private Object readQuantity(Field field, @Nullable EnteredNumber given) {
        if (isEmpty(given)) {
            return missing(field);
        }
        var read = EnteredNumber.read(given, field.name(), lower(field.label()), kind(field));
        if (field.units().contains("DP")
                && !(read.canonical() > 0 && Double.isFinite(read.canonical()))) {
            throw Refused.because(field.name(), "A tooth size must be above 0.");
        }
        numbers.put(field.name(), read.canonical());
        return read;
    }

    private Object readReadings(Field field, @Nullable List<EnteredNumber> given) {
        var values = new ArrayList<Double>();
        var faults = new Faults();
        if (given != null && given.size() > MOST_READINGS) {
            throw Refused.because(
                    field.name(),
                    given.size() + " readings are too many: at most " + MOST_READINGS + ".");
        }
        for (int i = 0; given != null && i < given.size(); i++) {
            int place = i;
            var read =
                    faults.gather(
                            () ->
                                    EnteredNumber.read(
                                            given.get(place),
                                            field.name() + "[" + place + "]",
                                            lower(field.label()) + " " + (place + 1),
                                            kind(field)));
            if (read != null) {
                values.add(read.canonical());
            }
        }
        faults.throwIfAny();
        if (values.isEmpty() && !field.optional()) {
            return missing(field);
        }
        readings.put(field.name(), values);
        return values;
    }

    private Object missing(Field field) {
        if (field.optional()) {
            return "";
        }
        throw new Refused(
                List.of(
                        new Problem(
                                field.name(),
                                lower(field.label()),
                                null,
                                "",
                                null,
                                null,
                                field.hint().isEmpty() ? "Enter it." : field.hint())));
    }

    private static boolean isEmpty(@Nullable EnteredNumber given) {
        return given == null || given.text().isBlank();
    }

    private static EntryUnit.EntryKind kind(Field field) {
        var code = field.units().isEmpty() ? "" : field.units().get(0);
        return EntryUnit.ofCode(code).orElseThrow().kind();
    }

    private static String lower(String label) {
        return label.substring(0, 1).toLowerCase(Locale.ROOT) + label.substring(1);
    }
}
