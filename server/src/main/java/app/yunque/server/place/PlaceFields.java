package app.yunque.server.place;

import app.yunque.lubricant.grade.ColdStart;
import app.yunque.lubricant.grade.WorkingTemperature;
import app.yunque.lubricant.interval.ChangeInterval;
import app.yunque.lubricant.interval.NextChange;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.lubricant.sump.LevelRule;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.GearFields;
import app.yunque.server.sheet.GreaseFields;
import app.yunque.server.sheet.LubricantFields;
import app.yunque.server.sheet.OilFields;
import app.yunque.server.sheet.SumpFields;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** What is asked of a lubricated place. */
final class PlaceFields {
    static final String PLACE = "The place";
    static final String CLIMATE = "Climate and temperature";
    static final String LOAD = "Load, for two more schools";
    static final String WORM = "The worm, for two more schools";
    static final String HEAT = "Heat balance";
    static final String PARTS = "Parts in the oil";
    static final String LEVEL = "The level";
    static final String MARK = "How it is read and filled";
    static final String GREASE = "The grease";
    static final String UPKEEP = "Upkeep";

    /** Headings that stand folded until they are wanted: their fields may all stay empty. */
    static final Set<String> FOLDED =
            Set.of(LOAD, WORM, HEAT, PARTS, MARK, UPKEEP, LubricantFields.OLD);

    private static final String[] BATHS = names(PlaceSort::isGearBath);
    private static final String[] LEVELS = names(PlaceSort::hasLevel);
    private static final String[] ROOMS =
            names(s -> s.takesGrease() && s != PlaceSort.BEARING && s != PlaceSort.OPEN_GEARS);
    private static final String BEARING = PlaceSort.BEARING.name();

    private PlaceFields() {}

    /** The drawer of a sump starts with an example; of a place nothing is known before somebody measured it. */
    private static final Set<String> MEASURED =
            Set.of("lengthMm", "widthMm", "heightMm", "diameterMm");

    private static final List<Field> ALL = build();

    static List<Field> all() {
        return ALL;
    }

    private static List<Field> build() {
        return asked().stream().map(f -> MEASURED.contains(f.name()) ? f.starting("") : f).toList();
    }

    private static List<Field> asked() {
        return GearFields.all(
                place(),
                climate(),
                load(),
                worm(),
                heat(),
                SumpFields.fields().stream()
                        .map(f -> f.when() == null ? f.onlyWhen("sort", LEVELS) : f)
                        .toList(),
                parts(),
                level(),
                mark(),
                grease(),
                old(),
                upkeep());
    }

    private static String[] names(Predicate<PlaceSort> which) {
        return Arrays.stream(PlaceSort.values())
                .filter(which)
                .map(Enum::name)
                .toArray(String[]::new);
    }

    private static List<Field> place() {
        var fields = Stream.<Field>builder();
        fields.add(
                choice(
                        "sort",
                        "What it is",
                        Arrays.stream(PlaceSort.values())
                                .map(s -> new Option(s.name(), s.words()))));
        fields.add(
                Field.text("plate", "Plate or maker's list says")
                        .hinting("As written: CLP 220, AGMA 5 EP, KP2K-30, 1000 SUS. It wins."));
        fields.add(
                Field.text("experience", "Has done well on this machine")
                        .hinting(
                                "Written the same way. It comes after the plate, before every table."));
        LubricantFields.touching().forEach(fields::add);
        fields.add(OilFields.base("base", "Planned with base oil"));
        return in(PLACE, fields.build());
    }

    private static List<Field> climate() {
        return in(
                CLIMATE,
                Stream.of(
                        Field.quantity("coldest", "Coldest start", "", "°C", "°F"),
                        Field.quantity("hottest", "Hottest surroundings", "", "°C", "°F"),
                        Field.quantity("velocity", "Pitch line of the slowest stage, m/s", "", "")
                                .onlyWhen("sort", BATHS)
                                .hinting("Of a planetary set: the sun against its carrier."),
                        Field.quantity("measuredDegC", "Measured in the oil, hot", "", "°C", "°F")
                                .mayBeEmpty(),
                        Field.quantity("infraredDegC", "or infrared on the case", "", "°C", "°F")
                                .mayBeEmpty(),
                        choice(
                                "use",
                                "It is",
                                Arrays.stream(WorkingTemperature.Use.values())
                                        .map(u -> new Option(u.name(), u.words()))),
                        Field.choice(
                                        "feed",
                                        "Oil reaches the teeth by",
                                        ColdStart.Feed.SPLASH.name(),
                                        new Option("SPLASH", "splash"),
                                        new Option("PUMP", "a shaft-driven pump"))
                                .onlyWhen("sort", LEVELS)));
    }

