package app.yunque.server.unit;

import app.yunque.drive.DriveLine;
import app.yunque.drive.GearTrain;
import app.yunque.drive.OtherStage;
import app.yunque.gear.CylindricalGear;
import app.yunque.gear.GearPair;
import app.yunque.gear.Member;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.server.drawer.StageSheets;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.tooth.SpanMeasurement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Between the papers as entered, the columns and the core. */
final class UnitMapping {
    private static final Map<String, String> PINION =
            Map.of(
                    "teeth", "pinionTeeth",
                    "normalModuleMm", "module",
                    "profileShift", "pinionShift",
                    "hand", "pinionHand",
                    "faceWidthMm", "faceWidth");
    private static final Map<String, String> WHEEL =
            Map.of(
                    "teeth", "wheelTeeth",
                    "normalModuleMm", "module",
                    "profileShift", "wheelShift",
                    "hand", "pinionHand",
                    "faceWidthMm", "faceWidth");
    private static final Map<String, String> PAIR =
            Map.of(
                    "centreDistanceMm",
                    "centreDistance",
                    "wheel",
                    "wheelTeeth",
                    "hand",
                    "pinionHand");

    private UnitMapping() {}

    static StageRow row(int place, StageRequest stage) {
        var at = "stages[" + place + "].";
        var faults = new Faults();
        var module =
                faults.gather(
                        () ->
                                EnteredNumber.read(
                                        stage.module(),
                                        at + "module",
                                        "module",
                                        EntryKind.TOOTH_SIZE));
        var face =
                faults.gather(
                        () ->
                                EnteredNumber.read(
                                        stage.faceWidth(),
                                        at + "faceWidth",
                                        "face width",
                                        EntryKind.LENGTH));
        var centre =
                faults.gather(
                        () ->
                                EnteredNumber.read(
                                        stage.centreDistance(),
                                        at + "centreDistance",
                                        "centre distance",
                                        EntryKind.LENGTH));
        faults.throwIfAny();
        var row = new StageRow();
        row.pinionTeeth = stage.pinionTeeth();
        row.wheelTeeth = stage.wheelTeeth();
        row.module = Objects.requireNonNull(module);
        row.pressureAngleDeg = stage.pressureAngleDeg();
        row.helixAngleDeg = stage.helixAngleDeg();
        row.pinionHand = stage.pinionHand();
        row.pinionShift = stage.pinionShift();
        row.wheelShift = stage.wheelShift();
        row.faceWidth = Objects.requireNonNull(face);
        row.centreDistance = Objects.requireNonNull(centre);
        pair(place, row);
        return row;
    }

    static GearPair pair(int place, StageRow row) {
        var at = "stages[" + place + "].";
        var faults = new Faults();
        var pinion = faults.gather(() -> AtField.named(at, PINION, () -> gear(row, Member.PINION)));
        var wheel = faults.gather(() -> AtField.named(at, WHEEL, () -> gear(row, Member.WHEEL)));
        faults.throwIfAny();
        return AtField.named(
                at,
                PAIR,
                () ->
                        new GearPair(
                                Objects.requireNonNull(pinion),
                                Objects.requireNonNull(wheel),
                                row.centreDistance.canonical()));
    }

    static GearTrain train(UnitEntity unit) {
        var pairs = new ArrayList<GearPair>();
        for (int i = 0; i < unit.stages.size(); i++) {
            pairs.add(pair(i, unit.stages.get(i)));
        }
        var power = unit.inputPower == null ? 0.0 : unit.inputPower.canonical();
        return AtField.named(
                Map.of("inputPowerKw", "inputPower"),
                () -> new GearTrain(pairs, speed(unit), power, others(unit.otherStages)));
    }

    /** 0 while nobody knows it, as the core counts it. */
    private static double speed(UnitEntity unit) {
        return unit.inputSpeedRpm == null ? 0 : unit.inputSpeedRpm;
    }

