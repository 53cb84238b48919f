package app.yunque.server.drawer;

import app.yunque.lubricant.grease.BearingGrease;
import app.yunque.lubricant.grease.GreaseSurroundings;
import app.yunque.lubricant.grease.LooseBalls;
import app.yunque.lubricant.interval.ChangeInterval;
import app.yunque.measure.PlainDigits;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.GreaseFields;
import app.yunque.server.sheet.OilFields;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Grease for a bearing, and loose balls. */
@Configuration
class GreaseDrawers {
    private static final String BEARING = "The bearing";
    private static final String AT_WORK = "At work";

    @Bean
    Drawer grease() {
        return new Drawer(
                "grease-amount",
                "Grease for a bearing",
                "How much at the first fill and at each relubrication, and how often.",
                Section.GREASE,
                Takes.NONE,
                List.of(
                        Field.length("boreMm", "Bore", "40").in(BEARING),
                        Field.length("outsideMm", "Outside diameter", "80").in(BEARING),
                        Field.length("widthMm", "Width", "18").in(BEARING),
                        Field.quantity("massKg", "Mass", "0.37", "kg", "lb").in(BEARING),
                        GreaseFields.design().in(BEARING),
                        GreaseFields.carries().in(BEARING),
                        GreaseFields.shaft().in(BEARING),
                        Field.quantity("speedRpm", "Speed", "1450", "min⁻¹").in(AT_WORK),
                        Field.quantity("housingDegC", "Housing", "50", "°C", "°F").in(AT_WORK),
                        OilFields.choice("dirt", "Surroundings", ChangeInterval.Dirt.values())
                                .in(AT_WORK),
                        OilFields.choice(
                                        "moisture",
                                        "Moisture",
                                        GreaseSurroundings.Moisture.values())
                                .in(AT_WORK),
                        Field.choice(
                                        "vibration",
                                        "Vibration, peak",
                                        GreaseSurroundings.Vibration.BELOW_5_MM_PER_S.name(),
                                        new Option(
                                                GreaseSurroundings.Vibration.BELOW_5_MM_PER_S
                                                        .name(),
                                                "below 5 mm/s, or not felt"),
                                        new Option(
                                                GreaseSurroundings.Vibration.TO_10_MM_PER_S.name(),
                                                "5 to 10 mm/s"),
                                        new Option(
                                                GreaseSurroundings.Vibration.ABOVE_10_MM_PER_S
                                                        .name(),
                                                "above 10 mm/s"))
                                .in(AT_WORK),
                        Field.quantity("gunG", "The gun gives a stroke", "1.2", "g").in(AT_WORK)),
                GreaseDrawers::grease);
    }

    private static DrawerAnswer grease(DrawerSheet sheet) {
        var grease =
                BearingGrease.of(
                        GreaseFields.bearing(sheet, "widthMm"),
                        sheet.number("speedRpm"),
                        sheet.choice("carries", BearingGrease.Carries.class),
                        new GreaseSurroundings(
                                sheet.number("housingDegC"),
                                sheet.choice("dirt", ChangeInterval.Dirt.class),
                                sheet.choice("moisture", GreaseSurroundings.Moisture.class),
                                sheet.choice("vibration", GreaseSurroundings.Vibration.class),
                                sheet.choice("shaft", GreaseSurroundings.Shaft.class)));
        var answer =
                DrawerAnswer.saying(
                        "First fill about %s g; then %s g every %s running hours."
                                .formatted(
                                        PlainDigits.rounded(grease.firstG(), 1),
                                        PlainDigits.rounded(grease.sideG(), 1),
                                        PlainDigits.rounded(grease.hours(), 0)));
        return GreaseFields.tell(answer, grease, sheet.number("gunG"))
                .figure("through a groove in the ring", grease.grooveG(), "g", 1)
                .warn(List.of(GreaseFields.INJECTION))
                .working(grease.working())
                .build();
    }

    @Bean
    Drawer looseBalls() {
        return new Drawer(
                "loose-balls",
                "Loose balls in a race",
                "How many belong in it when nobody counted them, and the room left for grease.",
                Section.GREASE,
                Takes.NONE,
                List.of(
                        Field.length("ballMm", "Ball", "6"),
                        Field.length("boreMm", "Inside of the race", "28"),
                        Field.length("outsideMm", "Outside of the race", "48"),
                        Field.length("widthMm", "Width of the race", "9")),
                GreaseDrawers::looseBalls);
    }

    private static DrawerAnswer looseBalls(DrawerSheet sheet) {
        var balls =
                LooseBalls.of(
                        sheet.number("ballMm"),
                        sheet.number("boreMm"),
                        sheet.number("outsideMm"),
                        sheet.number("widthMm"));
        return DrawerAnswer.saying(
                        "Fit %d. The count taken at the strip comes first; this is for a race nobody counted."
                                .formatted(balls.fit()))
                .figure("balls to fit", balls.fit(), "", 0)
                .figure("touching all round", balls.most(), "", 0)
                .mm("left over then", balls.leftoverMm())
                .figure("room for grease", balls.roomCm3(), "cm³", 2)
                .working(balls.working())
                .build();
    }
}
