package app.yunque.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import app.yunque.procedure.NextMove.Pack;
import app.yunque.procedure.NextMove.Seen;
import app.yunque.procedure.NextMove.Stop;
import app.yunque.procedure.NextMove.Wanted;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Common practice, no source; figures by hand. A move of 1 mm changes the reading by 0.5 mm unless a test says otherwise. */
class NextMoveTest {
    private static final double HALF = 0.5;
    private static final Wanted BAND = new Wanted(0.10, 0.20, 0.01);
    private static final OptionalDouble NONE = OptionalDouble.empty();
    private static final Pack NO_PACK = new Pack(NONE, NONE, 0.05);

    private static NextMove after(List<Double> readings, List<Double> moves) {
        return NextMove.of(HALF, readings, moves, NONE, Seen.NOTHING_ODD, BAND, NO_PACK);
    }

    private static NextMove packed(double reading, double now, double old) {
        return NextMove.of(
                HALF,
                List.of(reading),
                List.of(),
                NONE,
                Seen.NOTHING_ODD,
                BAND,
                new Pack(OptionalDouble.of(now), OptionalDouble.of(old), 0.05));
    }

    /** (0.15 − 0.30) / 0.5 = −0.30, and it should read the middle of what is wanted. */
    @Test
    void theFirstMoveTrustsThePrediction() {
        var next = after(List.of(0.30), List.of());
        assertThat(next.stop()).isEmpty();
        assertThat(next.moveMm().orElseThrow()).isCloseTo(-0.30, within(1e-12));
        assertThat(next.predictedMm().orElseThrow()).isCloseTo(0.15, within(1e-12));
        assertThat(next.packMm()).isEmpty();
        assertThat(next.gain()).isEmpty();
        assertThat(next.working().lines().get(0).numbers())
                .isEqualTo("(0.1500 − 0.3000) / (0.5000 × 1.000) = −0.3000 mm");
    }

    /** Moved −0.20, predicted −0.10, got −0.08: gain 0.8; what is left, −0.07, over 0.5 × 0.8. */
    @Test
    void theNextMoveIsWhatIsLeftOverTheGain() {
        var next = after(List.of(0.30, 0.22), List.of(-0.20));
        assertThat(next.gain().orElseThrow()).isCloseTo(0.8, within(1e-9));
        assertThat(next.moveMm().orElseThrow()).isCloseTo(-0.175, within(1e-9));
        assertThat(next.predictedMm().orElseThrow()).isCloseTo(0.15, within(1e-9));
    }

    @ParameterizedTest(name = "a gain of {0} counts as {1}")
    @CsvSource({"0.49,1", "0.5,0.5", "1.5,1.5", "1.51,1", "-1,1", "0,1"})
    void aGainFarOffCountsOnceAsOne(double gain, double counted) {
        double reading = 0.50 - 0.10 * gain;
        var next = after(List.of(0.50, reading), List.of(-0.20));
        assertThat(next.stop()).isEmpty();
        assertThat(next.gain().orElseThrow()).isCloseTo(gain, within(1e-9));
        assertThat(next.moveMm().orElseThrow())
                .isCloseTo((0.15 - reading) / (HALF * counted), within(1e-9));
    }

    @Test
    void theSecondGainFarOffIsAFaultToLookFor() {
        assertThat(after(List.of(0.50, 0.49, 0.48), List.of(-0.20, -0.20)).stop())
                .contains(Stop.GAIN);
        // One that moved no more than a reading is uncertain tells nothing: 0.02 × 0.5 = 0.01.
        var told = after(List.of(0.50, 0.49, 0.49), List.of(-0.20, -0.02));
        assertThat(told.stop()).isEmpty();
        assertThat(told.gain()).isEmpty();
        assertThat(after(List.of(0.50, 0.49, 0.49), List.of(-0.20, -0.021)).stop())
                .contains(Stop.GAIN);
        // The first was far off, the second was not: it goes on with the second.
        assertThat(after(List.of(0.50, 0.49, 0.39), List.of(-0.20, -0.20)).stop()).isEmpty();
    }

