package app.yunque.server.drawer;

import app.yunque.identify.BrokenGear;
import app.yunque.identify.GearIdentity;
import app.yunque.identify.UnknownGear;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import app.yunque.mesh.ActualTeeth;
import app.yunque.mesh.GearDrawing;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Gears without a number. */
@Configuration
class UnknownDrawers {
    private static final String MEASURED = "What was measured";
    private static final String CHORD = "What is left of it";

    @Bean
    Drawer identify() {
        return new Drawer(
                "unknown-gear",
                "What gear is this?",
                "From teeth, tip diameter and two spans: module or diametral pitch, pressure angle, shift and helix, and what to measure next.",
                Section.UNKNOWN,
                Takes.CALIPER,
                Stream.concat(Stream.concat(teethFields(), brokenFields()), measuredFields())
                        .toList(),
                UnknownDrawers::identify);
    }

    private static Stream<Field> teethFields() {
        return Stream.of(
                Field.choice(
                                "state",
                                "The gear is",
                                "WHOLE",
                                new Option("WHOLE", "whole"),
                                new Option("WORN", "whole, flanks visibly worn"),
                                new Option("BROKEN", "broken, only some teeth left"))
                        .in(MEASURED),
                Field.count("teeth", "Number of teeth", "")
                        .onlyWhen("state", "WHOLE", "WORN")
                        .in(MEASURED));
    }

    private static Stream<Field> brokenFields() {
        return Stream.of(
                Field.count("pitches", "Whole pitches left", "5")
                        .onlyWhen("state", "BROKEN")
                        .hinting("Between the same side of two tip corners.")
                        .in(CHORD),
                Field.length("chordMm", "Chord over those tip corners", "")
                        .onlyWhen("state", "BROKEN")
                        .in(CHORD));
    }

    private static Stream<Field> measuredFields() {
        return Stream.of(
                Field.length("tipDiameterMm", "Tip diameter", "")
                        .hinting("Odd teeth read small: see the drawer Tip diameter.")
                        .in(MEASURED),
                Field.count("teethSpanned", "Teeth between the jaws k", "")
                        .mayBeEmpty()
                        .in(MEASURED),
                Field.length("shorterMm", "Span over k teeth", "").mayBeEmpty().in(MEASURED),
                Field.length("longerMm", "Span over one more", "")
                        .mayBeEmpty()
                        .hinting("Average of three places each.")
                        .in(MEASURED),
                Field.quantity("tipHelixDeg", "Helix at the tips, from a rub", "", "°")
                        .mayBeEmpty()
                        .hinting("Empty for a spur gear.")
                        .in(MEASURED),
                Field.length("faceWidthMm", "Face width", "").mayBeEmpty().in(MEASURED),
                Field.length("boreMm", "Bore", "").mayBeEmpty().in(MEASURED));
    }

    private static DrawerAnswer identify(DrawerSheet sheet) {
        double tip = sheet.number("tipDiameterMm");
        double u = UnknownGear.Spans.uncertaintyWith(sheet.gauge());
        boolean broken = sheet.is("state", "BROKEN");
        var possible =
                broken ? BrokenGear.of(sheet.count("pitches"), sheet.number("chordMm"), tip) : null;
        var gear =
                new UnknownGear(
                        possible == null ? List.of(sheet.count("teeth")) : possible.possible(),
                        tip,
                        UnknownGear.USUAL_TIP_UNCERTAINTY_MM,
                        spans(sheet, u),
                        sheet.optional("tipHelixDeg"),
                        UnknownGear.USUAL_HELIX_UNCERTAINTY_DEG,
                        sheet.is("state", "WORN"));
        var identity = GearIdentity.of(gear);
        var answer =
                DrawerAnswer.saying(
                                (possible == null ? "" : possible.sentence() + " ")
                                        + identity.sentence())
                        .identity(identity)
                        .warn(sheet.gaugeWarnings());
        if (gear.spans().isEmpty()) {
            answer.warn(
                    List.of(
                            "Without two spans this is a first look only: tips wear, and stub, shifted and inch gears overlap."));
        }
        if (!identity.candidates().isEmpty()) {
            draw(identity.candidates().get(0), sheet).ifPresent(answer::gear);
        }
        return answer.working(identity.working()).build();
    }

