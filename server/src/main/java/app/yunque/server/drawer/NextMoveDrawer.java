package app.yunque.server.drawer;

import app.yunque.measure.PlainDigits;
import app.yunque.procedure.NextMove;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What to move next at Set, out of the tries before. */
@Configuration
class NextMoveDrawer {
    private static final String TRIES = "The tries";
    private static final String WANTED = "What is wanted";
    private static final String PACK = "Shims";

    @Bean
    Drawer nextMove() {
        return new Drawer(
                "next-move",
                "The next move",
                "How far to move one member, out of what the tries before gave, and when to stop and look for the cause.",
                Section.CONTACT,
                Takes.NONE,
                List.of(
                        Field.readings("readingsMm", "Reading", "mm", "thou", "in")
                                .hinting("Before the first move, then one after each move.")
                                .in(TRIES),
                        Field.readings("movesMm", "Move", "mm", "thou", "in")
                                .mayBeEmpty()
                                .hinting(
                                        "One member only; out, apart or thicker is plus. Empty before the first.")
                                .in(TRIES),
                        Field.quantity("perMm", "A move of 1 mm changes it by", "", "")
                                .hinting(
                                        "In mm. The step says it for 0.1 mm: ten times that; 1 for shims under a cover.")
                                .in(TRIES),
                        Field.length("spreadMm", "Readings at one place differ by", "")
                                .mayBeEmpty()
                                .in(TRIES),
                        Field.choice(
                                        "seen",
                                        "Seen at the last try",
                                        "NOTHING_ODD",
                                        new Option("NOTHING_ODD", "nothing odd"),
                                        new Option(
                                                "CONTACT_ALONG_AND_ACROSS",
                                                "the contact moved along and across at once"),
                                        new Option(
                                                "PRELOAD_NOT_ASKED_FOR",
                                                "a preload that nobody asked for"))
                                .in(TRIES),
                        Field.length("leastMm", "Least wanted", "").in(WANTED),
                        Field.length("mostMm", "Most wanted", "").in(WANTED),
                        Field.length("uncertaintyMm", "Good to ±", "0.01").in(WANTED),
                        Field.length("packMm", "Pack in place now", "").mayBeEmpty().in(PACK),
                        Field.length("oldMm", "Pack as found", "").mayBeEmpty().in(PACK),
                        Field.length("thinnestMm", "Thinnest shim at hand", "0.05").in(PACK)),
                sheet -> answer(moved(sheet)));
    }

    private static NextMove moved(DrawerSheet sheet) {
        return NextMove.of(
                sheet.number("perMm"),
                sheet.readings("readingsMm"),
                sheet.readings("movesMm"),
                maybe(sheet, "spreadMm"),
                sheet.choice("seen", NextMove.Seen.class),
                new NextMove.Wanted(
                        sheet.number("leastMm"),
                        sheet.number("mostMm"),
                        sheet.number("uncertaintyMm")),
                new NextMove.Pack(
                        maybe(sheet, "packMm"), maybe(sheet, "oldMm"), sheet.number("thinnestMm")));
    }

    private static OptionalDouble maybe(DrawerSheet sheet, String name) {
        return sheet.optional(name).map(OptionalDouble::of).orElseGet(OptionalDouble::empty);
    }

    private static DrawerAnswer answer(NextMove next) {
        var told =
                DrawerAnswer.saying(
                        next.stop()
                                .map(NextMove.Stop::words)
                                .orElseGet(
                                        () ->
                                                "Move it by %s%s mm. It should read %s mm then."
                                                        .formatted(
                                                                next.moveMm().orElseThrow() > 0
                                                                        ? "+"
                                                                        : "",
                                                                PlainDigits.rounded(
                                                                        next.moveMm().orElseThrow(),
                                                                        3),
                                                                PlainDigits.rounded(
                                                                        next.predictedMm()
                                                                                .orElseThrow(),
                                                                        3))));
        next.moveMm().ifPresent(m -> told.mm("move, out or thicker is plus", m));
        next.packMm().ifPresent(p -> told.mm("pack to make", p));
        next.predictedMm().ifPresent(p -> told.mm("should read then", p));
        next.gain().ifPresent(g -> told.figure("gain of the last move", g, "", 2));
        return told.working(next.working()).build();
    }
}
