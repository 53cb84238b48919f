package app.yunque.server.drawer;

import app.yunque.lubricant.BaseOil;
import app.yunque.lubricant.ChangeInterval;
import app.yunque.lubricant.ColdStart;
import app.yunque.lubricant.FilmCheck;
import app.yunque.lubricant.IsoViscosityGrade;
import app.yunque.lubricant.OilBlend;
import app.yunque.lubricant.OilChange;
import app.yunque.lubricant.OilCondition;
import app.yunque.lubricant.OldViscosity;
import app.yunque.lubricant.SaeGearGrade;
import app.yunque.lubricant.SumpHeat;
import app.yunque.lubricant.ViscosityIndex;
import app.yunque.lubricant.ViscosityLine;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import app.yunque.server.drawer.Drawer.Section;
import app.yunque.server.drawer.Drawer.Takes;
import app.yunque.server.drawer.Field.Option;
import app.yunque.server.problem.AtField;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How thick the oil is, how hot it gets, how long it lasts. */
@Configuration
class OilDrawers {
    private static final String OIL = "The oil";
    private static final String BOX = "The box";

    static Field base(String name, String label) {
        return Field.choice(
                name,
                label,
                BaseOil.MINERAL.name(),
                Arrays.stream(BaseOil.values())
                        .map(b -> new Option(b.name(), b.words()))
                        .toArray(Option[]::new));
    }

    /** An oil by grade and index, or by two points. */
    private static List<Field> oil() {
        return List.<Field>of(
                        base("base", "Base oil"),
                        Field.choice(
                                "known",
                                "Known by",
                                "GRADE",
                                new Option("GRADE", "viscosity at 40 °C and index"),
                                new Option("POINTS", "two temperatures"),
                                new Option("SAYBOLT", "Saybolt seconds at 100 °F"),
                                new Option("ENGLER", "Engler degrees at 50 °C")),
                        Field.quantity("at40", "Viscosity at 40 °C, mm²/s", "220", "")
                                .onlyWhen("known", "GRADE")
                                .hinting("ISO VG is the middle of its grade."),
                        Field.quantity("viscosityIndex", "Viscosity index", "", "")
                                .mayBeEmpty()
                                .hinting("Empty: what is usual for the base oil."),
                        Field.quantity("t1", "First temperature", "40", "°C", "°F")
                                .onlyWhen("known", "POINTS"),
                        Field.quantity("v1", "Viscosity there, mm²/s", "220", "")
                                .onlyWhen("known", "POINTS"),
                        Field.quantity("t2", "Second temperature", "100", "°C", "°F")
                                .onlyWhen("known", "POINTS"),
                        Field.quantity("v2", "Viscosity there, mm²/s", "19", "")
                                .onlyWhen("known", "POINTS"),
                        Field.quantity("saybolt", "Saybolt seconds", "1000", "")
                                .onlyWhen("known", "SAYBOLT"),
                        Field.quantity("engler", "Engler degrees", "4.5", "")
                                .onlyWhen("known", "ENGLER"))
                .stream()
                .map(f -> f.in(OIL))
                .toList();
    }

    private static BaseOil baseOf(DrawerSheet sheet) {
        return sheet.choice("base", BaseOil.class);
    }

    private static ViscosityLine line(DrawerSheet sheet) {
        double index = sheet.orElse("viscosityIndex", baseOf(sheet).usualIndex());
        return switch (sheet.choice("known")) {
            case "POINTS" ->
                    AtField.named(
                            Map.of("temperatureDegC", "t2", "viscosityMm2PerS", "v2"),
                            () ->
                                    ViscosityLine.through(
                                            sheet.number("t1"),
                                            sheet.number("v1"),
                                            sheet.number("t2"),
                                            sheet.number("v2")));
            case "SAYBOLT" ->
                    ViscosityLine.at(
                            37.7778, OldViscosity.fromSaybolt(sheet.number("saybolt")), index);
            case "ENGLER" ->
                    ViscosityLine.at(50, OldViscosity.fromEngler(sheet.number("engler")), index);
            default -> ViscosityLine.of(sheet.number("at40"), index);
        };
    }

