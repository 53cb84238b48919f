package app.yunque.server.calc;

import app.yunque.drive.Drive;
import app.yunque.drive.DriveLine;
import app.yunque.drive.Stage;
import app.yunque.drive.TurnCountCheck;
import app.yunque.gear.GearPair;
import app.yunque.server.api.RangesOf;
import app.yunque.server.problem.AtField;
import app.yunque.server.unit.DrivePapers;
import app.yunque.server.unit.PositionRequest;
import app.yunque.server.unit.StageRequest;
import app.yunque.upkeep.RunTemperature;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
     * @param stages        from the input on
     * @param positions     positions of the levers; missing where every stage always carries the load
     * @param inputSpeedRpm speed of the input (min⁻¹); missing while nobody knows it
     * @param inputTorqueNm torque of the input (N·m); missing when unknown
     */
    record DriveInput(
            List<StageRequest> stages,
            @Nullable List<PositionRequest> positions,
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
        double torque = input.inputTorqueNm == null ? 0 : input.inputTorqueNm;
        var drive =
                DrivePapers.read(
                        input.stages,
                        input.positions == null ? List.of() : input.positions,
                        input.inputSpeedRpm,
                        0);
        return new DriveAnswer(
                drive.shafts().count(),
                drive.ways().stream()
                        .map(
                                way ->
                                        new PositionAnswer(
                                                way.map(Drive.Position::name).orElse(""),
                                                DriveLine.of(
                                                        drive.path(way),
                                                        drive.inputSpeedRpm(),
                                                        torque)))
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
