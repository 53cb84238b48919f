package app.yunque.plan;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.List;

/**
 * What it costs to put one tool down and pick up another, to turn the unit over, and to carry it somewhere else (min);
 * judgement, and a shop may enter its own.
 *
 * @param toolChange minutes for a change of tool, 0 to 1000
 * @param flip       minutes for turning the unit over, 0 to 1000
 * @param move       minutes for a move between bench, press and floor, 0 to 1000
 */
public record HandlingCost(double toolChange, double flip, double move) {
    public static final Range TOOL_CHANGE =
            Range.of("toolChange", "time for a change of tool", 0, 1000, "min");
    public static final Range FLIP =
            Range.of("flip", "time for turning the unit over", 0, 1000, "min");
    public static final Range MOVE = Range.of("move", "time for a move", 0, 1000, "min");
    public static final HandlingCost USUAL = new HandlingCost(1, 2, 1.5);

    private static final double DEAR = 3;

    /** The same costs with one kind of change three times as dear, each kind in turn. */
    public List<HandlingCost> oneAtATimeDear() {
        return List.of(
                new HandlingCost(Math.min(toolChange * DEAR, TOOL_CHANGE.high()), flip, move),
                new HandlingCost(toolChange, Math.min(flip * DEAR, FLIP.high()), move),
                new HandlingCost(toolChange, flip, Math.min(move * DEAR, MOVE.high())));
    }

    /** @throws Refused naming every value out of its range */
    public HandlingCost {
        Refused.ifAny(TOOL_CHANGE.judge(toolChange), FLIP.judge(flip), MOVE.judge(move));
    }
}
