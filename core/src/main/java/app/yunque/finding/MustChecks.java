package app.yunque.finding;

import app.yunque.gear.ServiceDuty;
import app.yunque.teardown.TeardownStep;
import java.util.List;

/**
 * Checks a part may not go back without, whatever the circumstances: those that are musts by their own line of the table, and on a part that
 * holds, stops or carries the load those that ordinarily should be made. A plan of checks adds to them and takes none away. Places that
 * only some parts have, and checks under a condition that nobody has confirmed, are asked and not demanded. What does not go back because
 * it does not belong there is looked at once, for it tells what an earlier repair did. Source: common practice,
 * no source.
 */
final class MustChecks {
    private MustChecks() {}

    static List<Check> of(TeardownStep step, ServiceDuty duty) {
        boolean strict = StrictParts.isStrict(step, duty);
        return Checks.of(step).stream()
                .filter(c -> step.belongs() == null || c.id().equals(Checks.WHOLE))
                .filter(c -> c.isMust() || strict && c.isRaisedOnStrictParts())
                .filter(c -> PartFeatures.of(c, step) == PartFeatures.Holds.YES)
                .toList();
    }
}