    /** @throws Refused naming every field of every stage that is not what it should be */
    static List<OtherStage> others(@Nullable List<OtherStageRequest> given) {
        var faults = new Faults();
        var stages = new ArrayList<OtherStage>();
        for (int i = 0; given != null && i < given.size(); i++) {
            var one = given.get(i);
            var read =
                    faults.gather(
                            () ->
                                    new OtherStage(
                                            one.after(),
                                            StageSheets.read(one.kind(), one.values())),
                            "otherStages[" + i + "].");
            if (read != null) {
                stages.add(read);
            }
        }
        faults.throwIfAny();
        return stages;
    }

    static UnitPapers papers(UnitEntity unit) {
        var train = train(unit);
        return new UnitPapers(
                unit.id,
                unit.tag,
                unit.name,
                unit.duty,
                train,
                unit.underWarranty,
                unit.kind,
                LayoutMapping.shafts(unit.layout, train),
                LayoutMapping.openings(unit.layout),
                unit.otherStages == null ? List.of() : unit.otherStages);
    }

    static UnitView view(UnitEntity unit) {
        var train = train(unit);
        var stages = new ArrayList<StageView>();
        for (int i = 0; i < unit.stages.size(); i++) {
            stages.add(stage(i, unit.stages.get(i), train));
        }
        return new UnitView(
                unit.id,
                unit.tag,
                unit.name,
                unit.kind,
                unit.duty,
                unit.duty.words(),
                unit.underWarranty,
                stages,
                unit.otherStages == null ? List.of() : unit.otherStages,
                train.isUnknown()
                        ? List.of()
                        : DriveLine.of(train.inOrder(), speed(unit), train.inputTorqueNm())
                                .stages(),
                LayoutMapping.shafts(unit.layout, train),
                train.ratio(),
                unit.inputSpeedRpm,
                unit.inputSpeedRpm == null ? null : train.outputSpeedRpm(),
                train.turnsTheSameWay(),
                EnteredNumber.of(unit.inputPower),
                unit.layout == null ? UnitLayout.NONE : unit.layout,
                unit.version());
    }

    private static StageView stage(int place, StageRow row, GearTrain train) {
        var pair = train.stages().get(place);
        return new StageView(
                place + 1,
                given(row),
                pair.pinion().inWords(),
                pair.wheel().inWords(),
                pair.ratio(),
                train.pinionSpeedRpm(place + 1),
                train.pitchLineVelocityMPerS(place + 1),
                pair.pinionWorkingRadiusMm(),
                pair.wheelWorkingRadiusMm(),
                teethToSpan(pair.pinion()),
                teethToSpan(pair.wheel()));
    }

    private static StageRequest given(StageRow row) {
        return new StageRequest(
                row.pinionTeeth,
                row.wheelTeeth,
                EnteredNumber.given(row.module),
                row.pressureAngleDeg,
                row.helixAngleDeg,
                row.pinionHand,
                row.pinionShift,
                row.wheelShift,
                EnteredNumber.given(row.faceWidth),
                EnteredNumber.given(row.centreDistance));
    }

    private static CylindricalGear gear(StageRow row, Member member) {
        boolean pinion = member == Member.PINION;
        return new CylindricalGear(
                pinion ? row.pinionTeeth : row.wheelTeeth,
                row.module.canonical(),
                row.pressureAngleDeg,
                row.helixAngleDeg,
                pinion ? row.pinionHand : row.pinionHand.opposite(),
                pinion ? row.pinionShift : row.wheelShift,
                row.faceWidth.canonical());
    }

    private static int teethToSpan(CylindricalGear gear) {
        try {
            return SpanMeasurement.teethToSpan(gear);
        } catch (NotApplicable narrow) {
            return 0;
        }
    }

    static List<StageRow> rows(List<StageRequest> stages) {
        Refused.ifAny(GearTrain.STAGES.judge(stages.size()));
        var faults = new Faults();
        var rows = new ArrayList<StageRow>();
        for (int i = 0; i < stages.size(); i++) {
            int place = i;
            var row = faults.gather(() -> row(place, stages.get(place)));
            if (row != null) {
                rows.add(row);
            }
        }
        faults.throwIfAny();
        return rows;
    }
}
