package app.yunque.server.drawer;

import app.yunque.lubricant.BaseOil;
import app.yunque.lubricant.Compatibility;
import app.yunque.lubricant.GreaseAmount;
import app.yunque.lubricant.Lubricant;
import app.yunque.lubricant.LubricatedPlace;
import app.yunque.lubricant.SumpShape;
import app.yunque.lubricant.Thickener;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import app.yunque.server.drawer.Drawer.Section;
import app.yunque.server.drawer.Drawer.Takes;
import app.yunque.server.drawer.Field.Option;
import app.yunque.server.problem.AtField;
import app.yunque.server.store.StoreService;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What may go where, and how much of it. */
@Configuration
class PlaceDrawers {
    private static final String NEW = "The lubricant";
    private static final String OLD = "What is still in it";
    private static final String PLACE = "The place";
    private static final String SUMP = "The sump, inside";
    private static final String BEARING = "The bearing";
    private static final int THINGS = 4;
    private static final Range DISPLACED =
            Range.of("displaced", "what gears and shafts take away", 0, 10_000, "L");

    private final StoreService store;

    PlaceDrawers(StoreService store) {
        this.store = store;
    }

    @Bean
    Drawer compatibility() {
        var fields = new ArrayList<Field>();
        fields.addAll(lubricant("", NEW));
        fields.add(
                Field.quantity("wantedAt40", "Wanted at 40 °C, mm²/s", "", "")
                        .mayBeEmpty()
                        .hinting("Of what stands on the shelf. Empty: any grade.")
                        .in(NEW));
        fields.add(
                Field.choice(
                                "old",
                                "Old lubricant",
                                "NO",
                                new Option("NO", "none, or not known"),
                                new Option("YES", "known"))
                        .in(OLD));
        lubricant("old.", OLD)
                .forEach(f -> fields.add(f.when() == null ? f.onlyWhen("old", "YES") : f));
        fields.add(
                Field.quantity("old.sharePercent", "Share left after draining", "7", "%")
                        .onlyWhen("old", "YES")
                        .in(OLD));
        for (int i = 1; i <= THINGS; i++) {
            fields.add(
                    Field.choice(
                                    "meets" + i,
                                    i == 1 ? "It meets" : "and",
                                    "NOTHING",
                                    Stream.concat(
                                                    Stream.of(new Option("NOTHING", "–")),
                                                    Arrays.stream(LubricatedPlace.Thing.values())
                                                            .map(
                                                                    t ->
                                                                            new Option(
                                                                                    t.name(),
                                                                                    t.words())))
                                            .toArray(Option[]::new))
                            .in(PLACE));
        }
        fields.add(
                Field.choice(
                                "seal",
                                "Seals of",
                                "NBR",
                                Arrays.stream(LubricatedPlace.Seal.values())
                                        .map(s -> new Option(s.name(), s.name()))
                                        .toArray(Option[]::new))
                        .hinting("Not known: taken as NBR.")
                        .in(PLACE));
        fields.add(
                Field.choice(
                                "plastic",
                                "Plastic parts",
                                "NONE",
                                new Option("NONE", "none"),
                                new Option("NYLON", "nylon"),
                                new Option("ACETAL", "acetal"),
                                new Option("CLEAR_PLASTIC", "clear plastic, ABS"),
                                new Option("POLYETHYLENE", "polyethylene, polypropylene"))
                        .in(PLACE));
        fields.add(Field.quantity("sumpDegC", "Working temperature", "60", "°C", "°F").in(PLACE));
        fields.add(Field.quantity("velocity", "Pitch-line velocity, m/s", "2", "").in(PLACE));
        return new Drawer(
                "does-it-go-there",
                "Does it go there?",
                "A lubricant against bronze, clutches, seals, plastics, paint, water and what is left of the old one.",
                Section.GREASE,
                Takes.NONE,
                List.copyOf(fields),
                this::compatibility);
    }

