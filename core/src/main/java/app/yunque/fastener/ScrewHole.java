package app.yunque.fastener;

import app.yunque.measure.Problem;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The hole a screw goes into, and what lies behind it.
 *
 * @param gripMm     thickness g of all that is clamped, washers too (mm), 0 to 1000
 * @param threadMm   full thread in a blind hole, or the wall of a through hole (mm), 0.5 to 1000
 * @param isThrough  true when the hole goes through into the inside
 * @param freeMm     free room G behind a through hole to the nearest part at its worst position (mm), 0 to 1000;
 *                   null for a blind hole
 * @param behind     what that nearest part is, in words
 * @param into       what the thread is cut in
 */
public record ScrewHole(
        double gripMm,
        double threadMm,
        boolean isThrough,
        @Nullable Double freeMm,
        String behind,
        Metal into) {
    public static final Range GRIP = Range.of("gripMm", "clamped thickness", 0, 1000, "mm");
    public static final Range THREAD = Range.of("threadMm", "depth of thread", 0.5, 1000, "mm");
    public static final Range FREE = Range.of("freeMm", "free room behind the hole", 0, 1000, "mm");

    /** What the thread is cut in, the engagement wanted there as a multiple of d, and its shear strength (MPa); common practice, no source. */
    public enum Metal {
        STEEL("steel", 1.0, 240),
        BRONZE("bronze", 1.25, 130),
        GREY_IRON("grey iron", 1.5, 140),
        ALUMINIUM("aluminium", 2.0, 110);

        private final String words;
        private final double wantedDiameters;
        private final double shearMpa;

        Metal(String words, double wantedDiameters, double shearMpa) {
            this.words = words;
            this.wantedDiameters = wantedDiameters;
            this.shearMpa = shearMpa;
        }

        public String words() {
            return words;
        }

        double wantedDiameters() {
            return wantedDiameters;
        }

        double shearMpa() {
            return shearMpa;
        }
    }

    /** @throws Refused naming every value that cannot be */
    public ScrewHole {
        Refused.ifAny(
                GRIP.judge(gripMm),
                THREAD.judge(threadMm),
                isThrough && freeMm == null
                        ? Optional.of(
                                Problem.told(
                                        "freeMm",
                                        "Free room behind the hole is missing. Measure from the inner face to the nearest part."))
                        : freeMm == null ? Optional.empty() : FREE.judge(freeMm));
    }
}
