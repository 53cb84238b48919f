package app.yunque.server.drawer;

import app.yunque.lubricant.sump.SumpShape;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.GearFields;
import app.yunque.server.sheet.SumpFields;
import app.yunque.server.sheet.SumpPicture;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Litres in a sump. */
@Configuration
class SumpDrawer {
    private static final Range DISPLACED =
            Range.of("displaced", "what gears and shafts take away", 0, 10_000, "L");

    @Bean
    Drawer sump() {
        return new Drawer(
                "sump-volume",
                "Litres in a sump",
                "Litres for a level, the level for litres, and a table for the dipstick, for boxes, cylinders, dished ends and measured sections.",
                Section.OIL,
                Takes.NONE,
                GearFields.all(
                        SumpFields.fields(),
                        List.of(
                                Field.length("levelMm", "Oil level above the floor", "95")
                                        .in("The level"),
                                Field.quantity("litres", "or so many litres", "", "L", "US qt")
                                        .mayBeEmpty()
                                        .in("The level"),
                                Field.quantity(
                                                "displaced",
                                                "Gears and shafts take away, L",
                                                "0",
                                                "")
                                        .in("The level"),
                                Field.length(
                                                "stickZeroMm",
                                                "Dipstick: its zero above the floor",
                                                "0")
                                        .in("Dipstick"),
                                Field.quantity("stickDeg", "it leans by", "0", "°")
                                        .in("Dipstick"))),
                SumpDrawer::sump);
    }

    private static DrawerAnswer sump(DrawerSheet sheet) {
        var shape = SumpFields.shape(sheet);
        double away = sheet.number("displaced");
        Refused.ifAny(DISPLACED.judge(away));
        double level =
                sheet.optional("litres")
                        .map(l -> shape.levelMm(l + away))
                        .orElseGet(() -> sheet.number("levelMm"));
        double gross = shape.litres(level);
        double net = gross - away;
        if (net < 0) {
            throw Refused.because(
                    "displaced",
                    "The parts take away more, %s L, than the sump holds at this level, %s L. Check the dimensions."
                            .formatted(PlainDigits.exact(away), PlainDigits.rounded(gross, 2)));
        }
        var answer =
                DrawerAnswer.saying(
                                "%s L at a level of %s mm."
                                        .formatted(
                                                PlainDigits.rounded(net, 2),
                                                PlainDigits.rounded(level, 1)))
                        .figure("oil", net, "L", 2)
                        .figure("level above the floor", level, "mm", 1)
                        .figure("a millimetre of level is", perMm(shape, level), "L", 3)
                        .figure("full to the joint", shape.litres(shape.heightMm()) - away, "L", 2)
                        .table(
                                List.of("dipstick mm", "level mm", "litres"),
                                SumpFields.dipstick(sheet, shape, h -> shape.litres(h) - away));
        if (!shape.outline().isEmpty()) {
            answer.sump(SumpPicture.of(shape, level));
        }
        if (shape.isNearlyFull(level)) {
            answer.warn(
                    List.of("Nearly full: hot oil needs room, about 4 % of its volume for 50 K."));
        }
        return answer.working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "V(level) less what parts take away",
                                                "%s − %s = %s L"
                                                        .formatted(
                                                                PlainDigits.rounded(gross, 3),
                                                                PlainDigits.exact(away),
                                                                PlainDigits.rounded(net, 3)))),
                                "geometry",
                                List.of(
                                        "The mark wins: fill nearly all, run five minutes, wait fifteen, correct at the mark.")))
                .build();
    }

    private static double perMm(SumpShape shape, double level) {
        double above = Math.min(shape.heightMm(), level + 0.5);
        double below = Math.max(0, above - 1);
        return (shape.litres(above) - shape.litres(below)) / (above - below);
    }
}
