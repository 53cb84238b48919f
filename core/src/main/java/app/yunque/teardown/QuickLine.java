package app.yunque.teardown;

import app.yunque.drive.DriveShafts;
import app.yunque.measure.Refused;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One typed line read as a step of the strip. Nothing is required but the part; the order of words hardly matters, and
 * what is not understood stays in the name of the part, so that nothing typed is lost.
 *
 * <p>Examples, which are also the grammar:
 *
 * <ul>
 *   <li>{@code cover input left 6x M8x25 24 Nm from maker's sheet, tray B}
 *   <li>{@code 2 spacers output right, chamfer down, bag 3}
 *   <li>{@code locknut M30x1.5 LH shaft 2 left, hex 46}
 *   <li>{@code bearing, groove up, worn, with puller, 6 min}
 *   <li>{@code flange 4x 3/8-16 x 1 1/4 in, threadlock medium}
 * </ul>
 *
 * @param part      what came off, 1 to 120 characters
 * @param kind      its kind, guessed from the words
 * @param count     pieces
 * @param shaft     shaft from 1, 0 for the housing; null when the line does not say
 * @param side      end of the shaft; null when the line does not say
 * @param gear      gear of the papers; null when the line names none
 * @param wayRound  which face looks where
 * @param screw     what held it; null when the line names no thread
 * @param tray      tray or bag; empty when the line does not say
 * @param condition as found
 * @param tool      main tool
 * @param minutes   minutes it took; null when the line does not say
 * @param matchMark match mark
 * @param hard      why it was hard
 * @param stuckTo   what it came off together with
 * @param loose     loose items that came free; null when none are named
 * @param thickness thickness; null when the line does not say
 * @param teeth     number of teeth; null when the line does not say
 * @param note      what stood in brackets
 * @param singleUse true when it must not be used again
 * @param pieces    what was understood, word by word, in the order of the line
 * @param problems  what was seen and cannot be, in whole sentences
 */
public record QuickLine(
        String part,
        PartKind kind,
        int count,
        @Nullable Integer shaft,
        @Nullable Side side,
        @Nullable GearPlace gear,
        String wayRound,
        @Nullable Screw screw,
        String tray,
        Condition condition,
        String tool,
        @Nullable Double minutes,
        String matchMark,
        String hard,
        String stuckTo,
        @Nullable LooseItem loose,
        @Nullable Amount thickness,
        @Nullable Integer teeth,
        String note,
        boolean singleUse,
        List<Piece> pieces,
        List<String> problems) {
    public static final int LONGEST = 400;

    /**
     * A number as typed.
     *
     * @param text digits as typed
     * @param unit unit: mm, in, N·m, lbf·ft
     */
    public record Amount(String text, String unit) {}

    /**
     * @param count        how many
     * @param thread       thread in its usual spelling
     * @param length       length under the head; null when the line does not say
     * @param leftHand     true for a left-hand thread
     * @param torque       tightening torque; null when the line does not say
     * @param torqueSource where the torque comes from
     * @param drive        drive and size
     * @param locking      what keeps it from coming loose
     */
    public record Screw(
            int count,
            String thread,
            @Nullable Amount length,
            boolean leftHand,
            @Nullable Amount torque,
            String torqueSource,
            String drive,
            Fastening.Locking locking) {}

    /**
     * @param words   the words of the line
     * @param meaning what they were taken for
     * @param from    place of the first character, 0 first
     */
    public record Piece(String words, String meaning, int from) {}

    public QuickLine {
        pieces = List.copyOf(pieces);
        problems = List.copyOf(problems);
    }

    /** A line read without the papers of a unit: stages stand in a row, each on the next shaft. */
    public static QuickLine read(String line, List<String> shafts) {
        return read(line, shafts, Optional.empty());
    }

    /**
     * @param line   as typed, at most 400 characters
     * @param shafts names of the shafts, input first
     * @param drive  shafts of the stages by the papers; empty when they are not known
     * @throws Refused when the line is empty or too long
     */
    public static QuickLine read(String line, List<String> shafts, Optional<DriveShafts> drive) {
        if (line.isBlank()) {
            throw Refused.because(
                    "line", "Type what came off, for example: cover input left 6x M8x25 tray B.");
        }
        if (line.length() > LONGEST) {
            throw Refused.because(
                    "line",
                    "The line has %d characters; at most %d fit. Keep it in two steps."
                            .formatted(line.length(), LONGEST));
        }
        return new QuickLineReader(line, shafts, drive).read();
    }
}
