package app.yunque.drive;

import app.yunque.gear.GearPair;
import java.util.List;

/** Drives for tests. */
public final class Drives {
    private Drives() {}

    /** Pairs on parallel shafts in a row. */
    public static Drive ofPairs(List<GearPair> pairs, double inputSpeedRpm, double inputPowerKw) {
        return new Drive(
                pairs.stream().map(Stage.Parallel::new).toList(), inputSpeedRpm, inputPowerKw);
    }
}
