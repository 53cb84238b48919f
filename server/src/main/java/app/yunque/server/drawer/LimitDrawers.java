package app.yunque.server.drawer;

import app.yunque.measure.Edges;
import app.yunque.measure.LimitReading;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Any reading against limits that are known from elsewhere. */
@Configuration
class LimitDrawers {
    private static final String READINGS = "The readings";
    private static final String LIMITS = "Limits, as far as they are known";
    private static final String AHEAD = "Until the next opening";
    private static final String NUMBER = "NUMBER";

    @Bean
    Drawer againstLimits() {
        return new Drawer(
                "against-limits",
                "A reading against its limits",
                "Clearance, depth, length, force left: where it lies between new and renewal, and whether it lasts to the next opening.",
                Section.TEETH,
                Takes.DIAL,
                List.of(
                        Field.choice(
                                        "measure",
                                        "Measured is",
                                        "LENGTH",
                                        new Option("LENGTH", "a length: play, depth, diameter"),
                                        new Option(NUMBER, "a share, an angle, a force"))
                                .in(READINGS),
                        length("readings"),
                        number("readings"),
                        Field.quantity("uncertaintyNumber", "Good to ±", "", "")
                                .onlyWhen("measure", NUMBER)
                                .hinting("What two readings of the same place may differ by.")
                                .in(READINGS),
                        Field.choice(
                                        "direction",
                                        "With wear it",
                                        "GROWS",
                                        new Option("GROWS", "grows: play, loss, run-out"),
                                        new Option("SHRINKS", "shrinks: length, depth, force left"))
                                .in(LIMITS),
                        limit("least", "Least (of what shrinks: most) of a new one", "LENGTH"),
                        limit("mostNew", "Most (of what shrinks: least) of a new one", "LENGTH"),
                        limit("renew", "Renew from", "LENGTH"),
                        limit("leastNumber", "Least (of what shrinks: most) of a new one", NUMBER),
                        limit(
                                "mostNewNumber",
                                "Most (of what shrinks: least) of a new one",
                                NUMBER),
                        limit("renewNumber", "Renew from", NUMBER),
                        Field.choice(
                                        "part",
                                        "The part",
                                        "ORDINARY",
                                        new Option("ORDINARY", "can be opened again"),
                                        new Option("STRICT", "holds, stops or carries the load"))
                                .in(LIMITS),
                        Field.text("limitsFrom", "Limits from").in(LIMITS),
                        Field.length("perThousand", "Wear in 1000 hours", "")
                                .mayBeEmpty()
                                .onlyWhen("measure", "LENGTH")
                                .in(AHEAD),
                        Field.quantity("perThousandNumber", "Wear in 1000 hours", "", "")
                                .mayBeEmpty()
                                .onlyWhen("measure", NUMBER)
                                .in(AHEAD),
                        Field.quantity("hours", "Hours to the next opening", "", "")
                                .mayBeEmpty()
                                .in(AHEAD)),
                LimitDrawers::judged);
    }

    private static Field length(String name) {
        return Field.readings(name, "Reading", "mm", "thou", "µm", "in")
                .onlyWhen("measure", "LENGTH")
                .hinting("At the worst places; the worst of them decides.")
                .in(READINGS);
    }

    private static Field number(String name) {
        return Field.readings(name + "Number", "Reading", "")
                .onlyWhen("measure", NUMBER)
                .hinting("At the worst places; the worst of them decides.")
                .in(READINGS);
    }

    private static Field limit(String name, String label, String when) {
        var field =
                when.equals(NUMBER)
                        ? Field.quantity(name, label, "", "")
                        : Field.length(name, label, "");
        return field.mayBeEmpty().onlyWhen("measure", when).in(LIMITS);
    }

    private static DrawerAnswer judged(DrawerSheet sheet) {
        boolean number = sheet.is("measure", NUMBER);
        var tail = number ? "Number" : "";
        var edges =
                new Edges(
                        orNull(sheet, "least" + tail),
                        orNull(sheet, "mostNew" + tail),
                        orNull(sheet, "renew" + tail),
                        sheet.is("direction", "SHRINKS"));
        var warnings = new ArrayList<String>();
        if (!number) {
            sheet.refuseBeyondInstrument("readings");
            warnings.addAll(sheet.gaugeWarnings());
        }
        var read =
                LimitReading.of(
                        edges,
                        sheet.readings("readings" + tail),
                        number
                                ? sheet.number("uncertaintyNumber")
                                : sheet.gauge().expandedUncertaintyMm(),
                        sheet.is("part", "STRICT"),
                        forecast(sheet, "perThousand" + tail),
                        number ? "" : "mm");
        var answer =
                DrawerAnswer.saying(read.sentence())
                        .verdict(read.verdict())
                        .zone(read.zone())
                        .renewNow(read.renewNow())
                        .reading(read.reading())
                        .coarse(read.coarse())
                        .warn(warnings)
                        .working(read.working());
        if (!sheet.choice("limitsFrom").isBlank()) {
            answer.words("limits from", sheet.choice("limitsFrom"));
        }
        return answer.build();
    }

    /** A rate without the hours, or the hours without a rate, foretells nothing. */
    private static Optional<LimitReading.Forecast> forecast(DrawerSheet sheet, String rate) {
        return sheet.has(rate) && sheet.has("hours")
                ? Optional.of(
                        new LimitReading.Forecast(sheet.number(rate) / 1000, sheet.number("hours")))
                : Optional.empty();
    }

    private static @Nullable Double orNull(DrawerSheet sheet, String name) {
        return sheet.optional(name).orElse(null);
    }
}
