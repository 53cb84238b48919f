package app.yunque.server.sheet;

import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.OldViscosity;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.server.problem.AtField;
import app.yunque.server.sheet.Field.Option;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** How an oil is entered, and the line that follows. */
public final class OilFields {
    public static final String OIL = "The oil";
    public static final String BOX = "The box";

    private OilFields() {}

    public static Field base(String name, String label) {
        return Field.choice(
                name,
                label,
                BaseOil.MINERAL.name(),
                Arrays.stream(BaseOil.values())
                        .map(b -> new Option(b.name(), b.words()))
                        .toArray(Option[]::new));
    }

    /** An oil by grade and index, or by two points. */
    public static List<Field> oil() {
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

    public static BaseOil baseOf(DrawerSheet sheet) {
        return sheet.choice("base", BaseOil.class);
    }

    public static ViscosityLine line(DrawerSheet sheet) {
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

    public static Field choice(String name, String label, Enum<?>[] values) {
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

    /** How the air carries the heat off (W/m²K). */
    public static Field air() {
        return Field.choice(
                "air",
                "It stands",
                "17",
                new Option("15", "in a small room, still air"),
                new Option("17", "in a shop"),
                new Option("20", "in an open hall, moving air"),
                new Option("27", "under a shaft fan"));
    }

    /** Whether the base gives heat to the air too. */
    public static Field baseFree() {
        return Field.choice(
                "baseFree",
                "Its base",
                "NO",
                new Option("NO", "on a foundation"),
                new Option("YES", "in free air"));
    }
}
