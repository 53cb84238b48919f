package app.yunque.fastener;

import app.yunque.measure.Asks;
import app.yunque.measure.Problem;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The order in which the screws of any pattern are tightened: from the middle outwards in rings of equal distance from the centre, in each ring always
 * the screw farthest from the last. A circle of equal screws goes crosswise ({@link TighteningOrder}). Source: legacy cross pattern of ASME PCC-1, from
 * memory; from the middle outwards common practice, no source.
 *
 * @param order numbers of the screws, 1 first, in the order of tightening
 * @param told  the same in words
 */
public record BoltPattern(List<Integer> order, Told told) {
    public static final Range ACROSS = Range.of("acrossMm", "place across", -10_000, 10_000, "mm");
    private static final int FEWEST = 2;
    private static final int MOST = 60;
    private static final double SAME = 1e6;

    /**
     * Where one screw stands.
     *
     * @param acrossMm across (mm)
     * @param upMm     up (mm)
     */
    public record Place(
            double acrossMm,
            @Asks(value = "place up", hint = "One for each screw, in the order of their numbers.")
                    double upMm) {
        public Place {
            Refused.ifAny(ACROSS.judge(acrossMm), ACROSS.named("upMm", "place up").judge(upMm));
        }

        private double from(double across, double up) {
            return Math.round(Math.hypot(acrossMm - across, upMm - up) * SAME) / SAME;
        }

        private double from(Place other) {
            return from(other.acrossMm, other.upMm);
        }
    }

    public BoltPattern {
        order = List.copyOf(order);
    }

    /**
     * @param places where each screw stands, in the order of their numbers
     * @throws Refused for fewer than 2 or more than 60 screws, or two at one place
     */
    @PublicRule(
            at = "fastener/order",
            title = "Tightening order of a pattern",
            says = "Circle, rows or any places: which screw after which.",
            sets = {"S-12"})
    public static BoltPattern of(@Asks("where the screws stand") List<Place> places) {
        if (places.size() < FEWEST || places.size() > MOST) {
            throw Refused.because(
                    "places",
                    "%d screws; an order is reckoned for 2 to 60.".formatted(places.size()));
        }
        Refused.ifAny(twoAtOnePlace(places));
        double across = places.stream().mapToDouble(Place::acrossMm).average().orElse(0);
        double up = places.stream().mapToDouble(Place::upMm).average().orElse(0);
        var rings =
                IntStream.range(0, places.size())
                        .boxed()
                        .collect(
                                Collectors.groupingBy(
                                        i -> places.get(i).from(across, up),
                                        TreeMap::new,
                                        Collectors.toCollection(ArrayList::new)));
        var order =
                rings.size() == 1 && isEvenCircle(places, across, up)
                        ? crosswise(places, across, up)
                        : fromTheMiddle(places, rings.values());
        var told =
                Told.of("ASME PCC-1 cross pattern, from memory; common practice, no source")
                        .words(
                                "order",
                                "tighten in this order",
                                order.stream()
                                        .map(String::valueOf)
                                        .collect(Collectors.joining(", ")))
                        .line(
                                "from the middle outwards, each the farthest from the last",
                                "%d screws",
                                places.size())
                        .saying(
                                "In this order: %s. Undo them in the reverse order, in two rounds."
                                        .formatted(
                                                order.stream()
                                                        .map(String::valueOf)
                                                        .collect(Collectors.joining(", "))));
        return new BoltPattern(order, told);
    }

    private static Optional<Problem> twoAtOnePlace(List<Place> places) {
        for (int i = 0; i < places.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (places.get(i).from(places.get(j)) == 0) {
                    return Optional.of(
                            Problem.told(
                                    "places",
                                    "Screws %d and %d stand at one place. Measure them again."
                                            .formatted(j + 1, i + 1)));
                }
            }
        }
        return Optional.empty();
    }

    /** Equal angles round the centre. */
    private static boolean isEvenCircle(List<Place> places, double across, double up) {
        var angles = clockwise(places, across, up);
        double step = 2 * Math.PI / places.size();
        double tolerance = step / 100;
        for (int k = 0; k < angles.size(); k++) {
            double here = angle(places.get(angles.get(k)), across, up);
            double next = angle(places.get(angles.get((k + 1) % angles.size())), across, up);
            double gap = ((here - next) % (2 * Math.PI) + 2 * Math.PI) % (2 * Math.PI);
            if (Math.abs(gap - step) > tolerance) {
                return false;
            }
        }
        return places.size() > 2;
    }

    private static double angle(Place place, double across, double up) {
        return Math.atan2(place.upMm - up, place.acrossMm - across);
    }

    /** Screws clockwise from number 1 on. */
    private static List<Integer> clockwise(List<Place> places, double across, double up) {
        double first = angle(places.get(0), across, up);
        return IntStream.range(0, places.size())
                .boxed()
                .sorted(
                        Comparator.comparingDouble(
                                i -> {
                                    double turn = first - angle(places.get(i), across, up);
                                    double full = 2 * Math.PI;
                                    return Math.round(((turn % full + full) % full) * SAME) / SAME;
                                }))
                .toList();
    }

    private static List<Integer> crosswise(List<Place> places, double across, double up) {
        var round = clockwise(places, across, up);
        return TighteningOrder.of(places.size()).stream().map(n -> round.get(n - 1) + 1).toList();
    }

    private static List<Integer> fromTheMiddle(
            List<Place> places, Iterable<ArrayList<Integer>> rings) {
        var order = new ArrayList<Integer>();
        int last = -1;
        for (var ring : rings) {
            var left = new ArrayList<>(ring);
            while (!left.isEmpty()) {
                int from = last;
                int next =
                        from < 0
                                ? left.get(0)
                                : left.stream()
                                        .max(
                                                Comparator.comparingDouble(
                                                                (Integer i) ->
                                                                        places.get(i)
                                                                                .from(
                                                                                        places.get(
                                                                                                from)))
                                                        .thenComparing(Comparator.reverseOrder()))
                                        .orElseThrow();
                left.remove(Integer.valueOf(next));
                order.add(next + 1);
                last = next;
            }
        }
        return order;
    }
}