    /** Wanted 0.10 to 0.20, good to ± 0.01: reached from 0.11 to 0.19; on the edge it is moved on where a shim is thin enough. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"0.11,true", "0.109,false", "0.15,true", "0.19,true", "0.191,false", "0.25,false"})
    void isReachedInsideByMoreThanTheUncertainty(double reading, boolean reached) {
        assertThat(after(List.of(reading), List.of()).stop())
                .isEqualTo(
                        reached ? java.util.Optional.of(Stop.REACHED) : java.util.Optional.empty());
    }

    @Test
    void threeTriesOnOneMemberAreEnough() {
        assertThat(after(List.of(0.50, 0.45, 0.40), List.of(-0.1, -0.1)).stop()).isEmpty();
        var third = after(List.of(0.50, 0.45, 0.40, 0.35), List.of(-0.1, -0.1, -0.1));
        assertThat(third.stop()).contains(Stop.TOO_MANY);
        assertThat(third.moveMm()).isEmpty();
        assertThat(third.predictedMm()).isEmpty();
        // What is reached by the third is reached.
        assertThat(after(List.of(0.30, 0.25, 0.20, 0.15), List.of(-0.1, -0.1, -0.1)).stop())
                .contains(Stop.REACHED);
    }

    /** A band of 0.03 and a reading on its edge: 0.015 left over 0.5 are 0.03; half of 0.06 is 0.03. */
    @ParameterizedTest(name = "thinnest {0}: {1}")
    @CsvSource({"0.06,", "0.061,TOO_FINE"})
    void lessThanHalfTheThinnestShimIsNotMoved(double thinnest, Stop stop) {
        var next =
                NextMove.of(
                        HALF,
                        List.of(0.13),
                        List.of(),
                        NONE,
                        Seen.NOTHING_ODD,
                        new Wanted(0.10, 0.13, 0.01),
                        new Pack(NONE, NONE, thinnest));
        assertThat(next.stop()).isEqualTo(java.util.Optional.ofNullable(stop));
    }

    /** The move is −0.30 from 0.30, +0.20 from 0.05: a pack of 0.30 is just enough, one of 0.60 may grow to 0.80. */
    @ParameterizedTest(name = "reads {0}, pack {1}, found {2}: {3}")
    @CsvSource({
        "0.30, 0.30, 0.60, 0.0,",
        "0.30, 0.29, 0.60, , NO_PACK_LEFT",
        "0.05, 0.60, 0.60, 0.8,",
        "0.05, 0.61, 0.60, , PACK_TOO_THICK",
        "0.05, 0.60, 0.59, , PACK_TOO_THICK"
    })
    void thePackCannotBeThinnerThanNothingNorMuchOverTheOld(
            double reading, double now, double old, Double pack, Stop stop) {
        var next = packed(reading, now, old);
        assertThat(next.stop()).isEqualTo(java.util.Optional.ofNullable(stop));
        assertThat(next.packMm().isPresent()).isEqualTo(pack != null);
        if (pack != null) {
            assertThat(next.packMm().getAsDouble()).isCloseTo(pack, within(1e-9));
        }
    }

    /** Law: what is seen to be wrong stops, even where the reading is what is wanted. */
    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.15, 0.30})
    void whatIsSeenToBeWrongStopsWhateverIsRead(double reading) {
        assertThat(stop(reading, NONE, Seen.CONTACT_ALONG_AND_ACROSS)).isEqualTo(Stop.CASE_BENT);
        assertThat(stop(reading, NONE, Seen.PRELOAD_NOT_ASKED_FOR)).isEqualTo(Stop.PRELOAD);
        assertThat(stop(reading, OptionalDouble.of(0.011), Seen.NOTHING_ODD))
                .isEqualTo(Stop.SCATTER);
        assertThat(stop(reading, OptionalDouble.of(0.01), Seen.NOTHING_ODD))
                .isNotEqualTo(Stop.SCATTER);
    }

    private static Stop stop(double reading, OptionalDouble spread, Seen seen) {
        return NextMove.of(HALF, List.of(reading), List.of(), spread, seen, BAND, NO_PACK)
                .stop()
                .orElse(null);
    }

    @Test
    void everyStopSaysWhatToDo() {
        for (var stop : Stop.values()) {
            assertThat(stop.words()).endsWith(".").hasSizeGreaterThan(30);
        }
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> after(List.of(0.3, 0.2), List.of()))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("0 moves and 2 readings");
        assertThatThrownBy(() -> new Wanted(0.10, 0.11, 0.01))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("From 0.1 to 0.11 mm is no more than");
        assertThatThrownBy(() -> new Wanted(0.10, 0.10, 0)).isInstanceOf(Refused.class);
        assertThat(new Wanted(0.10, 0.12, 0.01).mostMm()).isEqualTo(0.12);
        assertThatThrownBy(
                        () ->
                                NextMove.of(
                                        0.019,
                                        List.of(0.3),
                                        List.of(),
                                        NONE,
                                        Seen.NOTHING_ODD,
                                        BAND,
                                        NO_PACK))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("cannot set it. Move another member");
        assertThat(
                        NextMove.of(
                                        -0.02,
                                        List.of(0.21),
                                        List.of(),
                                        NONE,
                                        Seen.NOTHING_ODD,
                                        BAND,
                                        NO_PACK)
                                .moveMm()
                                .orElseThrow())
                .isCloseTo(3, within(1e-9));
        assertThatThrownBy(() -> after(List.of(0.3, 0.2), List.of(10.5)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Move 10.5 mm is outside −10 to 10 mm");
        assertThatThrownBy(() -> after(List.of(20.5), List.of())).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Pack(OptionalDouble.of(21), NONE, 0.05))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Pack(NONE, OptionalDouble.of(-1), 0.05))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Pack(NONE, NONE, 0)).isInstanceOf(Refused.class);
    }
}
