package app.yunque.server.sheet;

import app.yunque.lubricant.sump.DishedEnd;
import app.yunque.lubricant.sump.PouredSump;
import app.yunque.lubricant.sump.SumpShape;
import app.yunque.lubricant.sump.Tiltable;
import app.yunque.lubricant.sump.TiltedSump;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.server.problem.AtField;
import app.yunque.server.sheet.Field.Option;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/** How the inside of a sump is entered, and the shape that follows. */
public final class SumpFields {
    private static final int LONGEST_TABLE = 60;
    public static final String SUMP = "The sump, inside";

    private SumpFields() {}

    public static List<Field> fields() {
        return List.<Field>of(
                        Field.choice(
                                "shape",
                                "Shape",
                                "BOX",
                                new Option("BOX", "box, floor may slope"),
                                new Option("LYING", "lying cylinder"),
                                new Option("STANDING", "standing cylinder"),
                                new Option("SECTIONS", "measured sections"),
                                new Option("DRAWN", "a section by its corners"),
                                new Option("POURED", "measured by filling it")),
                        Field.length("lengthMm", "Length", "420")
                                .onlyWhen("shape", "BOX", "LYING", "DRAWN"),
                        Field.length("widthMm", "Width", "260").onlyWhen("shape", "BOX"),
                        Field.length("heightMm", "Height", "200")
                                .onlyWhen("shape", "BOX", "STANDING")
                                .hinting("Up to the lowest opening or the joint."),
                        Field.length("riseMm", "Floor rises by", "0").onlyWhen("shape", "BOX"),
                        Field.length("diameterMm", "Diameter", "300")
                                .onlyWhen("shape", "LYING", "STANDING"),
                        Field.choice(
                                        "end",
                                        "Ends",
                                        DishedEnd.FLAT.name(),
                                        Arrays.stream(DishedEnd.values())
                                                .map(e -> new Option(e.name(), e.words()))
                                                .toArray(Option[]::new))
                                .onlyWhen("shape", "LYING"),
                        Field.length("endDepthMm", "Depth of a dished end", "")
                                .onlyWhen("end", DishedEnd.ELLIPSOID.name(), DishedEnd.CAP.name()),
                        Field.quantity("tiltDeg", "Stands tilted along its length by", "0", "°")
                                .onlyWhen("shape", "BOX", "LYING")
                                .hinting("The level is then the depth in the middle."),
                        Field.readings("heights", "Height of a section", "mm", "in")
                                .onlyWhen("shape", "SECTIONS", "POURED")
                                .hinting("The first at the floor, 0."),
                        Field.readings("areas", "Area of a section, mm²", "")
                                .onlyWhen("shape", "SECTIONS"),
                        Field.readings("poured", "Litres poured up to there", "L", "US qt")
                                .onlyWhen("shape", "POURED")
                                .hinting("The first 0."),
                        Field.readings("across", "Corner, across", "mm", "in")
                                .onlyWhen("shape", "DRAWN")
                                .hinting("Corners in order round the section."),
                        Field.readings("up", "Corner, up", "mm", "in").onlyWhen("shape", "DRAWN"))
                .stream()
                .map(f -> f.in(SUMP))
                .toList();
    }

    /** The shape, tilted where it stands so. */
    public static SumpShape shape(DrawerSheet sheet) {
        var upright = upright(sheet);
        double tilt = sheet.orElse("tiltDeg", 0);
        return tilt != 0 && upright instanceof Tiltable body ? new TiltedSump(body, tilt) : upright;
    }

    /** As many of one as of the other, or it is told at the second field. */
    public static void refuseUnlike(DrawerSheet sheet, String first, String second, String what) {
        int one = sheet.readings(first).size();
        int two = sheet.readings(second).size();
        if (one != two) {
            throw Refused.because(
                    second, "There are %d and %d of them: %s.".formatted(one, two, what));
        }
    }

    private static SumpShape upright(DrawerSheet sheet) {
        return switch (sheet.choice("shape")) {
            case "LYING" ->
                    new SumpShape.LyingCylinder(
                            sheet.number("diameterMm") / 2,
                            sheet.number("lengthMm"),
                            sheet.choice("end", DishedEnd.class),
                            sheet.orElse("endDepthMm", 0));
            case "STANDING" ->
                    new SumpShape.StandingCylinder(
                            sheet.number("diameterMm") / 2, sheet.number("heightMm"));
            case "SECTIONS" -> sections(sheet);
            case "DRAWN" -> drawn(sheet);
            case "POURED" -> poured(sheet);
            default ->
                    new SumpShape.Box(
                            sheet.number("lengthMm"),
                            sheet.number("widthMm"),
                            sheet.number("heightMm"),
                            sheet.number("riseMm"));
        };
    }

    private static SumpShape drawn(DrawerSheet sheet) {
        var across = sheet.readings("across");
        var up = sheet.readings("up");
        refuseUnlike(sheet, "across", "up", "each corner needs both");
        return AtField.named(
                Map.of("corners", "up"),
                () ->
                        new SumpShape.Extruded(
                                IntStream.range(0, up.size())
                                        .mapToObj(
                                                i -> new SumpShape.Corner(across.get(i), up.get(i)))
                                        .toList(),
                                sheet.number("lengthMm")));
    }

    private static SumpShape sections(DrawerSheet sheet) {
        var heights = sheet.readings("heights");
        var areas = sheet.readings("areas");
        refuseUnlike(sheet, "heights", "areas", "each section needs both");
        var rows = new ArrayList<SumpShape.Sections.Section>();
        for (int i = 0; i < heights.size(); i++) {
            rows.add(new SumpShape.Sections.Section(heights.get(i), areas.get(i)));
        }
        return new SumpShape.Sections(rows);
    }

    private static SumpShape poured(DrawerSheet sheet) {
        var heights = sheet.readings("heights");
        var litres = sheet.readings("poured");
        refuseUnlike(sheet, "heights", "poured", "each height needs its litres");
        return AtField.named(
                Map.of("marks", "poured"),
                () ->
                        new PouredSump(
                                IntStream.range(0, heights.size())
                                        .mapToObj(
                                                i ->
                                                        new PouredSump.Mark(
                                                                heights.get(i), litres.get(i)))
                                        .toList()));
    }

    /** Every 5 mm, or every 10 or 20 where the stick is long. */
    public static List<List<String>> dipstick(
            DrawerSheet sheet, SumpShape shape, DoubleUnaryOperator litresAt) {
        double zero = sheet.orElse("stickZeroMm", 0);
        double step = shape.heightMm() > 400 ? 20 : shape.heightMm() > 200 ? 10 : 5;
        var rows = new ArrayList<List<String>>();
        for (double s = 0; rows.size() < LONGEST_TABLE; s += step) {
            double h = SumpShape.levelOnStick(zero, s, sheet.orElse("stickDeg", 0));
            if (h > shape.heightMm()) {
                break;
            }
            // A zero below the floor reads nothing at first.
            double litres = h < 0 ? -1 : litresAt.applyAsDouble(h);
            rows.add(
                    List.of(
                            PlainDigits.exact(s),
                            PlainDigits.rounded(h, 1),
                            litres < 0 ? "–" : PlainDigits.rounded(litres, 2)));
        }
        return rows;
    }
}
