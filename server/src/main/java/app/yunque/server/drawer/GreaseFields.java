package app.yunque.server.drawer;

import app.yunque.lubricant.BearingGrease.Bearing;
import app.yunque.lubricant.BearingGrease.Carries;
import app.yunque.lubricant.BearingGrease.Design;
import app.yunque.lubricant.GreaseSurroundings.Shaft;
import app.yunque.server.drawer.Field.Option;
import java.util.Arrays;

/** What is asked of a bearing that is greased. */
final class GreaseFields {
    private GreaseFields() {}

    static Field design() {
        return Field.choice(
                "design",
                "It is",
                Design.BALL.name(),
                Arrays.stream(Design.values())
                        .map(d -> new Option(d.name(), d.words()))
                        .toArray(Option[]::new));
    }

    /** The bearing as it was entered; its width stands under another name where a sump has one too. */
    static Bearing bearing(DrawerSheet sheet, String width) {
        return new Bearing(
                sheet.number("boreMm"),
                sheet.number("outsideMm"),
                sheet.number(width),
                sheet.number("massKg"),
                sheet.choice("design", Design.class));
    }

    static Field carries() {
        return Field.choice(
                "carries",
                "It carries",
                Carries.ORDINARY_SHAFT.name(),
                new Option(Carries.ORDINARY_SHAFT.name(), "an ordinary shaft"),
                new Option(Carries.SPINDLE.name(), "a machine-tool spindle"));
    }

    static Field shaft() {
        return OilFields.choice("shaft", "The shaft is", Shaft.values());
    }
}
