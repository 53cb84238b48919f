package app.yunque.server.drawer;

import app.yunque.drive.ChangeGears;
import app.yunque.drive.OverallLash;
import app.yunque.drive.ReRatio;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.server.problem.AtField;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What a train of gears costs in lash, and how its ratio is changed. */
@Configuration
class RatioDrawers {
    @Bean
    Drawer overallLash() {
        var fields = new ArrayList<Field>();
        for (int i = 1; i <= 3; i++) {
            var group = "Mesh " + i;
            var p = "mesh" + i;
            fields.add(
                    Field.length(p + ".backlashMm", "Backlash j_wt", i == 1 ? "0.15" : "")
                            .mayBeEmpty()
                            .in(group));
            fields.add(
                    Field.length(
                                    p + ".drivenRadiusMm",
                                    "Working radius of the driven gear",
                                    i == 1 ? "60" : "")
                            .mayBeEmpty()
                            .in(group));
            fields.add(
                    Field.quantity(p + ".ratio", "Ratio", i == 1 ? "3" : "", "")
                            .mayBeEmpty()
                            .in(group));
        }
        return new Drawer(
                "overall-lash",
                "Play of a whole drive",
                "What the backlash of each mesh makes of the play at the output and at the input.",
                Section.TRAIN,
                Takes.NONE,
                List.copyOf(fields),
                RatioDrawers::overallLash);
    }

    private static DrawerAnswer overallLash(DrawerSheet sheet) {
        var meshes = new ArrayList<OverallLash.Mesh>();
        for (int i = 1; i <= 3; i++) {
            var p = "mesh" + i + ".";
            if (sheet.has(p + "backlashMm") || sheet.has(p + "ratio")) {
                meshes.add(
                        AtField.named(
                                p,
                                Map.of(),
                                () ->
                                        new OverallLash.Mesh(
                                                sheet.orElse(p + "backlashMm", Double.NaN),
                                                sheet.orElse(p + "drivenRadiusMm", Double.NaN),
                                                sheet.orElse(p + "ratio", Double.NaN))));
            }
        }
        var lash = OverallLash.of(meshes);
        var answer =
                DrawerAnswer.saying(
                                "The output has %s′ of play, the input %s°."
                                        .formatted(
                                                PlainDigits.rounded(lash.atOutputMin(), 1),
                                                PlainDigits.rounded(lash.atInputDeg(), 2)))
                        .figure("output, input held", lash.atOutputMin(), "′", 2)
                        .figure("input, output held", lash.atInputDeg(), "°", 3);
        for (int i = 0; i < lash.sharePercent().size(); i++) {
            answer.figure("share of mesh " + (i + 1), lash.sharePercent().get(i), "%", 1);
        }
        return answer.working(lash.working()).build();
    }

    @Bean
    Drawer reRatio() {
        return new Drawer(
                "re-ratio",
                "Another ratio for a pump",
                "Other gears in front of a pump: new speed, flow and power, and what would be overloaded.",
                Section.TRAIN,
                Takes.NONE,
                List.of(
                        Field.count("before.driver", "Driver now", "40").in("Gears now"),
                        Field.count("before.driven", "Driven now", "24").in("Gears now"),
                        Field.count("after.driver", "Driver new", "44").in("Gears new"),
                        Field.count("after.driven", "Driven new", "20").in("Gears new"),
                        Field.choice(
                                        "pump",
                                        "Pump",
                                        "DISPLACEMENT",
                                        new Option(
                                                "DISPLACEMENT",
                                                "displacement: plunger, gear, screw"),
                                        new Option("CENTRIFUGAL", "centrifugal"))
                                .in("The pump"),
                        Field.quantity("speedRpm", "Speed now", "1000", "min⁻¹").in("The pump"),
                        Field.quantity("flow", "Flow now, any unit", "50", "").in("The pump"),
                        Field.quantity("powerKw", "Power now", "4", "kW", "hp").in("The pump"),
                        Field.quantity("makersMostRpm", "Maker’s largest speed", "", "min⁻¹")
                                .mayBeEmpty()
                                .in("The pump"),
                        Field.quantity("motorKw", "Power of the motor", "", "kW", "hp")
                                .mayBeEmpty()
                                .in("The pump")),
                RatioDrawers::reRatio);
    }

