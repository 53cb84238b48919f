package app.yunque.server.drawer;

import static app.yunque.server.sheet.GearFields.all;

import app.yunque.contact.BevelShim;
import app.yunque.contact.ContactPattern;
import app.yunque.contact.ShaftMisalignment;
import app.yunque.gear.Member;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Working;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.GearFields;
import java.util.Arrays;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the marking shows, and what to shim. */
@Configuration
class ContactDrawers {
    private static final String MARKING = "The marking";
    private static final String SHIMS = "Shims";

    @Bean
    Drawer pattern() {
        return new Drawer(
                "contact-pattern",
                "Contact pattern",
                "What the marking on the teeth means and which way to move what.",
                Section.CONTACT,
                Takes.NONE,
                List.of(
                        Field.choice(
                                        "kind",
                                        "Kind of gear",
                                        "SPUR",
                                        Arrays.stream(ContactPattern.Kind.values())
                                                .map(k -> new Option(k.name(), k.words()))
                                                .toArray(Option[]::new))
                                .in(MARKING),
                        place("drive", "Drive flank shows it"),
                        place("coast", "Coast flank shows it")),
                sheet -> {
                    var told =
                            ContactPattern.of(
                                    sheet.choice("kind", ContactPattern.Kind.class),
                                    sheet.choice("drive", ContactPattern.Place.class),
                                    sheet.choice("coast", ContactPattern.Place.class));
                    return DrawerAnswer.saying(told.meaning())
                            .verdict(told.verdict())
                            .words("what to move", told.move())
                            .words("backlash", told.backlash())
                            .working(
                                    new Working(
                                            List.of(Working.line("rule", told.meaning())),
                                            told.source(),
                                            List.of(
                                                    "Mark thinly, load lightly, turn both ways, look at both flanks of both gears.")))
                            .build();
                });
    }

    private static Field place(String name, String label) {
        return Field.choice(
                        name,
                        label,
                        "",
                        new Option("MIDDLE", "in the middle"),
                        new Option("NEAR_END", "at the near end (toe, entering side)"),
                        new Option("FAR_END", "at the far end (heel, leaving side)"),
                        new Option("TIP", "at the tip"),
                        new Option("ROOT", "at the root"),
                        new Option("BOTH_ENDS", "at both ends, hollow middle"),
                        new Option("COMES_AND_GOES", "comes and goes round the turn"))
                .in(MARKING);
    }

    @Bean
    Drawer bevelShims() {
        return new Drawer(
                "bevel-shims",
                "Shims of a bevel pair",
                "Which way and how far to move a bevel gear for the backlash wanted, and which shims come nearest.",
                Section.CONTACT,
                Takes.NONE,
                all(
                        GearFields.bevel(),
                        List.of(
                                Field.choice(
                                                "member",
                                                "Shims are changed at",
                                                "WHEEL",
                                                new Option("WHEEL", "the wheel"),
                                                new Option("PINION", "the pinion"))
                                        .in(SHIMS),
                                Field.length("backlashMm", "Backlash at the heel now", "")
                                        .in(SHIMS),
                                Field.length("wantedMm", "Backlash wanted", "").in(SHIMS),
                                Field.length("packMm", "Pack in place now", "").in(SHIMS),
                                Field.readings("shimsMm", "Shim at hand", "mm", "thou", "in")
                                        .hinting("Each once, those of the pack included.")
                                        .in(SHIMS))),
                sheet -> {
                    var shim =
                            BevelShim.of(
                                    GearFields.bevel(sheet),
                                    sheet.choice("member", Member.class),
                                    sheet.number("backlashMm"),
                                    sheet.number("wantedMm"),
                                    sheet.number("packMm"),
                                    sheet.readings("shimsMm"));
                    return DrawerAnswer.saying(
                                    "Move it %s by %s mm: make the pack %s mm (%s). Backlash should become %s mm."
                                            .formatted(
                                                    shim.moveMm() < 0 ? "in" : "out",
                                                    PlainDigits.rounded(Math.abs(shim.moveMm()), 3),
                                                    PlainDigits.rounded(shim.packMm(), 2),
                                                    shim.shims().isEmpty()
                                                            ? "no shim"
                                                            : String.join(
                                                                    " + ",
                                                                    shim.shims().stream()
                                                                            .map(PlainDigits::exact)
                                                                            .toList()),
                                                    PlainDigits.rounded(shim.predictedMm(), 3)))
                            .mm("move, out is plus", shim.moveMm())
                            .mm("pack to make", shim.packMm())
                            .mm("backlash then", shim.predictedMm())
                            .mm("or move the other gear, backlash kept", shim.otherMoveMm())
                            .warn(shim.warnings())
                            .working(shim.working())
                            .build();
                });
    }

    @Bean
    Drawer misaligned() {
        return new Drawer(
                "misaligned-shafts",
                "Shafts out of line",
                "How far the faces gape when a bearing stands off, and how far to move it for a gap that shows.",
                Section.CONTACT,
                Takes.NONE,
                List.of(
                        Field.length("faceWidthMm", "Face width", "30").in(MARKING),
                        Field.length("spanMm", "Bearing span", "200").in(MARKING),
                        Field.quantity("pressureAngleDeg", "Working pressure angle", "20", "°")
                                .in(MARKING),
                        Field.length("offsetMm", "Bearing stands off by", "0.05").in(MARKING),
                        Field.length("gapMm", "Gap that shows at one end", "")
                                .mayBeEmpty()
                                .in(MARKING)),
                sheet -> {
                    double alpha = Math.toRadians(sheet.number("pressureAngleDeg"));
                    double face = sheet.number("faceWidthMm");
                    double span = sheet.number("spanMm");
                    var gap = ShaftMisalignment.of(face, sheet.number("offsetMm"), span, alpha);
                    var answer =
                            DrawerAnswer.saying(
                                            "Crossed shafts gape %s mm, shafts out of parallel %s mm at the far end."
                                                    .formatted(
                                                            PlainDigits.rounded(gap.skewGapMm(), 4),
                                                            PlainDigits.rounded(
                                                                    gap.inPlaneGapMm(), 4)))
                                    .figure("gap, shafts crossed", gap.skewGapMm(), "mm", 4)
                                    .figure("gap, not parallel", gap.inPlaneGapMm(), "mm", 4);
                    sheet.optional("gapMm")
                            .ifPresent(
                                    g ->
                                            answer.mm(
                                                            "move across the shafts",
                                                            ShaftMisalignment.skewMoveMm(
                                                                    g, face, span, alpha))
                                                    .mm(
                                                            "or move in their plane",
                                                            ShaftMisalignment.inPlaneMoveMm(
                                                                    g, face, span, alpha)));
                    return answer.working(
                                    new Working(
                                            List.of(
                                                    Working.line(
                                                            "crossed: b (Δ/L) cos α_wt; not parallel: b (Δ/L) sin α_wt",
                                                            "%s × %s / %s"
                                                                    .formatted(
                                                                            PlainDigits.exact(face),
                                                                            PlainDigits.exact(
                                                                                    sheet.number(
                                                                                            "offsetMm")),
                                                                            PlainDigits.exact(
                                                                                    span)))),
                                            "projection on the line of action"))
                            .build();
                });
    }
}
