package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RebuildCardsTest {
    private static final List<String> SHAFTS = List.of("input shaft", "output shaft");

    private static RebuildOrder.Card card(TeardownStep step) {
        return RebuildOrder.of(List.of(step), Set.of(), SHAFTS).cards().get(0);
    }

    // The usual cautions of the trade; common practice, no source.
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "BEARING, eye protection",
        "SHAFT, sling or support",
        "SPRING, Stored force",
        "CIRCLIP, flies",
        "GEAR, Fingers out of the mesh"
    })
    void cautionsAtTheMomentItCanHurt(PartKind kind, String words) {
        assertThat(card(step(1, "part", kind).build()).caution()).contains(words);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "BEARING, Spins free", "SEAL, Lip oiled", "SHIM, Same number and thickness",
                "CIRCLIP, groove all round",
        "TAB_WASHER, slot of the nut", "COTTER_PIN, Both legs bent", "KEY, clear at the top",
                "GEAR, turn free"
    })
    void saysWhatToCheckBeforeGoingOn(PartKind kind, String words) {
        assertThat(card(step(1, "part", kind).build()).checks()).anyMatch(c -> c.contains(words));
    }

    @Test
    void tightensALeftHandNutTheOtherWay() {
        var nut = card(step(1, "locknut", PartKind.NUT).screws(1, "M30×1.5", 12, true).build());
        assertThat(nut.checks()).contains("Left-hand thread: tighten anticlockwise.");
    }

    /** 265 lbf·ft = 359.29 N·m, 1 1/4 in = 31.75 mm (NIST SP 811): told as the wrench says it, the other unit beside, three digits. */
    @Test
    void tellsFiguresInTheUnitTheyWereTypedIn() {
        var typed =
                new Fastening(
                        4,
                        "3/4-10",
                        31.75,
                        false,
                        359.2917563078211,
                        "plate",
                        "",
                        Fastening.Locking.NONE,
                        null,
                        new Fastening.AsTyped("1.25 in", "265 lbf·ft"),
                        "");
        assertThat(typed.inWords()).isEqualTo("4 × 3/4-10, 1.25 in (31.8 mm)");
        assertThat(typed.torqueInWords()).isEqualTo("265 lbf·ft (359 N·m)");
        var plain = new Fastening(1, "M8", 25.0, false, 24.5, "table");
        assertThat(plain.torqueInWords()).isEqualTo("24.5 N·m");
        assertThat(plain.lengthInWords()).isEqualTo("25 mm");
        var none = new Fastening(1, "M8", null, false, null, "");
        assertThat(none.torqueInWords()).isEmpty();
        assertThat(none.lengthInWords()).isEmpty();
    }

    @Test
    void printsATorqueOnlyWithItsSource() {
        var fastening = new Fastening(6, "M10", 30.0, false, 47.0, "maker's sheet");
        assertThat(fastening.inWords()).isEqualTo("6 × M10, 30 mm");
        var step =
                new TeardownStep(
                        "a",
                        1,
                        "cover",
                        PartKind.COVER,
                        1,
                        2,
                        Side.RIGHT,
                        null,
                        "",
                        fastening,
                        false,
                        "",
                        Condition.SOUND,
                        "",
                        StepDetail.NONE);
        assertThat(card(step).fasten())
                .isEqualTo("6 × M10, 30 mm, crosswise in rounds, to 47 N·m (maker's sheet)");
        assertThat(card(step).where()).isEqualTo("output shaft, right end");
    }

    @Test
    void callsPartsOfNoShaftHousing() {
        assertThat(card(step(1, "drain plug", PartKind.PLUG).on(0, Side.LEFT).build()).where())
                .isEqualTo("housing");
    }

    /** Whatever the parts, the rebuild has each step once, last off first. */
    @ParameterizedTest
    @EnumSource(PartKind.class)
    void reversesAnyStrip(PartKind kind) {
        var steps =
                List.of(
                        step(1, "first", kind).build(),
                        step(2, "second", kind).build(),
                        step(3, "third", kind).build());
        assertThat(RebuildOrder.of(steps, Set.of(), SHAFTS).cards())
                .extracting(RebuildOrder.Card::stepId)
                .containsExactly("s3", "s2", "s1");
    }
}