    private static List<Field> lubricant(String p, String group) {
        return List.of(
                OilDrawers.base(p + "base", "Base oil").in(group),
                Field.choice(
                                p + "additive",
                                "Against wear",
                                "MILD_EP",
                                Arrays.stream(Lubricant.Additive.values())
                                        .map(a -> new Option(a.name(), a.words()))
                                        .toArray(Option[]::new))
                        .in(group),
                Field.choice(
                                p + "thickener",
                                "It is",
                                "OIL",
                                Stream.concat(
                                                Stream.of(new Option("OIL", "an oil")),
                                                Arrays.stream(Thickener.values())
                                                        .map(
                                                                t ->
                                                                        new Option(
                                                                                t.name(),
                                                                                "a grease, "
                                                                                        + t
                                                                                                .words())))
                                        .toArray(Option[]::new))
                        .in(group),
                Field.choice(
                                p + "food",
                                "Food contact",
                                "NO",
                                new Option("NO", "not registered"),
                                new Option("YES", "registered, H1"))
                        .in(group));
    }

    private static Lubricant read(DrawerSheet sheet, String p) {
        boolean oil = sheet.is(p + "thickener", "OIL");
        return new Lubricant(
                sheet.choice(p + "base", BaseOil.class),
                sheet.choice(p + "additive", Lubricant.Additive.class),
                oil
                        ? Optional.empty()
                        : Optional.of(sheet.choice(p + "thickener", Thickener.class)),
                oil ? Optional.empty() : Optional.of(2),
                220,
                sheet.is(p + "food", "YES"),
                false);
    }