    @Bean
    Drawer viscosity() {
        return new Drawer(
                "viscosity",
                "Viscosity and temperature",
                "How thick an oil is cold and hot, its grade in every system, and whether it moves at the coldest start.",
                Section.OIL,
                Takes.NONE,
                GearFields.all(
                        oil(),
                        List.of(
                                Field.quantity("sumpDegC", "Sump temperature", "60", "°C", "°F")
                                        .in(BOX),
                                Field.quantity("startDegC", "Coldest start", "-5", "°C", "°F")
                                        .in(BOX),
                                Field.choice(
                                                "feed",
                                                "Oil reaches the teeth by",
                                                "SPLASH",
                                                new Option("SPLASH", "splash"),
                                                new Option("PUMP", "a shaft-driven pump"))
                                        .in(BOX),
                                Field.quantity("pourPointDegC", "Pour point", "", "°C", "°F")
                                        .mayBeEmpty()
                                        .in(BOX),
                                Field.quantity(
                                                "wantedLeast",
                                                "Wanted in the sump, from mm²/s",
                                                "",
                                                "")
                                        .mayBeEmpty()
                                        .in(BOX)
                                        .hinting("Drawn as a band on the chart."),
                                Field.quantity("wantedMost", "to mm²/s", "", "")
                                        .mayBeEmpty()
                                        .in(BOX))),
                OilDrawers::viscosity);
    }

