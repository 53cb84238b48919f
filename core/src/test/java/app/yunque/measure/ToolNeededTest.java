package app.yunque.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Judgement, no source: a quarter of the way from new to renewal. */
class ToolNeededTest {
    @ParameterizedTest(name = "± {0}: {1}")
    @CsvSource({"0.0375, true", "0.0376, false", "0, true"})
    void aQuarterOfTheWay(double uncertainty, boolean fine) {
        var told = ToolNeeded.of(Edges.growing(null, 0.10, 0.25), uncertainty);
        assertThat(told.neededUncertainty().orElseThrow()).isEqualTo(0.0375);
        assertThat(told.fineEnough()).isEqualTo(fine);
        assertThat(told.sentence())
                .contains(fine ? "Fine enough" : "Too coarse")
                .contains("0.0375");
    }

    @Test
    void withoutAnEdgeNobodyCanTell() {
        var told = ToolNeeded.of(Edges.growing(0.0, null, 0.25), 0.001);
        assertThat(told.fineEnough()).isFalse();
        assertThat(told.sentence()).startsWith("Nobody can tell");
        assertThatThrownBy(() -> ToolNeeded.of(Edges.growing(null, 1.0, 2.0), -0.1))
                .isInstanceOf(Refused.class);
    }
}
