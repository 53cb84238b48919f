package app.yunque.procedure;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The next move of one member, out of what the tries before gave, or why none is made. One try is one member moved by a known amount,
 * seated again (taper bearings 10 turns, others 2) and read. Its gain is the change it gave over the change predicted; the next move is
 * what is left over the gain. A gain that is far off counts once as 1, so that one odd reading does not multiply a move, and the second
 * time as a fault to be looked for. Source: common practice, no source; the number of tries and the bounds of the gain are a judgement.
 *
 * @param stop        why no move is made; empty where one is
 * @param moveMm      the next move (mm), thicker, apart or out is plus; empty where none is made
 * @param packMm      pack to make (mm); empty where no move is made or no pack is there
 * @param predictedMm what it should read then (mm); empty where no move is made
 * @param gain        what a move gave over what was predicted, of the last try; empty where none tells
 * @param working     formula and numbers
 */
public record NextMove(
        Optional<Stop> stop,
        OptionalDouble moveMm,
        OptionalDouble packMm,
        OptionalDouble predictedMm,
        OptionalDouble gain,
        Working working) {
    public static final Range MOVE = Range.of("movesMm", "move", -10, 10, "mm");
    public static final Range READING = Range.of("readingsMm", "reading", -5, 20, "mm");
    public static final Range WANTED = Range.of("wantedMm", "value wanted", -5, 20, "mm");
    public static final Range PER_MM = Range.of("perMm", "change for a move of 1 mm", -3, 3, "");
    public static final Range PACK = Range.of("packMm", "pack", 0, 20, "mm");
    public static final Range THINNEST = Range.of("thinnestMm", "thinnest shim", 0.005, 5, "mm");
    public static final Range UNCERTAINTY =
            Range.of("uncertaintyMm", "uncertainty of a reading", 0, 1, "mm");

    private static final int MOST_TRIES = 3;
    private static final double LEAST_GAIN = 0.5;
    private static final double MOST_GAIN = 1.5;
    private static final double OVER_THE_OLD = 4.0 / 3;
    private static final double LEAST_PER_MM = 0.02;
    private static final double SLACK = 1e-9;

    /** Why no move is made. */
    public enum Stop {
        CASE_BENT(
                "The contact moved along and across at once: the case or a shaft is bent. Check the bores for line before another shim."),
        PRELOAD(
                "A preload appeared that nobody asked for: look for the bearing that is pressed before another shim."),
        SCATTER(
                "Readings of one place differ by more than their uncertainty: look for dirt, a loose bearing or a loose stand first."),
        GAIN(
                "Two moves gave far less or far more than they should: dirt, a bearing that is not home, or another member moved. Look for it, do not shim on."),
        REACHED("Inside what is wanted by more than the uncertainty: leave it."),
        TOO_MANY("Three tries on one member did not bring it: look for the cause, do not shim on."),
        TOO_FINE(
                "What is left is less than half the thinnest shim: shims do not bring it nearer. Grind one, or judge the reading as it is."),
        NO_PACK_LEFT("The pack would have to be thinner than nothing: move the other member."),
        PACK_TOO_THICK(
                "The pack would be more than a third over the old one: something else is not as it was. Look for it first.");

        private final String words;

        Stop(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What was seen at the last try beside the reading. */
    public enum Seen {
        NOTHING_ODD,
        CONTACT_ALONG_AND_ACROSS,
        PRELOAD_NOT_ASKED_FOR
    }

    /**
     * @param leastMm       the least that is wanted (mm)
     * @param mostMm        the most that is wanted (mm)
     * @param uncertaintyMm expanded uncertainty of one reading (k = 2, mm)
     */
    public record Wanted(double leastMm, double mostMm, double uncertaintyMm) {
        public Wanted {
            Refused.ifAny(
                    WANTED.named("leastMm", "least wanted").judge(leastMm),
                    WANTED.named("mostMm", "most wanted").judge(mostMm),
                    UNCERTAINTY.judge(uncertaintyMm));
            if (mostMm - leastMm < 2 * uncertaintyMm - SLACK || mostMm <= leastMm) {
                throw Refused.because(
                        "mostMm",
                        "From %s to %s mm is no more than a reading good to ± %s mm can tell. Enter the limits as the maker gives them, or measure finer."
                                .formatted(
                                        PlainDigits.exact(leastMm),
                                        PlainDigits.exact(mostMm),
                                        PlainDigits.exact(uncertaintyMm)));
            }
        }

        double middleMm() {
            return (leastMm + mostMm) / 2;
        }
    }

    /**
     * @param nowMm      pack in place now (mm); empty where nothing is packed
     * @param oldMm      pack as it was found (mm); empty where nobody measured it
     * @param thinnestMm thinnest shim at hand (mm)
     */
    public record Pack(OptionalDouble nowMm, OptionalDouble oldMm, double thinnestMm) {
        public Pack {
            Refused.ifAny(THINNEST.judge(thinnestMm));
            nowMm.ifPresent(p -> Refused.ifAny(PACK.judge(p)));
            oldMm.ifPresent(p -> Refused.ifAny(PACK.named("oldMm", "pack as found").judge(p)));
        }
    }

    /**
     * @param perMm      change of the reading for a move of 1 mm ({@link Movable.Effect}), not nearer to 0 than 0.02
     * @param readingsMm what was read: before the first move, and after each (mm)
     * @param movesMm    what was moved, one fewer than the readings (mm), out, apart or thicker is plus
     * @param spreadMm   largest difference of readings at one place at the last try (mm); empty where it was read once
     * @param seen       what was seen beside
     */
    public static NextMove of(
            double perMm,
            List<Double> readingsMm,
            List<Double> movesMm,
            OptionalDouble spreadMm,
            Seen seen,
            Wanted wanted,
            Pack pack) {
        refuse(perMm, readingsMm, movesMm);
        double now = readingsMm.get(readingsMm.size() - 1);
        var gains = gains(perMm, readingsMm, movesMm, wanted.uncertaintyMm);
        var last = gains.isEmpty() ? OptionalDouble.empty() : gains.get(gains.size() - 1);
        double counted = last.isPresent() && !isFarOff(last.getAsDouble()) ? last.getAsDouble() : 1;
        double move = (wanted.middleMm() - now) / (perMm * counted);
        var working = working(perMm, now, counted, move, wanted);
        var stop = stop(seen, spreadMm, gains, now, movesMm.size(), move, wanted, pack);
        return stop.isPresent()
                ? new NextMove(
                        stop,
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        last,
                        working)
                : new NextMove(
                        stop,
                        OptionalDouble.of(move),
                        pack.nowMm.isPresent()
                                ? OptionalDouble.of(pack.nowMm.getAsDouble() + move)
                                : OptionalDouble.empty(),
                        OptionalDouble.of(now + move * perMm * counted),
                        last,
                        working);
    }

    private static void refuse(double perMm, List<Double> readingsMm, List<Double> movesMm) {
        Refused.ifAny(PER_MM.judge(perMm));
        if (Math.abs(perMm) < LEAST_PER_MM) {
            throw Refused.because(
                    "perMm",
                    "A move of 1 mm that changes the reading by %s mm cannot set it. Move another member."
                            .formatted(PlainDigits.exact(perMm)));
        }
        if (readingsMm.size() != movesMm.size() + 1) {
            throw Refused.because(
                    "readingsMm",
                    "%d moves and %d readings do not go together: enter the reading before the first move and one after each move."
                            .formatted(movesMm.size(), readingsMm.size()));
        }
        readingsMm.forEach(r -> Refused.ifAny(READING.judge(r)));
        movesMm.forEach(m -> Refused.ifAny(MOVE.judge(m)));
    }

    /** Gains of the tries that moved more than a reading is uncertain; of a smaller one nothing can be told. */
    private static List<OptionalDouble> gains(
            double perMm, List<Double> readings, List<Double> moves, double uncertainty) {
        var gains = new ArrayList<OptionalDouble>();
        for (int i = 0; i < moves.size(); i++) {
            double predicted = moves.get(i) * perMm;
            double got = readings.get(i + 1) - readings.get(i);
            gains.add(
                    Math.abs(predicted) > Math.max(uncertainty, SLACK)
                            ? OptionalDouble.of(got / predicted)
                            : OptionalDouble.empty());
        }
        return gains;
    }

    private static boolean isFarOff(double gain) {
        return gain < LEAST_GAIN - SLACK || gain > MOST_GAIN + SLACK;
    }

    private static Optional<Stop> stop(
            Seen seen,
            OptionalDouble spread,
            List<OptionalDouble> gains,
            double now,
            int tries,
            double move,
            Wanted wanted,
            Pack pack) {
        if (seen == Seen.CONTACT_ALONG_AND_ACROSS) {
            return Optional.of(Stop.CASE_BENT);
        }
        if (seen == Seen.PRELOAD_NOT_ASKED_FOR) {
            return Optional.of(Stop.PRELOAD);
        }
        if (spread.isPresent() && spread.getAsDouble() > wanted.uncertaintyMm + SLACK) {
            return Optional.of(Stop.SCATTER);
        }
        long farOff =
                gains.stream().filter(g -> g.isPresent() && isFarOff(g.getAsDouble())).count();
        if (farOff >= 2) {
            return Optional.of(Stop.GAIN);
        }
        return isReached(now, wanted) ? Optional.of(Stop.REACHED) : notByShims(tries, move, pack);
    }

    /** Inside by more than the uncertainty; on the edge it is moved on, as doubtful does not pass. */
    private static boolean isReached(double now, Wanted wanted) {
        return Math.min(now - wanted.leastMm, wanted.mostMm - now) >= wanted.uncertaintyMm - SLACK;
    }

    private static Optional<Stop> notByShims(int tries, double move, Pack pack) {
        if (tries >= MOST_TRIES) {
            return Optional.of(Stop.TOO_MANY);
        }
        if (Math.abs(move) < pack.thinnestMm / 2 - SLACK) {
            return Optional.of(Stop.TOO_FINE);
        }
        if (pack.nowMm.isEmpty()) {
            return Optional.empty();
        }
        double then = pack.nowMm.getAsDouble() + move;
        if (then < -SLACK) {
            return Optional.of(Stop.NO_PACK_LEFT);
        }
        return pack.oldMm.isPresent() && then > pack.oldMm.getAsDouble() * OVER_THE_OLD + SLACK
                ? Optional.of(Stop.PACK_TOO_THICK)
                : Optional.empty();
    }

    private static Working working(
            double perMm, double now, double gain, double move, Wanted wanted) {
        return new Working(
                List.of(
                        line(
                                "move = (middle of what is wanted − now) / (change for 1 mm × gain)",
                                "(%s − %s) / (%s × %s) = %s mm"
                                        .formatted(
                                                PlainDigits.rounded(wanted.middleMm(), 4),
                                                PlainDigits.rounded(now, 4),
                                                PlainDigits.rounded(perMm, 4),
                                                PlainDigits.rounded(gain, 3),
                                                PlainDigits.rounded(move, 4)))),
                "common practice, no source",
                List.of("Move one member only, seat it again by 10 turns, read at 4 places."));
    }
}
