package app.yunque.server.drawer;

import static app.yunque.server.sheet.GearFields.all;

import app.yunque.gear.CrossedHelicalPair;
import app.yunque.gear.CylindricalGear;
import app.yunque.gear.GearPair;
import app.yunque.gear.RackAndPinion;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Working;
import app.yunque.mesh.ActualTeeth;
import app.yunque.mesh.CentreDistance;
import app.yunque.mesh.Material;
import app.yunque.mesh.MeshPicture;
import app.yunque.mesh.MeshState;
import app.yunque.mesh.WarmMesh;
import app.yunque.server.problem.AtField;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.GearFields;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What happens between the teeth. */
@Configuration
class MeshDrawers {
    private static final String AS_IT_IS = "As it is";
    private static final String WARMTH = "Warmth";

    @Bean
    Drawer mesh() {
        return new Drawer(
                "mesh",
                "The mesh as it stands",
                "The true picture of the measured pair at its centre distance, cold and warm: backlash, contact ratio, tip clearance, interference.",
                Section.MESH,
                Takes.NONE,
                all(
                        GearFields.pair(),
                        List.of(
                                Field.length(
                                                "pinion.normalThicknessMm",
                                                "Tooth of the pinion sₙ",
                                                "")
                                        .mayBeEmpty()
                                        .hinting("As measured; empty: as new.")
                                        .in(AS_IT_IS),
                                Field.length("wheel.normalThicknessMm", "Tooth of the wheel sₙ", "")
                                        .mayBeEmpty()
                                        .in(AS_IT_IS),
                                Field.length(
                                                "pinion.tipDiameterMm",
                                                "Tip diameter of the pinion",
                                                "")
                                        .mayBeEmpty()
                                        .in(AS_IT_IS),
                                Field.length("wheel.tipDiameterMm", "Tip diameter of the wheel", "")
                                        .mayBeEmpty()
                                        .in(AS_IT_IS),
                                Field.length("gasketMm", "One gasket, squeezed", "0.25")
                                        .in(AS_IT_IS),
                                material("pinionMaterial", "Pinion of", Material.STEEL),
                                material("wheelMaterial", "Wheel of", Material.STEEL),
                                material("housingMaterial", "Housing of", Material.GREY_IRON),
                                Field.quantity("gearRise", "Gears warmer by", "0", "K").in(WARMTH),
                                Field.quantity("housingRise", "Housing warmer by", "0", "K")
                                        .in(WARMTH),
                                Field.quantity("turn", "Turned on by, in pitches", "0", "")
                                        .in(WARMTH))),
                MeshDrawers::mesh);
    }

    private static Field material(String name, String label, Material usual) {
        return Field.choice(
                        name,
                        label,
                        usual.name(),
                        Arrays.stream(Material.values())
                                .map(m -> new Option(m.name(), m.words()))
                                .toArray(Option[]::new))
                .in(WARMTH);
    }

