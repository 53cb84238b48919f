package app.yunque.server.calc;

import app.yunque.drive.Drive;
import app.yunque.drive.Stage;
import app.yunque.drive.TurnCountCheck;
import app.yunque.gear.GearPair;
import app.yunque.server.api.RangesOf;
import app.yunque.server.problem.AtField;
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
