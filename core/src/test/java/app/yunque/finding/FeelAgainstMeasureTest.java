package app.yunque.finding;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.finding.LeftOpen.Why;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Reading;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: what counts where a feel and a measurement disagree, and what dressing takes away. */
class FeelAgainstMeasureTest {
    private static final TeardownStep BEARING =
            step(1, "bearing", PartKind.BEARING).found(Condition.SOUND).build();
    private static final TeardownStep SPACER =
            step(1, "spacer", PartKind.SPACER).found(Condition.SOUND).build();

    private static Instant hour(int hour) {
        return Instant.EPOCH.plusSeconds(3600L * hour);
    }

    private static PartFinding said(String check, String word, Look look, int hour) {
        return new PartFinding(
                check, word, Checks.of(check).severityOf(word), look, "Mira", hour(hour));
    }

    private static Measured measured(
            String check, Verdict verdict, double value, boolean coarse, int hour) {
        return new Measured(
                check,
                verdict,
                verdict == Verdict.CLEAR_PASS ? Zone.WATCH : Zone.BEYOND,
                false,
                "It reads.",
                new Reading(value, 0.5, "µm"),
                new Taking("Mira", hour(hour), "", coarse));
    }

    private static @Nullable Disposition decided(
            TeardownStep step, PartFinding found, Measured... taken) {
        return proposal(step, ServiceDuty.ENCLOSED_POWER, found, taken).disposition();
    }

    /** Everything else is left for a reason, so that what is told here decides. */
    private static DispositionProposal proposal(
            TeardownStep step, ServiceDuty duty, PartFinding found, Measured... taken) {
        var left =
                new PartRecord(step, duty, List.of(found), List.of())
                        .musts().stream()
                                .filter(c -> !c.id().equals(Checks.WHOLE))
                                .map(c -> new LeftOpen(c.id(), Why.NOT_FITTED, "", "Mira"))
                                .toList();
        return DispositionProposal.of(
                new PartRecord(step, duty, List.of(found), List.of(taken), left, List.of()));
    }

    // Loose in the hand, radial clearance good: once, fine and afterwards is enough; else twice.
    @ParameterizedTest(name = "felt at 2, measured at {0}, coarse {1}, again {2}: reuse {3}")
    @CsvSource({
        "3, false, 0, true",
        "2, false, 0, true",
        "1, false, 0, false",
        "3, true,  0, false",
        "1, true,  0, false",
        "3, true,  4, true",
        "1, false, 4, true",
        "1, true,  1, false",
        "1, false, 1, false"
    })
    void aFeelIsOverruledAfterwardsAndFinelyOrTwice(
            int at, boolean coarse, int again, boolean reuse) {
        var loose = said("BRG-1", "loose in the hand", Look.WASHED, 2);
        var first = measured("BRG-3", Verdict.CLEAR_PASS, 20, coarse, at);
        var second = measured("BRG-3", Verdict.CLEAR_PASS, 20.4, coarse, again);
        var taken = again == 0 ? new Measured[] {first} : new Measured[] {first, second};
        assertThat(decided(BEARING, loose, taken)).isEqualTo(reuse ? Disposition.REUSE : null);
        if (!reuse) {
            assertThat(proposal(BEARING, ServiceDuty.ENCLOSED_POWER, loose, taken).reason())
                    .contains("Loose in the hand (BRG-1)")
                    .contains("measure once more at the place and in the direction of the feel");
        }
    }

    // Never lowered by a number: a notchy bearing, dirt that washing left, a crack.
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource({"BRG-1, notchy", "BRG-2, subsurface fatigue (spall)", "BRG-1, gritty"})
    void whatIsCondemnedStaysSo(String check, String word) {
        var good = measured("BRG-3", Verdict.CLEAR_PASS, 20, false, 5);
        assertThat(decided(BEARING, said(check, word, Look.WASHED, 2), good, good))
                .isEqualTo(Disposition.RENEW);
    }

