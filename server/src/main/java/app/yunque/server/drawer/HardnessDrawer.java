package app.yunque.server.drawer;

import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.Field;
import app.yunque.tooth.HardnessByDimple;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How hard a part is, beside a piece of known hardness. */
@Configuration
class HardnessDrawer {
    @Bean
    Drawer hardness() {
        return new Drawer(
                "hardness",
                "Hardness by dimples",
                "One hardened ball squeezed between a known piece and the part: how hard is the part?",
                Section.TEETH,
                Takes.NONE,
                List.of(
                        Field.length("ballMm", "Ball diameter", "10").in(ToothDrawers.READINGS),
                        Field.quantity("knownHardness", "Known hardness, HB", "", "")
                                .in(ToothDrawers.READINGS),
                        Field.length("knownDimpleMm", "Dimple in the known piece", "")
                                .in(ToothDrawers.READINGS),
                        Field.length("partDimpleMm", "Dimple in the part", "")
                                .in(ToothDrawers.READINGS),
                        Field.length("uncertaintyMm", "A dimple is read to ±", "0.05")
                                .in(ToothDrawers.READINGS)),
                sheet -> {
                    var h =
                            HardnessByDimple.of(
                                    sheet.number("ballMm"),
                                    sheet.number("knownHardness"),
                                    sheet.number("knownDimpleMm"),
                                    sheet.number("partDimpleMm"),
                                    sheet.number("uncertaintyMm"));
                    return DrawerAnswer.saying(h.sentence())
                            .figure("hardness", h.hardness(), "HB", 0)
                            .figure("uncertainty (95 %)", h.uncertainty(), "HB", 0)
                            .warn(
                                    List.of(
                                            "Squeeze in a vice with guards on the jaws and eye protection: a hardened ball can burst."))
                            .working(h.working())
                            .build();
                });
    }
}
