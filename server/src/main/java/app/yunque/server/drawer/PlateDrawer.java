package app.yunque.server.drawer;

import app.yunque.lubricant.place.PlateText;
import app.yunque.lubricant.viscosity.AgmaNumber;
import app.yunque.measure.Working;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is written on a plate or a can. */
@Configuration
class PlateDrawer {
    @Bean
    Drawer plate() {
        return new Drawer(
                "plate",
                "What the plate says",
                "Letters and numbers of a plate or a can: ISO VG, AGMA, SAE, Saybolt, Engler, type letters of oils and greases.",
                Section.OIL,
                Takes.NONE,
                List.of(Field.text("plate", "As it is written").starting("CLP PG 460").in("Plate")),
                PlateDrawer::plate);
    }

    private static DrawerAnswer plate(DrawerSheet sheet) {
        var read = PlateText.read(sheet.choice("plate"));
        var answer = DrawerAnswer.saying(String.join("; ", read.understood()) + ".");
        read.viscosityAt40().ifPresent(v -> answer.figure("at 40 °C", v, "mm²/s", 1));
        read.grade()
                .ifPresent(
                        g ->
                                answer.words("nearest ISO grade", g.words())
                                        .words(
                                                "AGMA number",
                                                AgmaNumber.numberOf(g).orElse("none")));
        read.base().ifPresent(b -> answer.words("base oil", b.words()));
        read.additive().ifPresent(a -> answer.words("against wear", a.words()));
        return answer.working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "letters and numbers",
                                                String.join("; ", read.understood()))),
                                "ISO 3448, ISO 6743-6 and -9, DIN 51502, 51517, 51825, AGMA 9005-D94, SAE J306 of 2005; from memory",
                                List.of(
                                        "A product's name says nothing: ISO VG, type letters and base oil stand on the can or its data sheet.")))
                .build();
    }
}
