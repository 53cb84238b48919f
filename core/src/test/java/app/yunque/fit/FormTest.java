package app.yunque.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.fit.Roundness.Places;
import app.yunque.fit.Roundness.Seat;
import app.yunque.fit.ShaftBow.Place;
import app.yunque.fit.ShaftBow.Plane;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FormTest {

    // Source: the ellipse solved by hand.
    @Test
    void threeReadingsFixTheEllipse() {
        var at60 =
                Roundness.of(
                        List.of(30.020, 30.050, 30.010), Places.EVERY_60, Seat.JOURNAL, 0, false);
        assertThat(at60.largestMm()).isEqualTo(30.050704, within(5e-7));
        assertThat(at60.ovalityMm()).isEqualTo(0.0480740, within(5e-8));
        assertThat(at60.axisDeg()).isEqualTo(53.0511, within(5e-5));
        var at45 =
                Roundness.of(
                        List.of(30.020, 30.050, 30.010), Places.AT_0_45_90, Seat.JOURNAL, 0, false);
        assertThat(at45.largestMm()).isEqualTo(30.050355, within(5e-7));
        assertThat(at45.ovalityMm()).isEqualTo(0.0707107, within(5e-8));
        assertThat(at45.axisDeg()).isEqualTo(40.9349, within(5e-5));
    }

    /** Any ellipse that is drawn comes back, by both ways of reading it. */
    @Test
    void givesBackAnEllipseThatWasMade() {
        var random = new Random(7);
        for (int i = 0; i < 200; i++) {
            double mean = 20 + 60 * random.nextDouble();
            double half = 0.001 + 0.05 * random.nextDouble();
            double axis = 180 * random.nextDouble();
            for (var places : Places.values()) {
                double[] at =
                        places == Places.EVERY_60
                                ? new double[] {0, 60, 120}
                                : new double[] {0, 45, 90};
                var readings =
                        java.util.Arrays.stream(at)
                                .map(a -> mean + half * Math.cos(Math.toRadians(2 * (a - axis))))
                                .boxed()
                                .toList();
                var found = Roundness.of(readings, places, Seat.BORE, 0, false);
                assertThat(found.meanMm()).isEqualTo(mean, within(1e-9));
                assertThat(found.ovalityMm()).isEqualTo(2 * half, within(1e-9));
                assertThat(found.leastMm()).isEqualTo(mean - half, within(1e-9));
                double apart = Math.abs(found.axisDeg() - axis);
                assertThat(Math.min(apart, 180 - apart)).isLessThan(1e-4);
            }
        }
    }

    /** 40 mm: IT5 11, IT6 16, IT7 25 µm (ISO 286-1, from memory); readings that make the ovality asked for. */
    @ParameterizedTest
    @CsvSource({
        "0.011, JOURNAL, AS_NEW", "0.0112, JOURNAL, WATCH", "0.016, JOURNAL, WATCH",
                "0.0162, JOURNAL, BEYOND",
        "0.016, BORE, AS_NEW", "0.0162, BORE, WATCH", "0.025, BORE, WATCH", "0.0252, BORE, BEYOND"
    })
    void howOvalASeatMayBe(double ovality, Seat seat, Zone zone) {
        var read =
                Roundness.of(
                        List.of(40 + ovality / 2, 40.0, 40 - ovality / 2),
                        Places.AT_0_45_90,
                        seat,
                        0,
                        false);
        assertThat(read.told().zone()).isEqualTo(zone);
    }

    /** On an oil film the diameter decides only where it asks for more than a new one may have, and never for more than twice that. */
    @ParameterizedTest
    @CsvSource({
        "10, H7, f7, 0.086",
        "25, H7, f7, 0.075",
        "60, H7, f7, 0.180",
        "100, H7, f7, 0.212",
        "100, H7, g6, 0.138"
    })
    void whereABushOnAnOilFilmIsRenewed(double d, String hole, String shaft, double renew) {
        assertThat(BushWear.of(d, hole, shaft, 0.02, 0, true, false).renewMm())
                .isEqualTo(renew, within(1e-9));
    }

    @Test
    void twoReadingsAreNotEnough() {
        assertThatThrownBy(
                        () ->
                                Roundness.of(
                                        List.of(30.0, 30.1),
                                        Places.EVERY_60,
                                        Seat.JOURNAL,
                                        0,
                                        false))
                .hasMessageContaining("Two give only a lower bound");
    }

    // Source: factors of ISO 4292, from memory.
    @ParameterizedTest
    @CsvSource({
        "90, 2, 1.0",
        "90, 3, 2.0",
        "90, 4, -0.414214",
        "90, 5, 2.0",
        "60, 3, 3.0",
        "120, 2, 1.57735",
        "120, 3, 1.0",
        "108, 5, 2.23607"
    })
    void aVBlockShowsLobes(double angle, int lobes, double factor) {
        var seen = Lobing.of(lobes, angle, 0.02);
        assertThat(seen.factor()).isEqualTo(factor, within(5e-6));
        assertThat(seen.lobingMm()).isEqualTo(0.02 / Math.abs(factor), within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"90, 7", "60, 5"})
    void anAngleThatShowsNothingIsRefused(double angle, int lobes) {
        assertThatThrownBy(() -> Lobing.of(lobes, angle, 0.02))
                .hasMessageContaining("Take another angle");
    }

    @ParameterizedTest
    @CsvSource({
        "30.040, 30.010, 45, 0.000666667, 0.0190986",
        "25.012, 25.000, 60, 0.0002, 0.00572958"
    })
    void taper(double first, double second, double apart, double per, double angle) {
        assertThat(Taper.of(first, second, apart).perMm()).isEqualTo(per, within(5e-10));
        assertThat(Taper.of(first, second, apart).halfAngleDeg()).isEqualTo(angle, within(5e-8));
        assertThat(Taper.of(second, first, apart).perMm()).isEqualTo(-per, within(5e-10));
    }

    // Source: vectors drawn to scale.
    @Test
    void bowAndSlopeOfAShaft() {
        var bow =
                ShaftBow.of(
                        new Plane(0.08, 30),
                        new Plane(0.14, 110),
                        150,
                        Place.BARE_SHAFT,
                        0.01,
                        false);
        assertThat(bow.bowMm()).isEqualTo(0.04, within(1e-12));
        assertThat(bow.slopePerMm()).isEqualTo(0.000495651, within(5e-10));
        assertThat(bow.told().verdict()).as("0.14 beyond 0.10").isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(
                        ShaftBow.of(
                                        new Plane(0.09, 0),
                                        new Plane(0.09, 0),
                                        100,
                                        Place.BARE_SHAFT,
                                        0.01,
                                        false)
                                .slopePerMm())
                .isZero();
    }

    /** A shaft that holds: 0.045 ± 0.01 against 0.05 is doubtful, and counts as failed. */
    @Test
    void doubtAboutAShaftThatHolds() {
        var plane = new Plane(0.045, 0);
        assertThat(ShaftBow.of(plane, plane, 100, Place.GEAR_SEAT, 0.01, false).told().verdict())
                .isEqualTo(Verdict.DOUBTFUL);
        assertThat(ShaftBow.of(plane, plane, 100, Place.GEAR_SEAT, 0.01, true).told().verdict())
                .isEqualTo(Verdict.CLEAR_FAIL);
    }

    @ParameterizedTest
    @CsvSource({
        "0.02, BEARING_SEATS, AS_NEW",
        "0.0201, BEARING_SEATS, WATCH",
        "0.03, GEAR_SEAT, AS_NEW",
        "0.0301, GEAR_SEAT, WATCH",
        "0.05, BARE_SHAFT, AS_NEW",
        "0.0501, BARE_SHAFT, WATCH"
    })
    void whatANewShaftMayHave(double runOut, Place place, Zone zone) {
        assertThat(
                        ShaftBow.of(new Plane(runOut, 0), new Plane(0, 0), 100, place, 0, false)
                                .told()
                                .zone())
                .isEqualTo(zone);
    }

    @ParameterizedTest
    @CsvSource({
        "0.03, BEARING_SEATS, CLEAR_PASS", "0.0301, BEARING_SEATS, CLEAR_FAIL",
                "0.05, GEAR_SEAT, CLEAR_PASS",
        "0.0501, GEAR_SEAT, CLEAR_FAIL", "0.10, BARE_SHAFT, CLEAR_PASS",
                "0.1001, BARE_SHAFT, CLEAR_FAIL"
    })
    void eachPlaceHasItsLimit(double runOut, Place place, Verdict verdict) {
        assertThat(
                        ShaftBow.of(new Plane(runOut, 0), new Plane(0, 0), 100, place, 0, false)
                                .told()
                                .verdict())
                .isEqualTo(verdict);
    }

    // 25 H7/f7 is 0.020 to 0.062 (ISO 286-2, from memory): slow from the larger of 0.124 and
    // 0.200; on an oil film from 0.075.
    @ParameterizedTest
    @CsvSource({
        "0.062, false, CLEAR_PASS", "0.2, false, CLEAR_PASS", "0.2001, false, CLEAR_FAIL",
        "0.075, true, CLEAR_PASS", "0.0751, true, CLEAR_FAIL", "0.019, false, CLEAR_FAIL"
    })
    void aBushWearsToTwiceItsLargestClearance(double clearance, boolean film, Verdict verdict) {
        assertThat(BushWear.of(25, "H7", "f7", clearance, 0, film, false).told().verdict())
                .isEqualTo(verdict);
    }

    @Test
    void aPressFitIsNoRunningFit() {
        assertThatThrownBy(() -> BushWear.of(25, "H7", "p6", 0.05, 0, false, false))
                .hasMessageContaining("a shaft could not turn in it");
    }
}
