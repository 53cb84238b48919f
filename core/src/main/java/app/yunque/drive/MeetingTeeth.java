package app.yunque.drive;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * How long it takes until the same two teeth meet again.
 *
 * @param passages    tooth passages until then, the least common multiple
 * @param pinionTurns turns of the pinion
 * @param wheelTurns  turns of the wheel
 * @param hunting     true where every tooth meets every other in time
 */
public record MeetingTeeth(long passages, long pinionTurns, long wheelTurns, boolean hunting) {
    public static final Range PINION_TEETH =
            Range.count("pinionTeeth", "teeth of the pinion", 1, 2000);
    public static final Range WHEEL_TEETH =
            Range.count("wheelTeeth", "teeth of the wheel", 1, 2000);

    @PublicRule(
            at = "drive/meeting-teeth",
            title = "Until the same teeth meet",
            says = "Passages and turns until the same two teeth meet again.",
            source = "definition")
    public static MeetingTeeth of(int pinionTeeth, int wheelTeeth) {
        Refused.ifAny(PINION_TEETH.judge(pinionTeeth), WHEEL_TEETH.judge(wheelTeeth));
        int common = Hunting.gcd(pinionTeeth, wheelTeeth);
        return new MeetingTeeth(
                (long) pinionTeeth * wheelTeeth / common,
                wheelTeeth / common,
                pinionTeeth / common,
                common == 1);
    }
}
