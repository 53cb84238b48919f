package app.yunque.backlash;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.math3.distribution.TDistribution;
import org.apache.commons.math3.stat.regression.OLSMultipleLinearRegression;
import org.junit.jupiter.api.Test;

class BacklashMapTest {
    private static final double RADIAL = 2 * Math.tan(Math.toRadians(20));

    /** The wave beside the least-squares routine of a general mathematics library. */
    @Test
    void agreesWithALibrarysLeastSquares() {
        double[] y = {0.27, 0.30, 0.31, 0.28, 0.25, 0.21, 0.20, 0.23};
        var map = map(y);
        var ols = new OLSMultipleLinearRegression();
        double[][] x = new double[y.length][];
        for (int i = 0; i < y.length; i++) {
            double t = Math.toRadians(45 * i);
            x[i] = new double[] {Math.cos(t), Math.sin(t)};
        }
        ols.newSampleData(y, x);
        double[] beta = ols.estimateRegressionParameters();
        assertThat(map.meanMm()).isCloseTo(beta[0], within(1e-12));
        assertThat(map.amplitudeMm()).isCloseTo(Math.hypot(beta[1], beta[2]), within(1e-12));
        assertThat(map.scatterMm())
                .isCloseTo(Math.sqrt(ols.estimateErrorVariance()), within(1e-12));
        assertThat(map.loosestAtDeg()).isCloseTo(76.9912, within(6e-5));
        assertThat(map.eccentricityMm()).isCloseTo(0.0736667, within(6e-8));
        assertThat(map.smallestMm()).isCloseTo(0.2, within(1e-12));
        assertThat(map.places()).noneMatch(BacklashMap.Place::setAside);
    }

    @Test
    void namesADamagedToothAndFitsWithoutIt() {
        var map = map(0.33, 0.34, 0.36, 0.34, 0.33, 0.30, 0.28, 0.36, 0.25, 0.26, 0.26, 0.30);
        assertThat(map.places().stream().filter(BacklashMap.Place::setAside).toList())
                .singleElement()
                .satisfies(
                        p -> {
                            assertThat(p.angleDeg()).isEqualTo(210);
                            assertThat(p.tooth()).isEqualTo(22);
                        });
        assertThat(map.meanMm()).isCloseTo(0.300582, within(6e-7));
        assertThat(map.amplitudeMm()).isCloseTo(0.0519293, within(6e-8));
        assertThat(map.findings()).anyMatch(f -> f.contains("worn, chipped or missing tooth"));
    }

    // The limits against the quantile function of a general mathematics library.
    @Test
    void limitsForOutliersAreStudentsQuantiles() {
        for (int n : new int[] {6, 7, 8, 9, 10, 12, 16, 20, 24, 36}) {
            double t = new TDistribution(n - 4).inverseCumulativeProbability(1 - 0.05 / (2 * n));
            assertThat(BacklashMap.limit(n)).as("N = %d", n).isCloseTo(t, within(6e-4));
        }
    }

    @Test
    void saysWhenThereIsNoWave() {
        var map = map(0.20, 0.21, 0.20, 0.20, 0.21, 0.20, 0.20, 0.21);
        assertThat(map.isEccentric()).isFalse();
        assertThat(map.runOutMm()).isZero();
        assertThat(map.findings()).anyMatch(f -> f.contains("No once-per-turn pattern"));
    }

    @Test
    void refusesPlacesThatCannotCarryAWave() {
        assertThatThrownBy(() -> map(0.2, 0.3))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("outside 4 to 200")
                .hasMessageContaining("Take eight");
        var bunched = List.of(at(0, 0.2), at(20, 0.2), at(40, 0.2), at(60, 0.2), at(80, 0.2));
        assertThatThrownBy(() -> BacklashMap.of(bunched, 0, 0.01, RADIAL))
                .hasMessageContaining("Between 80° and 0° there is no reading");
        var same = List.of(at(0, 0.2), at(0, 0.2), at(120, 0.2), at(240, 0.2));
        assertThatThrownBy(() -> BacklashMap.of(same, 0, 0.01, RADIAL))
                .hasMessageContaining("four different angles");
    }

    /** Readings built from two known waves give them back. */
    @Test
    void partsTheWavesOfPinionAndWheel() {
        var stops = new ArrayList<TwoGearMap.Stop>();
        for (int i = 0; i < 12; i++) {
            double two = 100.0 * i;
            double one = two * 40 / 17;
            stops.add(
                    new TwoGearMap.Stop(
                            two,
                            0.30
                                    + 0.03 * Math.cos(Math.toRadians(one - 40))
                                    + 0.05 * Math.cos(Math.toRadians(two - 250))));
        }
        var map = TwoGearMap.of(stops, 17, 40);
        assertThat(map.meanMm()).isCloseTo(0.30, within(1e-9));
        assertThat(map.pinionMm()).isCloseTo(0.03, within(1e-9));
        assertThat(map.pinionAtDeg()).isCloseTo(40, within(1e-6));
        assertThat(map.wheelMm()).isCloseTo(0.05, within(1e-9));
        assertThat(map.wheelAtDeg()).isCloseTo(250, within(1e-6));
        assertThat(map.smallestMm()).isCloseTo(0.22, within(1e-9));
        assertThat(map.isHunting()).isTrue();
    }

    @Test
    void findsTheBestAssemblyOfALockedPair() {
        var stops = new ArrayList<TwoGearMap.Stop>();
        for (int i = 0; i < 16; i++) {
            double two = 22.5 * i;
            stops.add(
                    new TwoGearMap.Stop(
                            two,
                            0.30
                                    + 0.03 * Math.cos(Math.toRadians(2 * two))
                                    + 0.05 * Math.cos(Math.toRadians(two))));
        }
        var map = TwoGearMap.of(stops, 20, 40);
        assertThat(map.bestMm()).isCloseTo(0.30 - 0.0404167, within(6e-5));
        assertThat(map.sentence()).contains("turn the pinion so that its high side");
    }

    @Test
    void refusesStopsThatMeetThePinionAtOnePlace() {
        var stops = new ArrayList<TwoGearMap.Stop>();
        for (int i = 0; i < 8; i++) {
            stops.add(new TwoGearMap.Stop(180.0 * i, 0.3));
        }
        assertThatThrownBy(() -> TwoGearMap.of(stops, 20, 40))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("choose other stops");
        assertThatThrownBy(() -> TwoGearMap.of(stops, 30, 30))
                .hasMessageContaining("only their sum");
    }

    private static BacklashMap.Reading at(double deg, double mm) {
        return new BacklashMap.Reading(deg, mm);
    }

    private static BacklashMap map(double... mm) {
        var readings = BacklashMap.evenly(Arrays.stream(mm).boxed().toList());
        return BacklashMap.of(readings, 36, 0.01, RADIAL);
    }
}
