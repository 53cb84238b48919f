package app.yunque.drive;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * A stage of a unit that is not a pair of outside gears on parallel shafts: a ring, worm, bevel, planetary set, chain,
 * cycloidal disc, friction disc or idler.
 *
 * @param after how many of the parallel stages come before it, 0 when it is at the input
 * @param stage what it is
 */
public record OtherStage(int after, Stage stage) {
    public static final Range AFTER = Range.count("after", "parallel stages before it", 0, 6);

    public OtherStage {
        Refused.ifAny(AFTER.judge(after));
    }
}