    private static List<Field> load() {
        var gears = new String[] {PlaceSort.GEARS.name()};
        return in(
                LOAD,
                Stream.of(
                                Field.quantity(
                                        "tangentialN", "Load at the pitch circle, N", "", ""),
                                Field.length("loadFaceMm", "Face width", ""),
                                Field.length("loadPinionMm", "Pitch diameter of the pinion", ""),
                                Field.quantity(
                                        "loadRatio", "Wheel teeth over pinion teeth", "", ""),
                                Field.quantity("raUm", "Roughness Ra of a flank, µm", "0.8", ""))
                        .map(f -> f.mayBeEmpty().onlyWhen("sort", gears)));
    }

    private static List<Field> worm() {
        return in(
                WORM,
                Stream.of(
                                Field.length("wormMm", "Mean diameter of the worm", ""),
                                Field.quantity("wormRpm", "Speed of the worm", "", "min⁻¹"),
                                Field.quantity("leadAngleDeg", "Lead angle", "", "°"),
                                Field.length("wormDistanceMm", "Centre distance", ""))
                        .map(f -> f.mayBeEmpty().onlyWhen("sort", PlaceSort.WORM.name())));
    }

    private static List<Field> heat() {
        return in(
                HEAT,
                Stream.of(
                                Field.quantity("powerKw", "Power through the box", "", "kW", "hp")
                                        .mayBeEmpty()
                                        .hinting("Empty: no balance, the rise is assumed."),
                                Field.quantity(
                                        "efficiencyPercent", "Efficiency of all meshes", "96", "%"),
                                Field.length("caseLengthMm", "Case, length", "").mayBeEmpty(),
                                Field.length("caseWidthMm", "Case, width", "").mayBeEmpty(),
                                Field.length("caseHeightMm", "Case, height", "").mayBeEmpty(),
                                OilFields.air(),
                                OilFields.baseFree(),
                                Field.quantity(
                                        "churningW", "No-load loss, W, if measured", "0", ""))
                        .map(f -> f.onlyWhen("sort", BATHS)));
    }

    private static List<Field> parts() {
        return in(
                PARTS,
                Stream.of(
                                Field.length("axesMm", "Axes above the floor", ""),
                                Field.readings("tips", "Tip diameter of a gear", "mm", "in"),
                                Field.readings("roots", "its root diameter", "mm", "in"),
                                Field.readings("faces", "its face width", "mm", "in"),
                                Field.readings(
                                                "gearsAcross",
                                                "its axis from the left wall",
                                                "mm",
                                                "in")
                                        .hinting("Where it is drawn."),
                                Field.readings(
                                        "gearAxes",
                                        "its axis above the floor, where they differ",
                                        "mm",
                                        "in"),
                                Field.readings(
                                        "shaftDiameters", "Diameter of a bare shaft", "mm", "in"),
                                Field.readings("shaftLengths", "its bare length", "mm", "in"),
                                Field.readings(
                                        "outsides", "Outside of a bearing in the oil", "mm", "in"),
                                Field.readings("bores", "its bore", "mm", "in"),
                                Field.readings("widths", "its width", "mm", "in"))
                        .map(f -> f.mayBeEmpty().onlyWhen("sort", LEVELS)));
    }

    private static List<Field> level() {
        return in(
                LEVEL,
                Stream.of(
                        Field.choice(
                                        "arrangement",
                                        "The oil is picked up by",
                                        "NONE",
                                        Stream.concat(
                                                        Stream.of(
                                                                new Option(
                                                                        "NONE",
                                                                        "only the mark decides")),
                                                        Arrays.stream(
                                                                        LevelRule.Arrangement
                                                                                .values())
                                                                .map(
                                                                        a ->
                                                                                new Option(
                                                                                        a.name(),
                                                                                        a.words())))
                                                .toArray(Option[]::new))
                                .onlyWhen("sort", LEVELS),
                        ofPickup(Field.length("pickTipMm", "its tip diameter", "")),
                        ofPickup(Field.quantity("pickModuleMm", "its module", "", "module", "DP")),
                        ofPickup(Field.length("pickAxisMm", "its axis above the floor", "")),
                        ofPickup(Field.quantity("pickRpm", "its speed", "", "min⁻¹")).mayBeEmpty(),
                        Field.length("pickFaceMm", "its face width", "")
                                .onlyWhen("arrangement", LevelRule.Arrangement.BEVEL.name()),
                        Field.quantity("pickConeDeg", "its pitch cone angle", "", "°")
                                .onlyWhen("arrangement", LevelRule.Arrangement.BEVEL.name()),
                        Field.length("levelMm", "Level above the floor", "")
                                .mayBeEmpty()
                                .hinting("Empty: as the gear that picks it up asks.")
                                .onlyWhen("sort", LEVELS)));
    }

    private static Field ofPickup(Field field) {
        return field.onlyWhen(
                "arrangement",
                Arrays.stream(LevelRule.Arrangement.values())
                        .map(Enum::name)
                        .toArray(String[]::new));
    }

