package app.yunque.teardown;

import java.util.ArrayList;
import java.util.List;

/**
 * The crosswise order in which the screws of a round flange are tightened: after each screw the one most nearly opposite,
 * then the one most nearly a quarter turn on. Common practice, no source.
 */
final class TighteningOrder {
    private static final int FEWEST = 3;
    private static final int MOST_DRAWN = 24;

    private TighteningOrder() {}

    /**
     * @param screws number of screws, numbered round the flange from 1
     * @return their numbers in the order of tightening; empty below three or above 24 screws
     */
    static List<Integer> of(int screws) {
        if (screws < FEWEST || screws > MOST_DRAWN) {
            return List.of();
        }
        var order = new ArrayList<Integer>();
        var left = new ArrayList<Integer>();
        for (int i = 0; i < screws; i++) {
            left.add(i);
        }
        int last = 0;
        boolean opposite = false;
        while (!left.isEmpty()) {
            double wanted = order.isEmpty() ? 0 : last + (opposite ? screws / 2.0 : screws / 4.0);
            int next = nearest(left, wanted, screws);
            order.add(next + 1);
            left.remove(Integer.valueOf(next));
            last = next;
            opposite = !opposite;
        }
        return List.copyOf(order);
    }

    private static int nearest(List<Integer> left, double wanted, int screws) {
        int best = left.get(0);
        for (int place : left) {
            if (distance(place, wanted, screws) < distance(best, wanted, screws) - 1e-9) {
                best = place;
            }
        }
        return best;
    }

    private static double distance(double place, double wanted, int screws) {
        double apart = Math.abs(place - wanted) % screws;
        return Math.min(apart, screws - apart);
    }
}