    // Ends clean to the eye, faces out of parallel by the micrometer: once more before it is
    // renewed; on a load path the worse counts.
    @Test
    void whatWasFeltSoundAndMeasuredBeyondIsMeasuredOnceMore() {
        var clean = said("SPC-1", "clean", Look.WASHED, 2);
        var beyond = measured("SPC-1", Verdict.CLEAR_FAIL, 40, false, 3);
        var once = proposal(SPACER, ServiceDuty.ENCLOSED_POWER, clean, beyond);
        assertThat(once.disposition()).isNull();
        assertThat(once.reason())
                .startsWith(
                        "Felt sound, and measured beyond its limit: check zero, unit and place");
        assertThat(decided(SPACER, clean, beyond, beyond)).isEqualTo(Disposition.RENEW);
        var hammered = said("SPC-1", "ends hammered", Look.WASHED, 2);
        assertThat(decided(SPACER, hammered, beyond)).isEqualTo(Disposition.RENEW);

        var pawl = step(1, "pawl", PartKind.PAWL).found(Condition.SOUND).build();
        var smooth =
                Checks.all().stream()
                        .filter(c -> c.family().equals("PWL") && !c.words().isEmpty())
                        .findFirst()
                        .orElseThrow();
        var sound =
                said(
                        smooth.id(),
                        smooth.words().stream()
                                .filter(w -> w.severity() == Severity.SOUND)
                                .findFirst()
                                .orElseThrow()
                                .text(),
                        Look.WASHED,
                        2);
        assertThat(
                        proposal(
                                        pawl,
                                        ServiceDuty.LIFTING,
                                        sound,
                                        measured(smooth.id(), Verdict.CLEAR_FAIL, 40, false, 3))
                                .disposition())
                .isEqualTo(Disposition.RENEW);
    }

    @ParameterizedTest(name = "measured at {0}, dressed at 4, {1}: {2}")
    @CsvSource({
        "3, burr, STALE",
        "4, burr, MEASURED",
        "5, burr, MEASURED",
        "3, polishing, MEASURED"
    })
    void dressingTakesTheValueOfWhatWasMeasuredBefore(int at, String before, CheckState state) {
        var wheel = step(1, "wheel", PartKind.GEAR).found(Condition.SOUND).build();
        var span = measured("GER-3", Verdict.CLEAR_PASS, 3, false, at);
        var record =
                new PartRecord(
                        wheel,
                        ServiceDuty.ENCLOSED_POWER,
                        List.of(
                                said("GER-1", before, Look.WASHED, 1),
                                said("GER-1", "polishing", Look.AFTER_WORK, 4)),
                        List.of(span));
        assertThat(record.state(Checks.of("GER-3"))).isEqualTo(state);
        if (state == CheckState.STALE) {
            assertThat(record.answer(Checks.of("GER-3")).says())
                    .contains("dressed after this was measured: measure it again (GER-3)");
            assertThat(record.answer(Checks.of("GER-3")).verdict()).isEqualTo(Verdict.NOT_JUDGED);
            assertThat(record.measured()).noneMatch(Measured::isPassed);
        }
    }

    /** Dressing the teeth says nothing of the bore, and what was read anew stands in the place of what was lost. */
    @Test
    void onlyTheDressedSurfaceIsReadAgain() {
        var wheel = step(1, "wheel", PartKind.GEAR).found(Condition.SOUND).build();
        var burr = said("GER-1", "burr", Look.WASHED, 1);
        var dressed = said("GER-1", "polishing", Look.AFTER_WORK, 4);
        var bore = measured("BSH-2", Verdict.CLEAR_PASS, 3, false, 2);
        var before = measured("GER-3", Verdict.CLEAR_FAIL, 9, false, 2);
        var after = measured("GER-3", Verdict.CLEAR_PASS, 3, false, 6);
        var record =
                new PartRecord(
                        wheel,
                        ServiceDuty.ENCLOSED_POWER,
                        List.of(burr, dressed),
                        Arrays.asList(bore, before, after));
        assertThat(record.measured())
                .extracting(Measured::check, Measured::verdict)
                .containsExactlyInAnyOrder(
                        org.assertj.core.api.Assertions.tuple("BSH-2", Verdict.CLEAR_PASS),
                        org.assertj.core.api.Assertions.tuple("GER-3", Verdict.NOT_JUDGED),
                        org.assertj.core.api.Assertions.tuple("GER-3", Verdict.CLEAR_PASS));
        assertThat(record.state(Checks.of("GER-3"))).isEqualTo(CheckState.MEASURED);
        assertThat(Optional.of(record.answer(Checks.of("GER-3")).verdict()))
                .contains(Verdict.CLEAR_PASS);
    }
}
