package app.yunque.server.place;

import app.yunque.lubricant.condition.OilCondition;
import app.yunque.lubricant.condition.WearMetal;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.GearFields;
import app.yunque.server.sheet.OilFields;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What oil says that came out. */
@Configuration
class SampleDrawer {
    private static List<Field> metals() {
        return Stream.of(WearMetal.values())
                .flatMap(
                        m ->
                                Stream.of(
                                        Field.quantity(
                                                        SampleFigures.field(m),
                                                        m.label() + ", ppm",
                                                        "",
                                                        "")
                                                .mayBeEmpty()
                                                .in("Metals"),
                                        Field.readings(
                                                        SampleFigures.earlier(m),
                                                        m.label() + " of an earlier sample, ppm",
                                                        "")
                                                .mayBeEmpty()
                                                .in(EARLIER)))
                .toList();
    }

    /** What a sample says, as the drawer and a place's series tell it. */
    static DrawerAnswer answer(DrawerEntries entries) {
        return condition(DrawerSheet.read(fields(), entries, null));
    }

    private static final String EARLIER = "Earlier samples of this box and oil";

    @Bean
    Drawer condition() {
        return new Drawer(
                "oil-sample",
                "What the used oil says",
                "Viscosity, water, acid, particles and metals of a sample against limits and its own history.",
                Section.OIL,
                Takes.NONE,
                fields(),
                Set.of(EARLIER),
                SampleDrawer::condition);
    }

    private static List<Field> fields() {
        return GearFields.all(
                List.of(
                        OilFields.base("base", "Base oil").in(OilFields.OIL),
                        Field.choice(
                                        "box",
                                        "In the box turn",
                                        WearMetal.Box.STEEL_GEARS.name(),
                                        Stream.of(WearMetal.Box.values())
                                                .map(b -> new Option(b.name(), b.words()))
                                                .toArray(Option[]::new))
                                .in(OilFields.OIL),
                        Field.quantity("fresh", "New oil at 40 °C, mm²/s", "224", "")
                                .in(OilFields.OIL),
                        Field.quantity("used", "Used oil at 40 °C, mm²/s", "", "")
                                .mayBeEmpty()
                                .in(OilFields.OIL),
                        Field.quantity("waterPpm", "Water, ppm", "", "")
                                .mayBeEmpty()
                                .in(OilFields.OIL),
                        Field.quantity("acidRise", "Acid number over new", "", "")
                                .mayBeEmpty()
                                .in(OilFields.OIL),
                        Field.quantity("count4", "Particles from 4 µm a mL", "", "")
                                .mayBeEmpty()
                                .in("Particles"),
                        Field.quantity("count6", "from 6 µm", "", "").mayBeEmpty().in("Particles"),
                        Field.quantity("count14", "from 14 µm", "", "")
                                .mayBeEmpty()
                                .in("Particles")),
                metals());
    }

    private static DrawerAnswer condition(DrawerSheet sheet) {
        var found = new ArrayList<OilCondition.Finding>();
        sheet.optional("used")
                .ifPresent(v -> found.add(OilCondition.viscosity(v, sheet.number("fresh"))));
        sheet.optional("waterPpm")
                .ifPresent(v -> found.add(OilCondition.water(v, OilFields.baseOf(sheet))));
        sheet.optional("acidRise").ifPresent(v -> found.add(OilCondition.acid(v)));
        var box = sheet.choice("box", WearMetal.Box.class);
        var high = EnumSet.noneOf(WearMetal.class);
        for (var metal : WearMetal.values()) {
            sheet.optional(SampleFigures.field(metal))
                    .map(
                            ppm ->
                                    OilCondition.metal(
                                            metal,
                                            ppm,
                                            sheet.readings(SampleFigures.earlier(metal)),
                                            box))
                    .ifPresent(
                            f -> {
                                found.add(f);
                                if (!f.verdict().isPass()) {
                                    high.add(metal);
                                }
                            });
        }
        if (sheet.has("count4")) {
            found.add(
                    OilCondition.particles(
                            sheet.number("count4"),
                            sheet.orElse("count6", Double.NaN),
                            sheet.orElse("count14", Double.NaN)));
        }
        if (found.isEmpty()) {
            throw Refused.because(
                    "used",
                    "Nothing of the sample is entered yet. Enter what the laboratory gave.");
        }
        var parts = OilCondition.parts(high, isHigh(found, "water"));
        var rows = found.stream().map(f -> List.of(f.what(), f.state(), f.sentence())).toList();
        var together = OilCondition.ofSample(found);
        var answer =
                DrawerAnswer.saying(together.sentence())
                        .verdict(together.verdict())
                        .table(List.of("what", "state", "in words"), rows)
                        .warn(parts);
        return answer.working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "metals: mean + 2 σ watched, + 3 σ alarm, from five samples on",
                                                "otherwise fixed limits")),
                                "ISO 4406, from memory; limits common practice, no source",
                                List.of(
                                        "Compare with the new oil of the same batch, not with the grade's middle.",
                                        "Bronze tints oil gold-brown or green without grit: normal.")))
                .build();
    }

    private static boolean isHigh(List<OilCondition.Finding> found, String what) {
        return found.stream().anyMatch(f -> f.what().equals(what) && !f.verdict().isPass());
    }

    @Bean
    Drawer drained() {
        return new Drawer(
                "drained-oil",
                "Oil that was drained",
                "Amount against the fill, look, magnet and specks: a leak, water, or a part that wears.",
                Section.OIL,
                Takes.NONE,
                DrainedOil.fields(),
                sheet -> new DrainedOil(sheet).answer());
    }
}
