package app.yunque.server.calc;

import app.yunque.gear.GearPair;
import app.yunque.server.api.RangesOf;
import app.yunque.server.problem.AtField;
import java.util.Map;

/** Two gears in mesh at their working centre distance. */
@RangesOf(GearPair.class)
record PairInput(GearInput pinion, GearInput wheel, double centreDistanceMm) {
    GearPair pair() {
        var one = AtField.named("pinion.", Map.of(), pinion::gear);
        var two = AtField.named("wheel.", Map.of(), wheel::gear);
        return new GearPair(one, two, centreDistanceMm);
    }
}
