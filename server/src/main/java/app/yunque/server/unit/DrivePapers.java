package app.yunque.server.unit;

import app.yunque.drive.Drive;
import app.yunque.drive.Stage;
import app.yunque.measure.Refused;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A drive read from papers as they were entered. */
public final class DrivePapers {
    private DrivePapers() {}

    /**
     * @param inputSpeedRpm speed of the input (min⁻¹); null while nobody knows it
     * @param inputPowerKw  power at the input (kW); 0 when unknown
     * @throws Refused naming every field of every stage and position that is not what it should be
     */
    public static Drive read(
            List<StageRequest> stages,
            List<PositionRequest> positions,
            @Nullable Double inputSpeedRpm,
            double inputPowerKw) {
        Refused.ifAny(Drive.STAGES.judge(stages.size()), Drive.POSITIONS.judge(positions.size()));
        var faults = new Faults();
        var read = new ArrayList<Stage>();
        for (int i = 0; i < stages.size(); i++) {
            var one = stages.get(i);
            var stage =
                    faults.gather(
                            () -> StageSheets.read(one.kind(), one.values()), "stages[" + i + "].");
            if (stage != null) {
                read.add(stage);
            }
        }
        var named = new ArrayList<Drive.Position>();
        for (int i = 0; i < positions.size(); i++) {
            var one = positions.get(i);
            var position =
                    faults.gather(
                            () ->
                                    new Drive.Position(
                                            one.name(),
                                            one.stages(),
                                            one.output() == null ? 1 : one.output()),
                            "positions[" + i + "].");
            if (position != null) {
                named.add(position);
            }
        }
        faults.throwIfAny();
        return AtField.named(
                Map.of("inputPowerKw", "inputPower"),
                () ->
                        new Drive(
                                read,
                                named,
                                // 0 while nobody knows it, as the core counts it.
                                inputSpeedRpm == null ? 0 : inputSpeedRpm,
                                inputPowerKw));
    }
}
