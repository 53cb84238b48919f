package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Locale;
import java.util.regex.Pattern;
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
 */
public record Fastening(
        int count,
        String thread,
        @Nullable Double lengthMm,
        boolean isLeftHand,
        @Nullable Double torqueNm,
        String torqueSource) {
    public static final Range COUNT = Range.count("fasteningCount", "number of screws", 1, 999);
    public static final Range LENGTH = Range.of("lengthMm", "screw length", 0.5, 2000, "mm");
    public static final Range TORQUE =
            Range.of("torqueNm", "tightening torque", 0.05, 20_000, "N·m");

    private static final Pattern THREAD =
            Pattern.compile(
                    "M\\d{1,3}(\\.\\d)?([x×]\\d(\\.\\d{1,2})?)?|(#\\d{1,2}|\\d{0,1}\\s?\\d{1,2}/\\d{1,2}|\\d)-\\d{1,2}"
                            + "|G\\s?\\d?\\s?\\d/?\\d?");

    /** @throws Refused naming every value out of its range, and a thread that is none */
    public Fastening {
        Refused.ifAny(
                COUNT.judge(count),
                lengthMm == null ? java.util.Optional.empty() : LENGTH.judge(lengthMm),
                torqueNm == null ? java.util.Optional.empty() : TORQUE.judge(torqueNm));
        thread = thread.strip().replaceAll("(?<=\\d)\\s*[x*](?=\\d)", "×");
        if (!THREAD.matcher(thread.toUpperCase(Locale.ROOT)).matches()) {
            throw Refused.because(
                    "thread",
                    "Thread \""
                            + thread
                            + "\" is not understood. Write it like M8, M30×1.5 or 3/8-16.");
        }
        thread = thread.toUpperCase(Locale.ROOT);
        if (torqueNm != null && torqueSource.isBlank()) {
            throw Refused.because(
                    "torqueSource",
                    "Say where the torque comes from: the maker's sheet, a table, felt.");
        }
    }

    /** "6 × M8, 25 mm, left-hand". */
    public String inWords() {
        var words = new StringBuilder().append(count).append(" × ").append(thread);
        if (lengthMm != null) {
            words.append(", ").append(PlainDigits.exact(lengthMm)).append(" mm");
        }
        if (isLeftHand) {
            words.append(", left-hand");
        }
        return words.toString();
    }
}
