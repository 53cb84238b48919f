package app.yunque.server.drawer;

import app.yunque.lubricant.AgmaNumber;
import app.yunque.lubricant.OilCondition;
import app.yunque.lubricant.PlateText;
import app.yunque.lubricant.WearMetal;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import app.yunque.server.drawer.Drawer.Section;
import app.yunque.server.drawer.Drawer.Takes;
import app.yunque.server.drawer.Field.Option;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What oil says that came out. */
@Configuration
class SampleDrawers {
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

    private static final String EARLIER = "Earlier samples of this box and oil";

    @Bean
    Drawer condition() {
        return new Drawer(
                "oil-sample",
                "What the used oil says",
                "Viscosity, water, acid, particles and metals of a sample against limits and its own history.",
                Section.OIL,
                Takes.NONE,
                GearFields.all(
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
                                Field.quantity("count6", "from 6 µm", "", "")
                                        .mayBeEmpty()
                                        .in("Particles"),
                                Field.quantity("count14", "from 14 µm", "", "")
                                        .mayBeEmpty()
                                        .in("Particles")),
                        metals()),
                Set.of(EARLIER),
                SampleDrawers::condition);
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

    @Bean
    Drawer plate() {
        return new Drawer(
                "plate",
                "What the plate says",
                "Letters and numbers of a plate or a can: ISO VG, AGMA, SAE, Saybolt, Engler, type letters of oils and greases.",
                Section.OIL,
                Takes.NONE,
                List.of(Field.text("plate", "As it is written").starting("CLP PG 460").in("Plate")),
                SampleDrawers::plate);
    }

    private static DrawerAnswer plate(DrawerSheet sheet) {
        var read = PlateText.read(sheet.choice("plate"));
        var answer = DrawerAnswer.saying(String.join("; ", read.understood()) + ".");
        read.viscosityAt40().ifPresent(v -> answer.figure("at 40 °C", v, "mm²/s", 1));
        read.grade()
                .ifPresent(
                        g ->
                                answer.words("nearest ISO grade", g.words())
                                        .words(
                                                "AGMA number",
                                                AgmaNumber.numberOf(g).orElse("none")));
        read.base().ifPresent(b -> answer.words("base oil", b.words()));
        read.additive().ifPresent(a -> answer.words("against wear", a.words()));
        return answer.working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "letters and numbers",
                                                String.join("; ", read.understood()))),
                                "ISO 3448, ISO 6743-6 and -9, DIN 51502, 51517, 51825, AGMA 9005-D94, SAE J306 of 2005; from memory",
                                List.of(
                                        "A product's name says nothing: ISO VG, type letters and base oil stand on the can or its data sheet.")))
                .build();
    }
}
