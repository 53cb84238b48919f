package app.yunque.server.drawer;

import app.yunque.lubricant.GreaseAmount;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import app.yunque.server.drawer.Drawer.Section;
import app.yunque.server.drawer.Drawer.Takes;
import app.yunque.server.drawer.Field.Option;
import java.util.Arrays;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Grease for a bearing. */
@Configuration
class GreaseDrawer {
    private static final String BEARING = "The bearing";

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
                        Field.quantity("massKg", "Mass, kg", "0.37", "").in(BEARING),
                        Field.choice(
                                        "design",
                                        "It is",
                                        "BALL",
                                        new Option("BALL", "a ball bearing"),
                                        new Option(
                                                "CYLINDRICAL_OR_NEEDLE", "cylindrical or needle"),
                                        new Option("TAPER_OR_SPHERICAL", "taper or spherical"))
                                .in(BEARING),
                        Field.quantity("speedRpm", "Speed", "1450", "min⁻¹").in("At work"),
                        choice(
                                        "heat",
                                        "Housing",
                                        "1:below 65 °C",
                                        "0.5:65 to 80 °C",
                                        "0.2:80 to 93 °C",
                                        "0.1:hotter")
                                .in("At work"),
                        choice("dirt", "Dirt", "1:light", "0.7:moderate", "0.4:heavy", "0.2:severe")
                                .in("At work"),
                        choice(
                                        "moist",
                                        "Moisture",
                                        "1:dry",
                                        "0.7:humid",
                                        "0.4:condensation",
                                        "0.1:water on it")
                                .in("At work"),
                        choice("position", "Shaft", "1:lying", "0.5:leaning", "0.3:standing")
                                .in("At work"),
                        Field.quantity("gunG", "The gun gives a stroke, g", "1.2", "")
                                .in("At work")),
                GreaseDrawer::grease);
    }

    private static Field choice(String name, String label, String... options) {
        return Field.choice(
                name,
                label,
                options[0].split(":")[0],
                Arrays.stream(options)
                        .map(o -> new Option(o.split(":")[0], o.split(":")[1]))
                        .toArray(Option[]::new));
    }

    private static DrawerAnswer grease(DrawerSheet sheet) {
        double room =
                GreaseAmount.freeRoomCm3(
                        sheet.number("boreMm"),
                        sheet.number("outsideMm"),
                        sheet.number("widthMm"),
                        sheet.number("massKg"));
        double surroundings = 1;
        for (var name : List.of("heat", "dirt", "moist", "position")) {
            surroundings *= Double.parseDouble(sheet.choice(name));
        }
        double hours =
                GreaseAmount.intervalH(
                        sheet.choice("design", GreaseAmount.Design.class),
                        sheet.number("speedRpm"),
                        sheet.number("boreMm"),
                        surroundings);
        double dose =
                GreaseAmount.relubricationG(
                        sheet.number("outsideMm"), sheet.number("widthMm"), false);
        double first = GreaseAmount.firstFillG(room, GreaseAmount.USUAL_SHARE);
        return DrawerAnswer.saying(
                        "First fill about %s g; then %s g every %s running hours."
                                .formatted(
                                        PlainDigits.rounded(first, 1),
                                        PlainDigits.rounded(dose, 1),
                                        PlainDigits.rounded(hours, 0)))
                .verdict(Verdict.NOT_JUDGED)
                .figure("free room", room, "cm³", 1)
                .figure("first fill, 35 % of it", first, "g", 1)
                .figure("relubrication from the side", dose, "g", 1)
                .figure("strokes of the gun", dose / sheet.number("gunG"), "", 1)
                .figure("through a groove in the ring", dose * 0.4, "g", 1)
                .figure("interval", hours, "h", 0)
                .warn(
                        List.of(
                                "A grease gun works at hundreds of bar: never feel for leaks by hand. An injection under the skin is an emergency even when it looks small."))
                .working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "G = 0.005 D B",
                                                PlainDigits.rounded(dose, 2) + " g"),
                                        Working.line(
                                                "t = K (14·10⁶/(n √d) − 4 d)",
                                                PlainDigits.rounded(hours, 0) + " h")),
                                "handbook and widely printed motor formula, common practice"))
                .build();
    }
}
