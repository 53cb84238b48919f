package app.yunque.shim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Verdict;
import app.yunque.shim.GasketChange.Gaskets;
import app.yunque.shim.GasketChange.Joint;
import app.yunque.shim.ShimPack.Stock;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ShimPackTest {

    private static final List<Stock> DRAWER =
            List.of(new Stock(50, 2), new Stock(100, 2), new Stock(200, 2), new Stock(500, 1));

    // Source: counted by hand.
    @Test
    void takesTheFewestPieces() {
        var pack = ShimPack.of(DRAWER, 450, 15);
        assertThat(Objects.requireNonNull(pack.chosen()).shims())
                .containsExactly(new Stock(200, 2), new Stock(50, 1));
        assertThat(pack.told().sentence())
                .isEqualTo("Take 2 × 0.200 + 0.050 mm, together 0.450 mm.");
        var other =
                ShimPack.of(
                        List.of(new Stock(75, 3), new Stock(125, 2), new Stock(180, 2)), 400, 12);
        assertThat(Objects.requireNonNull(other.chosen()).shims())
                .containsExactly(new Stock(125, 2), new Stock(75, 2));
    }

    @Test
    void saysTheNearestWhereNoneFits() {
        var none = ShimPack.of(DRAWER, 430, 15);
        assertThat(none.chosen()).isNull();
        assertThat(none.nearest()).containsExactly(400, 450);
        assertThat(none.told().verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(none.told().sentence()).contains("0.400 and 0.450");
    }

    @Test
    void theEndsOfIt() {
        assertThatThrownBy(() -> ShimPack.of(DRAWER, -20, 15))
                .hasMessageContaining("cannot be negative");
        assertThat(Objects.requireNonNull(ShimPack.of(DRAWER, 10, 15).chosen()).pieces()).isZero();
        assertThat(Objects.requireNonNull(ShimPack.of(List.of(), 0, 5).chosen()).shims()).isEmpty();
        assertThat(ShimPack.of(List.of(), 100, 5).nearest()).containsExactly(0);
        var many = ShimPack.of(List.of(new Stock(50, 10)), 300, 5);
        assertThat(many.told().warnings()).anyMatch(w -> w.contains("have one ground"));
        assertThat(ShimPack.of(List.of(new Stock(50, 10)), 250, 5).told().warnings()).hasSize(1);
    }

    /** Equal thicknesses in two heaps are one heap. */
    @Test
    void addsUpEqualOnes() {
        var pack = ShimPack.of(List.of(new Stock(100, 1), new Stock(100, 1)), 200, 0);
        assertThat(Objects.requireNonNull(pack.chosen()).shims())
                .containsExactly(new Stock(100, 2));
    }

    /** Against every pack there is, over 300 made-up shelves: never more pieces, never farther off, never thicker, than another of the same rank. */
    @Test
    void noOtherPackIsBetter() {
        var random = new Random(5);
        for (int round = 0; round < 300; round++) {
            var shelf = new ArrayList<Stock>();
            int sorts = 1 + random.nextInt(4);
            for (int s = 0; s < sorts; s++) {
                shelf.add(new Stock(30 + 10 * s + 100 * s + random.nextInt(60), random.nextInt(4)));
            }
            double target = random.nextInt(700);
            double tolerance = random.nextInt(25);
            var chosen = ShimPack.of(shelf, target, tolerance).chosen();
            long best = Long.MAX_VALUE;
            for (var counts : everyChoice(shelf)) {
                int sum = 0;
                int pieces = 0;
                for (int s = 0; s < sorts; s++) {
                    sum += counts[s] * shelf.get(s).thicknessUm();
                    pieces += counts[s];
                }
                if (Math.abs(sum - target) <= tolerance) {
                    best = Math.min(best, rank(pieces, sum, target));
                }
            }
            if (best == Long.MAX_VALUE) {
                assertThat(chosen).isNull();
            } else {
                var pack = Objects.requireNonNull(chosen);
                assertThat(rank(pack.pieces(), pack.sumUm(), target)).isEqualTo(best);
                assertThat(pack.shims())
                        .allSatisfy(
                                s ->
                                        assertThat(shelf)
                                                .anyMatch(
                                                        t ->
                                                                t.thicknessUm() == s.thicknessUm()
                                                                        && t.pieces()
                                                                                >= s.pieces()));
                assertThat(pack.shims().stream().mapToInt(s -> s.pieces() * s.thicknessUm()).sum())
                        .isEqualTo(pack.sumUm());
            }
        }
    }

    private static long rank(int pieces, int sum, double target) {
        return pieces * 100_000_000L + Math.round(Math.abs(sum - target)) * 10_000L + sum;
    }

    private static List<int[]> everyChoice(List<Stock> shelf) {
        var all = new ArrayList<int[]>();
        all.add(new int[shelf.size()]);
        for (int s = 0; s < shelf.size(); s++) {
            for (var so : List.copyOf(all)) {
                for (int n = 1; n <= shelf.get(s).pieces(); n++) {
                    var more = so.clone();
                    more[s] = n;
                    all.add(more);
                }
            }
        }
        return all;
    }

    // Source: geometry, worked by hand.
    @Test
    void otherGaskets() {
        assertThat(
                        GasketChange.of(
                                        new Gaskets(1, 0.25),
                                        new Gaskets(2, 0.25),
                                        15,
                                        Joint.LOCATES_A_BEARING,
                                        20)
                                .workingMm())
                .isEqualTo(0.2125, within(1e-12));
        assertThat(
                        GasketChange.of(
                                        new Gaskets(2, 0.15),
                                        new Gaskets(0, 0.15),
                                        10,
                                        Joint.LOCATES_A_BEARING,
                                        20)
                                .workingMm())
                .isEqualTo(-0.27, within(1e-12));
        var halves =
                GasketChange.of(
                        new Gaskets(0, 0), new Gaskets(1, 0.05), 0, Joint.PARTS_THE_CENTRES, 20);
        assertThat(halves.backlashMm()).isEqualTo(0.0363970, within(5e-8));
        assertThat(
                        GasketChange.of(
                                        new Gaskets(0, 0),
                                        new Gaskets(1, 0.12),
                                        0,
                                        Joint.PARTS_THE_CENTRES,
                                        14.5)
                                .backlashMm())
                .isEqualTo(0.0620682, within(5e-8));
        assertThat(
                        GasketChange.of(
                                        new Gaskets(1, 0.5),
                                        new Gaskets(2, 0.25),
                                        15,
                                        Joint.LOCATES_A_BEARING,
                                        20)
                                .told())
                .satisfies(
                        t -> {
                            assertThat(t.sentence()).isEqualTo("Nothing changes.");
                            assertThat(t.warnings())
                                    .anyMatch(w -> w.contains("1 were there and 2 go in"));
                        });
        assertThat(halves.told().sentence()).contains("more backlash");
    }

    // Source: added up by hand: 84.30 + 0.2125 − 84.35; 0.01 × √6.
    @Test
    void whatIsLeftOverAStack() {
        var left = StackHeight.of(84.30, 0.2125, List.of(15.00, 38.10, 2.05, 15.00, 14.20), 0.01);
        assertThat(left.floatMm()).isEqualTo(0.1625, within(1e-9));
        assertThat(left.uncertaintyMm()).isEqualTo(0.0244949, within(5e-8));
        assertThat(left.worstMm()).isEqualTo(0.06, within(1e-12));
        assertThat(left.told().verdict()).isEqualTo(Verdict.NOT_JUDGED);
        var high = StackHeight.of(84.30, 0, List.of(84.35), 0.01);
        assertThat(high.told().verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(high.told().warnings()).anyMatch(w -> w.contains("clamp the bearing"));
        assertThat(StackHeight.of(84.30, 0, List.of(84.31), 0.01).told().verdict())
                .isEqualTo(Verdict.DOUBTFUL);
        assertThatThrownBy(() -> StackHeight.of(84.3, 0, List.of(), 0.01))
                .hasMessageContaining("Measure each");
    }
}
