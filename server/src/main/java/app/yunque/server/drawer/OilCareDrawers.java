package app.yunque.server.drawer;

import app.yunque.lubricant.grade.FilmCheck;
import app.yunque.lubricant.grade.SumpHeat;
import app.yunque.lubricant.interval.ChangeInterval;
import app.yunque.lubricant.interval.OilChange;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Working;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.GearFields;
import app.yunque.server.sheet.OilFields;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How hot the oil gets, how long it lasts, how much to draw. */
@Configuration
class OilCareDrawers {

    @Bean
    Drawer heat() {
        return new Drawer(
                "sump-temperature",
                "How hot the sump gets",
                "Losses against the surface of the case, worked out together with the oil's thinning.",
                Section.OIL,
                Takes.NONE,
                GearFields.all(
                        OilFields.oil(),
                        List.of(
                                Field.quantity(
                                                "powerKw",
                                                "Power through the box",
                                                "7.5",
                                                "kW",
                                                "hp")
                                        .in(OilFields.BOX),
                                Field.quantity(
                                                "efficiencyPercent",
                                                "Efficiency of the meshes",
                                                "97",
                                                "%")
                                        .in(OilFields.BOX),
                                Field.length("lengthMm", "Case length", "600").in(OilFields.BOX),
                                Field.length("widthMm", "Case width", "400").in(OilFields.BOX),
                                Field.length("heightMm", "Case height", "350").in(OilFields.BOX),
                                OilFields.air().in(OilFields.BOX),
                                OilFields.baseFree().in(OilFields.BOX),
                                Field.quantity("ambientDegC", "Ambient", "20", "°C", "°F")
                                        .in(OilFields.BOX),
                                Field.quantity("churningW", "No-load loss, W, if measured", "0", "")
                                        .in(OilFields.BOX))),
                OilCareDrawers::heat);
    }

    private static DrawerAnswer heat(DrawerSheet sheet) {
        double area =
                SumpHeat.boxAreaM2(
                        sheet.number("lengthMm"),
                        sheet.number("widthMm"),
                        sheet.number("heightMm"),
                        sheet.is("baseFree", "YES"));
        var oil = OilFields.line(sheet);
        var heat =
                SumpHeat.of(
                        1000 * sheet.number("powerKw"),
                        sheet.number("efficiencyPercent") / 100,
                        area,
                        Double.parseDouble(sheet.choice("air")),
                        sheet.number("ambientDegC"),
                        sheet.number("churningW"),
                        100,
                        oil,
                        OilFields.baseOf(sheet),
                        Optional.empty());
        return DrawerAnswer.saying(
                        "The sump settles at about %s °C; the oil then has %s mm²/s."
                                .formatted(
                                        PlainDigits.rounded(heat.temperatureDegC(), 0),
                                        PlainDigits.rounded(heat.viscosity(), 0)))
                .verdict(heat.verdict(OilFields.baseOf(sheet)))
                .figure("sump", heat.temperatureDegC(), "°C", 1)
                .figure("oil there", heat.viscosity(), "mm²/s", 1)
                .figure("losses", heat.lossW(), "W", 0)
                .figure("surface of the case", area, "m²", 2)
                .figure(
                        "a bearing of 60 mm at 1450 min⁻¹ wants",
                        FilmCheck.bearingViscosity(1450, 60),
                        "mm²/s",
                        1)
                .warn(heat.warnings())
                .warn(List.of("A case above 60 °C burns skin: measure before touching."))
                .working(heat.working())
                .build();
    }

