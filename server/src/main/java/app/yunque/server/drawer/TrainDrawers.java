package app.yunque.server.drawer;

import app.yunque.drive.DriveLine;
import app.yunque.drive.PlanetarySet;
import app.yunque.drive.RatioByTurning;
import app.yunque.drive.Stage;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
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
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Ratios, speeds and the play of whole drives. */
@Configuration
class TrainDrawers {
    private static final int MOST_STAGES = 5;

    @Bean
    Drawer train() {
        var fields = new ArrayList<Field>();
        for (int i = 1; i <= MOST_STAGES; i++) {
            fields.addAll(stageFields(i));
        }
        fields.add(Field.quantity("inputSpeedRpm", "Input speed", "1450", "min⁻¹").in("Input"));
        fields.add(
                Field.quantity("inputTorqueNm", "Input torque", "0", "N·m", "lbf·ft")
                        .hinting("0 when it does not matter.")
                        .in("Input"));
        return new Drawer(
                "train",
                "A train of stages",
                "Ratio, sense, speeds, torques and mesh frequencies of up to five stages of any kind.",
                Section.TRAIN,
                Takes.NONE,
                List.copyOf(fields),
                TrainDrawers::train);
    }

    private static List<Field> stageFields(int i) {
        var p = "stage" + i;
        var group = "Stage " + i;
        return List.of(
                Field.choice(
                                p + ".kind",
                                "Kind",
                                i == 1 ? "EXTERNAL" : "NONE",
                                new Option("NONE", "none"),
                                new Option("EXTERNAL", "gears outside each other"),
                                new Option("INTERNAL", "pinion in a ring"),
                                new Option("BEVEL", "bevel"),
                                new Option("WORM", "worm drives wheel"),
                                new Option("PLANETARY", "planetary, ring held"),
                                new Option("CHAIN", "chain or toothed belt"),
                                new Option("CYCLOIDAL", "cycloidal disc, pins held"),
                                new Option("FRICTION", "friction disc"),
                                new Option("IDLER", "idler"))
                        .in(group),
                Field.count(p + ".driverTeeth", "Teeth of the driver", "18")
                        .onlyWhen(p + ".kind", "EXTERNAL", "INTERNAL", "BEVEL", "CHAIN", "IDLER")
                        .in(group),
                Field.count(p + ".drivenTeeth", "Teeth of the driven", "54")
                        .onlyWhen(p + ".kind", "EXTERNAL", "INTERNAL", "BEVEL", "CHAIN", "WORM")
                        .in(group),
                Field.count(p + ".starts", "Starts of the worm", "1")
                        .onlyWhen(p + ".kind", "WORM")
                        .in(group),
                Field.count(p + ".sunTeeth", "Teeth of the sun", "24")
                        .onlyWhen(p + ".kind", "PLANETARY")
                        .in(group),
                Field.count(p + ".planetTeeth", "Teeth of a planet", "24")
                        .onlyWhen(p + ".kind", "PLANETARY")
                        .in(group),
                Field.count(p + ".ringTeeth", "Teeth of the ring", "72")
                        .onlyWhen(p + ".kind", "PLANETARY")
                        .in(group),
                Field.count(p + ".planets", "Planets", "3")
                        .onlyWhen(p + ".kind", "PLANETARY")
                        .in(group),
                Field.count(p + ".lobes", "Lobes of the disc", "29")
                        .onlyWhen(p + ".kind", "CYCLOIDAL")
                        .in(group),
                Field.count(p + ".pins", "Pins", "30").onlyWhen(p + ".kind", "CYCLOIDAL").in(group),
                Field.length(p + ".wheelRadiusMm", "Radius of the friction wheel", "70")
                        .onlyWhen(p + ".kind", "FRICTION")
                        .in(group),
                Field.length(p + ".fromCentreMm", "Distance from the disc’s centre", "55")
                        .onlyWhen(p + ".kind", "FRICTION")
                        .hinting("Minus beyond the centre: reverse.")
                        .in(group),
                Field.quantity(p + ".slipPercent", "Slip", "3", "%")
                        .onlyWhen(p + ".kind", "FRICTION")
                        .in(group));
    }

