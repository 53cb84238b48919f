package app.yunque.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Reading;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** GUM, two independent values, from memory: two readings of one thing differ by no more than √(U₁² + U₂²). */
class AgreeingMeasurementsTest {
    private static Measured read(double value) {
        return read("LND-2", value, Verdict.CLEAR_PASS, "mm");
    }

    private static Measured read(String check, double value, Verdict verdict, String unit) {
        return new Measured(
                check,
                verdict,
                verdict == Verdict.CLEAR_PASS ? Zone.WATCH : Zone.BEYOND,
                false,
                "It reads " + value + ".",
                new Reading(value, 0.01, unit));
    }

    private static List<Measured> of(boolean strict, Measured... taken) {
        return AgreeingMeasurements.of(Arrays.asList(taken), strict);
    }

    // √(0.01² + 0.01²) = 0.0141421: 0.014 agrees, 0.0142 does not; by hand.
    @ParameterizedTest(name = "0.18 and {0}: {1}")
    @CsvSource({"0.18, true", "0.194, true", "0.1942, false", "0.22, false", "0.1658, false"})
    void twoReadingsAgreeWithinBothUncertainties(double other, boolean agree) {
        assertThat(new Reading(0.18, 0.01, "mm").agreesWith(new Reading(other, 0.01, "mm")))
                .isEqualTo(agree);
    }

    @Test
    void theLastCountsWhileAllAgree() {
        assertThat(of(false, read(0.18), read(0.19))).containsExactly(read(0.19).confirmed(2));
        assertThat(of(false, read(0.18))).containsExactly(read(0.18));
        assertThat(of(false)).isEmpty();
    }

    @Test
    void neitherCountsWhereTheyContradict() {
        assertThat(of(false, read(0.18), read(0.22)))
                .containsExactly(
                        new Measured(
                                "LND-2",
                                Verdict.DOUBTFUL,
                                null,
                                false,
                                "0.180 ± 0.010 mm and 0.220 ± 0.010 mm cannot both be right: find out why, then measure a third time in another way."));
    }

    @Test
    void aThirdDecidesAndThePairThatAgreesIsUsed() {
        assertThat(of(false, read(0.18), read(0.22), read(0.221)))
                .containsExactly(read(0.221).confirmed(2));
        assertThat(of(false, read(0.18), read(0.22), read(0.181)))
                .containsExactly(read(0.181).confirmed(2));
        assertThat(of(false, read(0.18), read(0.181), read(0.22)))
                .containsExactly(read(0.181).confirmed(2));
        assertThat(of(false, read(0.18), read(0.22), read(0.26)).get(0).verdict())
                .isEqualTo(Verdict.DOUBTFUL);
    }

    @Test
    void onAPartThatHoldsTheWorstStandsUntilThen() {
        var bad = read("LND-2", 0.30, Verdict.CLEAR_FAIL, "mm");
        assertThat(of(true, bad, read(0.18))).containsExactly(bad);
        assertThat(of(true, read(0.18), bad)).containsExactly(bad);
    }

    @Test
    void onlyWhatMeasuresTheSameThingInTheSameUnitIsCompared() {
        var share = read("LND-2", 20, Verdict.CLEAR_PASS, "%");
        assertThat(of(false, read(0.18), share)).containsExactly(read(0.18), share);
        var other = read("JRN-2", 0.5, Verdict.CLEAR_PASS, "mm");
        assertThat(of(false, read(0.18), other)).containsExactly(read(0.18), other);
        var unread = new Measured("LND-2", Verdict.CLEAR_PASS, null, false, "by blue");
        assertThat(of(false, read(0.18), unread)).containsExactly(read(0.18), unread);
        // What hangs on no check stays as it is.
        var loose = Measured.of(Verdict.CLEAR_PASS, "one");
        var more = Measured.of(Verdict.CLEAR_FAIL, "two");
        assertThat(of(false, loose, more)).containsExactly(loose, more);
    }

    /** A reading without a limit, or one that has no value, hides nothing that failed before it. */
    @Test
    void nothingThatFailedIsHiddenByALaterWordThatSaysLess() {
        var bad = read("LND-2", 0.30, Verdict.CLEAR_FAIL, "mm");
        var noLimit = read("LND-2", 0.30, Verdict.NOT_JUDGED, "mm");
        assertThat(of(false, bad, noLimit)).containsExactly(bad);
        assertThat(of(false, noLimit)).containsExactly(noLimit);
        var feathered = new Measured("GER-8", Verdict.CLEAR_FAIL, null, false, "feathered");
        var polished = new Measured("GER-8", Verdict.CLEAR_PASS, null, false, "polished");
        assertThat(of(false, feathered, polished)).containsExactly(feathered);
        assertThat(of(false, polished, feathered)).containsExactly(feathered);
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> new Reading(1, -0.1, "mm")).isInstanceOf(Refused.class);
        assertThat(new Reading(0.5, 0.02, "").inWords()).isEqualTo("0.500 ± 0.020");
    }

    /** The two seats of one shaft are two things: neither speaks against the other. */
    @Test
    void twoPlacesOnOnePartAreTwoThings() {
        var left = at("left seat", 0.18);
        var right = at("right seat", 0.30);
        assertThat(of(false, left, right)).containsExactly(left, right);
        assertThat(of(false, left, at(" Left Seat ", 0.30)))
                .extracting(Measured::verdict)
                .containsExactly(Verdict.DOUBTFUL);
    }

    private static Measured at(String where, double value) {
        var one = read(value);
        return new Measured(
                one.check(),
                one.verdict(),
                one.zone(),
                one.renewNow(),
                one.sentence(),
                one.reading(),
                new Taking("Mira", Instant.EPOCH, where, false));
    }
}
