package app.yunque.teardown;

import app.yunque.fastener.ScrewHole;
import app.yunque.fastener.ScrewThread;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The screws, nuts or studs that held a part.
 *
 * @param count      how many, 1 to 999
 * @param thread     thread as written on a drawing: M8, M30×1.5, 3/8-16
 * @param lengthMm   length under the head (mm), 0.5 to 2000; null for a nut or when not measured
 * @param isLeftHand true for a left-hand thread
 * @param torqueNm   tightening torque (N·m), 0.05 to 20000; null when not known
 * @param torqueSource where the torque comes from; required with a torque
 * @param drive      drive and size: "hex socket 6"; up to 40 characters, empty when not noted
 * @param locking    what keeps it from coming loose
 * @param hole       the hole it goes into; null when not measured
 * @param typed      length and torque as they were typed, where that was in another unit
 * @param byFeel     how tight, where no figure is meant: "finger tight", "snug, then back 1/8 turn"; up to 80 characters, may be empty
 */
public record Fastening(
        int count,
        String thread,
        @Nullable Double lengthMm,
        boolean isLeftHand,
        @Nullable Double torqueNm,
        String torqueSource,
        String drive,
        Locking locking,
        @Nullable ScrewHole hole,
        AsTyped typed,
        String byFeel) {
    public static final Range COUNT = Range.count("fasteningCount", "number of screws", 1, 999);
    public static final Range LENGTH = Range.of("lengthMm", "screw length", 0.5, 2000, "mm");
    public static final Range TORQUE =
            Range.of("torqueNm", "tightening torque", 0.05, 20_000, "N·m");
    private static final int LONGEST_DRIVE = 40;
    private static final int LONGEST_FEEL = 80;

    /** Ways of tightening that are meant without a figure, in the trade's words; common practice, no source. */
    public static final List<String> FEELS =
            List.of(
                    "finger tight",
                    "snug",
                    "snug, then back 1/8 turn",
                    "to no play, still turning free",
                    "alternately, a little at a time");

    private static final int DIGITS = 3;

    /**
     * Figures in the unit of the tool and the plate: "1 1/4 in", "265 lbf·ft". They are told as they were typed, the other unit beside.
     *
     * @param length length under the head; empty where it was typed in mm
     * @param torque tightening torque; empty where it was typed in N·m
     */
    public record AsTyped(String length, String torque) {
        public static final AsTyped CANONICAL = new AsTyped("", "");
    }

    /** What keeps a fastener from coming loose. */
    public enum Locking {
        NONE("nothing"),
        THREADLOCK_LOW("threadlocker, low strength"),
        THREADLOCK_MEDIUM("threadlocker, medium strength"),
        THREADLOCK_HIGH("threadlocker, high strength"),
        PREVAILING_NUT("self-locking nut"),
        TAB_WASHER("tab washer"),
        COTTER("cotter pin"),
        WIRE("lock wire"),
        SPRING_WASHER("spring washer"),
        PEENED("peened"),
        SECOND_SCREW("second screw on top");

        private final String words;

        Locking(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** True for what must not be tightened again when it has set. */
        boolean setsForGood() {
            return this == THREADLOCK_LOW || this == THREADLOCK_MEDIUM || this == THREADLOCK_HIGH;
        }

        /** True when common practice renews it each time: a bent or polymer lock holds once. */
        public boolean isSingleUse() {
            return this == PREVAILING_NUT || this == TAB_WASHER || this == COTTER || this == WIRE;
        }
    }

    /** @throws Refused naming every value out of its range, and a thread that is none */
    public Fastening {
        Refused.ifAny(
                COUNT.judge(count),
                lengthMm == null ? Optional.empty() : LENGTH.judge(lengthMm),
                torqueNm == null ? Optional.empty() : TORQUE.judge(torqueNm));
        thread = ScrewThread.of(thread).name();
        drive = drive.strip();
        if (drive.length() > LONGEST_DRIVE) {
            throw Refused.because(
                    "drive",
                    "Drive has "
                            + drive.length()
                            + " characters; at most "
                            + LONGEST_DRIVE
                            + " fit.");
        }
        byFeel = byFeel.strip();
        if (byFeel.length() > LONGEST_FEEL) {
            throw Refused.because(
                    "byFeel",
                    "How tight has %d characters; at most %d fit."
                            .formatted(byFeel.length(), LONGEST_FEEL));
        }
        if (torqueNm != null && torqueSource.isBlank()) {
            throw Refused.because(
                    "torqueSource",
                    "Say where the torque comes from: the maker's sheet, a table, felt.");
        }
    }

    public Fastening(
            int count,
            String thread,
            @Nullable Double lengthMm,
            boolean isLeftHand,
            @Nullable Double torqueNm,
            String torqueSource) {
        this(count, thread, lengthMm, isLeftHand, torqueNm, torqueSource, "", Locking.NONE, null);
    }

    /** Typed in mm and N·m. */
    public Fastening(
            int count,
            String thread,
            @Nullable Double lengthMm,
            boolean isLeftHand,
            @Nullable Double torqueNm,
            String torqueSource,
            String drive,
            Locking locking,
            @Nullable ScrewHole hole) {
        this(
                count,
                thread,
                lengthMm,
                isLeftHand,
                torqueNm,
                torqueSource,
                drive,
                locking,
                hole,
                AsTyped.CANONICAL,
                "");
    }

    /** "265 lbf·ft (359 N·m)", "47 N·m"; empty where no torque is known. */
    public String torqueInWords() {
        return torqueNm == null ? "" : typed(typed.torque, torqueNm, " N·m");
    }

    /** "1.25 in (31.8 mm)", "25 mm"; empty where no length is known. */
    public String lengthInWords() {
        return lengthMm == null ? "" : typed(typed.length, lengthMm, " mm");
    }

    private static String typed(String typed, double canonical, String unit) {
        return typed.isEmpty()
                ? PlainDigits.exact(canonical) + unit
                : typed + " (" + PlainDigits.about(canonical, DIGITS) + unit + ")";
    }

    /** "6 × M8, 25 mm, left-hand, hex socket 6, finger tight". */
    public String inWords() {
        var words = new StringBuilder().append(count).append(" × ").append(thread);
        if (lengthMm != null) {
            words.append(", ").append(lengthInWords());
        }
        if (isLeftHand) {
            words.append(", left-hand");
        }
        if (!drive.isEmpty()) {
            words.append(", ").append(drive);
        }
        if (!byFeel.isEmpty()) {
            words.append(", ").append(byFeel);
        }
        return words.toString();
    }
}