    private static DrawerAnswer train(DrawerSheet sheet) {
        var stages = new ArrayList<Stage>();
        for (int i = 1; i <= MOST_STAGES; i++) {
            var p = "stage" + i;
            if (!sheet.is(p + ".kind", "NONE")) {
                stages.add(AtField.named(p + ".", Map.of(), () -> stage(sheet, p)));
            }
        }
        Refused.ifAny(DriveLine.INPUT_SPEED.judge(sheet.number("inputSpeedRpm")));
        var line =
                DriveLine.of(stages, sheet.number("inputSpeedRpm"), sheet.number("inputTorqueNm"));
        var rows = new ArrayList<List<String>>();
        for (var at : line.stages()) {
            rows.add(
                    List.of(
                            at.words(),
                            PlainDigits.rounded(at.ratio(), 4),
                            PlainDigits.rounded(at.inputRpm(), 1),
                            PlainDigits.rounded(at.inputTorqueNm(), 1),
                            at.meshHz() == 0 ? "–" : PlainDigits.rounded(at.meshHz(), 2),
                            at.huntingHz() == 0 ? "–" : PlainDigits.rounded(at.huntingHz(), 4)));
        }
        return DrawerAnswer.saying(
                        "Ratio %s, output %s min⁻¹ %s."
                                .formatted(
                                        PlainDigits.rounded(Math.abs(line.ratio()), 4),
                                        PlainDigits.rounded(Math.abs(line.outputSpeedRpm()), 2),
                                        line.ratio() > 0
                                                ? "in the same sense"
                                                : "in the other sense"))
                .figure("ratio, minus when the sense turns round", line.ratio(), "", 5)
                .figure("output speed", line.outputSpeedRpm(), "min⁻¹", 3)
                .figure("efficiency, about", 100 * line.efficiency(), "%", 1)
                .figure("output torque, about", line.outputTorqueNm(), "N·m", 1)
                .table(
                        List.of(
                                "stage",
                                "ratio",
                                "input min⁻¹",
                                "input N·m",
                                "mesh Hz",
                                "same teeth Hz"),
                        rows)
                .working(line.working())
                .build();
    }

    private static Stage stage(DrawerSheet s, String p) {
        return switch (s.choice(p + ".kind")) {
            case "EXTERNAL" ->
                    new Stage.Counted(
                            s.count(p + ".driverTeeth"), s.count(p + ".drivenTeeth"), false);
            case "INTERNAL" ->
                    new Stage.Counted(
                            s.count(p + ".driverTeeth"), s.count(p + ".drivenTeeth"), true);
            case "BEVEL" ->
                    new Stage.Counted(
                            s.count(p + ".driverTeeth"), s.count(p + ".drivenTeeth"), false);
            case "WORM" ->
                    new Stage.WormCounted(s.count(p + ".starts"), s.count(p + ".drivenTeeth"));
            case "PLANETARY" ->
                    new Stage.Planetary(
                            new PlanetarySet(
                                    s.count(p + ".sunTeeth"),
                                    s.count(p + ".planetTeeth"),
                                    s.count(p + ".ringTeeth"),
                                    s.count(p + ".planets")),
                            PlanetarySet.Path.SUN_TO_CARRIER);
            case "CHAIN" ->
                    new Stage.Chain(s.count(p + ".driverTeeth"), s.count(p + ".drivenTeeth"));
            case "CYCLOIDAL" ->
                    new Stage.Cycloidal(s.count(p + ".lobes"), s.count(p + ".pins"), false);
            case "FRICTION" ->
                    new Stage.FrictionDisc(
                            s.number(p + ".wheelRadiusMm"),
                            s.number(p + ".fromCentreMm"),
                            s.number(p + ".slipPercent"));
            default -> new Stage.Idler(s.count(p + ".driverTeeth"));
        };
    }