    private DrawerAnswer compatibility(DrawerSheet sheet) {
        var meets = EnumSet.noneOf(LubricatedPlace.Thing.class);
        for (int i = 1; i <= THINGS; i++) {
            if (!sheet.is("meets" + i, "NOTHING")) {
                meets.add(sheet.choice("meets" + i, LubricatedPlace.Thing.class));
            }
        }
        var place =
                new LubricatedPlace(
                        meets,
                        sheet.choice("seal", LubricatedPlace.Seal.class),
                        sheet.choice("plastic", LubricatedPlace.Plastic.class),
                        sheet.number("sumpDegC"),
                        sheet.number("velocity"));
        var remains =
                sheet.is("old", "YES")
                        ? Optional.of(
                                new Compatibility.Remains(
                                        read(sheet, "old."),
                                        sheet.number("old.sharePercent") / 100))
                        : Optional.<Compatibility.Remains>empty();
        var asked = read(sheet, "");
        var told = Compatibility.of(asked, place, remains);
        var shelf =
                OnTheShelf.of(
                        store.all(),
                        asked.isGrease(),
                        sheet.optional("wantedAt40"),
                        place,
                        remains);
        return DrawerAnswer.saying(
                        told.findings().isEmpty()
                                ? "Nothing stands against it. The plate and the maker's list come first."
                                : told.findings().get(0).reason()
                                        + " "
                                        + told.findings().get(0).instead())
                .verdict(told.verdict())
                .table(
                        List.of("what", "weight", "why", "instead"),
                        told.findings().stream()
                                .map(
                                        f ->
                                                List.of(
                                                        f.rule(),
                                                        words(f.weight()),
                                                        f.reason(),
                                                        f.instead()))
                                .toList())
                .shelf(shelf.table())
                .warn(shelf.nothing().map(List::of).orElse(List.of()))
                .working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "every rule is asked, the worst stands first",
                                                told.findings().size() + " findings")),
                                "common practice, no source; thickener chart widely reprinted, charts differ",
                                List.of(
                                        "Order: plate, the shop's own good experience on this machine, this table, then stop and ask.")))
                .build();
    }

    private static String words(Compatibility.Weight weight) {
        return switch (weight) {
            case FORBIDS -> "forbids";
            case WARNS -> "warns";
            case INFORMS -> "to know";
        };
    }

    @Bean
    Drawer sump() {
        return new Drawer(
                "sump-volume",
                "Litres in a sump",
                "Litres for a level, the level for litres, and a table for the dipstick, for boxes, cylinders, dished ends and measured sections.",
                Section.OIL,
                Takes.NONE,
                List.of(
                        Field.choice(
                                        "shape",
                                        "Shape",
                                        "BOX",
                                        new Option("BOX", "box, floor may slope"),
                                        new Option("LYING", "lying cylinder"),
                                        new Option("STANDING", "standing cylinder"),
                                        new Option("SECTIONS", "measured sections"),
                                        new Option("DRAWN", "a section by its corners"))
                                .in(SUMP),
                        Field.length("lengthMm", "Length", "420")
                                .onlyWhen("shape", "BOX", "LYING", "DRAWN")
                                .in(SUMP),
                        Field.length("widthMm", "Width", "260").onlyWhen("shape", "BOX").in(SUMP),
                        Field.length("heightMm", "Height", "200")
                                .onlyWhen("shape", "BOX", "STANDING")
                                .in(SUMP),
                        Field.length("riseMm", "Floor rises by", "0")
                                .onlyWhen("shape", "BOX")
                                .in(SUMP),
                        Field.quantity("tiltDeg", "Box stands tilted by", "0", "°")
                                .onlyWhen("shape", "BOX")
                                .in(SUMP),
                        Field.length("diameterMm", "Diameter", "300")
                                .onlyWhen("shape", "LYING", "STANDING")
                                .in(SUMP),
                        Field.length("endDepthMm", "Depth of a dished end", "0")
                                .onlyWhen("shape", "LYING")
                                .hinting("0 for flat ends.")
                                .in(SUMP),
                        Field.readings("heights", "Height of a section", "mm", "in")
                                .onlyWhen("shape", "SECTIONS")
                                .hinting("The first at the floor, 0.")
                                .in(SUMP),
                        Field.readings("areas", "Area of a section, mm²", "")
                                .onlyWhen("shape", "SECTIONS")
                                .in(SUMP),
                        Field.readings("across", "Corner, across", "mm", "in")
                                .onlyWhen("shape", "DRAWN")
                                .hinting("Corners in order round the section.")
                                .in(SUMP),
                        Field.readings("up", "Corner, up", "mm", "in")
                                .onlyWhen("shape", "DRAWN")
                                .in(SUMP),
                        Field.length("levelMm", "Oil level above the floor", "95").in("The level"),
                        Field.quantity("litres", "or so many litres", "", "L", "US qt")
                                .mayBeEmpty()
                                .in("The level"),
                        Field.quantity("displaced", "Gears and shafts take away, L", "0", "")
                                .in("The level"),
                        Field.length("stickZeroMm", "Dipstick: its zero above the floor", "0")
                                .in("Dipstick"),
                        Field.quantity("stickDeg", "it leans by", "0", "°").in("Dipstick")),
                PlaceDrawers::sump);
    }

    private static SumpShape shape(DrawerSheet sheet) {
        return switch (sheet.choice("shape")) {
            case "LYING" ->
                    new SumpShape.LyingCylinder(
                            sheet.number("diameterMm") / 2,
                            sheet.number("lengthMm"),
                            sheet.number("endDepthMm") > 0
                                    ? SumpShape.Ends.ELLIPSOID
                                    : SumpShape.Ends.FLAT,
                            sheet.number("endDepthMm"));
            case "STANDING" ->
                    new SumpShape.StandingCylinder(
                            sheet.number("diameterMm") / 2, sheet.number("heightMm"));
            case "SECTIONS" -> sections(sheet);
            case "DRAWN" -> drawn(sheet);
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
        if (across.size() != up.size()) {
            throw Refused.because(
                    "up",
                    "There are %d places across and %d up: each corner needs both."
                            .formatted(across.size(), up.size()));
        }
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
        if (heights.size() != areas.size()) {
            throw Refused.because(
                    "areas",
                    "There are %d heights and %d areas: each section needs both."
                            .formatted(heights.size(), areas.size()));
        }
        var rows = new ArrayList<SumpShape.Sections.Section>();
        for (int i = 0; i < heights.size(); i++) {
            rows.add(new SumpShape.Sections.Section(heights.get(i), areas.get(i)));
        }
        return new SumpShape.Sections(rows);
    }

    private static DrawerAnswer sump(DrawerSheet sheet) {
        var shape = shape(sheet);
        double away = sheet.number("displaced");
        Refused.ifAny(DISPLACED.judge(away));
        double level =
                sheet.optional("litres")
                        .map(l -> shape.levelMm(l + away))
                        .orElseGet(() -> sheet.number("levelMm"));
        double tilt = sheet.orElse("tiltDeg", 0);
        double gross =
                tilt == 0 || !(shape instanceof SumpShape.Box box)
                        ? shape.litres(level)
                        : SumpShape.tiltedBoxLitres(box, level, tilt);
        double net = gross - away;
        if (net < 0) {
            throw Refused.because(
                    "displaced",
                    "The parts take away more, %s L, than the sump holds at this level, %s L. Check the dimensions."
                            .formatted(PlainDigits.exact(away), PlainDigits.rounded(gross, 2)));
        }
        var answer =
                DrawerAnswer.saying(
                                "%s L at a level of %s mm."
                                        .formatted(
                                                PlainDigits.rounded(net, 2),
                                                PlainDigits.rounded(level, 1)))
                        .figure("oil", net, "L", 2)
                        .figure("level above the floor", level, "mm", 1)
                        .figure("a millimetre of level is", perMm(shape, level), "L", 3)
                        .figure("full to the joint", shape.litres(shape.heightMm()) - away, "L", 2)
                        .table(
                                List.of("dipstick mm", "level mm", "litres"),
                                dipstick(sheet, shape, away));
        if (tilt == 0 && !shape.outline().isEmpty()) {
            answer.sump(
                    new SumpPicture(
                            shape.outline(), SumpShape.below(shape.outline(), level), level));
        }
        if (level > 0.95 * shape.heightMm()) {
            answer.warn(
                    List.of("Nearly full: hot oil needs room, about 4 % of its volume for 50 K."));
        }
        return answer.working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "V(level) less what parts take away",
                                                "%s − %s = %s L"
                                                        .formatted(
                                                                PlainDigits.rounded(gross, 3),
                                                                PlainDigits.exact(away),
                                                                PlainDigits.rounded(net, 3)))),
                                "geometry",
                                List.of(
                                        "The mark wins: fill nearly all, run five minutes, wait fifteen, correct at the mark.")))
                .build();
    }

    private static double perMm(SumpShape shape, double level) {
        double above = Math.min(shape.heightMm(), level + 0.5);
        double below = Math.max(0, above - 1);
        return (shape.litres(above) - shape.litres(below)) / (above - below);
    }

    private static List<List<String>> dipstick(DrawerSheet sheet, SumpShape shape, double away) {
        double zero = sheet.number("stickZeroMm");
        var rows = new ArrayList<List<String>>();
        for (double s = 0; s <= 2000 && rows.size() < 40; s += shape.heightMm() > 250 ? 20 : 10) {
            double h = SumpShape.levelOnStick(zero, s, sheet.number("stickDeg"));
            if (h > shape.heightMm()) {
                break;
            }
            double litres = shape.litres(h) - away;
            rows.add(
                    List.of(
                            PlainDigits.exact(s),
                            PlainDigits.rounded(h, 1),
                            litres < 0 ? "–" : PlainDigits.rounded(litres, 2)));
        }
        return rows;
    }

    @Bean
    Drawer grease() {
        return new Drawer(
                "grease-amount",
                "Grease for a bearing",
                "How much at the first fill and at each relubrication, and how often.",
                Section.GREASE,
                Takes.NONE,
                List.of(
                        Field.length("boreMm", "Bore", "40").in(BEARING),
                        Field.length("outsideMm", "Outside diameter", "80").in(BEARING),
                        Field.length("widthMm", "Width", "18").in(BEARING),
                        Field.quantity("massKg", "Mass, kg", "0.37", "").in(BEARING),
                        Field.choice(
                                        "design",
                                        "It is",
                                        "BALL",
                                        new Option("BALL", "a ball bearing"),
                                        new Option(
                                                "CYLINDRICAL_OR_NEEDLE", "cylindrical or needle"),
                                        new Option("TAPER_OR_SPHERICAL", "taper or spherical"))
                                .in(BEARING),
                        Field.quantity("speedRpm", "Speed", "1450", "min⁻¹").in("At work"),
                        choice(
                                        "heat",
                                        "Housing",
                                        "1:below 65 °C",
                                        "0.5:65 to 80 °C",
                                        "0.2:80 to 93 °C",
                                        "0.1:hotter")
                                .in("At work"),
                        choice("dirt", "Dirt", "1:light", "0.7:moderate", "0.4:heavy", "0.2:severe")
                                .in("At work"),
                        choice(
                                        "moist",
                                        "Moisture",
                                        "1:dry",
                                        "0.7:humid",
                                        "0.4:condensation",
                                        "0.1:water on it")
                                .in("At work"),
                        choice("position", "Shaft", "1:lying", "0.5:leaning", "0.3:standing")
                                .in("At work"),
                        Field.quantity("gunG", "The gun gives a stroke, g", "1.2", "")
                                .in("At work")),
                PlaceDrawers::grease);
    }

    private static Field choice(String name, String label, String... options) {
        return Field.choice(
                name,
                label,
                options[0].split(":")[0],
                Arrays.stream(options)
                        .map(o -> new Option(o.split(":")[0], o.split(":")[1]))
                        .toArray(Option[]::new));
    }

    private static DrawerAnswer grease(DrawerSheet sheet) {
        double room =
                GreaseAmount.freeRoomCm3(
                        sheet.number("boreMm"),
                        sheet.number("outsideMm"),
                        sheet.number("widthMm"),
                        sheet.number("massKg"));
        double surroundings = 1;
        for (var name : List.of("heat", "dirt", "moist", "position")) {
            surroundings *= Double.parseDouble(sheet.choice(name));
        }
        double hours =
                GreaseAmount.intervalH(
                        sheet.choice("design", GreaseAmount.Design.class),
                        sheet.number("speedRpm"),
                        sheet.number("boreMm"),
                        surroundings);
        double dose =
                GreaseAmount.relubricationG(
                        sheet.number("outsideMm"), sheet.number("widthMm"), false);
        double first = room * 0.35 * 0.9;
        return DrawerAnswer.saying(
                        "First fill about %s g; then %s g every %s running hours."
                                .formatted(
                                        PlainDigits.rounded(first, 1),
                                        PlainDigits.rounded(dose, 1),
                                        PlainDigits.rounded(hours, 0)))
                .verdict(Verdict.NOT_JUDGED)
                .figure("free room", room, "cm³", 1)
                .figure("first fill, 35 % of it", first, "g", 1)
                .figure("relubrication from the side", dose, "g", 1)
                .figure("strokes of the gun", dose / sheet.number("gunG"), "", 1)
                .figure("through a groove in the ring", dose * 0.4, "g", 1)
                .figure("interval", hours, "h", 0)
                .warn(
                        List.of(
                                "A grease gun works at hundreds of bar: never feel for leaks by hand. An injection under the skin is an emergency even when it looks small."))
                .working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "G = 0.005 D B",
                                                PlainDigits.rounded(dose, 2) + " g"),
                                        Working.line(
                                                "t = K (14·10⁶/(n √d) − 4 d)",
                                                PlainDigits.rounded(hours, 0) + " h")),
                                "handbook and widely printed motor formula, common practice"))
                .build();
    }
}
