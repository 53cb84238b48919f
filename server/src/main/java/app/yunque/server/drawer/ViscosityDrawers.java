package app.yunque.server.drawer;

import app.yunque.lubricant.grade.ColdStart;
import app.yunque.lubricant.interval.ChangeInterval;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.lubricant.viscosity.OilBlend;
import app.yunque.lubricant.viscosity.SaeGearGrade;
import app.yunque.lubricant.viscosity.ViscosityIndex;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import app.yunque.server.problem.AtField;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.GearFields;
import app.yunque.server.sheet.OilFields;
import app.yunque.server.sheet.ViscosityChart;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How thick an oil is, cold and hot, alone and mixed. */
@Configuration
class ViscosityDrawers {

    @Bean
    Drawer viscosity() {
        return new Drawer(
                "viscosity",
                "Viscosity and temperature",
                "How thick an oil is cold and hot, its grade in every system, and whether it moves at the coldest start.",
                Section.OIL,
                Takes.NONE,
                GearFields.all(
                        OilFields.oil(),
                        List.of(
                                Field.quantity("sumpDegC", "Sump temperature", "60", "°C", "°F")
                                        .in(OilFields.BOX),
                                Field.quantity("startDegC", "Coldest start", "-5", "°C", "°F")
                                        .in(OilFields.BOX),
                                Field.choice(
                                                "feed",
                                                "Oil reaches the teeth by",
                                                "SPLASH",
                                                new Option("SPLASH", "splash"),
                                                new Option("PUMP", "a shaft-driven pump"))
                                        .in(OilFields.BOX),
                                Field.quantity("pourPointDegC", "Pour point", "", "°C", "°F")
                                        .mayBeEmpty()
                                        .in(OilFields.BOX),
                                Field.quantity(
                                                "wantedLeast",
                                                "Wanted in the sump, from mm²/s",
                                                "",
                                                "")
                                        .mayBeEmpty()
                                        .in(OilFields.BOX)
                                        .hinting("Drawn as a band on the chart."),
                                Field.quantity("wantedMost", "to mm²/s", "", "")
                                        .mayBeEmpty()
                                        .in(OilFields.BOX))),
                ViscosityDrawers::viscosity);
    }

