package app.yunque.finding;

import app.yunque.gear.ServiceDuty;
import java.util.List;
import java.util.Set;

/**
 * Checks a part may not go back without. Every part: is it whole? A part that holds or stops by its nature, whatever the drive is there
 * for, also each check of its own that is a must: a pawl is not fit because it looks whole. Places that only some such parts have, a
 * bearing bore in a guard, and checks under a condition are asked and not demanded. Source: common practice, no source.
 */
final class MustChecks {
    /** Families of every part, and of places that a part may or may not have. */
    private static final Set<String> NOT_ITS_OWN = Set.of("ANY", "NEW", "HBR", "JRN", "LND", "SPL");

    private MustChecks() {}

    static List<Check> of(PartRecord part) {
        boolean holds = StrictParts.isStrict(part.step(), ServiceDuty.ENCLOSED_POWER);
        return Checks.of(part.step()).stream()
                .filter(c -> c.id().equals(Checks.WHOLE) || holds && isDemanded(c))
                .toList();
    }

    private static boolean isDemanded(Check check) {
        return check.isMust() && !check.isConditional() && !NOT_ITS_OWN.contains(check.family());
    }
}