    private static DrawerAnswer viscosity(DrawerSheet sheet) {
        var oil = line(sheet);
        double at40 = oil.viscosityAt(40);
        double at100 = oil.viscosityAt(100);
        double sump = sheet.number("sumpDegC");
        Refused.ifAny(ChangeInterval.SUMP.judge(sump));
        var start =
                ColdStart.of(
                        oil,
                        baseOf(sheet),
                        sheet.number("startDegC"),
                        sheet.choice("feed", ColdStart.Feed.class),
                        sheet.optional("pourPointDegC"));
        var holding = IsoViscosityGrade.holding(at40);
        var grade =
                holding.map(IsoViscosityGrade::words)
                        .orElse("no ISO grade, nearest " + IsoViscosityGrade.nearest(at40).words());
        var rows = new ArrayList<List<String>>();
        for (int t = -20; t <= 100; t += 20) {
            double v = oil.viscosityAt(t);
            rows.add(
                    List.of(
                            t + " °C",
                            PlainDigits.rounded(v, v < 100 ? 1 : 0),
                            PlainDigits.rounded(
                                    v * baseOf(sheet).densityAt(t) / 1000, v < 100 ? 1 : 0)));
        }
        return DrawerAnswer.saying(
                        "%s mm²/s in the sump at %s °C. %s"
                                .formatted(
                                        PlainDigits.rounded(oil.viscosityAt(sump), 1),
                                        PlainDigits.exact(sump),
                                        start.sentence()))
                .verdict(start.verdict())
                .warn(tooHot(baseOf(sheet), sump))
                .figure("in the sump", oil.viscosityAt(sump), "mm²/s", 1)
                .figure("at the coldest start", start.kinematic(), "mm²/s", 0)
                .figure("the same, dynamic", start.dynamic(), "mPa·s", 0)
                .figure("at 40 °C", at40, "mm²/s", 1)
                .figure("at 100 °C", at100, "mm²/s", 2)
                .figure("viscosity index", ViscosityIndex.of(at40, at100), "", 0)
                .words("ISO grade", grade)
                .words(
                        "SAE gear grade, hot side only",
                        SaeGearGrade.of(at100).map(SaeGearGrade::words).orElse("below SAE 80"))
                .table(List.of("temperature", "mm²/s", "mPa·s"), rows)
                .chart(
                        ViscosityChart.of(
                                "this oil",
                                oil,
                                ViscosityIndex.of(at40, at100),
                                sump,
                                sheet.number("startDegC"),
                                wanted(sheet)))
                .working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "log log (ν + 0.7) = A − B log T",
                                                "A = %s, B = %s"
                                                        .formatted(
                                                                PlainDigits.rounded(oil.a(), 5),
                                                                PlainDigits.rounded(oil.b(), 5)))),
                                "Walther, ASTM D341; index ASTM D2270; SAE J306, limits of 2005; all from memory",
                                List.of(
                                        "Below 0 °C the line is stretched beyond what was measured: a real oil may be thicker near its pour point.")))
                .build();
    }

    private static OilBlend.Part part(DrawerSheet sheet, String which) {
        return AtField.named(
                Map.of("litres", "litres" + which, "viscosityMm2PerS", "v" + which),
                () -> new OilBlend.Part(sheet.number("litres" + which), sheet.number("v" + which)));
    }

    private static List<String> tooHot(BaseOil base, double sumpDegC) {
        return sumpDegC <= base.limitDegC()
                ? List.of()
                : List.of(
                        "%s °C is above what %s oil bears in a sump, %s °C: it ages fast. Cool the box or take another base oil."
                                .formatted(
                                        PlainDigits.exact(sumpDegC),
                                        base.words(),
                                        PlainDigits.exact(base.limitDegC())));
    }

    private static double @Nullable [] wanted(DrawerSheet sheet) {
        var least = sheet.optional("wantedLeast");
        var most = sheet.optional("wantedMost");
        if (least.isEmpty() && most.isEmpty()) {
            return null;
        }
        if (least.isEmpty() || most.isEmpty()) {
            throw Refused.because(
                    least.isEmpty() ? "wantedLeast" : "wantedMost",
                    "A band has two ends. Enter this one too, or empty the other.");
        }
        if (least.get() <= 0 || most.get() <= least.get()) {
            throw Refused.because(
                    "wantedMost",
                    "The wanted viscosity runs from %s to %s mm²/s. Enter the thinner first, above 0."
                            .formatted(
                                    PlainDigits.exact(least.get()), PlainDigits.exact(most.get())));
        }
        return new double[] {least.get(), most.get()};
    }

    @Bean
    Drawer blend() {
        return new Drawer(
                "oil-blend",
                "Two oils mixed",
                "What a top-up with another grade makes of the oil in the box. Never the mean.",
                Section.OIL,
                Takes.NONE,
                List.of(
                        Field.quantity("litres1", "Oil in the box", "20", "L", "US qt")
                                .in("In the box"),
                        Field.quantity("v1", "its viscosity at 40 °C, mm²/s", "220", "")
                                .in("In the box"),
                        Field.quantity("litres2", "Topped up with", "5", "L", "US qt")
                                .in("Poured in"),
                        Field.quantity("v2", "its viscosity at 40 °C, mm²/s", "68", "")
                                .in("Poured in"),
                        Field.quantity("target", "Viscosity wanted, mm²/s", "", "")
                                .mayBeEmpty()
                                .in("Poured in")),
                sheet -> {
                    var parts = List.of(part(sheet, "1"), part(sheet, "2"));
                    double v = OilBlend.viscosity(parts);
                    var answer =
                            DrawerAnswer.saying(
                                            "The mixture has %s mm²/s at 40 °C: nearest %s."
                                                    .formatted(
                                                            PlainDigits.rounded(v, 1),
                                                            IsoViscosityGrade.nearest(v).words()))
                                    .figure("mixture at 40 °C", v, "mm²/s", 1);
                    sheet.optional("target")
                            .ifPresent(
                                    t -> {
                                        double share =
                                                OilBlend.shareOfFirst(
                                                        sheet.number("v1"), sheet.number("v2"), t);
                                        answer.figure(
                                                "for the wanted one, share of the first",
                                                100 * share,
                                                "%",
                                                1);
                                    });
                    return answer.warn(
                                    List.of(
                                            "Only for oils that may meet: see the drawer Does it go there?"))
                            .working(
                                    new Working(
                                            List.of(
                                                    Working.line(
                                                            "log log (ν + 0.7) mixes by volume",
                                                            PlainDigits.rounded(v, 3) + " mm²/s")),
                                            "Walther; family of ASTM D7152, from memory"))
                            .build();
                });
    }

    @Bean
    Drawer heat() {
        return new Drawer(
                "sump-temperature",
                "How hot the sump gets",
                "Losses against the surface of the case, worked out together with the oil's thinning.",
                Section.OIL,
                Takes.NONE,
                GearFields.all(
                        oil(),
                        List.of(
                                Field.quantity(
                                                "powerKw",
                                                "Power through the box",
                                                "7.5",
                                                "kW",
                                                "hp")
                                        .in(BOX),
                                Field.quantity(
                                                "efficiencyPercent",
                                                "Efficiency of the meshes",
                                                "97",
                                                "%")
                                        .in(BOX),
                                Field.length("lengthMm", "Case length", "600").in(BOX),
                                Field.length("widthMm", "Case width", "400").in(BOX),
                                Field.length("heightMm", "Case height", "350").in(BOX),
                                Field.choice(
                                                "air",
                                                "It stands",
                                                "17",
                                                new Option("15", "in a small room, still air"),
                                                new Option("17", "in a shop"),
                                                new Option("20", "in an open hall, moving air"),
                                                new Option("27", "under a shaft fan"))
                                        .in(BOX),
                                Field.choice(
                                                "baseFree",
                                                "Its base",
                                                "NO",
                                                new Option("NO", "on a foundation"),
                                                new Option("YES", "in free air"))
                                        .in(BOX),
                                Field.quantity("ambientDegC", "Ambient", "20", "°C", "°F").in(BOX),
                                Field.quantity("churningW", "No-load loss, W, if measured", "0", "")
                                        .in(BOX))),
                OilDrawers::heat);
    }

    private static DrawerAnswer heat(DrawerSheet sheet) {
        double area =
                SumpHeat.boxAreaM2(
                        sheet.number("lengthMm"),
                        sheet.number("widthMm"),
                        sheet.number("heightMm"),
                        sheet.is("baseFree", "YES"));
        var oil = line(sheet);
        var heat =
                SumpHeat.of(
                        1000 * sheet.number("powerKw"),
                        sheet.number("efficiencyPercent") / 100,
                        area,
                        Double.parseDouble(sheet.choice("air")),
                        sheet.number("ambientDegC"),
                        sheet.number("churningW"),
                        100,
                        oil,
                        baseOf(sheet));
        return DrawerAnswer.saying(
                        "The sump settles at about %s °C; the oil then has %s mm²/s."
                                .formatted(
                                        PlainDigits.rounded(heat.temperatureDegC(), 0),
                                        PlainDigits.rounded(heat.viscosity(), 0)))
                .verdict(
                        heat.temperatureDegC() > baseOf(sheet).limitDegC()
                                ? Verdict.CLEAR_FAIL
                                : heat.temperatureDegC() > baseOf(sheet).warnDegC()
                                        ? Verdict.DOUBTFUL
                                        : Verdict.CLEAR_PASS)
                .figure("sump", heat.temperatureDegC(), "°C", 1)
                .figure("oil there", heat.viscosity(), "mm²/s", 1)
                .figure("losses", heat.lossW(), "W", 0)
                .figure("surface of the case", area, "m²", 2)
                .figure(
                        "a bearing of 60 mm at 1450 min⁻¹ wants",
                        FilmCheck.bearingViscosity(1450, 60),
                        "mm²/s",
                        1)
                .warn(heat.warnings())
                .warn(List.of("A case above 60 °C burns skin: measure before touching."))
                .working(heat.working())
                .build();
    }

    @Bean
    Drawer condition() {
        return new Drawer(
                "oil-sample",
                "What the used oil says",
                "Viscosity, water, acid, particles and metals of a sample against limits and its own history.",
                Section.OIL,
                Takes.NONE,
                List.of(
                        base("base", "Base oil").in(OIL),
                        Field.quantity("fresh", "New oil at 40 °C, mm²/s", "224", "").in(OIL),
                        Field.quantity("used", "Used oil at 40 °C, mm²/s", "", "")
                                .mayBeEmpty()
                                .in(OIL),
                        Field.quantity("waterPpm", "Water, ppm", "", "").mayBeEmpty().in(OIL),
                        Field.quantity("acidRise", "Acid number over new", "", "")
                                .mayBeEmpty()
                                .in(OIL),
                        Field.quantity("count4", "Particles from 4 µm a mL", "", "")
                                .mayBeEmpty()
                                .in("Particles"),
                        Field.quantity("count6", "from 6 µm", "", "").mayBeEmpty().in("Particles"),
                        Field.quantity("count14", "from 14 µm", "", "")
                                .mayBeEmpty()
                                .in("Particles"),
                        Field.quantity("iron", "Iron, ppm", "", "").mayBeEmpty().in("Metals"),
                        Field.readings("earlierIron", "Iron of an earlier sample, ppm", "")
                                .mayBeEmpty()
                                .in("Metals"),
                        Field.quantity("copper", "Copper, ppm", "", "").mayBeEmpty().in("Metals"),
                        Field.quantity("tin", "Tin, ppm", "", "").mayBeEmpty().in("Metals"),
                        Field.quantity("chromium", "Chromium, ppm", "", "")
                                .mayBeEmpty()
                                .in("Metals"),
                        Field.quantity("aluminium", "Aluminium, ppm", "", "")
                                .mayBeEmpty()
                                .in("Metals"),
                        Field.quantity("silicon", "Silicon over new, ppm", "", "")
                                .mayBeEmpty()
                                .in("Metals")),
                OilDrawers::condition);
    }

    private static DrawerAnswer condition(DrawerSheet sheet) {
        var found = new ArrayList<OilCondition.Finding>();
        sheet.optional("used")
                .ifPresent(v -> found.add(OilCondition.viscosity(v, sheet.number("fresh"))));
        sheet.optional("waterPpm").ifPresent(v -> found.add(OilCondition.water(v, baseOf(sheet))));
        sheet.optional("acidRise").ifPresent(v -> found.add(OilCondition.acid(v)));
        metal(found, sheet, "iron", sheet.readings("earlierIron"), 100, 200);
        metal(found, sheet, "copper", List.of(), 50, 100);
        metal(found, sheet, "tin", List.of(), 10, 20);
        metal(found, sheet, "chromium", List.of(), 5, 10);
        metal(found, sheet, "aluminium", List.of(), 15, 25);
        metal(found, sheet, "silicon", List.of(), 20, 40);
        if (found.isEmpty() && !sheet.has("count4")) {
            throw Refused.because(
                    "used",
                    "Nothing of the sample is entered yet. Enter what the laboratory gave.");
        }
        var parts =
                OilCondition.parts(
                        isHigh(found, "iron"),
                        isHigh(found, "chromium"),
                        isHigh(found, "copper"),
                        isHigh(found, "tin"),
                        isHigh(found, "aluminium"),
                        isHigh(found, "silicon"));
        var rows =
                found.stream()
                        .map(f -> List.of(f.what(), words(f.verdict()), f.sentence()))
                        .toList();
        var verdict = OilCondition.worst(found).orElse(Verdict.NOT_JUDGED);
        var answer =
                DrawerAnswer.saying(
                                verdict == Verdict.CLEAR_FAIL
                                        ? "Change the oil and find the cause."
                                        : verdict == Verdict.DOUBTFUL
                                                ? "Watch it: sample again sooner."
                                                : "The oil is in order.")
                        .verdict(verdict)
                        .table(List.of("what", "state", "in words"), rows)
                        .warn(parts);
        if (sheet.has("count4")) {
            answer.words(
                    "cleanliness after ISO 4406",
                    OilCondition.cleanliness(
                            sheet.number("count4"),
                            sheet.orElse("count6", Double.NaN),
                            sheet.orElse("count14", Double.NaN)));
        }
        return answer.working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "metals: mean + 2 σ watched, + 3 σ alarm, from five samples on",
                                                "otherwise fixed limits")),
                                "ISO 4406, from memory; limits common practice, no source",
                                List.of(
                                        "Compare with the new oil of the same batch, not with the grade's middle.",
                                        "Bronze tints oil gold-brown or green without grit: normal.")))
                .build();
    }

    private static void metal(
            List<OilCondition.Finding> found,
            DrawerSheet sheet,
            String name,
            List<Double> earlier,
            double warn,
            double act) {
        sheet.optional(name)
                .ifPresent(v -> found.add(OilCondition.metal(name, v, earlier, warn, act)));
    }

    private static boolean isHigh(List<OilCondition.Finding> found, String metal) {
        return found.stream()
                .anyMatch(f -> f.what().equals(metal) && f.verdict() != Verdict.CLEAR_PASS);
    }

    private static String words(Verdict verdict) {
        return switch (verdict) {
            case CLEAR_PASS -> "in order";
            case DOUBTFUL -> "watch";
            case CLEAR_FAIL -> "act";
            case NOT_JUDGED -> "–";
        };
    }

    @Bean
    Drawer interval() {
        return new Drawer(
                "change-interval",
                "When to change the oil",
                "Hours and months until the next change, by temperature, dirt and water.",
                Section.OIL,
                Takes.NONE,
                List.of(
                        base("base", "Base oil").in(OIL),
                        Field.quantity("sumpDegC", "Sump temperature", "70", "°C", "°F").in(BOX),
                        Field.quantity("hoursPerMonth", "Running hours a month", "350", "").in(BOX),
                        choice("dirt", "Surroundings", ChangeInterval.Dirt.values()).in(BOX),
                        choice("water", "Water", ChangeInterval.Water.values()).in(BOX)),
                sheet -> {
                    var i =
                            ChangeInterval.of(
                                    baseOf(sheet),
                                    sheet.number("sumpDegC"),
                                    sheet.number("hoursPerMonth"),
                                    sheet.choice("dirt", ChangeInterval.Dirt.class),
                                    sheet.choice("water", ChangeInterval.Water.class));
                    return DrawerAnswer.saying(
                                    "Change after %s running hours, that is %s months at this use."
                                            .formatted(
                                                    PlainDigits.rounded(i.hours(), 0),
                                                    PlainDigits.rounded(i.months(), 1)))
                            .figure("hours", i.hours(), "h", 0)
                            .figure("months, calendar cap counted", i.months(), "", 1)
                            .working(i.working())
                            .build();
                });
    }

    private static Field choice(String name, String label, Enum<?>[] values) {
        return Field.choice(
                name,
                label,
                values[0].name(),
                Arrays.stream(values)
                        .map(
                                v ->
                                        new Option(
                                                v.name(),
                                                v.name()
                                                        .toLowerCase(Locale.ROOT)
                                                        .replace('_', ' ')))
                        .toArray(Option[]::new));
    }

    @Bean
    Drawer drawing() {
        return new Drawer(
                "flush-and-draw",
                "Flush and containers",
                "How often to flush until the old oil is gone, which containers to draw, and what to fill cold for a hot mark.",
                Section.OIL,
                Takes.NONE,
                List.of(
                        Field.quantity("litres", "Litres at the mark", "10.2", "L", "US qt")
                                .in(BOX),
                        Field.quantity(
                                        "residueL",
                                        "Old oil that stays after draining",
                                        "0.6",
                                        "L",
                                        "US qt")
                                .in(BOX),
                        Field.quantity("sharePercent", "Old oil that may stay", "1", "%").in(BOX),
                        Field.quantity("hotDegC", "Oil at the mark", "20", "°C", "°F").in(BOX),
                        Field.quantity("fillDegC", "Oil when filled", "20", "°C", "°F").in(BOX),
                        base("base", "Base oil").in(OIL),
                        Field.quantity("reservePercent", "Reserve", "5", "%").in(OIL)),
                sheet -> {
                    double cold =
                            OilChange.coldLitres(
                                    sheet.number("litres"),
                                    baseOf(sheet),
                                    sheet.number("hotDegC"),
                                    sheet.number("fillDegC"));
                    int fills =
                            OilChange.fillsNeeded(
                                    sheet.number("residueL"),
                                    cold,
                                    sheet.number("sharePercent") / 100);
                    double draw =
                            Math.max(
                                    0.01,
                                    (cold - sheet.number("residueL"))
                                            * (1 + sheet.number("reservePercent") / 100));
                    var containers = OilChange.containers(draw, List.of(1, 4, 5, 20));
                    return DrawerAnswer.saying(
                                    "Fill %s L cold. %s of the last kind leave less than %s %% of the old oil. Draw %s."
                                            .formatted(
                                                    PlainDigits.rounded(cold, 2),
                                                    fills == 1 ? "One fill" : fills + " fills",
                                                    PlainDigits.exact(sheet.number("sharePercent")),
                                                    String.join(
                                                            " + ",
                                                            containers.stream()
                                                                    .map(c -> c + " L")
                                                                    .toList())))
                            .figure("fill cold", cold, "L", 2)
                            .figure("fills, the last one counted", fills, "", 0)
                            .figure(
                                    "old oil then",
                                    100 * OilChange.oldShare(sheet.number("residueL"), cold, fills),
                                    "%",
                                    2)
                            .figure("to draw, reserve counted", draw, "L", 2)
                            .figure(
                                    "mass",
                                    cold * baseOf(sheet).densityAt(sheet.number("fillDegC")) / 1000,
                                    "kg",
                                    2)
                            .warn(
                                    List.of(
                                            "Drain between 40 and 60 °C, not hotter. Collect used oil apart; local rules and the data sheet decide where it goes."))
                            .working(
                                    new Working(
                                            List.of(
                                                    Working.line(
                                                            "V_cold = V / (1 + α (t_hot − t_fill))",
                                                            PlainDigits.rounded(cold, 3) + " L"),
                                                    Working.line(
                                                            "old share = (r/(r + f))^k",
                                                            fills + " fills")),
                                            "arithmetic; share to reach common practice"))
                            .build();
                });
    }
}
