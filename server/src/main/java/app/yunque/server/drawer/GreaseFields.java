package app.yunque.server.drawer;

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
