package app.yunque.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RunOutTest {
    private static final Gauge DIAL = new Gauge(0.01, 0.01);

    /** An eccentric by 0.05 runs out by 0.10; a single bump is form. */
    @Test
    void partsEccentricityFromForm() {
        var eccentric = new ArrayList<Double>();
        for (int i = 0; i < 12; i++) {
            eccentric.add(0.2 + 0.05 * Math.cos(Math.toRadians(30 * i - 60)));
        }
        var out = RunOut.of(eccentric, DIAL, Optional.of(0.2));
        assertThat(out.totalMm()).isCloseTo(0.10, within(1e-12));
        assertThat(out.eccentricityMm()).isCloseTo(0.05, within(1e-12));
        assertThat(out.highAtDeg()).isCloseTo(60, within(1e-9));
        assertThat(out.verdict()).isEqualTo(Verdict.CLEAR_PASS);
        var bump = new ArrayList<>(List.of(0.0, 0.0, 0.0, 0.2, 0.0, 0.0, 0.0, 0.0));
        assertThat(RunOut.of(bump, DIAL, Optional.empty()).sentence())
                .contains("Most of it is form");
        assertThatThrownBy(() -> RunOut.of(List.of(0.1, 0.2), DIAL, Optional.empty()))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("four places or more");
    }

    @Test
    void pointsAtTheReadingThatDoesNotBelong() {
        assertThat(new RepeatedReadings(List.of(0.31, 0.33, 0.32, 0.57, 0.32)).oddOneOut(DIAL))
                .hasValue(4);
        assertThat(new RepeatedReadings(List.of(0.31, 0.33, 0.32, 0.34)).oddOneOut(DIAL)).isEmpty();
    }
}
