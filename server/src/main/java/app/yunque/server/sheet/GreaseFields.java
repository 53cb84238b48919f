package app.yunque.server.sheet;

import app.yunque.lubricant.grease.BearingGrease;
import app.yunque.lubricant.grease.BearingGrease.Bearing;
import app.yunque.lubricant.grease.BearingGrease.Carries;
import app.yunque.lubricant.grease.BearingGrease.Design;
import app.yunque.lubricant.grease.GreaseSurroundings.Shaft;
import app.yunque.server.sheet.Field.Option;
import java.util.Arrays;

/** What is asked of a bearing that is greased. */
public final class GreaseFields {
    public static final String INJECTION =
            "A grease gun works at hundreds of bar: never feel for leaks by hand. An injection under the skin is an emergency even when it looks small: go to hospital at once.";

    private GreaseFields() {}

    public static Field design() {
        return Field.choice(
                "design",
                "It is",
                Design.BALL.name(),
                Arrays.stream(Design.values())
                        .map(d -> new Option(d.name(), d.words()))
                        .toArray(Option[]::new));
    }

    /** The bearing as it was entered; its width stands under another name where a sump has one too. */
    public static Bearing bearing(DrawerSheet sheet, String width) {
        return new Bearing(
                sheet.number("boreMm"),
                sheet.number("outsideMm"),
                sheet.number(width),
                sheet.number("massKg"),
                sheet.choice("design", Design.class));
    }

    public static Field carries() {
        return Field.choice(
                "carries",
                "It carries",
                Carries.ORDINARY_SHAFT.name(),
                new Option(Carries.ORDINARY_SHAFT.name(), "an ordinary shaft"),
                new Option(Carries.SPINDLE.name(), "a machine-tool spindle"));
    }

    public static Field shaft() {
        return OilFields.choice("shaft", "The shaft is", Shaft.values());
    }

    /** The figures of a bearing's grease, as a drawer and a place tell them. */
    public static DrawerAnswer.Builder tell(
            DrawerAnswer.Builder answer, BearingGrease grease, double gunG) {
        return answer.figure("free room", grease.freeRoomCm3(), "cm³", 1)
                .figure("share of the room", 100 * grease.share(), "%", 0)
                .figure("first fill", grease.firstG(), "g", 1)
                .figure("each greasing", grease.sideG(), "g", 1)
                .figure("strokes of the gun", grease.sideG() / gunG, "", 1)
                .figure("grease again after", grease.hours(), "h", 0)
                .warn(grease.warnings());
    }
}
