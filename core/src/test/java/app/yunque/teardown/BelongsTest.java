package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.finding.Check;
import app.yunque.finding.CheckState;
import app.yunque.finding.Checks;
import app.yunque.finding.DecisionGate;
import app.yunque.finding.Disposition;
import app.yunque.finding.DispositionProposal;
import app.yunque.finding.PartRecord;
import app.yunque.gear.ServiceDuty;
import app.yunque.inspection.CheckPlan;
import app.yunque.measure.Refused;
import app.yunque.teardown.Belongs.Standing;
import app.yunque.teardown.WatchList.Weight;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What was missing, wrong or replaced never goes back as if it had come off. The ledger is rebuild.md A7; the rest common practice, no source. */
class BelongsTest {
    private static final TeardownStep LEVER =
            step(1, "feed trip lever", PartKind.LEVER)
                    .belongs(new Belongs(Standing.MISSING, "", null, "lost at the last repair"))
                    .build();
    private static final TeardownStep PIN =
            step(2, "shear pins 5/16", PartKind.PIN)
                    .count(2)
                    .found(Condition.NOT_SAID)
                    .belongs(new Belongs(Standing.WRONG, "shear pin 1/4", null, "too strong"))
                    .build();
    private static final TeardownStep CLIP =
            step(3, "roll pin", PartKind.PIN)
                    .screws(1, "M6", 30, false)
                    .belongs(
                            new Belongs(
                                    Standing.REPLACED,
                                    "self-locking nut M6",
                                    PartKind.NUT,
                                    "the kit brings it"))
                    .build();
    private static final TeardownStep BOLT =
            step(4, "plain bolt", PartKind.SCREW)
                    .belongs(new Belongs(Standing.WRONG, "", null, ""))
                    .build();
    private static final List<TeardownStep> ALL = List.of(LEVER, PIN, CLIP, BOLT);