    private static DrawerAnswer reRatio(DrawerSheet sheet) {
        var before =
                AtField.named(
                        "before.",
                        Map.of(),
                        () ->
                                new ReRatio.Gears(
                                        sheet.count("before.driver"),
                                        sheet.count("before.driven")));
        var after =
                AtField.named(
                        "after.",
                        Map.of(),
                        () ->
                                new ReRatio.Gears(
                                        sheet.count("after.driver"), sheet.count("after.driven")));
        var told =
                ReRatio.of(
                        before,
                        after,
                        sheet.choice("pump", ReRatio.Pump.class),
                        sheet.number("speedRpm"),
                        sheet.number("flow"),
                        sheet.number("powerKw"),
                        sheet.optional("makersMostRpm"),
                        sheet.optional("motorKw"));
        return DrawerAnswer.saying(
                        "Speed, and with it the flow, changes by the factor %s."
                                .formatted(PlainDigits.rounded(told.speedFactor(), 3)))
                .figure("factor", told.speedFactor(), "", 5)
                .figure("speed after", told.newSpeedRpm(), "min⁻¹", 1)
                .figure("flow after", told.newFlow(), "", 2)
                .figure("power after", told.newPowerKw(), "kW", 2)
                .figure("head changes by", told.headFactor(), "", 3)
                .warn(told.warnings())
                .working(told.working())
                .build();
    }

    @Bean
    Drawer changeGears() {
        return new Drawer(
                "change-gears",
                "Change gears for a thread",
                "Which gears of the set cut the wanted lead, exactly or nearest, and still fit on the quadrant.",
                Section.TRAIN,
                Takes.NONE,
                List.of(
                        Field.length("leadMm", "Lead to cut", "1.5")
                                .hinting(
                                        "Pitch × starts; for threads an inch enter 1/tpi in inches.")
                                .in("The thread"),
                        Field.length("screwLeadMm", "Lead of the lead screw", "3.175")
                                .in("The lathe"),
                        Field.quantity("fixedRatio", "Fixed gearing, spindle to train", "1", "")
                                .in("The lathe"),
                        Field.quantity(
                                        "moduleMm",
                                        "Module of the change gears",
                                        "1.5",
                                        "module",
                                        "DP")
                                .in("The lathe"),
                        Field.length("bushRadiusMm", "Radius of the bush on a shaft", "10")
                                .in("The lathe"),
                        Field.readings("gears", "Gear at hand, teeth", "").in("The gears")),
                RatioDrawers::changeGears);
    }

    private static DrawerAnswer changeGears(DrawerSheet sheet) {
        var gears = new ArrayList<Integer>();
        for (double z : sheet.readings("gears")) {
            if (z != Math.rint(z)) {
                throw Refused.because(
                        "gears",
                        PlainDigits.exact(z)
                                + " is not a whole number of teeth. Enter tooth counts.");
            }
            gears.add((int) z);
        }
        var found =
                ChangeGears.of(
                        sheet.number("leadMm"),
                        sheet.number("screwLeadMm"),
                        sheet.number("fixedRatio"),
                        gears,
                        sheet.number("moduleMm"),
                        sheet.number("bushRadiusMm"));
        var best = Optional.ofNullable(found.trains().isEmpty() ? null : found.trains().get(0));
        return DrawerAnswer.saying(
                        best.map(
                                        t ->
                                                "%s cuts %s mm, off by %s mm in 100 mm."
                                                        .formatted(
                                                                t.words(),
                                                                PlainDigits.rounded(t.leadMm(), 5),
                                                                PlainDigits.rounded(
                                                                        t.errorPer100(), 4)))
                                .orElse(
                                        "No train of these gears comes within 2 % and fits. Add gears, or use an approximation of the ratio."))
                .figure("drivers over driven, exact", found.wantedRatio(), "", 6)
                .table(
                        List.of("train, drivers / driven", "lead mm", "error ppm", "mm in 100 mm"),
                        found.trains().stream()
                                .map(
                                        t ->
                                                List.of(
                                                        t.words(),
                                                        PlainDigits.rounded(t.leadMm(), 5),
                                                        PlainDigits.rounded(t.errorPpm(), 1),
                                                        PlainDigits.rounded(t.errorPer100(), 4)))
                                .toList())
                .working(found.working())
                .build();
    }
}
