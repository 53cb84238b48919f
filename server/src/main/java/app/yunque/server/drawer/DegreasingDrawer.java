package app.yunque.server.drawer;

import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.compatibility.Degreasing;
import app.yunque.measure.Working;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.LubricantFields;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What parts may be washed in. */
@Configuration
class DegreasingDrawer {
    private static final int MATERIALS = 4;

    @Bean
    Drawer degreasing() {
        return new Drawer(
                "degreasing",
                "May it be washed in that?",
                "A cleaner against plastics, metals, seals and linings, and what burns.",
                Section.GREASE,
                Takes.NONE,
                Stream.concat(
                                Stream.of(
                                        Field.choice(
                                                "cleaner",
                                                "Washed in",
                                                Degreasing.Cleaner.DETERGENT.name(),
                                                Arrays.stream(Degreasing.Cleaner.values())
                                                        .map(c -> new Option(c.name(), c.words()))
                                                        .toArray(Option[]::new))),
                                IntStream.rangeClosed(1, MATERIALS)
                                        .mapToObj(DegreasingDrawer::material))
                        .map(f -> f.in("Washing"))
                        .toList(),
                DegreasingDrawer::answer);
    }

    private static Field material(int which) {
        return Field.choice(
                "of" + which,
                which == 1 ? "The part is of" : "and",
                which == 1 ? Degreasing.Material.STEEL.name() : "NOTHING",
                Stream.concat(
                                Stream.of(new Option("NOTHING", "–")),
                                Arrays.stream(Degreasing.Material.values())
                                        .map(m -> new Option(m.name(), m.words())))
                        .toArray(Option[]::new));
    }

    private static DrawerAnswer answer(DrawerSheet sheet) {
        var materials = EnumSet.noneOf(Degreasing.Material.class);
        for (int i = 1; i <= MATERIALS; i++) {
            if (!sheet.is("of" + i, "NOTHING")) {
                materials.add(sheet.choice("of" + i, Degreasing.Material.class));
            }
        }
        var told =
                new Compatibility(
                        Degreasing.of(
                                sheet.choice("cleaner", Degreasing.Cleaner.class), materials));
        return DrawerAnswer.saying(
                        told.verdict().isPass()
                                ? "It may. Dry it fully."
                                : told.findings().get(0).reason()
                                        + " "
                                        + told.findings().get(0).instead())
                .verdict(told.verdict())
                .table(LubricantFields.findings(told))
                .working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "every rule is asked, the worst stands first",
                                                told.findings().size() + " findings")),
                                "common practice, no source",
                                List.of(
                                        "Oil-soaked rags go into a closed metal bin: some heat themselves.",
                                        "Never blow a bearing up to speed with air.")))
                .build();
    }
}
