package app.yunque.server.unit;

import app.yunque.drive.PlanetarySet;
import app.yunque.drive.RackDrive;
import app.yunque.drive.ScrewAndNut;
import app.yunque.drive.Stage;
import app.yunque.drive.SteppedPlanets;
import app.yunque.drive.TwoRings;
import app.yunque.measure.Refused;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.GearFields;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Stages as papers describe them, whatever turns in them: what is asked for, and what it makes. */
public final class StageSheets {
    /**
     * A kind of stage.
     *
     * @param kind   name on the wire
     * @param words  the same in words
     * @param fields what is asked for
     */
    public record Kind(String kind, String words, List<Field> fields) {}

    private static final String NOTHING = "0";

    private record Maker(Kind kind, Function<DrawerSheet, Stage> make) {}

    private static final Map<String, Maker> KINDS = kinds();

    private StageSheets() {}

    /** Every kind, in the order they are offered. */
    public static List<Kind> all() {
        return KINDS.values().stream().map(Maker::kind).toList();
    }

    /** @throws Refused naming every field that is missing or not what it should be, and a kind that does not exist */
    public static Stage read(String kind, Map<String, EnteredNumber> values) {
        var maker = KINDS.get(kind);
        if (maker == null) {
            throw Refused.because("kind", "There is no kind of stage “" + kind + "”.");
        }
        var sheet =
                DrawerSheet.read(
                        maker.kind.fields(),
                        new DrawerEntries(completed(maker.kind.fields(), values), Map.of(), null),
                        null);
        return maker.make.apply(sheet);
    }

    private static Map<String, Maker> kinds() {
        var kinds = new LinkedHashMap<String, Maker>();
        add(
                kinds,
                "PAIR",
                "pair of gears on parallel shafts, or a pinion in a ring",
                GearFields.pair(),
                s -> new Stage.Parallel(GearFields.pair(s)));
        add(
                kinds,
                "WORM",
                "worm and wheel",
                GearFields.worm(),
                s -> new Stage.Worm(GearFields.worm(s), Stage.Worm.USUAL_FRICTION));
        add(
                kinds,
                "BEVEL",
                "bevel pair",
                GearFields.bevel(),
                s -> new Stage.Bevel(GearFields.bevel(s)));
        add(
                kinds,
                "PLANETARY",
                "planetary set",
                planetary(),
                s ->
                        new Stage.Planetary(
                                new PlanetarySet(
                                        s.count("sunTeeth"),
                                        s.count("planetTeeth"),
                                        s.count("ringTeeth"),
                                        s.count("planets")),
                                s.choice("path", PlanetarySet.Path.class)));
        add(
                kinds,
                "STEPPED_PLANETS",
                "planetary set with stepped planets",
                stage(
                        Field.count("sunTeeth", "Teeth of the sun", ""),
                        Field.count("planetAtSun", "Teeth of a planet at the sun", ""),
                        Field.count("planetAtRing", "Teeth of a planet at the ring", ""),
                        Field.count("ringTeeth", "Teeth of the ring", ""),
                        Field.count("planets", "Number of planets", ""),
                        path()),
                s ->
                        new SteppedPlanets(
                                s.count("sunTeeth"),
                                s.count("planetAtSun"),
                                s.count("planetAtRing"),
                                s.count("ringTeeth"),
                                s.count("planets"),
                                s.choice("path", PlanetarySet.Path.class)));
        add(
                kinds,
                "TWO_RINGS",
                "planetary set with a held ring and a second ring as output",
                stage(
                        Field.count("sunTeeth", "Teeth of the sun", ""),
                        Field.count("planetTeeth", "Teeth of a planet at the held ring", ""),
                        Field.count("heldRing", "Teeth of the held ring", ""),
                        Field.count("secondPlanet", "Teeth of a planet at the second ring", "")
                                .hinting("The same where the planet has one row of teeth."),
                        Field.count("outputRing", "Teeth of the second ring", ""),
                        Field.count("planets", "Number of planets", "")),
                s ->
                        new TwoRings(
                                s.count("sunTeeth"),
                                s.count("planetTeeth"),
                                s.count("heldRing"),
                                s.count("secondPlanet"),
                                s.count("outputRing"),
                                s.count("planets")));
        add(
                kinds,
                "COUNTED",
                "gears of which only the teeth are known",
                List.of(
                        Field.count("driverTeeth", "Teeth of the driver", "").in("The stage"),
                        Field.count("drivenTeeth", "Teeth of the driven", "").in("The stage"),
                        Field.choice(
                                        "internal",
                                        "The driven gear has",
                                        "NO",
                                        new Option("NO", "teeth outside"),
                                        new Option("YES", "teeth inside, a ring"))
                                .in("The stage")),
                s ->
                        new Stage.Counted(
                                s.count("driverTeeth"),
                                s.count("drivenTeeth"),
                                s.is("internal", "YES")));
        add(
                kinds,
                "WORM_COUNTED",
                "worm of which only starts and teeth are known",
                List.of(
                        Field.count("starts", "Starts of the worm", "").in("The stage"),
                        Field.count("wheelTeeth", "Teeth of the worm wheel", "").in("The stage")),
                s -> new Stage.WormCounted(s.count("starts"), s.count("wheelTeeth")));
        add(
                kinds,
                "CHAIN",
                "chain or toothed belt",
                List.of(
                        Field.count("driverTeeth", "Teeth of the driver", "").in("The stage"),
                        Field.count("drivenTeeth", "Teeth of the driven", "").in("The stage")),
                s -> new Stage.Chain(s.count("driverTeeth"), s.count("drivenTeeth")));
        add(
                kinds,
                "CYCLOIDAL",
                "cycloidal disc",
                List.of(
                        Field.count("lobes", "Lobes of the disc", "").in("The stage"),
                        Field.count("pins", "Pins of the ring", "").in("The stage"),
                        Field.choice(
                                        "output",
                                        "Output is",
                                        "DISC",
                                        new Option("DISC", "the disc, pins held"),
                                        new Option("PINS", "the pin ring, disc held"))
                                .in("The stage")),
                s ->
                        new Stage.Cycloidal(
                                s.count("lobes"), s.count("pins"), s.is("output", "PINS")));
        add(
                kinds,
                "FRICTION",
                "friction disc",
                List.of(
                        Field.length("wheelRadiusMm", "Radius of the friction wheel", "")
                                .in("The stage"),
                        Field.length("fromCentreMm", "Distance from the disc’s centre", "")
                                .in("The stage"),
                        Field.quantity("slipPercent", "Slip", "3", "%").in("The stage")),
                s ->
                        new Stage.FrictionDisc(
                                s.number("wheelRadiusMm"),
                                s.number("fromCentreMm"),
                                s.number("slipPercent")));
        add(
                kinds,
                "RACK",
                "pinion on a rack, the last stage",
                stage(
                        Field.count("teeth", "Teeth of the pinion", ""),
                        Field.quantity(
                                "moduleMm", "Module or DP, along the rack", "", "module", "DP")),
                s -> new RackDrive(s.count("teeth"), s.number("moduleMm")));
        add(
                kinds,
                "SCREW",
                "screw and nut, the last stage",
                stage(
                        Field.length("pitchMm", "Pitch, thread to thread", ""),
                        Field.count("starts", "Starts", ""),
                        Field.length("pitchDiameterMm", "Pitch diameter", "")
                                .hinting("Outside diameter less half a pitch for most threads."),
                        Field.quantity("includedAngleDeg", "Included angle of the thread", "", "°")
                                .hinting("30 or 29 for most, 0 for a square thread."),
                        Field.quantity("friction", "Coefficient of friction", "", "")
                                .hinting(
                                        "About 0.12 oiled bronze on steel, 0.005 where balls roll.")),
                s ->
                        new ScrewAndNut(
                                s.number("pitchMm"),
                                s.count("starts"),
                                s.number("pitchDiameterMm"),
                                s.number("includedAngleDeg"),
                                s.number("friction")));
        add(
                kinds,
                "IDLER",
                "idler that turns the sense round",
                stage(Field.count("teeth", "Teeth of the idler", "")),
                s -> new Stage.Idler(s.count("teeth")));
        add(
                kinds,
                "COUPLED",
                "coupled straight through, a direct position",
                List.of(),
                s -> new Stage.Coupled());
        return kinds;
    }

