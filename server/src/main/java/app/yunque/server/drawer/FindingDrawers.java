package app.yunque.server.drawer;

import app.yunque.finding.SurfaceDamage;
import app.yunque.finding.WearMode;
import app.yunque.gear.ServiceDuty;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.GearFields;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What an eye sees on the teeth. */
@Configuration
class FindingDrawers {
    private static final String SEEN = "What is seen";

    @Bean
    Drawer byEye() {
        return new Drawer(
                "by-eye",
                "Findings by eye",
                "What the damage on a tooth is called, what makes it, and whether the gear may go back.",
                Section.TEETH,
                Takes.NONE,
                List.of(
                        Field.choice(
                                        "mode",
                                        "It looks like",
                                        "",
                                        Arrays.stream(WearMode.values())
                                                .map(m -> new Option(m.name(), m.words()))
                                                .toArray(Option[]::new))
                                .in(SEEN),
                        Field.choice(
                                        "severity",
                                        "How bad",
                                        "",
                                        new Option("SLIGHT", "slight"),
                                        new Option("MODERATE", "moderate"),
                                        new Option("SEVERE", "severe"))
                                .in(SEEN),
                        Field.choice(
                                        "flank",
                                        "On",
                                        "DRIVE",
                                        new Option("DRIVE", "the drive flanks"),
                                        new Option("COAST", "the coast flanks"),
                                        new Option("BOTH", "both flanks"))
                                .in(SEEN),
                        Field.quantity("areaPercent", "Share of the worst flank", "", "%").in(SEEN),
                        Field.count("teethHit", "Teeth that show it", "").in(SEEN),
                        Field.count("firstTooth", "First of them, counted from the mark", "1")
                                .in(SEEN),
                        Field.count("teeth", "Teeth of the gear", "").in("The gear"),
                        Field.choice(
                                        "hardened",
                                        "Teeth are",
                                        "NO",
                                        new Option("NO", "through-hardened or soft"),
                                        new Option("YES", "surface-hardened"))
                                .in("The gear"),
                        GearFields.duty()),
                sheet -> {
                    var mode = sheet.choice("mode", WearMode.class);
                    var told =
                            SurfaceDamage.of(
                                    mode,
                                    sheet.number("areaPercent"),
                                    sheet.is("severity", "SEVERE"),
                                    sheet.count("teethHit"),
                                    sheet.count("teeth"),
                                    sheet.is("hardened", "YES"),
                                    sheet.choice("duty", ServiceDuty.class));
                    return DrawerAnswer.saying(told.sentence())
                            .verdict(told.verdict())
                            .words(
                                    "where",
                                    where(
                                            sheet.count("firstTooth"),
                                            sheet.count("teethHit"),
                                            sheet.count("teeth"),
                                            sheet.choice("flank").toLowerCase(Locale.ROOT)))
                            .words("looks like", mode.looks())
                            .words("usual cause", mode.cause())
                            .words("usually done", mode.remedy())
                            .working(told.working())
                            .build();
                });
    }

    private static String where(int first, int hit, int teeth, String flank) {
        int last = (first + hit - 2) % teeth + 1;
        var on = flank.equals("both") ? "both flanks" : flank + " flank";
        return hit == 1
                ? "tooth %d, %s".formatted(first, on)
                : "teeth %d to %d, %s".formatted(first, last, on);
    }
}
