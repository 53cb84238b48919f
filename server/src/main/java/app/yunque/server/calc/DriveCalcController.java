package app.yunque.server.calc;

import app.yunque.drive.Drive;
import app.yunque.drive.DriveLine;
import app.yunque.drive.Stage;
import app.yunque.drive.TurnCountCheck;
import app.yunque.gear.GearPair;
import app.yunque.server.api.RangesOf;
import app.yunque.server.drawer.StageSheets;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.upkeep.RunTemperature;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The rules of whole drives. */
@RestController
@RequestMapping("/api/calc")
class DriveCalcController {

    @RangesOf({Drive.class, TurnCountCheck.Count.class})
    record TurnCountInput(
            List<PairInput> stages,
            double inputTurns,
            double outputTurns,
            double readingErrorDeg) {}

    @RangesOf(RunTemperature.class)
    record RunTemperatureInput(
            double ambientDegC,
            double caseDegC,
            double runMinutes,
            @Nullable Double makersLimitDegC) {}

    /** Turns counted at the shafts against the ratio from the tooth counts. */
    @PostMapping("/drive/turn-count")
    TurnCountCheck turnCount(@RequestBody TurnCountInput input) {
        var pairs = new ArrayList<GearPair>();
        for (int i = 0; i < input.stages.size(); i++) {
            pairs.add(AtField.named("stages[" + i + "].", Map.of(), input.stages.get(i)::pair));
        }
        var count =
                new TurnCountCheck.Count(
                        input.inputTurns, input.outputTurns, input.readingErrorDeg);
        return TurnCountCheck.of(
                new Drive(pairs.stream().map(Stage.Parallel::new).toList(), 1, 0),
                Optional.empty(),
                count);
    }

    /**
     * A stage as papers describe it.
     *
     * @param kind   one of the kinds that {@code GET /api/units/stage-kinds} offers
     * @param values by the names of its fields, with their units
     */
    record StageInput(String kind, Map<String, EnteredNumber> values) {}

    /**
     * @param name   name of the position
     * @param stages numbers of the stages that carry the load in it, from the input on, 1 first
     */
    record PositionInput(String name, List<Integer> stages) {}

    /**
     * @param stages        from the input on
     * @param positions     positions of the levers; missing where every stage always carries the load
     * @param inputSpeedRpm speed of the input (min⁻¹); missing while nobody knows it
     * @param inputTorqueNm torque of the input (N·m); missing when unknown
     */
    record DriveInput(
            List<StageInput> stages,
            @Nullable List<PositionInput> positions,
            @Nullable Double inputSpeedRpm,
            @Nullable Double inputTorqueNm) {}

    /**
     * @param name name of the position; empty for the only one
     * @param line the stages at work in it
     */
    record PositionAnswer(String name, DriveLine line) {}

    /**
     * @param shafts    how many there are
     * @param positions each at work
     */
    record DriveAnswer(int shafts, List<PositionAnswer> positions) {}

    /** A drive of any stages in each position of its levers. Source: definition of the ratio, Willis equation. */
    @PostMapping("/drive/line")
    DriveAnswer line(@RequestBody DriveInput input) {
        var faults = new Faults();
        var stages = new ArrayList<Stage>();
        for (int i = 0; i < input.stages.size(); i++) {
            var one = input.stages.get(i);
            var stage =
                    faults.gather(
                            () -> StageSheets.read(one.kind, one.values), "stages[" + i + "].");
            if (stage != null) {
                stages.add(stage);
            }
        }
        faults.throwIfAny();
        var named =
                input.positions == null
                        ? List.<Drive.Position>of()
                        : input.positions.stream()
                                .map(p -> new Drive.Position(p.name, p.stages))
                                .toList();
        double speed = input.inputSpeedRpm == null ? 0 : input.inputSpeedRpm;
        double torque = input.inputTorqueNm == null ? 0 : input.inputTorqueNm;
        var drive = new Drive(stages, named, speed, 0);
        var positions =
                named.isEmpty()
                        ? Stream.of(Optional.<Drive.Position>empty())
                        : named.stream().map(Optional::of);
        return new DriveAnswer(
                drive.shafts().count(),
                positions
                        .map(
                                p ->
                                        new PositionAnswer(
                                                p.map(Drive.Position::name).orElse(""),
                                                DriveLine.of(drive.path(p), speed, torque)))
                        .toList());
    }

    /** Temperature after the proving run against its limit. Source: common practice. */
    @PostMapping("/upkeep/run-temperature")
    RunTemperature runTemperature(@RequestBody RunTemperatureInput input) {
        return RunTemperature.of(
                input.ambientDegC,
                input.caseDegC,
                input.runMinutes,
                Optional.ofNullable(input.makersLimitDegC));
    }
}
