package app.yunque.tooth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Gears;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Gauge;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ToothWearTest {
    private static final Gauge CALIPER = new Gauge(0.01, 0.02);
    private final CylindricalGear gear = Gears.spur().teeth(30).moduleMm(3).build();

    private ToothWear wear(ServiceDuty duty, Double... spansMm) {
        return ToothWear.bySpan(
                gear,
                4,
                new RepeatedReadings(List.of(spansMm)),
                CALIPER,
                Optional.empty(),
                duty,
                Optional.empty());
    }

    // Worked out apart from this code: the gear above measured at 31.95 over 4 teeth.
    @Test
    void turnsASpanIntoThicknessAndWear() {
        var wear = wear(ServiceDuty.ENCLOSED_POWER, 31.95, 31.95, 31.95);

        assertThat(wear.thicknessMm()).as("s_n").isCloseTo(4.38475, within(5e-6));
        assertThat(wear.wearMm()).as("Δs_n").isCloseTo(0.327638, within(5e-7));
        assertThat(wear.wearPercent()).as("wear (%)").isCloseTo(6.95269, within(5e-6));
        assertThat(wear.verdict()).isEqualTo(Verdict.CLEAR_PASS);
    }

    // A good mean says nothing about the worst tooth: 31.60 alone is 14.8 %, with the caliper's
    // uncertainty doubtful against 15 %; the mean of 32.11 alone would be 3 %.
    @Test
    void judgesTheWorstPlace() {
        var uneven = wear(ServiceDuty.ENCLOSED_POWER, 32.25, 32.24, 32.25, 31.60);
        assertThat(uneven.worstSpanMm()).isEqualTo(31.60);
        assertThat(uneven.meanSpanMm()).isCloseTo(32.085, within(1e-9));
        assertThat(uneven.wearPercent())
                .isCloseTo(wear(ServiceDuty.ENCLOSED_POWER, 31.60).wearPercent(), within(1e-12));
        assertThat(uneven.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(uneven.uncertaintyMm())
                .as("of one place: the places differ, the caliper does not")
                .isEqualTo(wear(ServiceDuty.ENCLOSED_POWER, 31.60).uncertaintyMm());
    }

    /** Whatever is added, a reading never makes a tooth better. */
    @Test
    void anotherReadingNeverJudgesBetter() {
        for (double worst = 32.2; worst > 31.4; worst -= 0.05) {
            var alone = wear(ServiceDuty.ENCLOSED_POWER, worst);
            var among = wear(ServiceDuty.ENCLOSED_POWER, 32.25, worst, 32.25);
            assertThat(among.verdict()).as("%s", worst).isEqualTo(alone.verdict());
        }
    }

    /** A wear of zero changes nothing. */
    @Test
    void findsNoWearOnAnUnwornTooth() {
        double nominal = SpanMeasurement.of(gear, 4).spanMm();
        var wear = wear(ServiceDuty.ENCLOSED_POWER, nominal, nominal, nominal);
        assertThat(wear.wearMm()).isCloseTo(0, within(1e-12));
        assertThat(wear.warnings()).isEmpty();
    }

    // Limits: 15 % enclosed, 10 % lifting (GB/T 6067.1 and stricter, from memory); 10 % is 0.4712
    // mm here, W 31.815.
    @Test
    void judgesByDutyAndTakesDoubtAsFailureWhenLifting() {
        assertThat(wear(ServiceDuty.ENCLOSED_POWER, 31.50, 31.50, 31.50).verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(wear(ServiceDuty.FEED, 31.905, 31.905, 31.905).verdict())
                .as("7.98 %% against 8 %%")
                .isEqualTo(Verdict.DOUBTFUL);
        assertThat(wear(ServiceDuty.LIFTING, 31.815, 31.815, 31.815).verdict())
                .as("9.99 %% against 10 %% on a hoist")
                .isEqualTo(Verdict.CLEAR_FAIL);
    }

    @Test
    void letsTheMakersFigureOverrule() {
        var wear =
                ToothWear.bySpan(
                        gear,
                        4,
                        new RepeatedReadings(List.of(31.95, 31.95, 31.95)),
                        CALIPER,
                        Optional.of(32.20),
                        ServiceDuty.ENCLOSED_POWER,
                        Optional.of(4.0));
        assertThat(wear.renewPercent()).isEqualTo(4.0);
        assertThat(wear.verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(wear.wearMm())
                .as("(32.20 − 31.95) / cos 20°")
                .isCloseTo(0.25 / Math.cos(Math.toRadians(20)), within(1e-9));
    }

    @Test
    void refusesAnImpossibleToothAndAsksForTheCount() {
        assertThatThrownBy(() -> wear(ServiceDuty.ENCLOSED_POWER, 23.40, 23.40, 23.40))
                .hasMessageContaining("which is impossible")
                .hasMessageContaining("Over 3 teeth it would mean")
                .hasMessageContaining("was the count right?");
    }

    @Test
    void suspectsInchesEnteredAsMillimetres() {
        assertThatThrownBy(() -> wear(ServiceDuty.ENCLOSED_POWER, 1.27, 1.27, 1.27))
                .hasMessageContaining("Were inches entered as millimetres?");
    }
}