    private static DrawerAnswer mesh(DrawerSheet sheet) {
        var pair = GearFields.pair(sheet);
        var pinion = teeth(sheet, "pinion.", pair.pinion());
        var wheel = teeth(sheet, "wheel.", pair.wheel());
        double a = pair.centreDistanceMm();
        var state = MeshState.of(pinion, wheel, a);
        var warm = warm(sheet, pinion, wheel, a);
        boolean isWarm = sheet.number("gearRise") != 0 || sheet.number("housingRise") != 0;
        double gasket = sheet.number("gasketMm");
        var more = MeshState.of(pinion, wheel, a + gasket);
        var picture =
                MeshPicture.of(
                        pinion,
                        wheel,
                        isWarm ? warm.asCentreDistanceMm() : a,
                        sheet.number("turn") - Math.floor(sheet.number("turn")));
        var shown = picture.state();
        var answer =
                DrawerAnswer.saying(sentence(state, shown.troubles()))
                        .mm("centre distance", a)
                        .mm("backlash along the circle j_wt", state.circumferentialMm())
                        .mm("square to the flanks j_bn", state.normalMm())
                        .mm("centres could close by j_r", state.radialMm())
                        .figure("contact ratio ε_α", state.transverseContactRatio(), "", 3)
                        .mm("tip clearance, pinion into wheel", state.pinionTipClearanceMm())
                        .mm("tip clearance, wheel into pinion", state.wheelTipClearanceMm())
                        .figure("working pressure angle", state.workingPressureAngleDeg(), "°", 3)
                        .figure("play of the wheel", state.wheelAngleMin(), "′", 1)
                        .mm(
                                "closes without backlash at",
                                CentreDistance.of(pinion, wheel).withoutBacklashMm())
                        .mm(
                                "one gasket more changes j_wt by",
                                more.circumferentialMm() - state.circumferentialMm())
                        .warn(shown.troubles())
                        .warn(shown.warnings())
                        .mesh(picture)
                        .working(state.working());
        if (state.overlapRatio() > 0) {
            answer.figure("overlap ratio ε_β", state.overlapRatio(), "", 3);
        }
        if (isWarm) {
            answer.mm("backlash warm j_wt", warm.warmMm())
                    .mm("warmth changes it by", warm.changeMm())
                    .warn(warm.warnings())
                    .working(warm.working());
        }
        return answer.build();
    }

    private static String sentence(MeshState state, List<String> troubles) {
        return troubles.isEmpty()
                ? "At %s mm the pair has %s mm of backlash and a contact ratio of %s."
                        .formatted(
                                PlainDigits.rounded(state.pair().centreDistanceMm(), 3),
                                PlainDigits.rounded(state.circumferentialMm(), 3),
                                PlainDigits.rounded(state.transverseContactRatio(), 2))
                : "This mesh does not run: " + troubles.get(0);
    }

    private static WarmMesh warm(
            DrawerSheet sheet, ActualTeeth pinion, ActualTeeth wheel, double a) {
        return WarmMesh.of(
                pinion,
                wheel,
                a,
                body(sheet, "pinionMaterial", "gearRise"),
                body(sheet, "wheelMaterial", "gearRise"),
                body(sheet, "housingMaterial", "housingRise"));
    }

    private static WarmMesh.Body body(DrawerSheet sheet, String material, String rise) {
        return AtField.named(
                Map.of("rise", rise),
                () ->
                        new WarmMesh.Body(
                                sheet.choice(material, Material.class), sheet.number(rise)));
    }

    private static ActualTeeth teeth(DrawerSheet sheet, String prefix, CylindricalGear gear) {
        return AtField.named(
                prefix,
                Map.of(),
                () ->
                        new ActualTeeth(
                                gear,
                                sheet.orElse(
                                        prefix + "normalThicknessMm",
                                        gear.normalToothThicknessMm()),
                                sheet.orElse(prefix + "tipDiameterMm", gear.tipDiameterMm())));
    }

    @Bean
    Drawer centreDistance() {
        return new Drawer(
                "centre-distance",
                "Centre distance and shift",
                "Where a pair closes without backlash, and which shifts a given centre distance asks for.",
                Section.MESH,
                Takes.NONE,
                GearFields.pair(),
                sheet -> {
                    var pair = GearFields.pair(sheet);
                    var tight = CentreDistance.ofShifts(pair.pinion(), pair.wheel());
                    var answer =
                            DrawerAnswer.saying(
                                            "These gears close without backlash at %s mm."
                                                    .formatted(
                                                            PlainDigits.rounded(
                                                                    tight.withoutBacklashMm(), 3)))
                                    .mm("closes without backlash at", tight.withoutBacklashMm())
                                    .mm(
                                            "reference centre distance",
                                            GearPair.referenceCentreDistanceMm(
                                                    pair.pinion(), pair.wheel()))
                                    .figure(
                                            "working pressure angle there",
                                            Math.toDegrees(tight.workingPressureAngleRad()),
                                            "°",
                                            3);
                    if (sheet.has("centreDistanceMm")) {
                        answer.figure(
                                "x₁ + x₂ for the given centre distance",
                                CentreDistance.shiftSum(pair),
                                "",
                                4);
                    }
                    return answer.working(tight.working()).build();
                });
    }

