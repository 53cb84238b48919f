package app.yunque.server.drawer;

import app.yunque.measure.Refused;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The figures of an oil sample that can be followed over the years. */
public final class SampleFigures {
    private SampleFigures() {}

    /**
     * A wear metal with the limits for a box without a history. Common practice, no source.
     *
     * @param field name of its field
     * @param label without its unit
     * @param warn  watched from (ppm)
     * @param act   acted on from (ppm)
     */
    public record Metal(String field, String label, double warn, double act) {
        public String earlier() {
            return "earlier" + field.substring(0, 1).toUpperCase(Locale.ROOT) + field.substring(1);
        }
    }

    private static final List<Metal> METALS =
            List.of(
                    new Metal("iron", "Iron", 100, 200),
                    new Metal("copper", "Copper", 50, 100),
                    new Metal("tin", "Tin", 10, 20),
                    new Metal("chromium", "Chromium", 5, 10),
                    new Metal("aluminium", "Aluminium", 15, 25),
                    new Metal("silicon", "Silicon over new", 20, 40),
                    new Metal("lead", "Lead", 20, 40));

    /**
     * One figure.
     *
     * @param name  in words
     * @param unit  its unit
     * @param field name of its field
     * @param watch watched from
     * @param act   acted on from
     */
    public record Figure(String name, String unit, String field, double watch, double act) {
        /** What a sample says of it; empty when it was not measured. */
        public Optional<Double> of(DrawerEntries entries) {
            var given = entries.fields().get(field);
            if (given == null || given.text().isBlank()) {
                return Optional.empty();
            }
            try {
                return Optional.of(
                        EnteredNumber.read(given, field, name, EntryKind.NUMBER).canonical());
            } catch (Refused unreadable) {
                return Optional.empty();
            }
        }
    }

    public static List<Metal> metals() {
        return METALS;
    }

    /** Every figure, in the order of the sheet. */
    public static List<Figure> all() {
        return Stream.concat(
                        Stream.of(
                                new Figure("Water", "ppm", "waterPpm", 500, 2000),
                                new Figure("Acid number over new", "mg KOH/g", "acidRise", 0.5, 1)),
                        METALS.stream()
                                .map(
                                        m ->
                                                new Figure(
                                                        m.label(), "ppm", m.field(), m.warn(),
                                                        m.act())))
                .toList();
    }
}
