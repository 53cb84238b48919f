package app.yunque.server.place;

import app.yunque.lubricant.condition.WearMetal;
import app.yunque.measure.Refused;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.server.sheet.DrawerEntries;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The figures of an oil sample that can be followed over the years. */
public final class SampleFigures {
    private SampleFigures() {}

    /** Name of the field of a metal. */
    public static String field(WearMetal metal) {
        return metal.name().toLowerCase(Locale.ROOT);
    }

    /** Name of the list of its earlier values. */
    public static String earlier(WearMetal metal) {
        var field = field(metal);
        return "earlier" + field.substring(0, 1).toUpperCase(Locale.ROOT) + field.substring(1);
    }

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

    /** Every figure, in the order of the sheet. */
    public static List<Figure> all(WearMetal.Box box) {
        return Stream.concat(
                        Stream.of(
                                new Figure("Water", "ppm", "waterPpm", 500, 2000),
                                new Figure("Acid number over new", "mg KOH/g", "acidRise", 0.5, 1)),
                        Stream.of(WearMetal.values()).map(m -> of(m, m.limits(box))))
                .toList();
    }

    public static boolean isMetal(Figure figure) {
        return Stream.of(WearMetal.values()).anyMatch(m -> field(m).equals(figure.field()));
    }

    private static Figure of(WearMetal metal, WearMetal.Limits limits) {
        return new Figure(metal.label(), "ppm", field(metal), limits.watch(), limits.act());
    }
}
