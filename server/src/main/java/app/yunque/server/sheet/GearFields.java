package app.yunque.server.sheet;

import app.yunque.gear.BasicRack;
import app.yunque.gear.BevelPair;
import app.yunque.gear.CylindricalGear;
import app.yunque.gear.GearPair;
import app.yunque.gear.Hand;
import app.yunque.gear.ServiceDuty;
import app.yunque.gear.WormSet;
import app.yunque.mesh.CentreDistance;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.sheet.Field.Option;
import app.yunque.tooth.WearLimit.ToothMaterial;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** The fields in which gears are described, and the gears made from them. */
public final class GearFields {
    private static final String GEAR = "The gear";
    private static final String PAIR = "The pair";
    private static final String ONE_MORE = "pinion.";
    private static final String TWO = "wheel.";

    private GearFields() {}

    /** One external gear; with {@code ring} also an internal one. */
    public static List<Field> gear(boolean ring) {
        var fields = new ArrayList<Field>();
        if (ring) {
            fields.add(
                    Field.choice(
                            "internal",
                            "Teeth",
                            "OUTSIDE",
                            new Option("OUTSIDE", "outside"),
                            new Option("INSIDE", "inside, a ring")));
        }
        fields.add(Field.count("teeth", "Number of teeth", "30"));
        fields.addAll(common());
        fields.add(shift("profileShift", "Profile shift x"));
        fields.add(rack());
        return fields.stream().map(f -> f.in(GEAR)).toList();
    }

    /** Two gears at their centre distance; the wheel may be a ring. */
    public static List<Field> pair() {
        var fields = new ArrayList<Field>();
        fields.add(Field.count("pinion.teeth", "Teeth of the pinion", "20"));
        fields.add(Field.count("wheel.teeth", "Teeth of the wheel", "40"));
        fields.add(
                Field.choice(
                        "wheelKind",
                        "Wheel",
                        "OUTSIDE",
                        new Option("OUTSIDE", "teeth outside"),
                        new Option("INSIDE", "a ring, teeth inside")));
        fields.addAll(common());
        fields.add(shift("pinion.profileShift", "Shift x of the pinion"));
        fields.add(shift("wheel.profileShift", "Shift x of the wheel"));
        fields.add(rack());
        fields.add(
                Field.length("centreDistanceMm", "Centre distance", "")
                        .mayBeEmpty()
                        .hinting("Empty: where these gears close without backlash."));
        return fields.stream().map(f -> f.in(PAIR)).toList();
    }

    private static List<Field> common() {
        return List.of(
                Field.quantity("normalModuleMm", "Module or DP", "3", "module", "DP"),
                Field.quantity("pressureAngleDeg", "Pressure angle", "20", "°"),
                Field.quantity("helixAngleDeg", "Helix angle", "0", "°")
                        .hinting("At the reference circle; 0 for a spur gear."),
                Field.choice(
                                "hand",
                                "Hand",
                                "RIGHT",
                                new Option("RIGHT", "right"),
                                new Option("LEFT", "left"))
                        .hinting("Counts for helical gears only."),
                Field.length("faceWidthMm", "Face width", "30"));
    }

    private static Field shift(String name, String label) {
        return Field.quantity(name, label, "0", "").hinting("Plus makes the tooth thicker.");
    }

    private static Field rack() {
        return Field.choice(
                "rack",
                "Tooth height",
                BasicRack.FULL_DEPTH.name(),
                BasicRack.KNOWN.stream()
                        .map(r -> new Option(r.name(), r.name()))
                        .toArray(Option[]::new));
    }

    public static CylindricalGear gear(DrawerSheet sheet) {
        return new CylindricalGear(
                sheet.count("teeth"),
                sheet.number("normalModuleMm"),
                sheet.number("pressureAngleDeg"),
                sheet.number("helixAngleDeg"),
                hand(sheet),
                sheet.number("profileShift"),
                sheet.number("faceWidthMm"),
                rack(sheet),
                sheet.is("internal", "INSIDE"));
    }

    public static CylindricalGear pinion(DrawerSheet sheet) {
        return member(sheet, ONE_MORE, hand(sheet), false);
    }

    public static CylindricalGear wheel(DrawerSheet sheet) {
        boolean ring = sheet.is("wheelKind", "INSIDE");
        return member(sheet, TWO, ring ? hand(sheet) : hand(sheet).opposite(), ring);
    }

    /** The pair at its centre distance; without one, where it closes without backlash. */
    public static GearPair pair(DrawerSheet sheet) {
        var faults = new Faults();
        var one = faults.gather(() -> pinion(sheet));
        var two = faults.gather(() -> wheel(sheet));
        faults.throwIfAny();
        var pinion = Objects.requireNonNull(one);
        var wheel = Objects.requireNonNull(two);
        double a =
                sheet.optional("centreDistanceMm")
                        .orElseGet(
                                () -> CentreDistance.ofShifts(pinion, wheel).withoutBacklashMm());
        return AtField.named(
                Map.of("wheel", "wheel.teeth", "pinion", "pinion.teeth"),
                () -> new GearPair(pinion, wheel, a));
    }