    @Bean
    Drawer planetary() {
        return new Drawer(
                "planetary",
                "A planetary set",
                "Whether the planets can be put in evenly, and the six ratios of the set.",
                Section.TRAIN,
                Takes.NONE,
                List.<Field>of(
                                Field.count("sunTeeth", "Teeth of the sun", "24"),
                                Field.count("planetTeeth", "Teeth of a planet", "24"),
                                Field.count("ringTeeth", "Teeth of the ring", "72"),
                                Field.count("planets", "Number of planets", "3"),
                                Field.quantity("module", "Module", "2", "module", "DP")
                                        .mayBeEmpty())
                        .stream()
                        .map(f -> f.in("The set"))
                        .toList(),
                sheet -> {
                    var set =
                            new PlanetarySet(
                                    sheet.count("sunTeeth"),
                                    sheet.count("planetTeeth"),
                                    sheet.count("ringTeeth"),
                                    sheet.count("planets"));
                    var answer =
                            DrawerAnswer.saying(
                                    "%d planets can be spaced evenly, %s° apart."
                                            .formatted(
                                                    set.planets(),
                                                    PlainDigits.rounded(360.0 / set.planets(), 1)));
                    for (var path : PlanetarySet.Path.values()) {
                        answer.figure(path.words(), set.ratio(path), "", 5);
                    }
                    sheet.optional("module")
                            .ifPresent(
                                    m -> {
                                        double gap =
                                                set.neighbourGapMm(
                                                        set.centreDistanceMm(m),
                                                        set.planetTipMm(m));
                                        answer.mm("room between planet tips", gap)
                                                .warn(PlanetarySet.tooClose(gap).stream().toList());
                                    });
                    return answer.working(
                                    new Working(
                                            List.of(
                                                    Working.line(
                                                            "(z_s + z_r)/N must be whole",
                                                            "(%d + %d)/%d = %d"
                                                                    .formatted(
                                                                            set.sunTeeth(),
                                                                            set.ringTeeth(),
                                                                            set.planets(),
                                                                            (set.sunTeeth()
                                                                                            + set
                                                                                                    .ringTeeth())
                                                                                    / set
                                                                                            .planets()))),
                                            "Willis equation"))
                            .build();
                });
    }

    @Bean
    Drawer turning() {
        return new Drawer(
                "ratio-by-turning",
                "Ratio by turning",
                "A gearbox without papers: turn the input, count the output, and see which tooth pairs would give that.",
                Section.TRAIN,
                Takes.NONE,
                List.<Field>of(
                                Field.quantity("inputTurns", "Turns of the input", "50", "turns"),
                                Field.quantity(
                                        "outputTurns", "Whole turns of the output", "", "turns"),
                                Field.quantity("extraAngleDeg", "and degrees beyond", "0", "°"),
                                Field.quantity("readingErrorDeg", "Angle is read to ±", "5", "°"))
                        .stream()
                        .map(f -> f.in("The count"))
                        .toList(),
                sheet -> {
                    var ratio =
                            RatioByTurning.of(
                                    sheet.number("inputTurns"),
                                    sheet.number("outputTurns"),
                                    sheet.number("extraAngleDeg"),
                                    sheet.number("readingErrorDeg"));
                    return DrawerAnswer.saying(ratio.sentence())
                            .figure("ratio", ratio.ratio(), "", 5)
                            .figure("uncertainty (95 %)", 2 * ratio.uncertainty(), "", 5)
                            .table(
                                    List.of("pinion", "wheel", "ratio"),
                                    ratio.pairs().stream()
                                            .map(
                                                    p ->
                                                            List.of(
                                                                    "z " + p.pinion(),
                                                                    "z " + p.wheel(),
                                                                    PlainDigits.rounded(
                                                                            p.ratio(), 4)))
                                            .toList())
                            .working(ratio.working())
                            .build();
                });
    }
}
