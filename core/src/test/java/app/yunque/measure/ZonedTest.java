package app.yunque.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ZonedTest {
    private static final Edges PLAY = Edges.growing(0.10, 0.20, 0.40);

    // Decision at both ends of y ± U after ISO 14253-1 (from memory); values worked out by hand
    // from the edges beside them.
    @ParameterizedTest(name = "y {0}, U {1}: {2} to {3}, counts as {4}, on a strict part {5}")
    @CsvSource(
            nullValues = "-",
            value = {
                "0.12,  0.02, AS_NEW, AS_NEW, AS_NEW, AS_NEW",
                "0.119, 0.02, BELOW,  AS_NEW, -,      BELOW",
                "0.21,  0.02, AS_NEW, WATCH,  WATCH,  WATCH",
                "0.38,  0.02, WATCH,  WATCH,  WATCH,  WATCH",
                "0.39,  0.02, WATCH,  BEYOND, -,      BEYOND",
                "0.42,  0.02, WATCH,  BEYOND, -,      BEYOND",
                "0.421, 0.02, BEYOND, BEYOND, BEYOND, BEYOND",
                "0.079, 0.02, BELOW,  BELOW,  BELOW,  BELOW",
                "0.30,  0.15, AS_NEW, BEYOND, -,      BEYOND",
                "0.15,  0.08, BELOW,  WATCH,  -,      BELOW",
                "0.25,  0.30, BELOW,  BEYOND, -,      BEYOND",
                "0.10,  0,    AS_NEW, AS_NEW, AS_NEW, AS_NEW",
                "0.20,  0,    AS_NEW, AS_NEW, AS_NEW, AS_NEW",
                "0.40,  0,    WATCH,  WATCH,  WATCH,  WATCH"
            })
    void looksAtBothEndsOfTheReading(
            double value,
            double uncertainty,
            Zone better,
            Zone worse,
            @Nullable Zone counts,
            Zone strict) {
        var ordinary = Zoned.of(PLAY, value, uncertainty, false);

        assertThat(ordinary.better()).isEqualTo(better);
        assertThat(ordinary.worse()).isEqualTo(worse);
        assertThat(ordinary.counts()).isEqualTo(counts);
        assertThat(ordinary.isClear()).isEqualTo(better == worse);
        assertThat(Zoned.of(PLAY, value, uncertainty, true).counts()).isEqualTo(strict);
    }

    @Test
    void oneOfFourWordsStandsForEachZone() {
        assertThat(Zoned.of(PLAY, 0.15, 0, false).verdict()).isEqualTo(Verdict.CLEAR_PASS);
        assertThat(Zoned.of(PLAY, 0.30, 0, false).verdict()).isEqualTo(Verdict.CLEAR_PASS);
        assertThat(Zoned.of(PLAY, 0.05, 0, false).verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(Zoned.of(PLAY, 0.50, 0, false).verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(Zoned.of(PLAY, 0.40, 0.01, false).verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(Zoned.of(PLAY, Double.NaN, 0.01, false).verdict()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(Zoned.of(Edges.growing(null, null, null), 0.3, 0.01, true).verdict())
                .isEqualTo(Verdict.NOT_JUDGED);
    }

    // q = (y − B)/(C − B), by hand.
    @ParameterizedTest(name = "y {0}: {1} of the way")
    @CsvSource({"0.21, 0.05", "0.38, 0.9", "0.30, 0.5", "0.40, 1"})
    void saysHowFarItIsFromNewToRenewal(double value, double share) {
        assertThat(Zoned.of(PLAY, value, 0, false).share().orElseThrow())
                .isCloseTo(share, within(1e-9));
    }

    @Test
    void plansTheRenewalFromHalfWayOn() {
        assertThat(Zoned.of(PLAY, 0.30, 0, false).planRenewal()).isFalse();
        assertThat(Zoned.of(PLAY, 0.301, 0, false).planRenewal()).isTrue();
        assertThat(Zoned.of(PLAY, 0.15, 0, false).planRenewal()).isFalse();
    }

    @Test
    void saysWhenNoSecondReadingWithThisToolWouldTell() {
        assertThat(Zoned.of(PLAY, 0.30, 0.15, false).needs().orElseThrow())
                .isCloseTo(0.05, within(1e-12));
        assertThat(Zoned.of(PLAY, 0.45, 0.11, false).needs())
                .as("wider than the watch zone")
                .isPresent();
        assertThat(Zoned.of(PLAY, 0.39, 0.02, false).needs()).isEmpty();
        assertThat(Zoned.of(PLAY, 0.30, 0.02, false).needs()).isEmpty();
    }

    // Depth of a pawl's seat that shrinks, new 5.1 to renewal 4.8 of 6 mm; U 0.05.
    @ParameterizedTest(name = "{0} mm left: {1}")
    @CsvSource({"5.2, AS_NEW", "5.05, WATCH", "4.9, WATCH", "4.82, BEYOND", "4.7, BEYOND"})
    void mirrorsWhatShrinks(double left, Zone counts) {
        var seat = Edges.shrinking(null, 5.1, 4.8);

        var judged = Zoned.of(seat, left, 0.05, true);

        assertThat(judged.counts()).isEqualTo(counts);
        if (left == 4.9) {
            assertThat(judged.share().orElseThrow()).isCloseTo(2.0 / 3, within(1e-9));
        }
    }

    @Test
    void longerThanNewIsTheWrongPartOrTool() {
        var spring = Edges.shrinking(32.5, 31.5, 30.0);
        assertThat(Zoned.of(spring, 33, 0.1, false).counts()).isEqualTo(Zone.BELOW);
        assertThat(Zoned.of(spring, 32, 0.1, false).counts()).isEqualTo(Zone.AS_NEW);
    }

    @Test
    void withoutAnEdgeItsZoneIsNotThere() {
        assertThat(Zoned.of(Edges.growing(0.1, 0.2, null), 9, 0, false).counts())
                .isEqualTo(Zone.WATCH);
        assertThat(Zoned.of(Edges.growing(0.1, 0.4, 0.4), 0.39, 0, false).counts())
                .isEqualTo(Zone.AS_NEW);
        assertThat(Zoned.of(Edges.growing(0.1, 0.4, 0.4), 0.41, 0, false).counts())
                .isEqualTo(Zone.BEYOND);
        assertThat(Zoned.of(Edges.growing(0.1, 0.4, 0.4), 0.40, 0.02, false).needs())
                .as("nothing lies between new and renewal")
                .isEmpty();
        assertThat(Zoned.of(Edges.growing(null, null, 0.4), 0, 0, false).counts())
                .isEqualTo(Zone.AS_NEW);
    }

    @Test
    void refusesEdgesOutOfOrder() {
        assertThatThrownBy(() -> Edges.growing(0.1, 0.3, 0.2))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(
                        "Edges out of order: the renewal limit, 0.2, has to be at least the most of a new one, 0.3");
        assertThatThrownBy(() -> Edges.growing(0.3, null, 0.2)).hasMessageContaining("least, 0.3");
        assertThatThrownBy(() -> Edges.growing(0.3, 0.2, null)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> Edges.shrinking(30.0, 31.0, 29.0))
                .hasMessageContaining("at most the least");
        assertThatThrownBy(() -> Edges.growing(Double.NaN, null, null))
                .hasMessageContaining("is not a number");
        assertThatThrownBy(() -> Zoned.of(PLAY, 0.2, -0.01, false))
                .hasMessageContaining("cannot be negative");
    }

    /** Over a fine grid: more wear never judges better, and strict is never milder. */
    @Test
    void moreWearNeverJudgesBetter() {
        for (var uncertainty : List.of(0.0, 0.01, 0.05, 0.2)) {
            var last = Verdict.CLEAR_PASS;
            for (double y = 0.20; y < 0.6; y += 0.001) {
                var now = Zoned.of(PLAY.wearOnly(), y, uncertainty, false).verdict();
                assertThat(now).as("y %s, U %s", y, uncertainty).isGreaterThanOrEqualTo(last);
                assertThat(Zoned.of(PLAY.wearOnly(), y, uncertainty, true).verdict())
                        .isGreaterThanOrEqualTo(now);
                last = now;
            }
        }
    }

    /** A better instrument makes a doubtful reading clear, and never turns a clear one round. */
    @Test
    void aBetterInstrumentNeverTurnsAClearVerdictRound() {
        for (double y = 0.01; y < 0.6; y += 0.003) {
            var clear = new ArrayList<Zone>();
            for (double u = 0.3; u >= 0; u -= 0.002) {
                var judged = Zoned.of(PLAY, y, Math.max(0, u), false);
                if (judged.isClear()) {
                    clear.add(judged.counts());
                } else {
                    assertThat(clear).as("y %s, U %s: clear with a worse tool", y, u).isEmpty();
                }
            }
            assertThat(clear.stream().distinct()).hasSizeLessThanOrEqualTo(1);
        }
    }
}