    @Bean
    Drawer rack() {
        return new Drawer(
                "rack",
                "Rack and pinion",
                "How far a turn of the pinion moves the rack, and the other way round.",
                Section.MESH,
                Takes.NONE,
                all(
                        GearFields.gear(false),
                        List.of(
                                Field.quantity("turnDeg", "Pinion turns by", "360", "°")
                                        .in(AS_IT_IS),
                                Field.length("travelMm", "or the rack moves by", "")
                                        .mayBeEmpty()
                                        .in(AS_IT_IS))),
                sheet -> {
                    var rack = RackAndPinion.of(GearFields.gear(sheet));
                    double travel = rack.travelMm(sheet.number("turnDeg"));
                    var answer =
                            DrawerAnswer.saying(
                                            "%s° of the pinion move the rack %s mm."
                                                    .formatted(
                                                            PlainDigits.exact(
                                                                    sheet.number("turnDeg")),
                                                            PlainDigits.rounded(travel, 3)))
                                    .mm("travel", travel)
                                    .mm("travel for one turn", rack.perTurnMm())
                                    .mm("pitch of the rack", rack.pitchMm());
                    sheet.optional("travelMm")
                            .ifPresent(
                                    t ->
                                            answer.figure(
                                                    "turn for that travel",
                                                    rack.turnDeg(t),
                                                    "°",
                                                    3));
                    return answer.working(
                                    new Working(
                                            List.of(
                                                    Working.line(
                                                            "travel = π mₜ z φ / 360°",
                                                            PlainDigits.rounded(travel, 4)
                                                                    + " mm")),
                                            "definition"))
                            .build();
                });
    }

    @Bean
    Drawer crossed() {
        return new Drawer(
                "crossed-helical",
                "Crossed helical gears",
                "Shaft angle and centre distance of two helical gears on crossed shafts.",
                Section.MESH,
                Takes.NONE,
                List.<Field>of(
                                Field.count("teeth1", "Teeth of gear 1", "20"),
                                Field.count("teeth2", "Teeth of gear 2", "30"),
                                Field.quantity(
                                        "normalModuleMm", "Module or DP", "2", "module", "DP"),
                                Field.quantity("helix1Deg", "Helix of gear 1", "45", "°")
                                        .hinting("Minus for left hand."),
                                Field.quantity("helix2Deg", "Helix of gear 2", "45", "°")
                                        .hinting("Minus for left hand."))
                        .stream()
                        .map(f -> f.in("The pair"))
                        .toList(),
                sheet -> {
                    var pair =
                            new CrossedHelicalPair(
                                    sheet.count("teeth1"),
                                    sheet.count("teeth2"),
                                    sheet.number("normalModuleMm"),
                                    sheet.number("helix1Deg"),
                                    sheet.number("helix2Deg"));
                    return DrawerAnswer.saying(
                                    "The shafts cross at %s°, %s mm apart. The teeth touch in a point: light loads only."
                                            .formatted(
                                                    PlainDigits.rounded(pair.shaftAngleDeg(), 2),
                                                    PlainDigits.rounded(
                                                            pair.centreDistanceMm(), 3)))
                            .figure("angle between the shafts", pair.shaftAngleDeg(), "°", 2)
                            .mm("centre distance", pair.centreDistanceMm())
                            .mm("reference diameter, gear 1", pair.diameter1Mm())
                            .mm("reference diameter, gear 2", pair.diameter2Mm())
                            .working(
                                    new Working(
                                            List.of(
                                                    Working.line(
                                                            "a = mₙ/2 (z₁/cos β₁ + z₂/cos β₂)",
                                                            PlainDigits.rounded(
                                                                            pair.centreDistanceMm(),
                                                                            4)
                                                                    + " mm"),
                                                    Working.line(
                                                            "Σ = β₁ + β₂, signed by hand",
                                                            PlainDigits.rounded(
                                                                            pair.shaftAngleDeg(), 2)
                                                                    + "°")),
                                            "machinist's handbooks, from memory"))
                            .build();
                });
    }
}