    private static RebuildOrder.Card card(TeardownStep step) {
        return RebuildOrder.of(List.of(step), Set.of(), List.of("input shaft")).cards().get(0);
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource({
        "0, Fit feed trip lever, it was missing, 0",
        "1, Fit 2 × shear pin 1/4, not the shear pins 5/16 that came out, 2",
        "2, Fit self-locking nut M6, in place of the roll pin, 1",
        "3, Fit what belongs in place of the plain bolt, '', 1",
    })
    void theCardAsksForWhatBelongsThere(int place, String title, String instead, int cameOff) {
        var card = card(ALL.get(place));
        assertThat(card.title()).isEqualTo(title);
        assertThat(card.instead()).isEqualTo(instead);
        assertThat(card.cameOff()).isEqualTo(cameOff);
        assertThat(card.mustBeNew()).isTrue();
    }

    @Test
    void whatCameOffAndGoesBackSaysNothingOfTheKind() {
        var plain = card(step(1, "lever", PartKind.LEVER).build());
        assertThat(plain.instead()).isEmpty();
        assertThat(plain.cameOff()).isEqualTo(1);
        assertThat(plain.mustBeNew()).isFalse();
    }

    @Test
    void anotherKindChangesFastenerAndCheck() {
        assertThat(card(CLIP).fasten())
                .isEqualTo("As its own sheet says: what held the roll pin is not copied.");
        assertThat(card(CLIP).tightening()).isEmpty();
        var circlip =
                step(1, "cotter pin", PartKind.COTTER_PIN)
                        .belongs(new Belongs(Standing.REPLACED, "circlip 20", PartKind.CIRCLIP, ""))
                        .build();
        assertThat(card(circlip).checks()).containsExactly("Sits in its groove all round.");
        assertThat(card(circlip).caution()).isEqualTo("A circlip flies: eye protection on.");
    }

    /** Wanted w, came off r, refitted u, new n, scrapped s: bench = r − u − s, missing = w − n, for nothing that came off fills the place. */
    @ParameterizedTest(name = "{0}: refitted {1}, new {2}, scrapped {3}: bench {4}, missing {5}")
    @CsvSource({
        "0, 0, 1, 0, 0, 0",
        "0, 0, 0, 0, 0, 1",
        "0, 1, 0, 0, -1, 1",
        "1, 0, 2, 2, 0, 0",
        "1, 2, 0, 0, 0, 2",
        "1, 0, 2, 0, 2, 0",
        "1, 0, 3, 2, 0, -1",
        "2, 0, 1, 1, 0, 0",
    })
    void balancesOverWhatBelongsThere(
            int place, int refitted, int renewed, int scrapped, int bench, int missing) {
        var step = ALL.get(place);
        var entry =
                Ledger.of(
                                List.of(step),
                                Map.of(
                                        step.id(),
                                        new Fitted(refitted, renewed, scrapped, null, "")))
                        .entries()
                        .get(0);
        assertThat(entry.onBench()).isEqualTo(bench);
        assertThat(entry.missing()).isEqualTo(missing);
        assertThat(entry.isBalanced()).isEqualTo(bench == 0 && missing == 0);
    }

    @Test
    void theLedgerAsksForItByItsName() {
        var back = Ledger.of(List.of(PIN), Map.of("s2", new Fitted(2, 0, 0, null, "")));
        assertThat(back.entries().get(0).says())
                .isEqualTo(
                        "2 × shear pin 1/4 not fitted: the shear pins 5/16 went back, and it does not belong there.");
        assertThat(Ledger.of(List.of(LEVER), Map.of()).entries().get(0).says())
                .isEqualTo("1 × feed trip lever not fitted.");
        assertThat(Ledger.of(List.of(BOLT), Map.of()).entries().get(0).says())
                .startsWith(
                        "1 × plain bolt still on the bench: it does not go back, scrap it or explain.");
    }

    @Test
    void theWatchTellsItFirst() {
        assertThat(WatchList.of(ALL).warnings())
                .extracting(WatchList.Warning::weight, WatchList.Warning::title)
                .contains(
                        org.assertj.core.groups.Tuple.tuple(
                                Weight.DANGER, "Missing: feed trip lever"),
                        org.assertj.core.groups.Tuple.tuple(
                                Weight.DANGER, "Does not belong there: 2 × shear pins 5/16"),
                        org.assertj.core.groups.Tuple.tuple(
                                Weight.CAUTION, "Another part takes its place: roll pin"));
        assertThat(WatchList.of(List.of(PIN)).warnings().get(0).consequence())
                .isEqualTo("Shear pin 1/4 goes in; copy nothing from this one. Too strong.");
    }

    /** No look-alike, facing or torque is told of what does not go back. */
    @Test
    void nothingElseIsToldOfIt() {
        var seal =
                step(1, "oil seal", PartKind.SEAL)
                        .belongs(new Belongs(Standing.MISSING, "", null, ""))
                        .build();
        assertThat(WatchList.of(List.of(seal)).warnings())
                .extracting(WatchList.Warning::title)
                .containsExactly("Missing: oil seal");
    }

    @ParameterizedTest
    @EnumSource(Standing.class)
    void nobodyDecidesThatItGoesBack(Standing standing) {
        var part =
                PartRecord.of(
                        step(1, "pin", PartKind.PIN)
                                .belongs(new Belongs(standing, "pin 8", null, ""))
                                .build(),
                        ServiceDuty.FEED);
        var proposal = DispositionProposal.of(part);
        assertThat(proposal.disposition()).isEqualTo(Disposition.RENEW);
        for (var milder : List.of(Disposition.REUSE, Disposition.DRESS)) {
            assertThatThrownBy(() -> DecisionGate.refuseTooMild(part, proposal, milder, true))
                    .isInstanceOf(Refused.class)
                    .hasMessageContaining("pin does not go back: ")
                    .hasMessageContaining("Correct the log at Strip");
        }
        DecisionGate.refuseTooMild(part, proposal, Disposition.RENEW, false);
    }

    @Test
    void ofWhatWasMissingNothingIsAsked() {
        assertThat(Checks.of(LEVER)).isEmpty();
        var part = PartRecord.of(LEVER, ServiceDuty.LIFTING);
        assertThat(part.openMusts()).isEmpty();
        assertThat(CheckPlan.of(List.of(part), Set.of()).checks()).isEmpty();
    }

    @Test
    void whatIsWrongIsLookedAtOnceAndNoMore() {
        var part = PartRecord.of(PIN, ServiceDuty.LIFTING);
        assertThat(part.openMusts()).extracting(Check::id).containsExactly(Checks.WHOLE);
        assertThat(CheckPlan.of(List.of(part), Set.of()).openMusts())
                .extracting(p -> p.check().id())
                .containsExactly(Checks.WHOLE);
        assertThat(part.state(Checks.of(Checks.WHOLE))).isEqualTo(CheckState.OPEN);
    }

    /** The next time the unit is opened what belongs there is in it, and nothing of the earlier finding is said again. */
    @Test
    void sinceItWasRebuiltWhatBelongsThereIsIn() {
        var pin = PIN.asRebuilt();
        assertThat(pin.part()).isEqualTo("shear pin 1/4");
        assertThat(pin.belongs()).isNull();
        assertThat(pin.cameOff()).isEqualTo(2);
        assertThat(LEVER.asRebuilt().part()).isEqualTo("feed trip lever");
        assertThat(LEVER.asRebuilt().cameOff()).isEqualTo(1);
        var nut = CLIP.asRebuilt();
        assertThat(nut.kind()).isEqualTo(PartKind.NUT);
        assertThat(nut.fastenings()).as("what held the pin does not hold the nut").isEmpty();
        assertThat(BOLT.asRebuilt().part())
                .as("nobody knew what belongs there")
                .isEqualTo("plain bolt");
        var plain = step(1, "lever", PartKind.LEVER).build();
        assertThat(plain.asRebuilt()).isSameAs(plain);
        assertThat(SinceLastTime.between(List.of(PIN.asRebuilt()), List.of(pin)).differences())
                .isEmpty();
    }

    @Test
    void refusesAReplacementWithoutAName() {
        assertThatThrownBy(() -> new Belongs(Standing.REPLACED, " ", null, ""))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Say what takes its place");
        assertThatThrownBy(() -> new Belongs(Standing.WRONG, "x".repeat(201), null, ""))
                .hasMessageContaining("What belongs there has 201 characters; at most 200 fit.");
    }

    @Test
    void theLogSaysIt() {
        assertThat(PIN.detail().inWords())
                .containsExactly("not what belongs there: shear pin 1/4 (too strong)");
        assertThat(LEVER.detail().inWords())
                .containsExactly("missing when it was opened (lost at the last repair)");
    }
}
