package app.yunque.backlash;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.backlash.BevelLimits.Accuracy;
import app.yunque.gear.BevelPair;
import app.yunque.gear.Gears;
import app.yunque.gear.Hand;
import app.yunque.gear.ServiceDuty;
import app.yunque.gear.WormSet;
import app.yunque.measure.Gauge;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BacklashVerdictTest {
    private static final Gauge DIAL = new Gauge(0.01, 0.01);
    private static final BevelPair BEVEL = new BevelPair(16, 32, 4, 90, 20, 0, 20);
    private static final double ALONG_TO_NORMAL = Math.cos(Math.toRadians(20));

    private static BacklashPlaces places(double uncertainty, double... along) {
        double sum = 0;
        double least = Double.MAX_VALUE;
        double most = 0;
        for (double one : along) {
            sum += one;
            least = Math.min(least, one);
            most = Math.max(most, one);
        }
        return new BacklashPlaces(
                along.length, least, sum / along.length, most, uncertainty, uncertainty);
    }

    private static BacklashVerdict bevel(Accuracy accuracy, ServiceDuty duty, double... along) {
        var normal = new double[along.length];
        for (int i = 0; i < along.length; i++) {
            normal[i] = along[i] * ALONG_TO_NORMAL;
        }
        return BacklashVerdict.of(
                places(0.015, normal),
                BevelLimits.of(BEVEL, accuracy, duty, Optional.empty()),
                duty);
    }

    // Outer pitch 6.35 per inch: 0.004 to 0.006 in (AGMA 2005, from memory), so A 0.1016, B 0.1524,
    // C 3 × 0.1524 = 0.4572 mm;
    // mean 0.225 cos 20° = 0.211431, (0.211431 − 0.1524)/(0.4572 − 0.1524) = 0.193671.
    @Test
    void judgesABevelPairByItsTightestPlaceAndItsMean() {
        var judged =
                bevel(Accuracy.CUT_OR_GROUND, ServiceDuty.ENCLOSED_POWER, 0.20, 0.22, 0.25, 0.23);

        assertThat(judged.verdict()).isEqualTo(Verdict.CLEAR_PASS);
        assertThat(judged.zone()).isEqualTo(Zone.WATCH);
        assertThat(judged.wear().share().orElseThrow()).isCloseTo(0.193671, within(5e-7));
        assertThat(judged.sentence())
                .contains("a new pair has 0.102 to 0.152 mm, renew above 0.457 mm")
                .contains("Worn but usable: 19 % of the way");
    }

    // Cast teeth have twice the band: A 0.2032 mm, and the tightest place is 0.20 cos 20° =
    // 0.187939.
    @Test
    void aCastBevelPairHasTwiceTheBand() {
        var judged =
                bevel(Accuracy.CAST_OR_FORGED, ServiceDuty.ENCLOSED_POWER, 0.20, 0.22, 0.25, 0.23);

        assertThat(judged.tightness().counts()).isEqualTo(Zone.BELOW);
        assertThat(judged.wear().counts()).isEqualTo(Zone.AS_NEW);
    }

    /** What used to pass inside its own red zone. */
    @ParameterizedTest(name = "{0} mm, {1}")
    @CsvSource({
        "0.5625, ENCLOSED_POWER",
        "1.00, ENCLOSED_POWER",
        "3.00, ENCLOSED_POWER",
        "0.40, FEED",
        "0.40, LIFTING"
    })
    void aBevelPairBeyondItsRenewalFails(double along, ServiceDuty duty) {
        var judged = bevel(Accuracy.CUT_OR_GROUND, duty, along, along, along, along);

        assertThat(judged.verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(judged.zone()).isEqualTo(Zone.BEYOND);
        assertThat(judged.sentence()).contains("Beyond the renewal limit by");
    }

    // Multiples of the printed most, common practice, no source.
    @ParameterizedTest(name = "{0} {1}: renew at {2} × the printed most")
    @CsvSource({
        "CUT_OR_GROUND, LIFTING, 2", "CUT_OR_GROUND, FEED, 2", "CUT_OR_GROUND, ENCLOSED_POWER, 3",
        "CUT_OR_GROUND, SLOW_OPEN, 4", "CAST_OR_FORGED, LIFTING, 3", "CAST_OR_FORGED, FEED, 3",
        "CAST_OR_FORGED, ENCLOSED_POWER, 4", "CAST_OR_FORGED, SLOW_OPEN, 6"
    })
    void accuracyAndDutySetTheRenewal(Accuracy accuracy, ServiceDuty duty, double multiple) {
        var edges = BevelLimits.of(BEVEL, accuracy, duty, Optional.empty()).edges();

        assertThat(edges.renew()).isCloseTo(multiple * 0.006 * 25.4, within(1e-9));
        double band = accuracy == Accuracy.CUT_OR_GROUND ? 1 : 2;
        assertThat(edges.least()).isCloseTo(band * 0.004 * 25.4, within(1e-9));
        assertThat(edges.mostNew()).isCloseTo(band * 0.006 * 25.4, within(1e-9));
    }

    // The printed table by outer module, AGMA 2005 and handbooks, from memory; each row and its
    // coarser edge.
    @ParameterizedTest(name = "m {0}: {1} to {2} mm")
    @CsvSource({
        "1.27, 0.025, 0.076", "2.1, 0.025, 0.076", "2.2, 0.051, 0.102", "2.54, 0.076, 0.127",
        "3.0, 0.076, 0.127", "3.175, 0.102, 0.152", "4.0, 0.102, 0.152", "4.5, 0.127, 0.178",
        "5.08, 0.152, 0.203", "6.0, 0.152, 0.203", "6.35, 0.178, 0.229", "7.0, 0.178, 0.229",
        "8.0, 0.203, 0.279", "9.0, 0.254, 0.330", "11, 0.305, 0.406", "13, 0.356, 0.457",
        "15, 0.406, 0.559", "18, 0.457, 0.660", "22, 0.508, 0.762", "25.4, 0.508, 0.762"
    })
    void theTableOfBevelPairs(double module, double least, double most) {
        var usual = BevelLimits.usual(new BevelPair(16, 32, module, 90, 20, 0, 3)).orElseThrow();

        assertThat(usual.leastMm()).isCloseTo(least, within(0.0006));
        assertThat(usual.mostMm()).isCloseTo(most, within(0.0006));
    }

    @Test
    void outsideTheTableNothingIsJudged() {
        var fine = new BevelPair(16, 32, 1, 90, 20, 0, 3);
        var limits =
                BevelLimits.of(fine, Accuracy.CUT_OR_GROUND, ServiceDuty.FEED, Optional.empty());

        var judged = BacklashVerdict.of(places(0.01, 0.1, 0.1, 0.1, 0.1), limits, ServiceDuty.FEED);

        assertThat(judged.verdict()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(judged.sentence()).contains("no limit is known");
    }

    @Test
    void theMakersBandWins() {
        var makers = Optional.of(new BevelLimits.Makers(0.2, 0.3));
        var edges = BevelLimits.of(BEVEL, Accuracy.CUT_OR_GROUND, ServiceDuty.FEED, makers).edges();

        assertThat(edges.least()).isEqualTo(0.2);
        assertThat(edges.mostNew()).isEqualTo(0.3);
        assertThat(edges.renew()).isCloseTo(0.6, within(1e-12));
        assertThatThrownBy(() -> new BevelLimits.Makers(0.3, 0.2))
                .hasMessageContaining("largest backlash, 0.2 mm, is below his least, 0.3 mm");
    }

    // a 102 mm lies between the rows 50 and 150 of the guide: A 0.08 + 0.52·0.07, B 0.20 +
    // 0.52·0.10;
    // C = B + r·π·4/2 with r 0.30, on lifting duty 0.10.
    @Test
    void aWormWheelWearsAsItsLoosestPlace() {
        var set = new WormSet(2, 41, 4, 40, 20, 0, Hand.RIGHT);
        var usual = WormBacklash.limits(set, ServiceDuty.ENCLOSED_POWER).edges();
        assertThat(usual.least()).isCloseTo(0.1164, within(1e-9));
        assertThat(usual.mostNew()).isCloseTo(0.252, within(1e-9));
        assertThat(usual.renew()).isCloseTo(2.13696, within(5e-6));
        var lifting = WormBacklash.limits(set, ServiceDuty.LIFTING);
        assertThat(lifting.edges().renew()).isCloseTo(0.880319, within(5e-7));

        var worn = BacklashVerdict.of(places(0.03, 0.65, 0.65), lifting, ServiceDuty.LIFTING);
        assertThat(worn.zone()).isEqualTo(Zone.WATCH);
        assertThat(worn.wear().share().orElseThrow()).isCloseTo(0.633437, within(5e-7));
        assertThat(worn.sentence()).contains("Plan the renewal");
        var arc = BacklashVerdict.of(places(0.03, 0.30, 0.30, 0.90), lifting, ServiceDuty.LIFTING);
        assertThat(arc.verdict())
                .as("doubtful counts as failed when it lifts")
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(arc.sentence()).contains("counts as beyond");
    }

    @Test
    void placesOfAWormSetAreConvertedAndFreedOfFloat() {
        var set = new WormSet(2, 41, 4, 40, 20, 0, Hand.RIGHT);
        var read =
                WormBacklash.placesAtWheel(
                        set, new RepeatedReadings(List.of(0.38, 0.40)), DIAL, 84, 0.05);
        assertThat(read.smallestMm()).isCloseTo(0.320952, within(6e-7));
        var turned = WormBacklash.placeAtWorm(set, 5.31350, 0.05);
        // z₁ 2, m_x 4: lead 25.13274; half a degree is 0.0349 mm.
        assertThat(turned.meanMm()).isCloseTo(0.320952, within(6e-6));
        assertThat(turned.uncertaintyOfOneMm()).isCloseTo(0.0349066, within(6e-7));
    }

    // ISO/TR 10064-2, from memory: j_bn,min = ⅔ (0.06 + 0.0005·90 + 0.03·3) = 0.13 mm, along the
    // circle / cos 20° = 0.138343;
    // twice that new, three times as much renewed when enclosed, twice on feed duty.
    @ParameterizedTest(name = "{0}: renew at {1} mm, {2} of the way at 0.42 mm")
    @CsvSource({"ENCLOSED_POWER, 0.830059, 0.258983", "FEED, 0.553372, 0.517965"})
    void aSpurPairIsJudgedByDuty(ServiceDuty duty, double renew, double share) {
        var pair = Gears.spurPair(20, 40, 3);
        var recommended = RecommendedBacklash.of(pair, duty, Optional.empty());

        var judged = BacklashVerdict.ofPair(pair, places(0.02, 0.42, 0.42), recommended, duty);

        assertThat(recommended.limits().edges().renew()).isCloseTo(renew, within(5e-7));
        assertThat(judged.wear().share().orElseThrow()).isCloseTo(share, within(2e-6));
    }

    @Test
    void doubtfulAtAnEdgeIsMeasuredAgainAndCountsAsFailedWhenItLifts() {
        var pair = Gears.spurPair(20, 40, 3);
        for (var duty : ServiceDuty.values()) {
            var recommended = RecommendedBacklash.of(pair, duty, Optional.empty());
            double renew = recommended.renewCircumferentialMm();
            double least = recommended.leastCircumferentialMm();
            var worn = BacklashVerdict.ofPair(pair, places(0.02, renew, renew), recommended, duty);
            var tight = BacklashVerdict.ofPair(pair, places(0.02, least, 0.2), recommended, duty);
            var expected = duty == ServiceDuty.LIFTING ? Verdict.CLEAR_FAIL : Verdict.DOUBTFUL;
            assertThat(worn.verdict()).as(duty.words()).isEqualTo(expected);
            assertThat(tight.verdict()).as(duty.words()).isEqualTo(expected);
        }
    }

    @Test
    void aMeshThatBindsFailsWhateverItsLimits() {
        var pair = Gears.spurPair(20, 40, 3);
        var recommended = RecommendedBacklash.of(pair, ServiceDuty.FEED, Optional.empty());

        var judged =
                BacklashVerdict.ofPair(
                        pair, places(0.02, 0.02, 0.2, 0.2), recommended, ServiceDuty.FEED);

        assertThat(judged.verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(judged.sentence()).contains("It binds");
    }

    /** Tips of 3 mm above the reference circle strike roots 3.75 mm below it once the centres are 0.75 mm too near. */
    @Test
    void aPairWhoseTipsStrikeTheRootsNeverPasses() {
        var near = Gears.spurPairAt(20, 40, 3, 89.2);
        var recommended =
                RecommendedBacklash.of(near, ServiceDuty.ENCLOSED_POWER, Optional.empty());

        var judged =
                BacklashVerdict.ofPair(
                        near, places(0.01, 0.2, 0.2), recommended, ServiceDuty.ENCLOSED_POWER);

        assertThat(judged.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(judged.zone()).isNull();
        assertThat(judged.sentence())
                .contains("cannot run at this centre distance")
                .contains("strike");
    }

    @Test
    void aMakersLimitInsideTheNewBandTakesItsPlaceAndOneBelowTheLeastIsNamed() {
        var pair = Gears.spurPair(20, 40, 3);
        var inside = RecommendedBacklash.of(pair, ServiceDuty.FEED, Optional.of(0.2));
        assertThat(inside.limits().edges().mostNew()).isEqualTo(0.2);
        assertThat(
                        BacklashVerdict.ofPair(
                                        pair, places(0.01, 0.22, 0.22), inside, ServiceDuty.FEED)
                                .zone())
                .isEqualTo(Zone.BEYOND);
        assertThatThrownBy(() -> RecommendedBacklash.of(pair, ServiceDuty.FEED, Optional.of(0.1)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("0.1 mm lies below the least")
                .hasMessageContaining("0.138 mm");
    }

    /** The readings of a map judge as they would without their places; a tooth off the wave, or a tight spot, is never a pass. */
    @ParameterizedTest
    @EnumSource(ServiceDuty.class)
    void aMapWithADamagedToothNeverPasses(ServiceDuty duty) {
        var pair = Gears.spurPair(20, 40, 3);
        var recommended = RecommendedBacklash.of(pair, duty, Optional.empty());
        var even = List.of(0.22, 0.22, 0.23, 0.22, 0.22, 0.23, 0.22, 0.22, 0.23, 0.22);
        var chipped = List.of(0.22, 0.22, 0.23, 0.22, 0.45, 0.23, 0.22, 0.22, 0.23, 0.22);

        assertThat(map(pair, even, recommended, duty).verdict()).isEqualTo(Verdict.CLEAR_PASS);
        var damaged = map(pair, chipped, recommended, duty);
        assertThat(damaged.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(damaged.sentence()).contains("look at the tooth there");
        var plain =
                BacklashVerdict.ofPair(
                        pair,
                        BacklashPlaces.of(new RepeatedReadings(even), DIAL, 1, 0),
                        recommended,
                        duty);
        assertThat(map(pair, even, recommended, duty).wear()).isEqualTo(plain.wear());
    }

    private static BacklashVerdict map(
            app.yunque.gear.GearPair pair,
            List<Double> readings,
            RecommendedBacklash recommended,
            ServiceDuty duty) {
        return BacklashMap.of(
                        BacklashMap.evenly(readings),
                        40,
                        0.01,
                        pair.circumferentialPerCentreTravel())
                .judged(pair, new RepeatedReadings(readings), DIAL, 1, recommended, duty);
    }

    // Dial 0.01 with ±0.01: u = √(0.01²/12 + 0.01²/3) = 0.00645497; by hand for two readings, s/√n
    // = 0.01.
    @Test
    void convertsReadingsAndKnowsHowSureEachIs() {
        var places = BacklashPlaces.of(new RepeatedReadings(List.of(0.30, 0.32)), DIAL, 0.5, 0.05);

        assertThat(places.places()).isEqualTo(2);
        assertThat(places.smallestMm()).isCloseTo(0.10, within(1e-12));
        assertThat(places.meanMm()).isCloseTo(0.105, within(1e-12));
        assertThat(places.largestMm()).isCloseTo(0.11, within(1e-12));
        assertThat(places.spreadMm()).isCloseTo(0.01, within(1e-12));
        assertThat(places.uncertaintyOfOneMm()).isCloseTo(0.00645497, within(5e-9));
        assertThat(places.uncertaintyOfMeanMm()).isCloseTo(0.0119024, within(5e-8));
    }

    @Test
    void saysWhenTheToolIsTooCoarseAndWhichZoneToShow() {
        var pair = Gears.spurPair(20, 40, 3);
        var recommended = RecommendedBacklash.of(pair, ServiceDuty.FEED, Optional.empty());
        var coarse =
                BacklashVerdict.ofPair(
                        pair,
                        new BacklashPlaces(4, 0.5, 0.5, 0.5, 0.01, 0.3),
                        recommended,
                        ServiceDuty.FEED);
        assertThat(coarse.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(coarse.sentence()).contains("too coarse to tell: it would take ± 0.069 mm");
        assertThat(coarse.zone()).isNull();
        var tight =
                BacklashVerdict.ofPair(
                        pair, places(0.005, 0.05, 0.2), recommended, ServiceDuty.FEED);
        assertThat(tight.zone()).isEqualTo(Zone.BELOW);
        assertThat(tight.binds()).isFalse();
        var good =
                BacklashVerdict.ofPair(
                        pair, places(0.005, 0.2, 0.2), recommended, ServiceDuty.FEED);
        assertThat(good.zone()).isEqualTo(Zone.AS_NEW);
        assertThat(good.butAtLeast(Verdict.CLEAR_PASS, List.of()).sentence())
                .isEqualTo(good.sentence());
    }

    @Test
    void refusesPlacesThatCannotBe() {
        assertThatThrownBy(() -> new BacklashPlaces(4, 0.1, 0.2, 0.3, -0.01, 0.01))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new BacklashPlaces(4, 0.3, 0.2, 0.3, 0.01, 0.01))
                .hasMessageStartingWith("Impossible");
    }
}
