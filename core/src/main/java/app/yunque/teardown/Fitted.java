package app.yunque.teardown;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import org.jspecify.annotations.Nullable;

/**
 * What went back for one step of the strip.
 *
 * @param refitted      pieces from the bench that went back, 0 to 9999
 * @param renewed       new pieces fitted, 0 to 9999
 * @param scrapped      pieces from the bench that were thrown out, 0 to 9999
 * @param wantedInstead count wanted on purpose in place of the count that came off; null when unchanged
 * @param reason        why the count was changed; required with a changed count
 */
public record Fitted(
        int refitted, int renewed, int scrapped, @Nullable Integer wantedInstead, String reason) {
    public static final Range REFITTED = Range.count("refitted", "pieces refitted", 0, 9999);
    public static final Range RENEWED = Range.count("renewed", "new pieces", 0, 9999);
    public static final Range SCRAPPED = Range.count("scrapped", "pieces scrapped", 0, 9999);
    public static final Range WANTED = Range.count("wantedInstead", "pieces wanted", 0, 9999);

    /** Nothing has gone back yet. */
    public static final Fitted NOTHING = new Fitted(0, 0, 0, null, "");

    /** @throws Refused naming every count out of its range, and a changed count without a reason */
    public Fitted {
        Refused.ifAny(
                REFITTED.judge(refitted),
                RENEWED.judge(renewed),
                SCRAPPED.judge(scrapped),
                wantedInstead == null ? java.util.Optional.empty() : WANTED.judge(wantedInstead));
        if (wantedInstead != null && reason.isBlank()) {
            throw Refused.because("reason", "Say why the count was changed on purpose.");
        }
    }
}
