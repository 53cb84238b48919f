package app.yunque.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.plan.Removal.Way;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LeastStripTest {
    private static Removal one(String part, double minutes, String... needs) {
        return new Removal(part, part, List.of(new Way("", Set.of(needs), minutes)));
    }

    private static List<Removal> sideOrFront(double pinionMinutes) {
        return List.of(
                one("cover", 6),
                one("sidePlate", 9),
                new Removal(
                        "circlip",
                        "circlip",
                        List.of(
                                new Way("a", Set.of("cover"), 2),
                                new Way("b", Set.of("sidePlate"), 1.5))),
                one("pinion", pinionMinutes, "circlip", "cover"),
                new Removal(
                        "shaft",
                        "shaft",
                        List.of(
                                new Way("a", Set.of("pinion"), 7),
                                new Way("b", Set.of("sidePlate"), 5))),
                one("gear", 3, "shaft", "cover"));
    }

    // Worked example of the rebuild brief: the front way costs 22, the side way 23.
    @ParameterizedTest(name = "pinion {0} min: {1} min")
    @CsvSource({"4, 22", "6, 23"})
    void takesTheCheaperOfTwoWays(double pinion, double minutes) {
        var plan = LeastStrip.toReach(sideOrFront(pinion), Set.of("gear"));

        assertThat(plan.minutes()).isCloseTo(minutes, within(1e-9));
        assertThat(plan.isExact()).isTrue();
    }

    @Test
    void tellsTheOtherWayToo() {
        var best = LeastStrip.toReach(sideOrFront(4), Set.of("gear"));
        var others = LeastStrip.alternatives(sideOrFront(4), Set.of("gear"), 3);

        assertThat(best.choices())
                .extracting(LeastStrip.Choice::part)
                .containsExactly("cover", "circlip", "pinion", "shaft", "gear");
        assertThat(others.get(0).minutes()).isCloseTo(23, within(1e-9));
        assertThat(others.get(0).choices())
                .extracting(LeastStrip.Choice::part)
                .containsExactly("cover", "sidePlate", "shaft", "gear");
    }

    /** Reference: every set of ways, tried one after the other. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void agreesWithTryingEveryChoice(int seed) {
        var removals = random(9, new Random(seed));

        assertThat(LeastStrip.toReach(removals, Set.of("p8")).minutes())
                .isCloseTo(cheapest(removals, new HashSet<>(), "p8"), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(ints = {21, 22, 23})
    void neverCallsAnEstimateTheLeast(int seed) {
        var removals = random(400, new Random(seed));

        var plan = LeastStrip.toReach(removals, Set.of("p397", "p398", "p399"));

        assertThat(plan.boundMinutes()).isLessThanOrEqualTo(plan.minutes());
        assertThat(plan.isExact()).isEqualTo(plan.minutes() - plan.boundMinutes() < 1e-9);
        var off = new HashSet<String>();
        for (var choice : plan.choices()) {
            var part =
                    removals.stream()
                            .filter(r -> r.part().equals(choice.part()))
                            .findFirst()
                            .orElseThrow();
            assertThat(part.ways())
                    .anyMatch(w -> w.name().equals(choice.way()) && off.containsAll(w.requires()));
            off.add(choice.part());
        }
    }

    @Test
    void namesTheSmallestBlockade() {
        var removals =
                List.of(
                        one("cover", 1),
                        one("hub", 1, "shaft", "cover"),
                        new Removal(
                                "shaft",
                                "shaft",
                                List.of(
                                        new Way("by the left", Set.of("hub"), 1),
                                        new Way(
                                                "by the right",
                                                Set.of(),
                                                1,
                                                "its Ø32 end does not pass the Ø30 bore"))),
                        one("gear", 1, "hub"));

        assertThatThrownBy(() -> LeastStrip.toReach(removals, Set.of("hub")))
                .isInstanceOf(NotApplicable.class)
                .hasMessageContaining("“hub” waits for “shaft”")
                .hasMessageContaining("by the left waits for “hub”")
                .hasMessageContaining(
                        "by the right cannot come out: its Ø32 end does not pass the Ø30 bore");
    }

    @Test
    void refusesAPartThatIsNotThere() {
        assertThatThrownBy(() -> LeastStrip.toReach(sideOrFront(4), Set.of("yoke")))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("no part yoke");
    }

    private static List<Removal> random(int size, Random random) {
        var removals = new ArrayList<Removal>();
        for (int i = 0; i < size; i++) {
            var ways = new ArrayList<Way>();
            for (int w = 0; w < (i == 0 ? 1 : 1 + random.nextInt(2)); w++) {
                var needs = new HashSet<String>();
                for (int n = 0; i > 0 && n < 1 + random.nextInt(2); n++) {
                    needs.add("p" + random.nextInt(i));
                }
                ways.add(new Way("way " + w, needs, 1 + random.nextInt(9)));
            }
            removals.add(new Removal("p" + i, "p" + i, ways));
        }
        return removals;
    }

    private static double cheapest(List<Removal> removals, Set<String> off, String target) {
        if (off.contains(target)) {
            return 0;
        }
        double best = Double.POSITIVE_INFINITY;
        for (var removal : removals) {
            for (var way : removal.ways()) {
                if (!off.contains(removal.part()) && off.containsAll(way.requires())) {
                    var then = new HashSet<>(off);
                    then.add(removal.part());
                    best = Math.min(best, way.minutes() + cheapest(removals, then, target));
                }
            }
        }
        return best;
    }
}
