package app.yunque.server.unit;

import app.yunque.drive.Drive;
import app.yunque.drive.DriveLine;
import app.yunque.gear.CylindricalGear;
import app.yunque.gear.GearPair;
import app.yunque.measure.NotApplicable;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.tooth.SpanMeasurement;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Between the papers as entered, the columns and the core. */
final class UnitMapping {
    private UnitMapping() {}

    static Drive drive(UnitEntity unit) {
        return DrivePapers.read(
                unit.stages,
                positions(unit),
                unit.inputSpeedRpm,
                unit.inputPower == null ? 0 : unit.inputPower.canonical());
    }

    private static List<PositionRequest> positions(UnitEntity unit) {
        return unit.positions == null ? List.of() : unit.positions;
    }

    static UnitPapers papers(UnitEntity unit) {
        var drive = drive(unit);
        return new UnitPapers(
                unit.id,
                unit.tag,
                unit.name,
                unit.duty,
                drive,
                unit.underWarranty,
                unit.kind,
                LayoutMapping.shafts(unit.layout, drive),
                LayoutMapping.openings(unit.layout),
                unit.stages,
                unit.circumstances);
    }

    static UnitView view(UnitEntity unit) {
        var drive = drive(unit);
        return new UnitView(
                unit.id,
                unit.tag,
                unit.name,
                unit.kind,
                unit.duty,
                unit.duty.words(),
                unit.underWarranty,
                IntStream.rangeClosed(1, unit.stages.size())
                        .mapToObj(n -> stage(n, unit.stages.get(n - 1), drive))
                        .toList(),
                positions(unit),
                drive.isUnknown()
                        ? List.of()
                        : drive.ways().stream().map(p -> atWork(drive, p)).toList(),
                drive.inNoPosition(),
                LayoutMapping.shafts(unit.layout, drive),
                drive.ratio(),
                unit.inputSpeedRpm,
                unit.inputSpeedRpm == null ? null : drive.outputSpeedRpm(),
                drive.turnsTheSameWay(),
                EnteredNumber.of(unit.inputPower),
                unit.layout == null ? UnitLayout.NONE : unit.layout,
                unit.putAway,
                unit.version());
    }

    private static PositionView atWork(Drive drive, Optional<Drive.Position> position) {
        var line = DriveLine.of(drive.path(position), drive.inputSpeedRpm(), drive.inputTorqueNm());
        return new PositionView(
                position.map(Drive.Position::name).orElse(""),
                drive.numbers(position),
                drive.ratio(position),
                drive.isSpeedKnown() ? drive.inputSpeedRpm() / drive.ratio(position) : null,
                drive.turnsTheSameWay(position),
                drive.travelMmPerInputTurn(position),
                line.outputForceN(),
                line.stages());
    }

    private static StageView stage(int number, StageRequest given, Drive drive) {
        var stage = drive.stages().get(number - 1);
        return new StageView(
                number,
                given,
                stage.inWords(),
                Math.abs(stage.ratio()),
                drive.driverSpeedRpm(number),
                drive.pair(number).map(p -> pair(number, p, drive)).orElse(null));
    }

    private static StageView.PairView pair(int number, GearPair pair, Drive drive) {
        return new StageView.PairView(
                pair.pinion().inWords(),
                pair.wheel().inWords(),
                pair.pinion().teeth(),
                pair.wheel().teeth(),
                drive.shafts().of(number, false),
                drive.shafts().of(number, true),
                pair.centreDistanceMm(),
                drive.pitchLineVelocityMPerS(number),
                pair.pinionWorkingRadiusMm(),
                pair.wheelWorkingRadiusMm(),
                teethToSpan(pair.pinion()),
                teethToSpan(pair.wheel()));
    }

    private static int teethToSpan(CylindricalGear gear) {
        try {
            return SpanMeasurement.teethToSpan(gear);
        } catch (NotApplicable cannotBeSpanned) {
            return 0;
        }
    }
}
