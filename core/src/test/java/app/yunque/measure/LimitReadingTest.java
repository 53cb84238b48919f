package app.yunque.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LimitReadingTest {
    private static final Edges PLAY = Edges.growing(0.10, 0.20, 0.40);

    private static LimitReading play(double uncertainty, double... values) {
        return LimitReading.of(
                PLAY,
                java.util.Arrays.stream(values).boxed().toList(),
                uncertainty,
                false,
                Optional.empty(),
                "mm");
    }

    // ISO 14253-1, from memory; the words common practice, no source. Edges and shares worked out
    // by hand.
    @ParameterizedTest(name = "{0} ± {1}: {2}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "0.15 | 0.01 | AS_NEW | CLEAR_PASS | 0.1500 mm ± 0.0100 mm is inside the limits of a new one, here, with this tool.",
                "0.38 | 0.01 | WATCH | CLEAR_PASS | 0.3800 mm ± 0.0100 mm is worn but usable: 90 % of the way to renewal.",
                "0.39 | 0.02 | - | DOUBTFUL | 0.3900 mm ± 0.0200 mm lies within its uncertainty of a limit: measure again.",
                "0.30 | 0.15 | - | DOUBTFUL | 0.3000 mm ± 0.1500 mm lies within its uncertainty of a limit: this tool is too coarse, it would need ± 0.0500 mm or less.",
                "0.43 | 0.01 | BEYOND | CLEAR_FAIL | 0.4300 mm ± 0.0100 mm is beyond the limit of 0.4000 mm.",
                "0.05 | 0.01 | BELOW | CLEAR_FAIL | 0.0500 mm ± 0.0100 mm is less than the least of a new one, 0.1000 mm."
            })
    void saysWhereItLies(
            double value, double uncertainty, @Nullable Zone zone, Verdict verdict, String words) {
        var read = play(uncertainty, value);
        assertThat(read.zone()).isEqualTo(zone);
        assertThat(read.verdict()).isEqualTo(verdict);
        assertThat(read.sentence()).isEqualTo(words);
        assertThat(read.renewNow()).isFalse();
    }

    @Test
    void theWorstPlaceDecidesAboutWearAndTheTightestAboutTheLeast() {
        assertThat(play(0.01, 0.15, 0.45, 0.16).zone()).isEqualTo(Zone.BEYOND);
        assertThat(play(0.01, 0.15, 0.05, 0.16).zone()).isEqualTo(Zone.BELOW);
        // Worn at one place and too tight at another: worn beyond it is.
        assertThat(play(0.01, 0.05, 0.45).zone()).isEqualTo(Zone.BEYOND);
        assertThat(play(0.01, 0.095, 0.45).zone()).isEqualTo(Zone.BEYOND);
        assertThat(play(0.01, 0.095, 0.30).verdict()).isEqualTo(Verdict.DOUBTFUL);
    }

    // SPR-2 of the table of checks: new 32.0 mm, reads 31.1 ± 0.1, 97.1875 ± 0.3125 %, renewed
    // under 97 on a strict part.
    @Test
    void whatShrinksIsTheMirrorImage() {
        var edges = Edges.shrinking(null, 98.0, 97.0);
        var strict = LimitReading.of(edges, List.of(97.1875), 0.3125, true, Optional.empty(), "%");
        assertThat(strict.zone()).isEqualTo(Zone.BEYOND);
        var ordinary = Edges.shrinking(105.0, 98.0, 95.0);
        assertThat(
                        LimitReading.of(
                                        ordinary,
                                        List.of(97.1875),
                                        0.3125,
                                        false,
                                        Optional.empty(),
                                        "%")
                                .sentence())
                .isEqualTo("97.1875 % ± 0.3125 % is worn but usable: 27 % of the way to renewal.");
        assertThat(
                        LimitReading.of(
                                        ordinary,
                                        List.of(99.0, 106.0),
                                        0.1,
                                        false,
                                        Optional.empty(),
                                        "%")
                                .sentence())
                .isEqualTo("106.0000 % ± 0.1000 % is more than the most of a new one, 105.0000 %.");
        assertThat(
                        LimitReading.of(
                                        ordinary,
                                        List.of(99.0, 94.0),
                                        0.1,
                                        false,
                                        Optional.empty(),
                                        "%")
                                .zone())
                .isEqualTo(Zone.BEYOND);
    }

    // y + rate × hours against C: 0.30 + 0.0002 · 900 = 0.48 > 0.40; by hand.
    @ParameterizedTest(name = "{0} {1} h: renewed now {2}")
    @CsvSource({
        "0.0002, 900, true",
        "0.0001, 900, false",
        "0.0001, 1001, true",
        "0, 200000, false"
    })
    void looksAsFarAsTheNextOpening(double perHour, double hours, boolean renewNow) {
        var read =
                LimitReading.of(
                        PLAY,
                        List.of(0.30),
                        0.01,
                        false,
                        Optional.of(new LimitReading.Forecast(perHour, hours)),
                        "mm");
        assertThat(read.renewNow()).isEqualTo(renewNow);
        assertThat(read.sentence().contains("By the next opening")).isEqualTo(renewNow);
        var shrinking =
                LimitReading.of(
                        Edges.shrinking(null, 0.40, 0.20),
                        List.of(0.30),
                        0.01,
                        false,
                        Optional.of(new LimitReading.Forecast(perHour, hours)),
                        "mm");
        assertThat(shrinking.renewNow()).isEqualTo(renewNow);
    }

    @Test
    void withoutALimitItIsNotJudged() {
        var read =
                LimitReading.of(
                        Edges.growing(null, null, null),
                        List.of(0.3),
                        0.01,
                        true,
                        Optional.of(new LimitReading.Forecast(1, 1000)),
                        "mm");
        assertThat(read.verdict()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(read.zone()).isNull();
        assertThat(read.renewNow()).isFalse();
        assertThat(read.sentence())
                .isEqualTo("0.3000 mm ± 0.0100 mm: no limit is known, so it is not judged.");
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> new LimitReading.Forecast(-0.1, 100))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("cannot be negative");
        assertThatThrownBy(() -> new LimitReading.Forecast(0.1, 200_001))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new LimitReading.Forecast(Double.NaN, 1))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> play(0.01)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> play(-0.01, 0.2)).isInstanceOf(Refused.class);
    }
}