    private static DrawerAnswer viscosity(DrawerSheet sheet) {
        var oil = OilFields.line(sheet);
        double at40 = oil.viscosityAt(40);
        double at100 = oil.viscosityAt(100);
        double sump = sheet.number("sumpDegC");
        Refused.ifAny(ChangeInterval.SUMP.judge(sump));
        var start =
                ColdStart.of(
                        oil,
                        OilFields.baseOf(sheet),
                        sheet.number("startDegC"),
                        sheet.choice("feed", ColdStart.Feed.class),
                        sheet.optional("pourPointDegC"));
        var holding = IsoViscosityGrade.holding(at40);
        var grade =
                holding.map(IsoViscosityGrade::words)
                        .orElse("no ISO grade, nearest " + IsoViscosityGrade.nearest(at40).words());
        var rows = new ArrayList<List<String>>();
        for (int t = -20; t <= 100; t += 20) {
            double v = oil.viscosityAt(t);
            rows.add(
                    List.of(
                            t + " °C",
                            PlainDigits.rounded(v, v < 100 ? 1 : 0),
                            PlainDigits.rounded(
                                    v * OilFields.baseOf(sheet).densityAt(t) / 1000,
                                    v < 100 ? 1 : 0)));
        }
        return DrawerAnswer.saying(
                        "%s mm²/s in the sump at %s °C. %s"
                                .formatted(
                                        PlainDigits.rounded(oil.viscosityAt(sump), 1),
                                        PlainDigits.exact(sump),
                                        start.sentence()))
                .verdict(start.verdict())
                .warn(tooHot(OilFields.baseOf(sheet), sump))
                .figure("in the sump", oil.viscosityAt(sump), "mm²/s", 1)
                .figure("at the coldest start", start.kinematic(), "mm²/s", 0)
                .figure("the same, dynamic", start.dynamic(), "mPa·s", 0)
                .figure("at 40 °C", at40, "mm²/s", 1)
                .figure("at 100 °C", at100, "mm²/s", 2)
                .figure("viscosity index", ViscosityIndex.of(at40, at100), "", 0)
                .words("ISO grade", grade)
                .words(
                        "SAE gear grade, hot side only",
                        SaeGearGrade.of(at100).map(SaeGearGrade::words).orElse("below SAE 80"))
                .table(List.of("temperature", "mm²/s", "mPa·s"), rows)
                .chart(
                        ViscosityChart.of(
                                "this oil",
                                oil,
                                ViscosityIndex.of(at40, at100),
                                sump,
                                sheet.number("startDegC"),
                                wanted(sheet)))
                .working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "log log (ν + 0.7) = A − B log T",
                                                "A = %s, B = %s"
                                                        .formatted(
                                                                PlainDigits.rounded(oil.a(), 5),
                                                                PlainDigits.rounded(oil.b(), 5)))),
                                "Walther, ASTM D341; index ASTM D2270; SAE J306, limits of 2005; all from memory",
                                List.of(
                                        "Below 0 °C the line is stretched beyond what was measured: a real oil may be thicker near its pour point.")))
                .build();
    }

    private static OilBlend.Part part(DrawerSheet sheet, String which) {
        return AtField.named(
                Map.of("litres", "litres" + which, "viscosityMm2PerS", "v" + which),
                () -> new OilBlend.Part(sheet.number("litres" + which), sheet.number("v" + which)));
    }

    private static List<String> tooHot(BaseOil base, double sumpDegC) {
        return sumpDegC <= base.limitDegC()
                ? List.of()
                : List.of(
                        "%s °C is above what %s oil bears in a sump, %s °C: it ages fast. Cool the box or take another base oil."
                                .formatted(
                                        PlainDigits.exact(sumpDegC),
                                        base.words(),
                                        PlainDigits.exact(base.limitDegC())));
    }

    private static double @Nullable [] wanted(DrawerSheet sheet) {
        var least = sheet.optional("wantedLeast");
        var most = sheet.optional("wantedMost");
        if (least.isEmpty() && most.isEmpty()) {
            return null;
        }
        if (least.isEmpty() || most.isEmpty()) {
            throw Refused.because(
                    least.isEmpty() ? "wantedLeast" : "wantedMost",
                    "A band has two ends. Enter this one too, or empty the other.");
        }
        if (least.get() <= 0 || most.get() <= least.get()) {
            throw Refused.because(
                    "wantedMost",
                    "The wanted viscosity runs from %s to %s mm²/s. Enter the thinner first, above 0."
                            .formatted(
                                    PlainDigits.exact(least.get()), PlainDigits.exact(most.get())));
        }
        return new double[] {least.get(), most.get()};
    }

    @Bean
    Drawer blend() {
        return new Drawer(
                "oil-blend",
                "Two oils mixed",
                "What a top-up with another grade makes of the oil in the box. Never the mean.",
                Section.OIL,
                Takes.NONE,
                List.of(
                        Field.quantity("litres1", "Oil in the box", "20", "L", "US qt")
                                .in("In the box"),
                        Field.quantity("v1", "its viscosity at 40 °C, mm²/s", "220", "")
                                .in("In the box"),
                        Field.quantity("litres2", "Topped up with", "5", "L", "US qt")
                                .in("Poured in"),
                        Field.quantity("v2", "its viscosity at 40 °C, mm²/s", "68", "")
                                .in("Poured in"),
                        Field.quantity("target", "Viscosity wanted, mm²/s", "", "")
                                .mayBeEmpty()
                                .in("Poured in")),
                sheet -> {
                    var parts = List.of(part(sheet, "1"), part(sheet, "2"));
                    double v = OilBlend.viscosity(parts);
                    var answer =
                            DrawerAnswer.saying(
                                            "The mixture has %s mm²/s at 40 °C: nearest %s."
                                                    .formatted(
                                                            PlainDigits.rounded(v, 1),
                                                            IsoViscosityGrade.nearest(v).words()))
                                    .figure("mixture at 40 °C", v, "mm²/s", 1);
                    sheet.optional("target")
                            .ifPresent(
                                    t -> {
                                        double share =
                                                OilBlend.shareOfFirst(
                                                        sheet.number("v1"), sheet.number("v2"), t);
                                        answer.figure(
                                                "for the wanted one, share of the first",
                                                100 * share,
                                                "%",
                                                1);
                                    });
                    return answer.warn(
                                    List.of(
                                            "Only for oils that may meet: see the drawer Does it go there?"))
                            .working(
                                    new Working(
                                            List.of(
                                                    Working.line(
                                                            "log log (ν + 0.7) mixes by volume",
                                                            PlainDigits.rounded(v, 3) + " mm²/s")),
                                            "Walther; family of ASTM D7152, from memory"))
                            .build();
                });
    }
}