    @Bean
    Drawer interval() {
        return new Drawer(
                "change-interval",
                "When to change the oil",
                "Hours and months until the next change, by temperature, dirt and water.",
                Section.OIL,
                Takes.NONE,
                List.of(
                        OilFields.base("base", "Base oil").in(OilFields.OIL),
                        Field.quantity("sumpDegC", "Sump temperature", "70", "°C", "°F")
                                .in(OilFields.BOX),
                        Field.quantity("hoursPerMonth", "Running hours a month", "350", "")
                                .in(OilFields.BOX),
                        OilFields.choice("dirt", "Surroundings", ChangeInterval.Dirt.values())
                                .in(OilFields.BOX),
                        OilFields.choice("water", "Water", ChangeInterval.Water.values())
                                .in(OilFields.BOX)),
                sheet -> {
                    var i =
                            ChangeInterval.of(
                                    OilFields.baseOf(sheet),
                                    sheet.number("sumpDegC"),
                                    sheet.number("hoursPerMonth"),
                                    sheet.choice("dirt", ChangeInterval.Dirt.class),
                                    sheet.choice("water", ChangeInterval.Water.class));
                    return DrawerAnswer.saying(
                                    "Change after %s running hours, that is %s months at this use."
                                            .formatted(
                                                    PlainDigits.rounded(i.hours(), 0),
                                                    PlainDigits.rounded(i.months(), 1)))
                            .figure("hours", i.hours(), "h", 0)
                            .figure("months, calendar cap counted", i.months(), "", 1)
                            .working(i.working())
                            .build();
                });
    }

    @Bean
    Drawer drawing() {
        return new Drawer(
                "flush-and-draw",
                "Flush and containers",
                "How often to flush until the old oil is gone, which containers to draw, and what to fill cold for a hot mark.",
                Section.OIL,
                Takes.NONE,
                List.of(
                        Field.quantity("litres", "Litres at the mark", "10.2", "L", "US qt")
                                .in(OilFields.BOX),
                        Field.quantity(
                                        "residueL",
                                        "Old oil that stays after draining",
                                        "0.6",
                                        "L",
                                        "US qt")
                                .in(OilFields.BOX),
                        Field.quantity("sharePercent", "Old oil that may stay", "1", "%")
                                .in(OilFields.BOX),
                        Field.quantity("hotDegC", "Oil at the mark", "20", "°C", "°F")
                                .in(OilFields.BOX),
                        Field.quantity("fillDegC", "Oil when filled", "20", "°C", "°F")
                                .in(OilFields.BOX),
                        OilFields.base("base", "Base oil").in(OilFields.OIL),
                        Field.quantity("reservePercent", "Reserve", "5", "%").in(OilFields.OIL)),
                sheet -> {
                    double cold =
                            OilChange.coldLitres(
                                    sheet.number("litres"),
                                    OilFields.baseOf(sheet),
                                    sheet.number("hotDegC"),
                                    sheet.number("fillDegC"));
                    int fills =
                            OilChange.fillsNeeded(
                                    sheet.number("residueL"),
                                    cold,
                                    sheet.number("sharePercent") / 100);
                    double draw =
                            OilChange.drawn(
                                    cold,
                                    sheet.number("residueL"),
                                    sheet.number("reservePercent") / 100);
                    var containers = OilChange.containers(draw, OilChange.USUAL_CONTAINERS);
                    return DrawerAnswer.saying(
                                    "Fill %s L cold. %s of the last kind leave less than %s %% of the old oil. Draw %s."
                                            .formatted(
                                                    PlainDigits.rounded(cold, 2),
                                                    fills == 1 ? "One fill" : fills + " fills",
                                                    PlainDigits.exact(sheet.number("sharePercent")),
                                                    String.join(
                                                            " + ",
                                                            containers.stream()
                                                                    .map(c -> c + " L")
                                                                    .toList())))
                            .figure("fill cold", cold, "L", 2)
                            .figure("fills, the last one counted", fills, "", 0)
                            .figure(
                                    "old oil then",
                                    100 * OilChange.oldShare(sheet.number("residueL"), cold, fills),
                                    "%",
                                    2)
                            .figure("to draw, reserve counted", draw, "L", 2)
                            .figure(
                                    "mass",
                                    cold
                                            * OilFields.baseOf(sheet)
                                                    .densityAt(sheet.number("fillDegC"))
                                            / 1000,
                                    "kg",
                                    2)
                            .warn(
                                    List.of(
                                            "Drain between 40 and 60 °C, not hotter. Collect used oil apart; local rules and the data sheet decide where it goes."))
                            .working(
                                    new Working(
                                            List.of(
                                                    Working.line(
                                                            "V_cold = V / (1 + α (t_hot − t_fill))",
                                                            PlainDigits.rounded(cold, 3) + " L"),
                                                    Working.line(
                                                            "old share = (r/(r + f))^k",
                                                            fills + " fills")),
                                            "arithmetic; share to reach common practice"))
                            .build();
                });
    }
}
