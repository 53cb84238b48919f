package app.yunque.backlash;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.GearPair;
import app.yunque.gear.Gears;
import app.yunque.gear.Member;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Gauge;
import app.yunque.measure.RepeatedReadings;
import java.util.Collections;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class BacklashChangeTest {
    private static final GearPair PAIR = Gears.spurPair(20, 40, 3);

    private static IndicatorBacklash measured(double reading, double resolution) {
        return IndicatorBacklash.of(
                PAIR,
                new IndicatorBacklash.Setup(Member.WHEEL, 60, 0),
                new RepeatedReadings(Collections.nCopies(4, reading)),
                new Gauge(resolution, 0),
                ServiceDuty.ENCLOSED_POWER,
                Optional.empty());
    }

    // GUM: the uncertainty of a difference is the root of the sum of squares; here U = 2·0.01/√12
    // twice.
    @Test
    void combinesBothUncertainties() {
        var change = BacklashChange.of(measured(0.40, 0.01), measured(0.30, 0.01));
        assertThat(change.changeMm()).isCloseTo(-0.10, within(1e-12));
        assertThat(change.uncertaintyMm())
                .isCloseTo(Math.sqrt(2) * 2 * 0.01 / Math.sqrt(12), within(1e-12));
        assertThat(change.sentence())
                .isEqualTo("0.100 mm less than before, ± 0.008 mm: a real change.");
    }

    @Test
    void claimsNoChangeThatTheGaugesCannotTell() {
        var change = BacklashChange.of(measured(0.30, 0.1), measured(0.34, 0.1));
        assertThat(change.isReal()).isFalse();
        assertThat(change.sentence()).endsWith("no change the gauges can tell.");
    }

    @Test
    void aDrivesDutySetsWhereThePairIsRenewed() {
        double feed =
                RecommendedBacklash.of(PAIR, ServiceDuty.FEED, Optional.empty())
                        .renewCircumferentialMm();
        double open =
                RecommendedBacklash.of(PAIR, ServiceDuty.SLOW_OPEN, Optional.empty())
                        .renewCircumferentialMm();
        // Common practice, no source: twice and four times the largest of a new pair.
        assertThat(open).isCloseTo(2 * feed, within(1e-12));
        var makers = RecommendedBacklash.of(PAIR, ServiceDuty.FEED, Optional.of(0.33));
        assertThat(makers.renewCircumferentialMm()).isEqualTo(0.33);
        assertThat(makers.isMakersLimit()).isTrue();
        assertThat(makers.working().lines())
                .last()
                .extracting("numbers")
                .isEqualTo("0.330 mm, the maker's figure");
    }
}
