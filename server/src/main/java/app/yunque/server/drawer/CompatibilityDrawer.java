package app.yunque.server.drawer;

import app.yunque.lubricant.PlaceJudgement;
import app.yunque.lubricant.Purchase;
import app.yunque.lubricant.ShelfChoice;
import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.LubricatedPlace;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.measure.Working;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.LubricantFields;
import app.yunque.server.sheet.OnTheShelf;
import app.yunque.server.store.StoreService;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What may go where. */
@Configuration
class CompatibilityDrawer {
    private static final String NEW = "The lubricant";
    private static final String PLACE = "The place";

    private final StoreService store;

    CompatibilityDrawer(StoreService store) {
        this.store = store;
    }

    @Bean
    Drawer compatibility() {
        var fields = new ArrayList<Field>();
        fields.addAll(LubricantFields.lubricant("", NEW));
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
                        .in(LubricantFields.OLD));
        LubricantFields.lubricant("old.", LubricantFields.OLD)
                .forEach(f -> fields.add(f.when() == null ? f.onlyWhen("old", "YES") : f));
        fields.add(
                Field.quantity("old.sharePercent", "Share left after draining", "7", "%")
                        .onlyWhen("old", "YES")
                        .in(LubricantFields.OLD));
        LubricantFields.touching().forEach(f -> fields.add(f.in(PLACE)));
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

    private DrawerAnswer compatibility(DrawerSheet sheet) {
        var meets = LubricantFields.touched(sheet);
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
                                        LubricantFields.read(sheet, "old."),
                                        sheet.number("old.sharePercent") / 100))
                        : Optional.<Compatibility.Remains>empty();
        var asked = LubricantFields.read(sheet, "");
        var told = Compatibility.of(asked, place, remains);
        var wanted = sheet.optional("wantedAt40");
        var shelf =
                ShelfChoice.of(
                        OnTheShelf.cans(store.all(), asked.isGrease()),
                        l -> isWanted(l, wanted),
                        new PlaceJudgement(place, Optional.empty(), Optional.empty(), remains),
                        Optional.empty(),
                        Purchase.said("that kind and grade"));
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
                                                        LubricantFields.words(f.weight()),
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
}