    private static List<Field> planetary() {
        return stage(
                Field.count("sunTeeth", "Teeth of the sun", ""),
                Field.count("planetTeeth", "Teeth of a planet", ""),
                Field.count("ringTeeth", "Teeth of the ring", ""),
                Field.count("planets", "Number of planets", "3"),
                path());
    }

    private static Field path() {
        return Field.choice(
                "path",
                "Held and driven",
                PlanetarySet.Path.SUN_TO_CARRIER.name(),
                Arrays.stream(PlanetarySet.Path.values())
                        .map(p -> new Option(p.name(), p.words()))
                        .toArray(Option[]::new));
    }

    private static List<Field> stage(Field... fields) {
        return Arrays.stream(fields).map(f -> f.in("The stage")).toList();
    }

    private static void add(
            Map<String, Maker> kinds,
            String kind,
            String words,
            List<Field> fields,
            Function<DrawerSheet, Stage> make) {
        var blank = fields.stream().map(StageSheets::blank).toList();
        kinds.put(kind, new Maker(new Kind(kind, words, blank), make));
    }

    /**
     * Papers say what stands in them: no figure is there before somebody read it off the unit. What is usually nothing, a shift, a helix,
     * may stay empty.
     */
    private static Field blank(Field field) {
        if (field.kind() == Field.Kind.CHOICE) {
            return field;
        }
        return field.start().equals(NOTHING)
                ? field.starting("").mayBeEmpty().hinting("Empty: none.")
                : field.starting("");
    }

    /** What may stay empty and did counts as nothing. */
    private static Map<String, EnteredNumber> completed(
            List<Field> fields, Map<String, EnteredNumber> values) {
        var all = new LinkedHashMap<>(values);
        for (var field : fields) {
            var given = values.get(field.name());
            boolean isBlank = given == null || given.text().isBlank();
            if (field.hint().equals("Empty: none.") && isBlank) {
                all.put(
                        field.name(),
                        new EnteredNumber(
                                NOTHING, field.units().isEmpty() ? "" : field.units().get(0)));
            }
        }
        return all;
    }
}
