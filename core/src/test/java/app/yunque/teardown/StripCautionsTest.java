package app.yunque.teardown;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.measure.TableLines;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source. */
class StripCautionsTest {
    private static List<String> of(StripAct act, String kinds, String said, Double kg) {
        return StripCautions.of(
                act,
                kinds == null
                        ? List.of()
                        : Arrays.stream(kinds.split(" ")).map(PartKind::valueOf).toList(),
                said,
                kg,
                () -> false);
    }

    @ParameterizedTest(name = "{0} {1} “{2}” {3} kg: {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "TAKE_OFF | SHAFT | low-speed shaft lifted with hoist | 34 | Hanging load; Heavy",
                "TAKE_OFF | HOUSING | top half | 25 | Heavy",
                "TAKE_OFF | HOUSING | top half | 24.9 | ''",
                "TAKE_OFF | SPRING | clock spring out | | A wound spring; It flies",
                "TAKE_OFF | SPRING | return spring | | It flies",
                "TAKE_OFF | CIRCLIP | circlip 30 | | It flies",
                "TAKE_OFF | COVER | spring cover came up by itself | | A spring stands under it",
                "TAKE_OFF | BEARING | bearing with puller | | Parts under a press",
                "TAKE_OFF | PIN | taper pin tapped out with a drift | | Hardened steel splinters",
                "TAKE_OFF | BEARING | inner race heated off | | Hot",
                "TAKE_OFF | SHIM | 3 shims | | Shims and scraped",
                "TAKE_OFF | PAWL | 2 pawls | | It may be what holds",
                "TAKE_OFF | GEAR | gear 24T | | ''",
                "DRAIN | | drained hot | | Hot oil; Oil on the floor",
                "DRAIN | | drained 1.2 L | | Oil on the floor",
                "RELIEVE | | pressure let off | | Pressure; What is let down",
                "DISCONNECT | | battery lead off | | Isolated",
                "DISCONNECT | | hose off | | A hose",
                "CLEAN | | washed in white spirit | | Solvent",
                "CLEAN | | blown out | | Compressed air",
                "AID | | M12 eye bolt screwed in for lifting | | Eye bolts",
                "TURN | | turned over | | A unit that is turned",
                "NOTE | | warranty seal cut | | ''"
            })
    void tellsWhatCanHurt(StripAct act, String kinds, String said, Double kg, String begins) {
        var told = of(act, kinds, said, kg);
        var expected = begins.isEmpty() ? List.<String>of() : List.of(begins.split("; "));
        assertThat(told).hasSameSizeAs(expected);
        for (int i = 0; i < expected.size(); i++) {
            assertThat(told.get(i)).startsWith(expected.get(i));
        }
    }

    /** Two are read, five are not. */
    @Test
    void tellsTwoAtMost() {
        assertThat(
                        of(
                                StripAct.TAKE_OFF,
                                "SPRING",
                                "clock spring, hoist, press, hammer, torch",
                                90.0))
                .hasSize(2);
    }

    /** A line of the table is whole: five columns, and a sentence that says what to do. */
    @Test
    void everyLineIsWhole() {
        for (var line : TableLines.beside(StripCautions.class, "stripcautions.table")) {
            var cells = line.split("\\s\\|\\s");
            assertThat(cells).as(line).hasSize(5);
            assertThat(cells[4]).endsWith(".").hasSizeBetween(30, 180);
        }
    }
}
