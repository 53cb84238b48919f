package app.yunque.finding;

import app.yunque.gear.ServiceDuty;
import java.util.List;

/**
 * Checks a part may not go back without. Every part: is it whole? A part that holds or stops by its nature, whatever the drive is there
 * for, also each check of its own that is a must: a pawl is not fit because it looks whole. Source: common practice, no source.
 */
final class MustChecks {
    private MustChecks() {}

    static List<Check> of(PartRecord part) {
        boolean holds = StrictParts.isStrict(part.step(), ServiceDuty.ENCLOSED_POWER);
        return Checks.of(part.step()).stream()
                .filter(
                        c ->
                                c.id().equals(Checks.WHOLE)
                                        || holds
                                                && c.isMust()
                                                && !c.family().equals("ANY")
                                                && !c.family().equals("NEW"))
                .toList();
    }
}
