package app.yunque.server.sheet;

import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.LubricatedPlace;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.server.sheet.Field.Option;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** A lubricant, what it touches, and what speaks against it, as sheets ask and tell it. */
public final class LubricantFields {
    public static final String OLD = "What is still in it";
    private static final int THINGS = 4;

    private LubricantFields() {}

    public static List<Field> lubricant(String p, String group) {
        return List.of(
                OilFields.base(p + "base", "Base oil").in(group),
                Field.choice(
                                p + "additive",
                                "Against wear",
                                "MILD_EP",
                                Arrays.stream(Lubricant.Additive.values())
                                        .map(a -> new Option(a.name(), a.words()))
                                        .toArray(Option[]::new))
                        .in(group),
                Field.choice(
                                p + "thickener",
                                "It is",
                                "OIL",
                                Stream.concat(
                                                Stream.of(new Option("OIL", "an oil")),
                                                Arrays.stream(Thickener.values())
                                                        .map(
                                                                t ->
                                                                        new Option(
                                                                                t.name(),
                                                                                "a grease, "
                                                                                        + t
                                                                                                .words())))
                                        .toArray(Option[]::new))
                        .in(group),
                Field.choice(
                                p + "food",
                                "Food contact",
                                "NO",
                                new Option("NO", "not registered"),
                                new Option("YES", "registered, H1"))
                        .in(group));
    }

    public static Lubricant read(DrawerSheet sheet, String p) {
        boolean oil = sheet.is(p + "thickener", "OIL");
        return new Lubricant(
                sheet.choice(p + "base", BaseOil.class),
                sheet.choice(p + "additive", Lubricant.Additive.class),
                oil
                        ? Optional.empty()
                        : Optional.of(sheet.choice(p + "thickener", Thickener.class)),
                oil ? Optional.empty() : Optional.of(2),
                220,
                sheet.is(p + "food", "YES"),
                false);
    }

    /** What a lubricant touches there. */
    public static List<Field> touching() {
        var fields = new ArrayList<Field>();
        for (int i = 1; i <= THINGS; i++) {
            fields.add(
                    choice(
                            "meets" + i,
                            i == 1 ? "It meets" : "and",
                            Stream.concat(
                                    Stream.of(new Option("NOTHING", "–")),
                                    Arrays.stream(LubricatedPlace.Thing.values())
                                            .map(t -> new Option(t.name(), t.words())))));
        }
        fields.add(
                choice(
                                "seal",
                                "Seals of",
                                Arrays.stream(LubricatedPlace.Seal.values())
                                        .map(s -> new Option(s.name(), s.name())))
                        .hinting("Not known: taken as NBR."));
        fields.add(
                choice(
                        "plastic",
                        "Plastic parts",
                        Stream.of(
                                new Option("NONE", "none"),
                                new Option("NYLON", "nylon"),
                                new Option("ACETAL", "acetal"),
                                new Option("CLEAR_PLASTIC", "clear plastic, ABS"),
                                new Option("POLYETHYLENE", "polyethylene, polypropylene"),
                                new Option("FIBRE", "fibre or laminate"))));
        return fields;
    }

    /** The things named on a sheet. */
    public static Set<LubricatedPlace.Thing> touched(DrawerSheet sheet) {
        var touched = EnumSet.noneOf(LubricatedPlace.Thing.class);
        for (int i = 1; i <= THINGS; i++) {
            if (!sheet.is("meets" + i, "NOTHING")) {
                touched.add(sheet.choice("meets" + i, LubricatedPlace.Thing.class));
            }
        }
        return touched;
    }

    public static String words(Compatibility.Weight weight) {
        return switch (weight) {
            case FORBIDS -> "forbids";
            case WARNS -> "warns";
            case INFORMS -> "to know";
        };
    }

    /** Findings against a lubricant at a place, as the rows of a table. */
    public static DrawerAnswer.Table findings(Compatibility told) {
        return new DrawerAnswer.Table(
                "What speaks against it",
                List.of("what", "weight", "why", "instead"),
                told.findings().stream()
                        .map(f -> List.of(f.rule(), words(f.weight()), f.reason(), f.instead()))
                        .toList());
    }

    private static Field choice(String name, String label, Stream<Option> options) {
        var all = options.toArray(Option[]::new);
        return Field.choice(name, label, all[0].value(), all);
    }
}
