package app.yunque.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Common practice, no source: what stands when several people look, wash and dress. */
class StandingFindingTest {
    private static PartFinding said(String check, String word, Look look, String by) {
        return PartFinding.of(check, word, look, by);
    }

    private static Severity standing(PartFinding... said) {
        return StandingFinding.of(List.of(said)).get(0).severity();
    }

    @Test
    void ofTwoPeopleTheWorseWordStands() {
        var smooth = said("BRG-1", "smooth", Look.WASHED, "Mira");
        var notchy = said("BRG-1", "notchy", Look.WASHED, "Teo");
        assertThat(standing(smooth, notchy)).isEqualTo(Severity.CONDEMNED);
        assertThat(standing(notchy, smooth)).isEqualTo(Severity.CONDEMNED);
    }

    @Test
    void onesOwnLaterWordIsACorrection() {
        var notchy = said("BRG-1", "notchy", Look.WASHED, "Teo");
        var smooth = said("BRG-1", "smooth", Look.WASHED, "Teo");
        assertThat(standing(notchy, smooth)).isEqualTo(Severity.SOUND);
        assertThat(standing(smooth, notchy)).isEqualTo(Severity.CONDEMNED);
    }

    @Test
    void dirtIsSettledByTheLookAfterWashing() {
        var gritty = said("BRG-1", "gritty", Look.AS_FOUND, "Mira");
        assertThat(standing(gritty)).isEqualTo(Severity.WASH);
        assertThat(standing(gritty, said("BRG-1", "smooth", Look.WASHED, "Teo")))
                .isEqualTo(Severity.SOUND);
        var still = StandingFinding.of(List.of(gritty, said("BRG-1", "ticks", Look.WASHED, "Teo")));
        assertThat(still)
                .containsExactly(
                        new StandingFinding(
                                "BRG-1",
                                "ticks",
                                Severity.CONDEMNED,
                                Look.WASHED,
                                "Teo",
                                null,
                                true));
    }

    @Test
    void whatWasDressedIsLookedAtAgain() {
        var burr = said("GER-1", "burr", Look.WASHED, "Mira");
        assertThat(standing(burr)).isEqualTo(Severity.DRESS);
        assertThat(standing(burr, said("GER-1", "polishing", Look.AFTER_WORK, "Mira")))
                .isEqualTo(Severity.SOUND);
        assertThat(standing(burr, said("GER-1", "burr", Look.AFTER_WORK, "Mira")))
                .isEqualTo(Severity.CONDEMNED);
        // Seen for the first time after the work, it is dressed like any other.
        assertThat(standing(said("GER-1", "burr", Look.AFTER_WORK, "Mira")))
                .isEqualTo(Severity.DRESS);
        assertThat(
                        standing(
                                said("GER-1", "polishing", Look.WASHED, "Mira"),
                                said("GER-1", "burr", Look.AFTER_WORK, "Mira")))
                .isEqualTo(Severity.DRESS);
        // Washing mends no burr.
        assertThat(
                        standing(
                                said("GER-1", "burr", Look.AS_FOUND, "Mira"),
                                said("GER-1", "polishing", Look.WASHED, "Mira")))
                .isEqualTo(Severity.DRESS);
    }

    @Test
    void aLaterLookMakesNothingElseMilder() {
        var spall = said("BRG-2", "subsurface fatigue (spall)", Look.AS_FOUND, "Mira");
        var even = said("BRG-2", "running track even", Look.WASHED, "Mira");
        assertThat(standing(spall, even)).isEqualTo(Severity.CONDEMNED);
        var step = said("JRN-1", "step felt", Look.AS_FOUND, "Mira");
        var clean = said("JRN-1", "clean fit marks", Look.WASHED, "Mira");
        assertThat(standing(step, clean)).isEqualTo(Severity.MEASURE);
    }

    @Test
    void eachCheckStandsForItselfHardestFirst() {
        var standing =
                StandingFinding.of(
                        List.of(
                                said("BRG-1", "smooth", Look.WASHED, "Mira"),
                                said("BRG-2", "cage worn or rivet loose", Look.WASHED, "Mira"),
                                said("BRG-4", "grease darkened", Look.WASHED, "Mira")));
        assertThat(standing)
                .extracting(StandingFinding::check)
                .containsExactly("BRG-2", "BRG-4", "BRG-1");
    }
}
