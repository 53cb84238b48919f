package app.yunque.server.drawer;

import app.yunque.lubricant.BaseOil;
import app.yunque.lubricant.Compatibility;
import app.yunque.lubricant.IsoViscosityGrade;
import app.yunque.lubricant.Lubricant;
import app.yunque.lubricant.LubricatedPlace;
import app.yunque.lubricant.ShelfChoice;
import app.yunque.lubricant.Thickener;
import app.yunque.measure.Working;
import app.yunque.server.drawer.Drawer.Section;
import app.yunque.server.drawer.Drawer.Takes;
import app.yunque.server.drawer.Field.Option;
import app.yunque.server.store.StoreService;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What may go where. */
@Configuration
class CompatibilityDrawer {
    private static final String NEW = "The lubricant";
    static final String OLD = "What is still in it";
    private static final String PLACE = "The place";

    private final StoreService store;

    CompatibilityDrawer(StoreService store) {
        this.store = store;
    }

    @Bean
    Drawer compatibility() {
        var fields = new ArrayList<Field>();
        fields.addAll(lubricant("", NEW));
        fields.add(
                Field.quantity("wantedAt40", "Wanted at 40 °C, mm²/s", "", "")
                        .mayBeEmpty()
                        .hinting("Of what stands on the shelf. Empty: any grade.")
                        .in(NEW));
        fields.add(
                Field.choice(
                                "old",
                                "Old lubricant",
                                "NO",
                                new Option("NO", "none, or not known"),
                                new Option("YES", "known"))
                        .in(OLD));
        lubricant("old.", OLD)
                .forEach(f -> fields.add(f.when() == null ? f.onlyWhen("old", "YES") : f));
        fields.add(
                Field.quantity("old.sharePercent", "Share left after draining", "7", "%")
                        .onlyWhen("old", "YES")
                        .in(OLD));
        PlaceFields.touching().forEach(f -> fields.add(f.in(PLACE)));
        fields.add(Field.quantity("sumpDegC", "Working temperature", "60", "°C", "°F").in(PLACE));
        fields.add(Field.quantity("velocity", "Pitch-line velocity, m/s", "2", "").in(PLACE));
        return new Drawer(
                "does-it-go-there",
                "Does it go there?",
                "A lubricant against bronze, clutches, seals, plastics, paint, water and what is left of the old one.",
                Section.GREASE,
                Takes.NONE,
                List.copyOf(fields),
                this::compatibility);
    }

    static List<Field> lubricant(String p, String group) {
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

    static Lubricant read(DrawerSheet sheet, String p) {
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

    private DrawerAnswer compatibility(DrawerSheet sheet) {
        var meets = PlaceFields.touched(sheet);
        var place =
                new LubricatedPlace(
                        meets,
                        sheet.choice("seal", LubricatedPlace.Seal.class),
                        sheet.choice("plastic", LubricatedPlace.Plastic.class),
                        sheet.number("sumpDegC"),
                        sheet.number("velocity"));
        var remains =
                sheet.is("old", "YES")
                        ? Optional.of(
                                new Compatibility.Remains(
                                        read(sheet, "old."),
                                        sheet.number("old.sharePercent") / 100))
                        : Optional.<Compatibility.Remains>empty();
        var asked = read(sheet, "");
        var told = Compatibility.of(asked, place, remains);
        var wanted = sheet.optional("wantedAt40");
        var shelf =
                ShelfChoice.of(
                        OnTheShelf.cans(store.all(), asked.isGrease()),
                        l -> isWanted(l, wanted),
                        place,
                        Optional.empty(),
                        remains,
                        Optional.empty(),
                        "that kind and grade");
        return DrawerAnswer.saying(
                        told.findings().isEmpty()
                                ? "Nothing stands against it. The plate and the maker's list come first."
                                : told.findings().get(0).reason()
                                        + " "
                                        + told.findings().get(0).instead())
                .verdict(told.verdict())
                .table(
                        List.of("what", "weight", "why", "instead"),
                        told.findings().stream()
                                .map(
                                        f ->
                                                List.of(
                                                        f.rule(),
                                                        words(f.weight()),
                                                        f.reason(),
                                                        f.instead()))
                                .toList())
                .shelf(OnTheShelf.of(shelf, null))
                .warn(shelf.proposed().isPresent() ? List.of() : List.of(shelf.sentence()))
                .working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "every rule is asked, the worst stands first",
                                                told.findings().size() + " findings")),
                                "common practice, no source; thickener chart widely reprinted, charts differ",
                                List.of(
                                        "Order: plate, the shop's own good experience on this machine, this table, then stop and ask.")))
                .build();
    }

    private static boolean isWanted(Lubricant lubricant, Optional<Double> wantedAt40) {
        return wantedAt40
                .map(
                        v ->
                                IsoViscosityGrade.nearest(v)
                                        == IsoViscosityGrade.nearest(lubricant.viscosity()))
                .orElse(true);
    }

    static String words(Compatibility.Weight weight) {
        return switch (weight) {
            case FORBIDS -> "forbids";
            case WARNS -> "warns";
            case INFORMS -> "to know";
        };
    }
}
