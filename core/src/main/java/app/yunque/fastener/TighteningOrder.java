package app.yunque.fastener;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The crosswise order in which the screws of a round flange are tightened. An even number goes pair by pair of opposite screws, each next pair
 * as far as can be from all that are tight, then from the last pair; an odd number goes on by half of it each time. Source: legacy cross
 * pattern of ASME PCC-1, from memory.
 */
public final class TighteningOrder {
    private static final int FEWEST = 3;
    private static final int MOST_DRAWN = 24;

    private TighteningOrder() {}

    /**
     * @param screws number of screws, numbered round the flange from 1
     * @return their numbers in the order of tightening; empty below three or above 24 screws
     */
    public static List<Integer> of(int screws) {
        if (screws < FEWEST || screws > MOST_DRAWN) {
            return List.of();
        }
        return screws % 2 == 0 ? even(screws) : odd(screws);
    }

    private static List<Integer> odd(int screws) {
        return IntStream.range(0, screws)
                .map(k -> k * ((screws - 1) / 2) % screws + 1)
                .boxed()
                .toList();
    }

    private static List<Integer> even(int screws) {
        var order = new ArrayList<Integer>(List.of(1, 1 + screws / 2));
        while (order.size() < screws) {
            var last = order.subList(order.size() - 2, order.size());
            int next =
                    IntStream.rangeClosed(1, screws)
                            .filter(c -> !order.contains(c))
                            .boxed()
                            .max(
                                    Comparator.comparingInt(
                                                    (Integer c) -> nearest(c, order, screws))
                                            .thenComparingInt(c -> nearest(c, last, screws))
                                            .thenComparing(Comparator.reverseOrder()))
                            .orElseThrow();
            order.add(next);
            order.add((next - 1 + screws / 2) % screws + 1);
        }
        return List.copyOf(order);
    }

    /** Places between a screw and the nearest of some others, the short way round. */
    private static int nearest(int screw, List<Integer> others, int screws) {
        return others.stream()
                .mapToInt(o -> Math.min(Math.abs(o - screw), screws - Math.abs(o - screw)))
                .min()
                .orElseThrow();
    }
}
