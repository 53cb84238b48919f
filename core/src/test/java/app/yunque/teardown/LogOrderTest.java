package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.plan.Before;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What the log holds in its order. Common practice, no source: further out on the same end comes off first, what opens the case before what
 * is in it, what left through the inside before what left after it, a whole before it is taken apart.
 */
class LogOrderTest {
    private static final List<String> SHAFTS = List.of("input shaft", "output shaft");
    private static final BiPredicate<String, String> NONE_FREE = (a, b) -> false;

    @Test
    void ofThreeInARowTheThirdWaitsForBothThatAreFreeOfEachOther() {
        var row = List.of(ring(1), ring(2), ring(3));
        assertThat(links(row, NONE_FREE)).containsExactly("s1>s2", "s2>s3");
        assertThat(links(row, free("s1", "s2"))).containsExactlyInAnyOrder("s1>s3", "s2>s3");
        assertThat(links(row, free("s2", "s3"))).containsExactlyInAnyOrder("s1>s2", "s1>s3");
        assertThat(links(row, free("s1", "s3")))
                .as("what stands between still holds them")
                .containsExactly("s1>s2", "s2>s3");
    }

    /** A reason speaks of the two it is told of, also where a third between them was freed. */
    @Test
    void theReasonIsThatOfTheTwoNeighbours() {
        var cover = step(1, "front cover", PartKind.COVER).on(0, Side.MIDDLE).build();
        var gasket = step(2, "gasket", PartKind.GASKET).on(0, Side.MIDDLE).build();
        var gear = step(3, "feed hub", PartKind.GEAR).on(1, Side.MIDDLE).build();
        var all = List.of(cover, gasket, gear);
        assertThat(LogOrder.of(all, SHAFTS, s -> false, free("s2", "s3")))
                .filteredOn(b -> b.then().equals("s3"))
                .extracting(Before::first, Before::reason)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(
                                "s1", "the front cover opens the case"));
        assertThat(LogOrder.of(all, SHAFTS, s -> false, NONE_FREE))
                .filteredOn(b -> b.then().equals("s3"))
                .extracting(Before::reason)
                .containsExactly("the gasket lies on the opening");
    }

    /** Each reason in the words of the bench, with the shaft by its name. */
    @Test
    void everyReasonIsTold() {
        var nut = step(1, "nut", PartKind.NUT).on(2, Side.LEFT).build();
        var washer = step(2, "washer", PartKind.CIRCLIP).on(2, Side.LEFT).build();
        var gear = step(3, "gear", PartKind.GEAR).on(2, Side.MIDDLE).build();
        var other = step(4, "other gear", PartKind.GEAR).on(1, Side.MIDDLE).build();
        var plug = step(5, "plug", PartKind.KEY).on(0, Side.LEFT).build();
        var pin = step(6, "pin", PartKind.KEY).on(0, Side.LEFT).build();
        var far = step(7, "far key", PartKind.KEY).on(3, Side.RIGHT).build();
        var further = step(8, "further key", PartKind.KEY).on(3, Side.RIGHT).build();
        assertThat(
                        LogOrder.of(
                                List.of(nut, washer, gear, other, plug, pin, far, further),
                                SHAFTS,
                                s -> false,
                                NONE_FREE))
                .extracting(b -> b.first() + ">" + b.then() + " " + b.reason())
                .containsExactly(
                        "s1>s2 it sits further out on the same end of the output shaft",
                        "s2>s3 it came off the output shaft first",
                        "s3>s4 the gear leaves through the inside first",
                        "s5>s6 it came off the housing first",
                        "s7>s8 it sits further out on the same end of the housing");
    }

    /** What is taken apart on the bench has ends of its own. */
    @Test
    void aWholeOnTheBenchIsTakenApartFromItsEnds() {
        var whole = step(1, "shaft, whole", PartKind.SHAFT).on(1, Side.MIDDLE).in("shaft").build();
        var outer = step(2, "outer", PartKind.CIRCLIP).on(1, Side.LEFT).in("shaft").build();
        var inner = step(3, "inner", PartKind.CIRCLIP).on(1, Side.LEFT).in("shaft").build();
        var elsewhere = step(4, "key", PartKind.KEY).on(1, Side.LEFT).build();
        assertThat(links(List.of(whole, outer, inner, elsewhere), NONE_FREE))
                .containsExactlyInAnyOrder("s1>s2", "s1>s3", "s2>s3", "s1>s4");
    }

    @Test
    void whatIsSaidToComeOffOfAWholeInPlaceDoesNotWaitForIt() {
        var whole = step(1, "input shaft, whole", PartKind.SHAFT).in("input shaft").build();
        var clip = step(2, "circlip", PartKind.CIRCLIP).in("input shaft").build();
        var both = List.of(whole, clip);
        assertThat(LogOrder.of(both, SHAFTS, s -> false, NONE_FREE))
                .extracting(Before::reason)
                .contains("the input shaft comes out whole first");
        assertThat(LogOrder.of(both, SHAFTS, s -> false, free("s1", "s2"))).isEmpty();
    }

    static IntStream seeds() {
        return IntStream.range(0, 600);
    }

    /** Two steps are held in their order exactly where a row of steps leads from one to the other of which none is free of the next. */
    @ParameterizedTest
    @MethodSource("seeds")
    void holdsWhatARowOfNeighboursHoldsAndNothingElse(int seed) {
        var random = new Random(seed);
        var steps = new ArrayList<TeardownStep>();
        int count = 3 + random.nextInt(7);
        for (int n = 1; n <= count; n++) {
            steps.add(any(n, random));
        }
        var pairs = new HashSet<Set<String>>();
        for (int i = random.nextInt(6); i > 0; i--) {
            int a = 1 + random.nextInt(count);
            int b = 1 + random.nextInt(count);
            if (a != b) {
                pairs.add(Set.of("s" + a, "s" + b));
            }
        }
        BiPredicate<String, String> free = (a, b) -> pairs.contains(Set.of(a, b));

        var held = new boolean[count][count];
        var found = new boolean[count][count];
        for (int i = 0; i < count; i++) {
            for (int j = i + 1; j < count; j++) {
                held[i][j] = !free.test(steps.get(i).id(), steps.get(j).id()) && holds(steps, i, j);
            }
        }
        for (var before : LogOrder.of(steps, SHAFTS, s -> false, free)) {
            assertThat(free.test(before.first(), before.then())).as("%s", before).isFalse();
            found[place(before.first())][place(before.then())] = true;
        }
        assertThat(closed(found)).isEqualTo(closed(held));
    }

    /** Whether the log holds the first of two before the other, of itself. */
    private static boolean holds(List<TeardownStep> steps, int i, int j) {
        var first = steps.get(i);
        var then = steps.get(j);
        boolean sameEnd =
                first.shaft() == then.shaft()
                        && (first.side() == then.side()
                                || first.side() == Side.MIDDLE
                                || then.side() == Side.MIDDLE);
        boolean bothInside =
                first.shaft() > 0
                        && then.shaft() > 0
                        && first.kind().isInside()
                        && then.kind().isInside();
        boolean isOpen =
                steps.subList(0, i).stream()
                        .anyMatch(s -> s.shaft() == 0 && s.kind().opensTheCase());
        boolean opens =
                first.shaft() == 0
                        && (first.kind().opensTheCase() || (isOpen && first.kind().sealsAJoint()));
        return sameEnd || bothInside || opens;
    }

    private static boolean[][] closed(boolean[][] leads) {
        for (int k = 0; k < leads.length; k++) {
            for (int i = 0; i < leads.length; i++) {
                for (int j = 0; j < leads.length; j++) {
                    leads[i][j] |= leads[i][k] && leads[k][j];
                }
            }
        }
        return leads;
    }

    private static TeardownStep any(int number, Random random) {
        var kinds =
                List.of(
                        PartKind.COVER,
                        PartKind.GASKET,
                        PartKind.GEAR,
                        PartKind.SHAFT,
                        PartKind.CIRCLIP,
                        PartKind.KEY);
        var kind = kinds.get(random.nextInt(kinds.size()));
        boolean mostlyOnTheHousing = kind == PartKind.COVER || kind == PartKind.GASKET;
        return step(number, "part " + number, kind)
                .on(
                        mostlyOnTheHousing && random.nextInt(4) > 0 ? 0 : random.nextInt(3),
                        Side.values()[random.nextInt(3)])
                .build();
    }

    private static TeardownStep ring(int number) {
        return step(number, "ring " + number, PartKind.CIRCLIP).on(1, Side.LEFT).build();
    }

    private static int place(String id) {
        return Integer.parseInt(id.substring(1)) - 1;
    }

    private static BiPredicate<String, String> free(String one, String other) {
        return (a, b) -> Set.of(one, other).equals(Set.of(a, b));
    }

    private static List<String> links(List<TeardownStep> steps, BiPredicate<String, String> free) {
        return LogOrder.of(steps, SHAFTS, s -> false, free).stream()
                .map(b -> b.first() + ">" + b.then())
                .distinct()
                .toList();
    }
}
