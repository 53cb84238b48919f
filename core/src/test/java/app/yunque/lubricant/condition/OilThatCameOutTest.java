package app.yunque.lubricant.condition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.lubricant.DataSheet;
import app.yunque.lubricant.condition.SampleTrend.Sample;
import app.yunque.lubricant.interval.ChangeInterval;
import app.yunque.lubricant.interval.ChangeInterval.Dirt;
import app.yunque.lubricant.interval.ChangeInterval.Water;
import app.yunque.lubricant.interval.NextChange;
import app.yunque.lubricant.interval.OilLoss;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.measure.Verdict;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.math3.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OilThatCameOutTest {
    private static final LocalDate DAY = LocalDate.of(2026, 1, 1);

    // Common practice, no source: 5 % stays on the walls, a tenth gone is a leak.
    @ParameterizedTest(name = "{0} L in, {1} L out: {2}")
    @CsvSource({
        "5.4, 5.1, CLEAR_PASS",
        "5.4, 4.8, DOUBTFUL",
        "5.4, 4.2, CLEAR_FAIL",
        "5.4, 5.13, CLEAR_PASS",
        "5.4, 6.0, CLEAR_FAIL"
    })
    void tellsALeakFromTheAmountDrained(double filled, double drained, Verdict expected) {
        assertThat(OilLoss.of(filled, 0, drained, 0.05 * filled, 0).verdict()).isEqualTo(expected);
    }

    @Test
    void countsTopUpsAndHours() {
        var loss = OilLoss.of(8, 1.5, 7.6, 0.4, 500);
        assertThat(loss.lostL()).isCloseTo(1.5, within(1e-9));
        assertThat(loss.per1000h()).isCloseTo(3, within(1e-9));
        assertThat(loss.sentence()).contains("19 %").contains("A leak");
        assertThatThrownBy(() -> OilLoss.of(5, 0, 4, 6, 0))
                .hasMessageContaining("more than it held");
    }

    @Test
    void aTintIsNormalUntilTheLashGrows() {
        var tint =
                OilAsFound.of(
                        OilAsFound.Look.TINTED, OilAsFound.Magnet.GREY_PASTE, Set.of(), false);
        assertThat(OilCondition.worst(tint)).contains(Verdict.CLEAR_PASS);
        var wearing =
                OilAsFound.of(OilAsFound.Look.TINTED, OilAsFound.Magnet.GREY_PASTE, Set.of(), true);
        assertThat(OilCondition.worst(wearing)).contains(Verdict.DOUBTFUL);
        var flakes =
                OilAsFound.of(
                        OilAsFound.Look.DARKER,
                        OilAsFound.Magnet.FLAKES,
                        Set.of(OilAsFound.Speck.BRONZE),
                        false);
        assertThat(OilCondition.worst(flakes)).contains(Verdict.CLEAR_FAIL);
        assertThat(flakes).anyMatch(f -> f.sentence().contains("worm wheel, bush or cage"));
    }

    // Source: ISO 4406 range numbers, from memory; class limits common practice, no source.
    @ParameterizedTest(name = "{0}/{1}/{2}: {3}, {4}")
    @CsvSource({
        "1523, 214, 37, 18/15/12, CLEAR_PASS",
        "24500, 5200, 610, 22/20/16, DOUBTFUL",
        "10000, 2500, 320, 20/18/15, CLEAR_PASS",
        "10001, 2500, 320, 21/18/15, DOUBTFUL",
        "40000, 10000, 1301, 22/20/18, CLEAR_FAIL"
    })
    void judgesParticles(double at4, double at6, double at14, String code, Verdict expected) {
        var finding = OilCondition.particles(at4, at6, at14);
        assertThat(finding.sentence()).startsWith(code);
        assertThat(finding.verdict()).isEqualTo(expected);
    }

    /** The slope and its doubt against another library's. */
    @Test
    void theTrendIsTheLineOfLeastSquares() {
        double[] hours = {0, 1000, 2100, 2900, 4000, 5050};
        double[] iron = {12, 19, 24, 33, 38, 47};
        var other = new SimpleRegression();
        var samples = new ArrayList<Sample>();
        for (int i = 0; i < hours.length; i++) {
            other.addData(hours[i], iron[i]);
            samples.add(new Sample(hours[i], iron[i]));
        }
        var trend = SampleTrend.of(samples, 100, "ppm").orElseThrow();
        assertThat(trend.per1000h()).isCloseTo(1000 * other.getSlope(), within(1e-9));
        assertThat(trend.hoursLeft().orElseThrow())
                .isCloseTo((100 - other.predict(5050)) / other.getSlope(), within(1e-6));
    }

    @Test
    void fewSamplesAndScatterHaveNoTrend() {
        assertThat(SampleTrend.of(List.of(new Sample(0, 3), new Sample(900, 5)), 100, "ppm"))
                .isEmpty();
        var far = List.of(new Sample(0, 10), new Sample(100, 11), new Sample(200, 12));
        assertThat(SampleTrend.of(far, 100, "ppm").orElseThrow().hoursLeft())
                .as("8800 h away, seen over 200")
                .isEmpty();
        var scatter =
                SampleTrend.of(
                                List.of(
                                        new Sample(0, 40),
                                        new Sample(500, 44),
                                        new Sample(1000, 41),
                                        new Sample(1500, 43)),
                                100,
                                "ppm")
                        .orElseThrow();
        assertThat(scatter.sure()).isFalse();
        assertThat(scatter.hoursLeft()).isEmpty();
        assertThatThrownBy(
                        () ->
                                SampleTrend.of(
                                        List.of(new Sample(900, 3), new Sample(100, 5)), 9, "ppm"))
                .hasMessageContaining("in their order");
    }

    // Source: AGMA 9005-D94, from memory: 500 h or four weeks; the others common practice, no
    // source.
    @ParameterizedTest(name = "{0}, {1} h a month: {2} days")
    @CsvSource({
        "POWER_DRIVE, 400, 28",
        "POWER_DRIVE, 700, 21",
        "MACHINE_TOOL, 75, 30",
        "OUTDOOR, 40, 15",
        "OUTDOOR, 2, 90"
    })
    void theFirstChangeComesEarly(NextChange.Trade trade, double use, int days) {
        assertThat(NextChange.first(DAY, trade, use).due()).isEqualTo(DAY.plusDays(days));
    }

    @Test
    void theMakersIntervalWinsWhenShorterOrCool() {
        var cool = ChangeInterval.of(BaseOil.MINERAL, 70, 300, Dirt.CLEAN, Water.DRY);
        var hot = ChangeInterval.of(BaseOil.MINERAL, 90, 300, Dirt.CLEAN, Water.DRY);
        var shorter = new NextChange.Makers(Optional.empty(), Optional.of(6.0));
        var longer = new NextChange.Makers(Optional.of(20_000.0), Optional.empty());
        assertThat(NextChange.after(DAY, cool, 70, 300, shorter).due())
                .isEqualTo(DAY.plusDays(182));
        assertThat(NextChange.after(DAY, hot, 90, 300, longer).due())
                .as("2500 h at 300 h a month are 8.33 months")
                .isEqualTo(DAY.plusDays(253));
        assertThat(NextChange.after(DAY, hot, 90, 300, longer).reason())
                .contains("only up to 80 °C");
        assertThat(NextChange.after(DAY, cool, 70, 300, NextChange.Makers.NONE).due())
                .as("the cap of 24 months")
                .isEqualTo(DAY.plusDays(730));
    }

    @Test
    void nothingIsUsedAboveItsFlashPoint() {
        var sheet = new DataSheet(Optional.of(-24.0), Optional.of(210.0));
        sheet.refuseAboveFlash(95, "hottest");
        assertThatThrownBy(() -> sheet.refuseAboveFlash(215, "hottest"))
                .hasMessageContaining("its vapour burns");
        assertThatThrownBy(() -> new DataSheet(Optional.empty(), Optional.of(20.0)))
                .hasMessageContaining("Flash point 20 °C is outside 60 to 400 °C");
    }
}
