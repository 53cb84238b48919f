package app.yunque.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.fastener.ScrewHole.Metal;
import app.yunque.fastener.ScrewInHole.Outcome;
import app.yunque.measure.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ScrewInHoleTest {
    private static final ScrewThread M6 = ScrewThread.of("M6");

    // Worked examples of the rebuild brief, computed apart from this code; geometry.
    @Test
    void measuresEngagementInABlindHole() {
        var fits = ScrewInHole.of(M6, 25, new ScrewHole(12, 18, false, null, "", Metal.ALUMINIUM));

        assertThat(fits.engagementMm()).isCloseTo(13, within(1e-9));
        assertThat(fits.clearanceMm()).isCloseTo(5, within(1e-9));
        assertThat(fits.diameters()).isCloseTo(2.16667, within(0.00001));
        assertThat(fits.outcome()).isEqualTo(Outcome.HOLDS);
    }

    @Test
    void tellsWhatALongScrewStrikes() {
        var fits =
                ScrewInHole.of(
                        M6, 25, new ScrewHole(8, 10, true, 6.0, "cluster gear", Metal.GREY_IRON));

        assertThat(fits.clearanceMm()).isCloseTo(-1, within(1e-9));
        assertThat(fits.outcome()).isEqualTo(Outcome.STRIKES);
        assertThat(fits.says()).isEqualTo("The 25 mm screw strikes the cluster gear by 1.0 mm.");
    }

    @ParameterizedTest(name = "{0} mm through {1} into {2} mm of {3}: {4}")
    @CsvSource({
        "20, 14, 12, ALUMINIUM, SHORT_THREAD", // 6 mm of M6 is 1.0 d, aluminium wants 2.0
        "30, 12, 18, STEEL, CLOSE", // margin 0, less than a pitch
        "31, 12, 18, STEEL, BOTTOMS",
        "12, 12, 18, STEEL, DOES_NOT_REACH",
        "24, 12, 18, STEEL, HOLDS"
    })
    void judgesBlindHoles(double length, double grip, double depth, Metal metal, Outcome outcome) {
        assertThat(
                        ScrewInHole.of(
                                        M6,
                                        length,
                                        new ScrewHole(grip, depth, false, null, "", metal))
                                .outcome())
                .isEqualTo(outcome);
    }

    @Test
    void asksForTheRoomBehindAThroughHole() {
        assertThatThrownBy(() -> new ScrewHole(8, 10, true, null, "", Metal.STEEL))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Free room behind the hole is missing");
    }

    // ISO 228-1 and ASME B1.20.1, from memory; 25.4 over the threads an inch.
    @ParameterizedTest(name = "{0} is {1}, P {2} mm")
    @CsvSource(
            delimiter = '|',
            value = {
                "1/4-18 NPT | 1/4-18 NPT | 1.411111",
                "1/4 NPT | 1/4-18 NPT | 1.411111",
                "1/2-14 NPT | 1/2-14 NPT | 1.814286",
                "1-1/4-11.5 NPT | 1-1/4-11.5 NPT | 2.208696",
                "G 1/2 | G 1/2 | 1.814286",
                "1/2 BSP | G 1/2 | 1.814286",
                "1-1/4 BSP | G 1-1/4 | 2.309091"
            })
    void readsPipeThreads(String text, String name, double pitch) {
        var thread = ScrewThread.of(text);
        assertThat(thread.name()).isEqualTo(name);
        assertThat(thread.diameterMm()).isNull();
        assertThat(thread.pitchMm()).isCloseTo(pitch, within(1e-6));
        assertThat(ScrewThread.of(name)).as("read again").isEqualTo(thread);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1/4-20 NPT | 1/4-18",
                "7/8 NPT | 3/4",
                "Tr 24x4 | Tr 24×5, Tr 24×3, Tr 24×8",
                "Tr 25x5 | Tr 24",
                "1-1/4-11 | 1 1/4-7"
            })
    void offersTheNearestOfAThreadThatIsNone(String text, String offered) {
        assertThatThrownBy(() -> ScrewThread.of(text))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(offered);
    }

    // ISO 261 and ASME B1.1, from memory.
    @ParameterizedTest(name = "{0} is {1}: d {2} mm, P {3} mm")
    @CsvSource(
            delimiter = '|',
            value = {
                "1-1/4-12 UNF | 1-1/4-12 | 31.75 | 2.116667",
                "1 1/4-12 | 1-1/4-12 | 31.75 | 2.116667",
                "1-14 | 1-14 | 25.4 | 1.814286",
                "Tr 24x5 | Tr 24×5 | 24 | 5",
                "TR40×7 | Tr 40×7 | 40 | 7",
                "m8 | M8 | 8 | 1.25",
                "M8x1.25 | M8 | 8 | 1.25",
                "M30 x 1,5 | M30×1.5 | 30 | 1.5",
                "3/8-16 UNC | 3/8-16 | 9.525 | 1.5875",
                "#10-32 | #10-32 | 4.826 | 0.79375",
                "1 1/8-7 | 1-1/8-7 | 28.575 | 3.628571",
            })
    void readsThreads(String text, String name, double diameter, double pitch) {
        var thread = ScrewThread.of(text);

        assertThat(thread.name()).isEqualTo(name);
        assertThat(thread.diameterMm()).isCloseTo(diameter, within(1e-6));
        assertThat(thread.pitchMm()).isCloseTo(pitch, within(1e-6));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "M8x1.3 | M8 is made with other mm pitch: M8×1.25, M8×1, M8×0.75",
                "M30x4 | M30×3.5, M30×3, M30×2, M30×1.5, M30×1",
                "M13 | the nearest is M12",
                "1/4-22 | 1/4-20, 1/4-28, 1/4-32",
                "bolt | Write it like M8, M30×1.5 or 3/8-16"
            })
    void offersTheNearestForAThreadThatIsNone(String text, String words) {
        assertThatThrownBy(() -> ScrewThread.of(text))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(words);
    }

    @ParameterizedTest
    @ValueSource(strings = {"special M7.3x0.9", "Special: W 1/2-12"})
    void takesASpecialThreadAsItStands(String text) {
        assertThat(ScrewThread.of(text).diameterMm()).isNull();
    }
}