    private static CylindricalGear member(
            DrawerSheet sheet, String prefix, Hand hand, boolean ring) {
        return AtField.named(
                Map.of("teeth", prefix + "teeth", "profileShift", prefix + "profileShift"),
                () ->
                        new CylindricalGear(
                                sheet.count(prefix + "teeth"),
                                sheet.number("normalModuleMm"),
                                sheet.number("pressureAngleDeg"),
                                sheet.number("helixAngleDeg"),
                                hand,
                                sheet.number(prefix + "profileShift"),
                                sheet.number("faceWidthMm"),
                                rack(sheet),
                                ring));
    }

    private static Hand hand(DrawerSheet sheet) {
        return sheet.number("helixAngleDeg") == 0 ? Hand.NONE : sheet.choice("hand", Hand.class);
    }

    private static BasicRack rack(DrawerSheet sheet) {
        return BasicRack.KNOWN.stream()
                .filter(r -> r.name().equals(sheet.choice("rack")))
                .findFirst()
                .orElse(BasicRack.FULL_DEPTH);
    }

    public static List<Field> worm() {
        return List.<Field>of(
                        Field.count("starts", "Starts of the worm", "1"),
                        Field.count("wheelTeeth", "Teeth of the wheel", "40"),
                        Field.quantity("axialModuleMm", "Axial module or DP", "4", "module", "DP"),
                        Field.length("wormDiameterMm", "Worm, reference diameter", "40")
                                .hinting("Outside diameter less two modules."),
                        Field.quantity("normalPressureAngleDeg", "Pressure angle", "20", "°"),
                        shift("wheelShift", "Shift of the wheel"),
                        Field.choice(
                                "hand",
                                "Hand",
                                "RIGHT",
                                new Option("RIGHT", "right"),
                                new Option("LEFT", "left")))
                .stream()
                .map(f -> f.in("The worm set"))
                .toList();
    }

    public static WormSet worm(DrawerSheet sheet) {
        return new WormSet(
                sheet.count("starts"),
                sheet.count("wheelTeeth"),
                sheet.number("axialModuleMm"),
                sheet.number("wormDiameterMm"),
                sheet.number("normalPressureAngleDeg"),
                sheet.number("wheelShift"),
                sheet.choice("hand", Hand.class));
    }

    public static List<Field> bevel() {
        return List.<Field>of(
                        Field.count("pinionTeeth", "Teeth of the pinion", "16"),
                        Field.count("wheelTeeth", "Teeth of the wheel", "32"),
                        Field.quantity(
                                "outerModuleMm", "Module or DP at the heel", "4", "module", "DP"),
                        Field.quantity("shaftAngleDeg", "Angle between the shafts", "90", "°"),
                        Field.quantity("normalPressureAngleDeg", "Pressure angle", "20", "°"),
                        Field.quantity("spiralAngleDeg", "Spiral angle", "0", "°")
                                .hinting("0 for straight bevels."),
                        Field.length("faceWidthMm", "Face width", "20"))
                .stream()
                .map(f -> f.in("The bevel pair"))
                .toList();
    }

    public static BevelPair bevel(DrawerSheet sheet) {
        return new BevelPair(
                sheet.count("pinionTeeth"),
                sheet.count("wheelTeeth"),
                sheet.number("outerModuleMm"),
                sheet.number("shaftAngleDeg"),
                sheet.number("normalPressureAngleDeg"),
                sheet.number("spiralAngleDeg"),
                sheet.number("faceWidthMm"));
    }

    public static Field duty() {
        return Field.choice(
                        "duty",
                        "The drive is for",
                        ServiceDuty.ENCLOSED_POWER.name(),
                        Arrays.stream(ServiceDuty.values())
                                .map(d -> new Option(d.name(), d.words()))
                                .toArray(Option[]::new))
                .in("Limits");
    }

    public static Field makersReference() {
        return Field.text("makersReference", "Maker’s figure from").in("Limits");
    }

    public static Field material() {
        return Field.choice(
                        "material",
                        "The teeth are",
                        ToothMaterial.STEEL.name(),
                        Arrays.stream(ToothMaterial.values())
                                .map(m -> new Option(m.name(), m.words()))
                                .toArray(Option[]::new))
                .in("Limits");
    }

    /** Joins groups of fields. */
    @SafeVarargs
    public static List<Field> all(List<Field>... groups) {
        return Arrays.stream(groups).flatMap(List::stream).toList();
    }
}
