package app.yunque.drive;

import static app.yunque.measure.Working.line;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Input turns and output turns counted by hand, held against the ratio from the tooth counts.
 *
 * <p>i = N_in/N_out; the output angle is read at start and end, each ±ε, so its travel is known to ±2ε and i to ±i ·
 * 2ε/(360° · N_out). The count passes when the ratio of the papers lies inside that band, and is doubtful when the
 * ratio with one tooth more or fewer on some gear lies inside it as well: then the band is too wide to prove anything
 * and more turns are needed.
 *
 * <p>Source: common practice, no source; the arithmetic follows from the definition of the ratio.
 *
 * @param countedRatio   i as counted
 * @param expectedRatio  i from the tooth counts
 * @param uncertainty    half width of the band
 * @param verdict        whether the count confirms the papers
 * @param sentence       the verdict in words
 * @param inputTurnsToBeSure whole input turns from which a count with the same care tells one tooth apart
 * @param working        formula and numbers
 */
public record TurnCountCheck(
        double countedRatio,
        double expectedRatio,
        double uncertainty,
        Verdict verdict,
        String sentence,
        int inputTurnsToBeSure,
        Working working) {

    /**
     * What was counted.
     *
     * @param inputTurns     turns of the input (turns), 0.05 to 100000
     * @param outputTurns    turns of the output, parts of a turn as decimals (turns), 0.01 to 100000
     * @param readingErrorDeg how well the output angle was read, at each end (degrees), 0.1 to 90
     */
    public record Count(double inputTurns, double outputTurns, double readingErrorDeg) {
        public static final Range INPUT_TURNS =
                Range.of("inputTurns", "input turns", 0.05, 100_000, "turns");
        public static final Range OUTPUT_TURNS =
                Range.of("outputTurns", "output turns", 0.01, 100_000, "turns")
                        .advising("Turn the input further until the output has visibly moved.");
        public static final Range READING_ERROR =
                Range.of(
                        "readingErrorDeg", "reading error of the output angle", 0.1, 90, "degrees");

        /** @throws Refused naming every value out of its range */
        public Count {
            Refused.ifAny(
                    INPUT_TURNS.judge(inputTurns),
                    OUTPUT_TURNS.judge(outputTurns),
                    READING_ERROR.judge(readingErrorDeg));
        }
    }

    /** One gear with another tooth count, and the ratio it would give. */
    private record Neighbour(double ratio, String words) {}

    /**
     * @param drive    papers of the unit
     * @param position position of the levers in which it was counted; empty where there are none
     * @param count    what was counted
     * @throws NotApplicable when no stage that turns is described
     */
    public static TurnCountCheck of(Drive drive, Optional<Drive.Position> position, Count count) {
        if (drive.isUnknown()) {
            throw new NotApplicable(
                    "turn count",
                    "The papers do not describe the gears of this unit, so there is no ratio to compare with.",
                    "Describe its stages under Units first.");
        }
        if (drive.path(position).stream().allMatch(s -> s.travelMmPerTurn() > 0)) {
            throw new NotApplicable(
                    "turn count",
                    "The output moves along a line, %s mm for one turn of the input, and does not turn."
                            .formatted(
                                    PlainDigits.rounded(drive.travelMmPerInputTurn(position), 3)),
                    "Measure its travel over ten turns instead.");
        }
        double counted = count.inputTurns() / count.outputTurns();
        double expected = drive.ratio(position);
        double half = counted * 2 * count.readingErrorDeg() / 360 / count.outputTurns();
        var neighbours = neighbours(drive, position);
        var verdict = verdict(counted, expected, half, neighbours);
        int turns = inputTurnsToBeSure(count, expected, neighbours);
        return new TurnCountCheck(
                counted,
                expected,
                half,
                verdict,
                sentence(verdict, counted, expected, half, neighbours, turns),
                turns,
                working(drive, position, count, counted, half));
    }

    private static Verdict verdict(
            double counted, double expected, double half, List<Neighbour> neighbours) {
        if (Math.abs(counted - expected) > half) {
            return Verdict.CLEAR_FAIL;
        }
        boolean anotherFits =
                neighbours.stream().anyMatch(n -> Math.abs(counted - n.ratio) <= half);
        return anotherFits ? Verdict.DOUBTFUL : Verdict.CLEAR_PASS;
    }

    private static List<Neighbour> neighbours(Drive drive, Optional<Drive.Position> position) {
        var found = new ArrayList<Neighbour>();
        for (int number : drive.numbers(position)) {
            var stage = drive.stages().get(number - 1);
            double rest = drive.ratio(position) / Math.abs(stage.ratio());
            stage.withOneToothOff()
                    .forEach(
                            off ->
                                    found.add(
                                            new Neighbour(
                                                    rest * Math.abs(off.ratio()),
                                                    "stage " + number + " with " + off.inWords())));
        }
        return found;
    }

    /** Bands of two ratios part when 360 N |1/i₁ − 1/i₂| > 4ε. */
    private static int inputTurnsToBeSure(
            Count count, double expected, List<Neighbour> neighbours) {
        double closest =
                neighbours.stream()
                        .mapToDouble(n -> Math.abs(1 / expected - 1 / n.ratio))
                        .filter(apart -> apart > 0)
                        .min()
                        .orElse(1);
        double turns = 4 * count.readingErrorDeg() / (360 * closest);
        return (int) Math.min(Integer.MAX_VALUE, Math.floor(turns + 1e-9) + 1);
    }

    private static String sentence(
            Verdict verdict,
            double counted,
            double expected,
            double half,
            List<Neighbour> neighbours,
            int turns) {
        var state =
                "Counted %s ± %s, the teeth give %s."
                        .formatted(
                                PlainDigits.rounded(counted, 3),
                                PlainDigits.rounded(half, 3),
                                PlainDigits.rounded(expected, 3));
        return switch (verdict) {
            case CLEAR_PASS -> state + " The gears are those of the papers.";
            case DOUBTFUL ->
                    state
                            + " One tooth more or fewer would fit as well: turn the input "
                            + turns
                            + " times or more.";
            case CLEAR_FAIL -> state + " " + explanation(counted, half, neighbours);
            case NOT_JUDGED -> state;
        };
    }

    private static String explanation(double counted, double half, List<Neighbour> neighbours) {
        return neighbours.stream()
                .filter(n -> Math.abs(counted - n.ratio) <= half)
                .min(Comparator.comparingDouble(n -> Math.abs(counted - n.ratio)))
                .map(n -> "It would fit " + n.words + ": count again, then count the teeth.")
                .orElse(
                        "No single tooth explains it: count again, then look for a slipping shaft, a sheared key or"
                                + " another gear set.");
    }

    private static Working working(
            Drive drive,
            Optional<Drive.Position> position,
            Count count,
            double counted,
            double half) {
        var teeth = new ArrayList<String>();
        for (var stage : drive.path(position)) {
            teeth.add(
                    stage instanceof Stage.Parallel parallel
                            ? parallel.pair().wheel().teeth()
                                    + "/"
                                    + parallel.pair().pinion().teeth()
                            : PlainDigits.rounded(Math.abs(stage.ratio()), 4));
        }
        return new Working(
                List.of(
                        line(
                                "i = Π z₂/z₁",
                                String.join(" × ", teeth)
                                        + " = "
                                        + PlainDigits.rounded(drive.ratio(position), 5)),
                        line(
                                "i = N_in / N_out",
                                "%s / %s = %s"
                                        .formatted(
                                                PlainDigits.exact(count.inputTurns()),
                                                PlainDigits.exact(count.outputTurns()),
                                                PlainDigits.rounded(counted, 5))),
                        line(
                                "± i · 2ε / (360° · N_out)",
                                "ε = "
                                        + PlainDigits.exact(count.readingErrorDeg())
                                        + "° at each end: ± "
                                        + PlainDigits.rounded(half, 5))),
                "Definition of the ratio; reading error of the angle: common practice, no source",
                List.of(
                        "Turning the input as many times as the reduced fraction's numerator brings the output home"
                                + " exactly: no angle has to be read."));
    }
}
