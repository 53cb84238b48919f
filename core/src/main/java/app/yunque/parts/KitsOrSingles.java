package app.yunque.parts;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What is bought so that every part needed is there, for the least money: kits, singles and bags of several, in whole packages. Kits with
 * several kinds of part are tried in every number that can be of use; what they leave is bought from packages of one kind at the least
 * price. Equal prices: the fewest packages. What is left over is worth nothing. Source: enumeration.
 *
 * @param packages  what is bought
 * @param totalCents price of all of it (cents)
 * @param leftOver  what remains over
 * @param notOffered numbers that nobody offers
 * @param sentence  the same in words
 * @param working   the best way, and the best without any kit
 */
public record KitsOrSingles(
        List<PartItem> packages,
        long totalCents,
        List<PartItem> leftOver,
        List<String> notOffered,
        String sentence,
        Working working) {
    public static final Range PRICE =
            Range.of("priceCents", "price of a package", 0, 100_000_000, "cents");
    private static final int MOST_WAYS = 300_000;
    private static final long NEVER = Long.MAX_VALUE / 4;

    /**
     * One package that is offered.
     *
     * @param number     number of the package: of the part itself, or of the kit
     * @param contents   what is in it
     * @param priceCents what it costs (cents), 0 or more
     */
    public record Offer(String number, List<PartItem> contents, long priceCents) {
        /** @throws Refused for a negative price or an empty package */
        public Offer {
            number = new PartItem(number, 1).number();
            contents = List.copyOf(contents);
            Refused.ifAny(PRICE.judge(priceCents));
            if (contents.isEmpty()) {
                throw Refused.because(
                        "contents", "What is in package %s is missing.".formatted(number));
            }
        }

        boolean isOfOneKind() {
            return contents.stream().map(PartItem::number).distinct().count() == 1;
        }

        int holds(String part) {
            return contents.stream()
                    .filter(i -> i.number().equals(part))
                    .mapToInt(PartItem::quantity)
                    .sum();
        }
    }

    /**
     * @param needs  what is needed, each number once
     * @param offers what is offered
     * @throws Refused when there are more ways to combine kits than can be tried
     */
    @PublicRule(
            at = "parts/kits-or-singles",
            title = "Kit or single parts",
            says = "Which packages cover what is needed for the least money.")
    public static KitsOrSingles of(List<PartItem> needs, List<Offer> offers) {
        var wanted = new LinkedHashMap<String, Integer>();
        needs.forEach(n -> wanted.merge(n.number(), n.quantity(), Integer::sum));
        var notOffered =
                wanted.keySet().stream()
                        .filter(part -> offers.stream().noneMatch(o -> o.holds(part) > 0))
                        .toList();
        notOffered.forEach(wanted::remove);
        var parts = List.copyOf(wanted.keySet());
        var kits =
                offers.stream()
                        .filter(o -> !o.isOfOneKind())
                        .filter(o -> parts.stream().anyMatch(p -> o.holds(p) > 0))
                        .toList();
        var singles = new Singles(parts, offers.stream().filter(Offer::isOfOneKind).toList());
        var best = new Search(parts, wanted, kits, singles).best();
        var without = new Search(parts, wanted, List.of(), singles).best();
        return best.told(wanted, offers, notOffered, without);
    }

    /** The cheapest packages of one kind for each number of pieces, the fewest packages at an equal price. */
    private record Singles(Map<String, List<Bought>> byPart) {
        Singles(List<String> parts, List<Offer> offers) {
            this(new LinkedHashMap<>());
            for (var part : parts) {
                byPart.put(
                        part, table(offers.stream().filter(o -> o.holds(part) > 0).toList(), part));
            }
        }

        private static List<Bought> table(List<Offer> offers, String part) {
            var table = new ArrayList<Bought>();
            table.add(Bought.NOTHING);
            for (int pieces = 1; pieces <= PartItem.QUANTITY.high(); pieces++) {
                var best = Bought.NONE;
                for (var offer : offers) {
                    var before = table.get(Math.max(0, pieces - offer.holds(part)));
                    best = best.better(before.and(offer));
                }
                table.add(best);
            }
            return table;
        }

        Bought of(String part, int pieces) {
            return byPart.get(part).get(Math.max(0, pieces));
        }
    }

    /** Packages with their price; NONE where there is no way. */
    private record Bought(Map<String, Integer> packages, long cents, int count) {
        static final Bought NOTHING = new Bought(Map.of(), 0, 0);
        static final Bought NONE = new Bought(Map.of(), NEVER, 0);

        Bought and(Offer offer) {
            return and(new Bought(Map.of(offer.number(), 1), offer.priceCents(), 1));
        }

        Bought and(Bought other) {
            if (cents >= NEVER || other.cents >= NEVER) {
                return NONE;
            }
            var both = new LinkedHashMap<>(packages);
            other.packages.forEach((n, q) -> both.merge(n, q, Integer::sum));
            return new Bought(both, cents + other.cents, count + other.count);
        }

        Bought better(Bought other) {
            return other.cents < cents || other.cents == cents && other.count < count
                    ? other
                    : this;
        }

        KitsOrSingles told(
                Map<String, Integer> wanted,
                List<Offer> offers,
                List<String> notOffered,
                Bought without) {
            boolean isWay = cents < NEVER;
            var items =
                    packages.entrySet().stream()
                            .map(e -> new PartItem(e.getKey(), e.getValue()))
                            .sorted(Comparator.comparing(PartItem::number))
                            .toList();
            return new KitsOrSingles(
                    items,
                    isWay ? cents : 0,
                    isWay ? over(wanted, offers) : List.of(),
                    notOffered,
                    sentence(items, notOffered, isWay, without),
                    new Working(
                            List.of(
                                    line("least money", money(cents)),
                                    line("without any kit", money(without.cents))),
                            "enumeration of every useful number of kits"));
        }

        private List<PartItem> over(Map<String, Integer> wanted, List<Offer> offers) {
            var has = new LinkedHashMap<String, Integer>();
            packages.forEach(
                    (number, quantity) ->
                            offers.stream()
                                    .filter(o -> o.number().equals(number))
                                    .findFirst()
                                    .ifPresent(
                                            o ->
                                                    o.contents()
                                                            .forEach(
                                                                    i ->
                                                                            has.merge(
                                                                                    i.number(),
                                                                                    i.quantity()
                                                                                            * quantity,
                                                                                    Integer
                                                                                            ::sum))));
            return has.entrySet().stream()
                    .map(
                            e ->
                                    Map.entry(
                                            e.getKey(),
                                            e.getValue() - wanted.getOrDefault(e.getKey(), 0)))
                    .filter(e -> e.getValue() > 0)
                    .map(e -> new PartItem(e.getKey(), e.getValue()))
                    .toList();
        }

        private String sentence(
                List<PartItem> items, List<String> notOffered, boolean isWay, Bought without) {
            var missing =
                    notOffered.isEmpty()
                            ? ""
                            : " Nobody offers %s.".formatted(String.join(", ", notOffered));
            if (!isWay || items.isEmpty()) {
                return "Nothing is bought." + missing;
            }
            var buys = String.join(", ", items.stream().map(PartItem::inWords).toList());
            var saved =
                    without.cents >= NEVER
                            ? " Not every part is sold singly."
                            : without.cents > cents
                                    ? " Singly it would be %s.".formatted(money(without.cents))
                                    : "";
            return "Buy %s for %s.%s%s".formatted(buys, money(cents), saved, missing);
        }
    }

    private static String money(long cents) {
        return cents >= NEVER ? "not possible" : Money.inWords(cents);
    }

    /** Every number of each kit that can still be of use. */
    private record Search(
            List<String> parts, Map<String, Integer> wanted, List<Offer> kits, Singles singles) {
        Bought best() {
            var most = new int[kits.size()];
            long ways = 1;
            for (int k = 0; k < most.length; k++) {
                most[k] = useful(kits.get(k));
                ways *= most[k] + 1L;
                if (ways > MOST_WAYS) {
                    throw Refused.because(
                            "offers",
                            "There are more than %d ways to combine these kits. Leave out those that are surely too dear."
                                    .formatted(MOST_WAYS));
                }
            }
            var best = Bought.NONE;
            var counts = new int[most.length];
            do {
                best = best.better(with(counts));
            } while (next(counts, most));
            return best;
        }

        private int useful(Offer kit) {
            return parts.stream()
                    .filter(p -> kit.holds(p) > 0)
                    .mapToInt(p -> (wanted.get(p) + kit.holds(p) - 1) / kit.holds(p))
                    .max()
                    .orElse(0);
        }

        private Bought with(int[] counts) {
            var bought = Bought.NOTHING;
            for (int k = 0; k < counts.length; k++) {
                for (int i = 0; i < counts[k]; i++) {
                    bought = bought.and(kits.get(k));
                }
            }
            for (var part : parts) {
                int left = wanted.get(part);
                for (int k = 0; k < counts.length; k++) {
                    left -= counts[k] * kits.get(k).holds(part);
                }
                bought = bought.and(singles.of(part, left));
            }
            return bought;
        }

        private static boolean next(int[] counts, int[] most) {
            for (int k = 0; k < counts.length; k++) {
                if (counts[k] < most[k]) {
                    counts[k]++;
                    Arrays.fill(counts, 0, k, 0);
                    return true;
                }
            }
            return false;
        }
    }
}
