package app.yunque.teardown;

import app.yunque.fastener.BoltPattern;
import app.yunque.fastener.BoltPattern.Place;
import app.yunque.fastener.ScrewPattern;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * How the screws of one part are tightened, screw by screw: where they stand, which after which, and in which rounds. Rounds: by hand, 30, 70 and 100 % of the
 * torque, then once round at the torque until none moves; by feel there is one round, and none tighter before it. Source: stages common practice, no source; order {@link BoltPattern}.
 *
 * @param screws in the order of their numbers
 * @param order  numbers in the order of tightening, 1 first
 * @param rounds what each round is tightened to, in words
 */
public record Tightening(List<Place> screws, List<Integer> order, List<String> rounds) {
    /** Nothing to show: fewer than three screws, or more than can be told apart in a drawing. */
    public static final Tightening NONE = new Tightening(List.of(), List.of(), List.of());

    public static final Range TICKS = Range.count("ticked", "screws ticked", 0, 200);
    private static final int FEWEST = 3;
    private static final int MOST_DRAWN = 24;
    private static final double[] STAGES = {0.3, 0.7, 1};
    private static final double FULL = 1;
    private static final int DIGITS = 3;

    public Tightening {
        screws = List.copyOf(screws);
        order = List.copyOf(order);
        rounds = List.copyOf(rounds);
    }

    /** What holds a part that goes back as it was; of another kind nothing is known. */
    public static Tightening of(TeardownStep step) {
        var sets = step.fastenings();
        int screws = sets.stream().mapToInt(Fastening::count).sum();
        if (step.kindThatGoesIn() != step.kind() || screws < FEWEST || screws > MOST_DRAWN) {
            return NONE;
        }
        var places = pattern(step).places(screws);
        return new Tightening(places, BoltPattern.of(places).order(), rounds(sets));
    }

    private static ScrewPattern pattern(TeardownStep step) {
        var noted = step.detail().back().screws();
        return noted == null ? ScrewPattern.CIRCLE : noted;
    }

    private static List<String> rounds(List<Fastening> sets) {
        var rounds = new ArrayList<String>();
        boolean feel = sets.stream().allMatch(s -> s.torqueNm() == null && !s.byFeel().isEmpty());
        if (feel) {
            // "To no play, still turning free" is never snug before.
            rounds.add(each(sets, Fastening::byFeel));
            return rounds;
        }
        rounds.add("snug by hand");
        if (sets.stream().anyMatch(s -> s.torqueNm() == null)) {
            rounds.add("half tight");
            rounds.add("tight, to the maker’s figure");
            return rounds;
        }
        for (double stage : STAGES) {
            rounds.add(each(sets, s -> torque(s, stage)));
        }
        rounds.add(
                sets.stream().anyMatch(s -> s.locking().setsForGood())
                        ? "once round at the torque, at once: never again when the compound has set"
                        : "once round at the torque, until none moves");
        return rounds;
    }

    private static String torque(Fastening set, double stage) {
        double torque = set.torqueNm() == null ? 0 : set.torqueNm();
        return stage == FULL
                ? set.torqueInWords()
                : PlainDigits.about(stage * torque, DIGITS) + " N·m";
    }

    /** One figure where all sets have the same, else set by set. */
    private static String each(List<Fastening> sets, Function<Fastening, String> figure) {
        var figures = sets.stream().map(figure).distinct().toList();
        return figures.size() == 1
                ? figures.get(0)
                : sets.stream()
                        .map(s -> s.thread() + " " + figure.apply(s))
                        .collect(Collectors.joining(", "));
    }
}
