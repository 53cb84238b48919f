package app.yunque.upkeep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SettlingTemperatureTest {

    // Source: exponential approach, worked by hand.
    @ParameterizedTest
    @CsvSource({"40, 52, 58, 10, 64.0, 14.4270", "22, 35, 43.5, 15, 59.5556, 35.3038"})
    void threeReadings(double a, double b, double c, double every, double settles, double tau) {
        var curve = SettlingTemperature.of(a, b, c, every);
        assertThat(curve.settlesDegC()).isEqualTo(settles, within(5e-5));
        assertThat(curve.tauMin()).isEqualTo(tau, within(5e-5));
    }

    /** A curve that is made comes back, and its span holds the truth when the readings are off by no more than half a degree. */
    @Test
    void givesBackACurveThatWasMade() {
        for (double settles = 45; settles < 100; settles += 7) {
            for (double tau = 12; tau < 60; tau += 9) {
                double[] t = new double[3];
                for (int i = 0; i < 3; i++) {
                    t[i] = settles - (settles - 20) * Math.exp(-(15 + 15 * i) / tau);
                }
                var curve = SettlingTemperature.of(t[0], t[1], t[2], 15);
                assertThat(curve.settlesDegC()).isEqualTo(settles, within(1e-7));
                assertThat(curve.tauMin()).isEqualTo(tau, within(1e-7));
                assertThat(settles).isBetween(curve.fromDegC() - 1e-7, curve.toDegC() + 1e-7);
            }
        }
    }

    @Test
    void whatCannotBeTold() {
        assertThatThrownBy(() -> SettlingTemperature.of(40, 50, 60, 10))
                .hasMessageContaining("do not level off");
        assertThatThrownBy(() -> SettlingTemperature.of(40, 40, 40, 10))
                .hasMessageContaining("do not level off");
        assertThatThrownBy(() -> SettlingTemperature.of(40, 50, 49, 10))
                .hasMessageContaining("do not level off");
        assertThat(SettlingTemperature.of(30, 34, 37.5, 10).told().warnings())
                .anyMatch(w -> w.contains("a guess"));
        assertThat(SettlingTemperature.of(40, 52, 58, 10).told().warnings()).isEmpty();
        assertThat(SettlingTemperature.of(40, 43, 45.5, 10).told().warnings())
                .anyMatch(w -> w.contains("read longer"));
    }
}
