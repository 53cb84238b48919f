package app.yunque.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Refused;
import app.yunque.parts.KitsOrSingles.Offer;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Against plain enumeration of every number of every package. */
class KitsOrSinglesTest {
    private static Offer offer(String number, long cents, PartItem... contents) {
        return new Offer(number, List.of(contents), cents);
    }

    private static PartItem item(String number, int quantity) {
        return new PartItem(number, quantity);
    }

    private static final List<Offer> OFFERS =
            List.of(
                    offer("SEAL", 1400, item("SEAL", 1)),
                    offer("BEARING", 3800, item("BEARING", 1)),
                    offer("GASKET", 600, item("GASKET", 1)),
                    offer("KIT-A", 6200, item("SEAL", 2), item("BEARING", 1), item("GASKET", 2)),
                    offer("KIT-B", 3000, item("SEAL", 2), item("GASKET", 1)));

    // Seal 2, bearing 1, gasket 1: kit A 62.00; without the bearing kit B 30.00; singly 72.00.
    @Test
    void aKitIsBoughtWhereItIsCheaper() {
        var all =
                KitsOrSingles.of(
                        List.of(item("SEAL", 2), item("BEARING", 1), item("GASKET", 1)), OFFERS);
        assertThat(all.packages()).containsExactly(item("KIT-A", 1));
        assertThat(all.totalCents()).isEqualTo(6200);
        assertThat(all.leftOver()).containsExactly(item("GASKET", 1));
        assertThat(all.sentence()).isEqualTo("Buy 1 × KIT-A for 62.00. Singly it would be 72.00.");
        var without = KitsOrSingles.of(List.of(item("SEAL", 2), item("GASKET", 1)), OFFERS);
        assertThat(without.packages()).containsExactly(item("KIT-B", 1));
        assertThat(without.totalCents()).isEqualTo(3000);
        assertThat(without.leftOver()).isEmpty();
        var one = KitsOrSingles.of(List.of(item("SEAL", 1)), OFFERS);
        assertThat(one.packages()).containsExactly(item("SEAL", 1));
        assertThat(one.sentence()).isEqualTo("Buy 1 × SEAL for 14.00.");
    }

    @Test
    void whatNobodySellsIsTold() {
        var told = KitsOrSingles.of(List.of(item("SEAL", 1), item("CLIP", 1)), OFFERS);
        assertThat(told.notOffered()).containsExactly("CLIP");
        assertThat(told.packages()).containsExactly(item("SEAL", 1));
        assertThat(told.sentence()).endsWith("Nobody offers CLIP.");
        var none = KitsOrSingles.of(List.of(item("CLIP", 1)), OFFERS);
        assertThat(none.packages()).isEmpty();
        assertThat(none.totalCents()).isZero();
        assertThat(none.sentence()).isEqualTo("Nothing is bought. Nobody offers CLIP.");
    }

    /** A gear that is sold with its kit only. */
    @Test
    void whatIsSoldInAKitOnlyIsBoughtSo() {
        var told =
                KitsOrSingles.of(
                        List.of(item("GEAR", 2)),
                        List.of(offer("KIT", 5000, item("GEAR", 1), item("CLIP", 3))));
        assertThat(told.packages()).containsExactly(item("KIT", 2));
        assertThat(told.totalCents()).isEqualTo(10_000);
        assertThat(told.leftOver()).containsExactly(item("CLIP", 6));
        assertThat(told.sentence()).contains("Not every part is sold singly.");
    }

    @Test
    void equalMoneyMeansFewerPackages() {
        var told =
                KitsOrSingles.of(
                        List.of(item("PIN", 10)),
                        List.of(
                                offer("PIN", 10, item("PIN", 1)),
                                offer("BAG", 100, item("PIN", 10))));
        assertThat(told.packages()).containsExactly(item("BAG", 1));
    }

    @Test
    void tooManyKitsAreRefused() {
        var kits = new ArrayList<Offer>();
        for (int k = 0; k < 8; k++) {
            kits.add(offer("KIT" + k, 100 + k, item("A", 1), item("B", 1)));
        }
        assertThatThrownBy(() -> KitsOrSingles.of(List.of(item("A", 9)), kits))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("ways to combine these kits");
        assertThatThrownBy(() -> offer("K", -1, item("A", 1))).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Offer("K", List.of(), 1)).isInstanceOf(Refused.class);
    }

    /** Two hundred small shops: no cheaper way exists among all ways up to four of each package. */
    @Test
    void noCheaperWayExists() {
        var random = new Random(20261129);
        var names = List.of("A", "B", "C");
        for (int shop = 0; shop < 200; shop++) {
            var offers = new ArrayList<Offer>();
            for (int o = 0; o < 4; o++) {
                var contents = new ArrayList<PartItem>();
                for (var name : names) {
                    if (random.nextBoolean()) {
                        contents.add(item(name, 1 + random.nextInt(2)));
                    }
                }
                if (contents.isEmpty()) {
                    contents.add(item("A", 1));
                }
                offers.add(new Offer("O" + o, contents, 100 + random.nextInt(900)));
            }
            var needs = List.of(item("A", 1 + random.nextInt(3)), item("B", 1 + random.nextInt(2)));
            var told = KitsOrSingles.of(needs, offers);
            long least = least(needs, offers);
            if (told.notOffered().isEmpty()) {
                assertThat(told.totalCents()).as("shop " + shop).isEqualTo(least);
                assertThat(covers(told.packages(), needs, offers)).isTrue();
            }
        }
    }

    private static long least(List<PartItem> needs, List<Offer> offers) {
        long least = Long.MAX_VALUE;
        for (int code = 0; code < 625; code++) {
            var bought = new ArrayList<PartItem>();
            long cents = 0;
            int rest = code;
            for (var offer : offers) {
                int count = rest % 5;
                rest /= 5;
                cents += count * offer.priceCents();
                if (count > 0) {
                    bought.add(item(offer.number(), count));
                }
            }
            if (cents < least && covers(bought, needs, offers)) {
                least = cents;
            }
        }
        return least;
    }

    private static boolean covers(List<PartItem> bought, List<PartItem> needs, List<Offer> offers) {
        return needs.stream()
                .allMatch(
                        need ->
                                bought.stream()
                                                .mapToInt(
                                                        b ->
                                                                b.quantity()
                                                                        * offers.stream()
                                                                                .filter(
                                                                                        o ->
                                                                                                o.number()
                                                                                                        .equals(
                                                                                                                b
                                                                                                                        .number()))
                                                                                .findFirst()
                                                                                .orElseThrow()
                                                                                .holds(
                                                                                        need
                                                                                                .number()))
                                                .sum()
                                        >= need.quantity());
    }
}