    private static List<Field> mark() {
        return in(
                MARK,
                Stream.of(
                        Field.choice(
                                        "readBy",
                                        "Read at",
                                        "GLASS",
                                        new Option("GLASS", "the middle of a sight glass"),
                                        new Option("PLUG", "the lower edge of a plug hole"),
                                        new Option("STICK", "a dipstick"))
                                .onlyWhen("sort", LEVELS),
                        Field.length("plugMm", "its lower edge above the floor", "")
                                .mayBeEmpty()
                                .hinting("Overrules the level above.")
                                .onlyWhen("readBy", "PLUG", "GLASS"),
                        Field.length(
                                        "plugPlaceMm",
                                        "it sits from the middle, toward the low end",
                                        "0")
                                .onlyWhen("readBy", "PLUG", "GLASS"),
                        Field.length("stickZeroMm", "its zero above the floor", "0")
                                .onlyWhen("readBy", "STICK"),
                        Field.quantity("stickDeg", "it leans by", "0", "°")
                                .onlyWhen("readBy", "STICK"),
                        Field.choice(
                                        "markIs",
                                        "The mark holds for",
                                        "COLD",
                                        new Option("COLD", "cold oil"),
                                        new Option("HOT", "oil at its working temperature"))
                                .onlyWhen("sort", LEVELS),
                        Field.quantity("fillDegC", "Oil when it is filled", "20", "°C", "°F")
                                .onlyWhen("sort", LEVELS),
                        Field.quantity("residueL", "Oil still in the box", "0", "L", "US qt")
                                .hinting("0 after a strip and wash.")
                                .onlyWhen("sort", LEVELS),
                        Field.quantity("reservePercent", "Reserve to draw", "5", "%")
                                .onlyWhen("sort", LEVELS),
                        position("position", "Measured standing"),
                        position("stands", "It now stands")));
    }

    private static Field position(String name, String label) {
        return Field.choice(
                        name,
                        label,
                        "FEET",
                        new Option("FEET", "on its feet"),
                        new Option("HANGING", "hanging, feet up"),
                        new Option("WALL", "on a wall"),
                        new Option("UPRIGHT_INPUT", "input shaft up"),
                        new Option("UPRIGHT_OUTPUT", "output shaft up"))
                .onlyWhen("sort", LEVELS);
    }

    private static List<Field> grease() {
        return in(
                GREASE,
                Stream.of(
                        Field.quantity("cavityCm3", "Room inside, less the gears, cm³", "", "")
                                .mayBeEmpty()
                                .onlyWhen("sort", ROOMS),
                        Field.quantity("sharePercent", "Share of it to fill", "", "%")
                                .mayBeEmpty()
                                .hinting("Empty: the middle of what is usual there.")
                                .onlyWhen("sort", ROOMS),
                        Field.length("boreMm", "Bore", "").onlyWhen("sort", BEARING),
                        Field.length("outsideMm", "Outside diameter", "").onlyWhen("sort", BEARING),
                        Field.length("bearingWidthMm", "Width", "").onlyWhen("sort", BEARING),
                        Field.quantity("massKg", "Mass", "", "kg", "lb").onlyWhen("sort", BEARING),
                        GreaseFields.design().onlyWhen("sort", BEARING),
                        GreaseFields.carries().onlyWhen("sort", BEARING),
                        GreaseFields.shaft().onlyWhen("sort", BEARING),
                        Field.quantity("bearingRpm", "Speed", "", "min⁻¹")
                                .onlyWhen("sort", BEARING),
                        Field.quantity("gunG", "The gun gives a stroke, g", "1.2", "")
                                .onlyWhen("sort", names(PlaceSort::takesGrease))));
    }

    private static List<Field> old() {
        var fields = Stream.<Field>builder();
        fields.add(
                Field.choice(
                        "old",
                        "Old lubricant",
                        "NO",
                        new Option("NO", "none, washed out, or not known"),
                        new Option("YES", "known")));
        LubricantFields.lubricant("old.", "").forEach(f -> fields.add(f.onlyWhen("old", "YES")));
        fields.add(
                Field.quantity("old.sharePercent", "Share left after draining", "7", "%")
                        .onlyWhen("old", "YES"));
        return in(LubricantFields.OLD, fields.build());
    }

    private static List<Field> upkeep() {
        return in(
                UPKEEP,
                Stream.of(
                        Field.quantity("hoursPerMonth", "Running hours a month", "200", ""),
                        choice(
                                "trade",
                                "It belongs to",
                                Arrays.stream(NextChange.Trade.values())
                                        .map(t -> new Option(t.name(), t.words()))),
                        OilFields.choice("dirt", "Surroundings", ChangeInterval.Dirt.values()),
                        OilFields.choice("water", "Water", ChangeInterval.Water.values()),
                        Field.quantity("makersHours", "Maker's interval, hours", "", "")
                                .mayBeEmpty(),
                        Field.quantity("makersMonths", "Maker's interval, months", "", "")
                                .mayBeEmpty()));
    }

    private static Field choice(String name, String label, Stream<Option> options) {
        var all = options.toArray(Option[]::new);
        return Field.choice(name, label, all[0].value(), all);
    }

    private static List<Field> in(String group, Stream<Field> fields) {
        return fields.map(f -> f.in(group)).toList();
    }
}