    /** The likeliest gear at true scale; one with an impossible shift is named but not drawn. */
    private static Optional<GearDrawing> draw(GearIdentity.Candidate likeliest, DrawerSheet sheet) {
        try {
            var gear = likeliest.asGear(sheet.orElse("faceWidthMm", 20));
            return Optional.of(
                    GearDrawing.of(ActualTeeth.nominal(gear), sheet.orElse("boreMm", 0)));
        } catch (Refused impossible) {
            return Optional.empty();
        }
    }

    private static Optional<UnknownGear.Spans> spans(DrawerSheet sheet, double u) {
        boolean any = sheet.has("teethSpanned") || sheet.has("shorterMm") || sheet.has("longerMm");
        if (!any) {
            return Optional.empty();
        }
        for (var name : List.of("teethSpanned", "shorterMm", "longerMm")) {
            if (!sheet.has(name)) {
                throw Refused.because(
                        name,
                        "Teeth between the jaws and both spans belong together: this one is missing.");
            }
        }
        return Optional.of(
                new UnknownGear.Spans(
                        sheet.count("teethSpanned"),
                        sheet.number("shorterMm"),
                        sheet.number("longerMm"),
                        u));
    }

    @Bean
    Drawer broken() {
        return new Drawer(
                "broken-gear",
                "Teeth of a broken gear",
                "How many teeth it had, from a chord over those that are left; and its tip diameter from an arc.",
                Section.UNKNOWN,
                Takes.CALIPER,
                List.of(
                        Field.count("pitches", "Whole pitches left", "5")
                                .hinting("Between the same side of two tip corners.")
                                .in(CHORD),
                        Field.length("chordMm", "Chord over those tip corners", "").in(CHORD),
                        Field.length("chordUncertaintyMm", "read to ±", "0.2").in(CHORD),
                        Field.length("tipDiameterMm", "Tip diameter", "").mayBeEmpty().in(CHORD),
                        Field.length("tipUncertaintyMm", "known to ±", "0.3").in(CHORD),
                        Field.length("arcMm", "or chord of any arc of tips", "")
                                .mayBeEmpty()
                                .in(CHORD),
                        Field.length("sagittaMm", "and the height of that arc", "")
                                .mayBeEmpty()
                                .in(CHORD)),
                UnknownDrawers::broken);
    }

    private static DrawerAnswer broken(DrawerSheet sheet) {
        double tip =
                sheet.optional("tipDiameterMm")
                        .orElseGet(
                                () ->
                                        BrokenGear.tipDiameterMm(
                                                sheet.orElse("arcMm", Double.NaN),
                                                sheet.orElse("sagittaMm", Double.NaN)));
        var found =
                BrokenGear.of(
                        sheet.count("pitches"),
                        sheet.number("chordMm"),
                        tip,
                        sheet.number("chordUncertaintyMm"),
                        sheet.number("tipUncertaintyMm"));
        return DrawerAnswer.saying(found.sentence())
                .figure("teeth", found.teeth(), "", 2)
                .figure("uncertainty (95 %)", 2 * found.uncertainty(), "", 2)
                .mm("tip diameter", tip)
                .working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "z = n π / asin(c / d_a)",
                                                "%d π / asin(%s / %s) = %s"
                                                        .formatted(
                                                                sheet.count("pitches"),
                                                                PlainDigits.exact(
                                                                        sheet.number("chordMm")),
                                                                PlainDigits.rounded(tip, 3),
                                                                PlainDigits.rounded(
                                                                        found.teeth(), 3)))),
                                "chord of a circle"))
                .build();
    }
}
