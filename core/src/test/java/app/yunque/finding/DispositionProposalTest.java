package app.yunque.finding;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.finding.LeftOpen.Why;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class DispositionProposalTest {
    private static final Measured NEW =
            new Measured("", Verdict.CLEAR_PASS, Zone.AS_NEW, false, "3 % gone.");

    /** A part of which everything else it must be asked was left for a reason, so that what is told here decides. */
    private static PartRecord record(
            TeardownStep step, List<PartFinding> found, Measured... measured) {
        var left =
                bare(step, found, measured).musts().stream()
                        .filter(c -> !c.id().equals(Checks.WHOLE))
                        .map(c -> left(c.id(), Why.NO_TOOL))
                        .toList();
        return new PartRecord(
                step, ServiceDuty.ENCLOSED_POWER, found, List.of(measured), left, List.of());
    }

    private static PartRecord bare(
            TeardownStep step, List<PartFinding> found, Measured... measured) {
        return new PartRecord(step, ServiceDuty.ENCLOSED_POWER, found, List.of(measured));
    }

    /** A stronger pin hands the blow on to the box: common practice, no source. */
    @Test
    void aFuseIsRenewedAsItWas() {
        var pin =
                bare(step(1, "shear pin", PartKind.PIN).found(Condition.BROKEN).build(), List.of());
        assertThat(DispositionProposal.of(pin).disposition()).isEqualTo(Disposition.RENEW);
        assertThat(DispositionProposal.of(pin).reason()).endsWith("never a stronger one.");
        var dowel =
                bare(step(1, "dowel pin", PartKind.PIN).found(Condition.BROKEN).build(), List.of());
        assertThat(DispositionProposal.of(dowel).disposition()).isEqualTo(Disposition.RENEW);
        assertThat(DispositionProposal.of(dowel).reason()).doesNotContain("stronger");
        var washer =
                bare(
                        step(1, "fibre washer", PartKind.WASHER).found(Condition.BROKEN).build(),
                        List.of());
        assertThat(DispositionProposal.of(washer).disposition()).isEqualTo(Disposition.RENEW);
        assertThat(DispositionProposal.of(washer).reason()).doesNotContain("stronger");
        var unseen =
                bare(
                        step(1, "shear pin", PartKind.PIN).found(Condition.NOT_SAID).build(),
                        List.of());
        assertThat(DispositionProposal.of(unseen).reason()).doesNotContain("stronger");
    }

    private static LeftOpen left(String check, Why why) {
        return new LeftOpen(check, why, "", "Mira Halden");
    }

    private static PartFinding found(String check, String word, Look look) {
        return PartFinding.of(check, word, look, "Mira Halden");
    }

    // Common practice, no source: first rule that fires, hardest first.
    @ParameterizedTest(name = "{0} {1}, measured {2}: {3}")
    @CsvSource({
        "GEAR, SOUND, CLEAR_PASS, REUSE",
        "GEAR, SOUND, CLEAR_FAIL, RENEW",
        "GEAR, CRACKED, CLEAR_PASS, RENEW",
        "GEAR, BROKEN, CLEAR_PASS, RENEW",
        "SEAL, SOUND, NOT_JUDGED, RENEW",
        "BEARING, WORN, CLEAR_PASS, RENEW",
        "BEARING, PITTED, CLEAR_PASS, RENEW",
        "ROLLER, PITTED, CLEAR_PASS, RENEW",
        "BALL, PITTED, CLEAR_PASS, RENEW",
        "CAM_DISC, PITTED, CLEAR_PASS, RENEW",
        "ECCENTRIC, PITTED, CLEAR_PASS, RENEW",
        "GEAR, PITTED, NOT_JUDGED,",
        "SHAFT, PITTED, NOT_JUDGED,",
        "GEAR, PITTED, CLEAR_PASS, REUSE",
        "SHAFT, RAISED_METAL, NOT_JUDGED, DRESS",
        "SHAFT, CORRODED, CLEAR_PASS, DRESS",
        "GEAR, WORN, CLEAR_PASS, REUSE",
        "GEAR, WORN, NOT_JUDGED,",
        "GEAR, SOUND, DOUBTFUL,",
        "GEAR, SOUND, NOT_JUDGED, REUSE",
        "GEAR, NOT_SAID, NOT_JUDGED,",
        "GEAR, NOT_SAID, CLEAR_PASS,",
        "GEAR, NOT_SAID, CLEAR_FAIL, RENEW",
        "BEARING, NOT_SAID, NOT_JUDGED,",
        "SEAL, NOT_SAID, NOT_JUDGED, RENEW"
    })
    void proposes(PartKind kind, Condition condition, Verdict measured, Disposition expected) {
        var part = step(1, "part", kind).found(condition).build();
        var proposal =
                DispositionProposal.of(record(part, List.of(), Measured.of(measured, "3 % gone.")));
        assertThat(proposal.disposition()).isEqualTo(expected);
    }

    @ParameterizedTest(name = "{0} found {1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "GEAR | CRACKED | Cracked: a crack only grows.",
                "GEAR | BROKEN | Broken. Find the cause before the new one goes in.",
                "BEARING | PITTED | Pitted or spalled: the surface goes on breaking out.",
                "BEARING | WORN | Worn to the feel: a bearing is cheaper than opening again.",
                "SHAFT | RAISED_METAL | Only raised metal matters: stone it down, never file a running surface.",
                "SHAFT | CORRODED | Clean it and look again: pits on a running or sealing surface mean a new one.",
                "GEAR | WORN | Worn by eye or feel: measure it before deciding.",
                "GEAR | PITTED | Pitted: say at Inspect which sort it is, or measure how much it covers.",
                "GEAR | SOUND | Looked at, and found sound.",
                "GEAR | NOT_SAID | Not looked at: say how it was found, or measure it."
            })
    void saysWhyInTheWordsOfTheStrip(PartKind kind, Condition condition, String reason) {
        var part = step(1, "part", kind).found(condition).build();
        assertThat(DispositionProposal.of(record(part, List.of())).reason()).startsWith(reason);
    }

    /** What each fixed word decides, by its severity. */
    @ParameterizedTest(name = "{1} {2}, {3}: {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "BEARING | BRG-1 | smooth | AS_FOUND | REUSE | Looked at, and found sound.",
                "BEARING | BRG-1 | drags evenly | AS_FOUND | REUSE | Looked at: drags evenly (BRG-1). Compare next time.",
                "BEARING | BRG-1 | gritty | AS_FOUND | | Gritty (BRG-1) may be dirt: wash it, oil it and feel again.",
                "BEARING | BRG-1 | gritty | WASHED | RENEW | Gritty (BRG-1) is still there washed: it does not go back.",
                "BEARING | BRG-1 | notchy | AS_FOUND | RENEW | Notchy (BRG-1): it does not go back, whatever is measured.",
                "BEARING | BRG-1 | loose in the hand | WASHED | | Loose in the hand (BRG-1): measure before deciding, by BRG-3.",
                "GEAR | GER-1 | burr | WASHED | DRESS | Burr (GER-1): dress it, and look again afterwards.",
                "GEAR | GER-1 | progressive pitting | WASHED | | Progressive pitting (GER-1): measure before deciding, by GER-8.",
                "GEAR | GER-1 | abrasive wear | WASHED | | Abrasive wear (GER-1): measure before deciding, by GER-3.",
                "GEAR | GER-1 | spalling | WASHED | RENEW | Spalling (GER-1): it does not go back, whatever is measured.",
                "WASHER | WSR-1 | spun | WASHED | | Spun (WSR-1): nothing that is measured here decides it; a lead does, with a reason."
            })
    void decidesByTheWord(
            PartKind kind, String check, String word, Look look, Disposition expected, String why) {
        var part = step(1, "part", kind).found(Condition.NOT_SAID).build();
        var proposal = DispositionProposal.of(record(part, List.of(found(check, word, look))));
        assertThat(proposal.disposition()).isEqualTo(expected);
        assertThat(proposal.reason()).startsWith(why);
    }

    @Test
    void aMeasurementAnswersTheFindingItBelongsTo() {
        var key = step(1, "key", PartKind.KEY).build();
        var lip = List.of(found("KEY-1", "keyway lip hammered", Look.WASHED));
        var worn =
                new Measured("KEY-1", Verdict.CLEAR_PASS, Zone.WATCH, false, "0.20 mm of slack.");
        assertThat(DispositionProposal.of(record(key, lip)).disposition()).isNull();
        var proposal = DispositionProposal.of(record(key, lip, worn));
        assertThat(proposal)
                .isEqualTo(
                        new DispositionProposal(
                                Disposition.REUSE, "Worn but usable: 0.20 mm of slack.", true));
        // What speaks of something else answers nothing.
        var other = new Measured("PIN-2", Verdict.CLEAR_PASS, Zone.AS_NEW, false, "0.01 mm.");
        assertThat(DispositionProposal.of(record(key, lip, other)).disposition()).isNull();
    }

    /** That it has the listed size says nothing about how it is worn; a span of its teeth does. */
    @Test
    void whatWasWornToTheEyeIsSettledByMeasuringItsWear() {
        var gear = step(1, "wheel", PartKind.GEAR).found(Condition.WORN).build();
        var size = new Measured("ANY-2", Verdict.CLEAR_PASS, Zone.AS_NEW, false, "as listed");
        assertThat(DispositionProposal.of(record(gear, List.of(), size)).disposition()).isNull();
        var span = new Measured("GER-3", Verdict.CLEAR_PASS, Zone.AS_NEW, false, "1 % gone");
        assertThat(DispositionProposal.of(record(gear, List.of(), span)).disposition())
                .isEqualTo(Disposition.REUSE);
        assertThat(DispositionProposal.of(record(gear, List.of(), size, span)).disposition())
                .isEqualTo(Disposition.REUSE);
    }

    @Test
    void finerWordsTakeThePlaceOfThoseOfTheStrip() {
        var gear = step(1, "wheel", PartKind.GEAR).found(Condition.PITTED).build();
        var initial = List.of(found("GER-1", "initial pitting", Look.WASHED));
        var proposal = DispositionProposal.of(record(gear, initial));
        assertThat(proposal.disposition()).isEqualTo(Disposition.REUSE);
        assertThat(proposal.watch()).isTrue();
        // That it is whole says nothing about which pits they are.
        var whole = List.of(found("ANY-2", "as listed", Look.WASHED));
        assertThat(DispositionProposal.of(record(gear, whole)).disposition()).isNull();
    }

    @Test
    void whatWillBePastItsLimitIsRenewedNowRatherThanDressed() {
        var gear = step(1, "wheel", PartKind.GEAR).build();
        var burr = List.of(found("GER-1", "burr", Look.WASHED));
        var soon = new Measured("GER-3", Verdict.CLEAR_PASS, Zone.WATCH, true, "0.48 mm by then.");
        var proposal = DispositionProposal.of(record(gear, burr, soon));
        assertThat(proposal.disposition()).isEqualTo(Disposition.RENEW);
        assertThat(proposal.reason())
                .isEqualTo(
                        "Renew now: it will be past its limit before the unit is opened again. 0.48 mm by then.");
    }

    @Test
    void tooLittleIsNoWear() {
        var gear = step(1, "wheel", PartKind.GEAR).build();
        var tight = new Measured("", Verdict.CLEAR_FAIL, Zone.BELOW, false, "0.05 mm of lash.");
        var proposal = DispositionProposal.of(record(gear, List.of(), tight));
        assertThat(proposal.disposition()).isNull();
        assertThat(proposal.reason())
                .startsWith("Less than the least of a new one")
                .endsWith("0.05 mm of lash.");
    }

    @Test
    void aPawlIsNotFitBecauseItLooksWhole() {
        var pawl = step(1, "pawl", PartKind.PAWL).build();
        assertThat(DispositionProposal.of(record(pawl, List.of())).disposition()).isNull();
        var seen =
                new ArrayList<>(
                        List.of(
                                found("PWL-1", "square, sharp", Look.WASHED),
                                found("PWL-5", "snaps at once", Look.AS_FOUND)));
        var depth = new Measured("PWL-2", Verdict.CLEAR_PASS, Zone.AS_NEW, false, "e/h 0.87.");
        var round = new Measured("PWL-3", Verdict.CLEAR_PASS, Zone.AS_NEW, false, "0.05.");
        var open = DispositionProposal.of(record(pawl, seen, depth, round));
        assertThat(open.disposition()).isNull();
        assertThat(open.reason())
                .isEqualTo("Look first: pull-in: engaged half by hand, then loaded (PWL-4).");
        assertThat(PartEvidence.of(record(pawl, seen, depth, round)).lookedAt()).isFalse();
        // A depth that no limit judges closes nothing.
        var noLimit = new Measured("PWL-2", Verdict.NOT_JUDGED, null, false, "e/h 0.87.");
        assertThat(record(pawl, seen, noLimit, round).openMusts())
                .extracting(Check::id)
                .containsExactlyInAnyOrder("PWL-2", "PWL-4");
        seen.add(found("PWL-4", "draws itself in", Look.WASHED));
        var fit = record(pawl, seen, depth, round);
        assertThat(DispositionProposal.of(fit).disposition()).isEqualTo(Disposition.REUSE);
        assertThat(PartEvidence.of(fit).lookedAt()).isTrue();
        var near = new Measured("PWL-2", Verdict.DOUBTFUL, null, false, "e/h 0.80.");
        assertThat(DispositionProposal.of(record(pawl, seen, near, round)).disposition())
                .isEqualTo(Disposition.RENEW);
    }

    @ParameterizedTest(name = "{1} {0}: {2}")
    @CsvSource({
        "COVER, guard, ANY-1 COV-1",
        "SPRING, pawl spring, ANY-1 SPR-1 SPR-2",
        "PIN, shear pin, ANY-1 PIN-1 PIN-2 SHP-1 SHP-3",
        "GEAR, ratchet wheel, ANY-1 GER-1 GER-3 GER-5 PWL-1 PWL-2 PWL-3 PWL-4",
        "SPRING, clock spring, ANY-1 SPR-1 SPR-2 CLK-1 CLK-2",
        "SHAFT, brake shaft, ANY-1 SHF-1 SHF-3 SHF-4 JRN-1 JRN-2 JRN-3 BRK-1 BRK-2 BRK-3 BRK-4",
        "GEAR, wheel, ANY-1 GER-1",
        "BEARING, ball bearing 6206, ANY-1 BRG-1 BRG-2 BRG-6",
        "BEARING, ball bearing 6206-2RS, ANY-1 BRG-1 BRG-4 BRG-6",
        "SHAFT, shaft, ANY-1 SHF-4 JRN-1",
        "HOUSING, housing, ANY-1 HSG-1 HSG-3 HSG-5 HBR-1",
        "COVER, cover, ANY-1"
    })
    void demandsWhatTheTableDemandsAndOfAPartThatHoldsMore(PartKind kind, String name, String ids) {
        var part = step(1, name, kind).found(Condition.NOT_SAID).build();
        assertThat(bare(part, List.of()).openMusts())
                .extracting(Check::id)
                .containsExactlyInAnyOrder(ids.split(" "));
    }

    /** Every finding, measurement, forecast and strictness together, against the order of the rules written out once more. */
    @Test
    void theFirstRuleThatFiresWins() {
        int tried = 0;
        for (var kind : List.of(PartKind.GEAR, PartKind.SEAL)) {
            for (var duty : List.of(ServiceDuty.ENCLOSED_POWER, ServiceDuty.LIFTING)) {
                for (var words : words()) {
                    for (var measured : measurements()) {
                        var step = step(1, "part", kind).found(Condition.NOT_SAID).build();
                        var part = new PartRecord(step, duty, words, measured);
                        assertThat(DispositionProposal.of(part).disposition())
                                .as("%s %s %s %s", kind, duty, words, measured)
                                .isEqualTo(expected(kind, duty, words, measured));
                        tried++;
                    }
                }
            }
        }
        assertThat(tried).isEqualTo(2 * 2 * 32 * 12);
    }

    private static List<List<PartFinding>> words() {
        var all =
                List.of(
                        found("GER-1", "initial pitting", Look.WASHED),
                        found("GER-5", "hub face hammered", Look.WASHED),
                        found("GER-7", "chipped", Look.WASHED),
                        found("BRG-1", "ticks", Look.AS_FOUND),
                        found("GER-2", "line (length ≥ 3 × width), any length", Look.WASHED));
        var sets = new ArrayList<List<PartFinding>>();
        for (int bits = 0; bits < 1 << all.size(); bits++) {
            int set = bits;
            sets.add(
                    Stream.iterate(0, i -> i < all.size(), i -> i + 1)
                            .filter(i -> (set >> i & 1) == 1)
                            .map(all::get)
                            .toList());
        }
        return sets;
    }

    private static List<List<Measured>> measurements() {
        var zones =
                List.of(
                        new Measured("GER-3", Verdict.CLEAR_PASS, Zone.AS_NEW, false, "new"),
                        new Measured("GER-3", Verdict.CLEAR_PASS, Zone.WATCH, false, "worn"),
                        new Measured("GER-3", Verdict.CLEAR_PASS, Zone.WATCH, true, "soon"),
                        new Measured("GER-3", Verdict.DOUBTFUL, null, false, "near"),
                        new Measured("GER-3", Verdict.CLEAR_FAIL, Zone.BEYOND, false, "past"),
                        new Measured("GER-3", Verdict.CLEAR_FAIL, Zone.BELOW, false, "tight"));
        var chamfer = new Measured("GER-7", Verdict.CLEAR_PASS, Zone.AS_NEW, false, "1 % of b");
        return zones.stream().flatMap(z -> Stream.of(List.of(z), List.of(z, chamfer))).toList();
    }

    private static Disposition expected(
            PartKind kind, ServiceDuty duty, List<PartFinding> words, List<Measured> measured) {
        var worst = measured.get(0);
        boolean strict = duty == ServiceDuty.LIFTING && kind == PartKind.GEAR;
        boolean past = worst.verdict() == Verdict.CLEAR_FAIL && worst.zone() == Zone.BEYOND;
        boolean near = worst.verdict() == Verdict.DOUBTFUL;
        if (kind == PartKind.SEAL || has(words, "GER-2") || past || strict && near) {
            return Disposition.RENEW;
        }
        boolean tight = worst.zone() == Zone.BELOW;
        boolean unanswered = has(words, "GER-7") && measured.size() == 1;
        boolean open = !has(words, "GER-1") || strict && !has(words, "GER-5");
        if (open || near || tight || unanswered || has(words, "BRG-1")) {
            return null;
        }
        if (worst.renewNow()) {
            return Disposition.RENEW;
        }
        return has(words, "GER-5") ? Disposition.DRESS : Disposition.REUSE;
    }

    private static boolean has(List<PartFinding> words, String check) {
        return words.stream().anyMatch(w -> w.check().equals(check));
    }

    /** Over every kind of part: of what nobody looked at, nothing is proposed but to renew what is renewed anyway. */
    @ParameterizedTest
    @EnumSource(PartKind.class)
    void silenceIsNeverSoundness(PartKind kind) {
        var part = step(1, "part", kind).found(Condition.NOT_SAID).build();

        var proposal = DispositionProposal.of(record(part, List.of()));

        assertThat(proposal.disposition()).isEqualTo(part.singleUse() ? Disposition.RENEW : null);
        assertThat(proposal.reason().toLowerCase()).doesNotContain("sound");
        assertThat(PartEvidence.of(record(part, List.of())).lookedAt()).isFalse();
    }

    @ParameterizedTest(name = "{1} {0} on {2}: strict {3}")
    @CsvSource({
        "PAWL, pawl, ENCLOSED_POWER, true",
        "GEAR, ratchet wheel, FEED, true",
        "SPRING, pawl spring, FEED, true",
        "SPRING, clock spring, FEED, true",
        "PIN, shear pin, SLOW_OPEN, true",
        "OTHER, brake band, FEED, true",
        "GEAR, wheel, ENCLOSED_POWER, false",
        "GEAR, wheel, LIFTING, true",
        "SHAFT, output shaft, LIFTING, true",
        "BEARING, bearing, LIFTING, false",
        "SPRING, detent spring, LIFTING, false",
        "COVER, cover, LIFTING, false"
    })
    void whatHoldsStopsOrCarriesIsStrict(
            PartKind kind, String words, ServiceDuty duty, boolean strict) {
        assertThat(StrictParts.isStrict(step(1, words, kind).build(), duty)).isEqualTo(strict);
    }

    @ParameterizedTest(name = "{0}: looked at {1}, damaged {2}, condemned {3}")
    @CsvSource({
        "NOT_SAID, false, false, false",
        "SOUND, true, false, false",
        "RAISED_METAL, true, false, false",
        "CORRODED, true, false, false",
        "WORN, true, true, false",
        "PITTED, true, true, false",
        "CRACKED, true, true, true",
        "BROKEN, true, true, true"
    })
    void knowsOnlyWhatWasSaid(
            Condition found, boolean lookedAt, boolean damaged, boolean condemned) {
        var part = step(1, "part", PartKind.TAB_WASHER).found(found).build();
        var known = PartEvidence.of(record(part, List.of()));

        assertThat(known.lookedAt()).isEqualTo(lookedAt);
        assertThat(known.damaged()).isEqualTo(damaged);
        assertThat(known.condemned()).isEqualTo(condemned);
        assertThat(known.worst()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(known.lock()).isTrue();
        var measured =
                record(
                        part,
                        List.of(),
                        Measured.of(Verdict.CLEAR_PASS, ""),
                        Measured.of(Verdict.DOUBTFUL, ""),
                        Measured.of(Verdict.NOT_JUDGED, ""));
        assertThat(PartEvidence.of(measured).worst()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(PartEvidence.of(measured).lookedAt())
                .as("measured is not whole")
                .isEqualTo(lookedAt);
        var unjudged = record(part, List.of(), Measured.of(Verdict.NOT_JUDGED, ""));
        assertThat(PartEvidence.of(unjudged).lookedAt()).isEqualTo(lookedAt);
    }

    @ParameterizedTest
    @EnumSource(PartKind.class)
    void onlyTabWashersAndCotterPinsLockOnce(PartKind kind) {
        assertThat(PartEvidence.of(record(step(1, "part", kind).build(), List.of())).lock())
                .isEqualTo(kind == PartKind.TAB_WASHER || kind == PartKind.COTTER_PIN);
    }

    @Test
    void givesTheMeasurementAsItsReason() {
        var gear = step(1, "wheel", PartKind.GEAR).build();
        var failed = Measured.of(Verdict.CLEAR_FAIL, "22 % of the tooth is gone.");
        assertThat(DispositionProposal.of(record(gear, List.of(), failed)).reason())
                .isEqualTo("Measured and failed: 22 % of the tooth is gone.");
        assertThat(DispositionProposal.of(record(gear, List.of(), NEW)).reason())
                .isEqualTo(
                        "Measured and passed: 3 % gone. Not made: every tooth, both flanks, root, ends (GER-1).");
        var seen = Measured.of(Verdict.CLEAR_FAIL, "Feathered tips.");
        assertThat(DispositionProposal.of(record(gear, List.of(), failed, NEW, seen)).reason())
                .isEqualTo("Measured and failed: 22 % of the tooth is gone. Feathered tips.");
    }

    // Common practice, no source: rules 4 and 5, look first.
    @Test
    void aShaftWhoseScrewsWereLookedAtIsNotLookedAt() {
        var shaft = step(1, "shaft", PartKind.SHAFT).found(Condition.SOUND).build();
        var first = DispositionProposal.of(bare(shaft, List.of()));
        assertThat(first.disposition()).isNull();
        assertThat(first.reason())
                .isEqualTo(
                        "Look first: bearing seat on the shaft (JRN-1); surface: rust, fretting, threads, centres, oil holes (SHF-4).");
        var seen =
                List.of(
                        found("JRN-1", "clean fit marks", Look.WASHED),
                        found("SHF-4", "clean", Look.WASHED));
        assertThat(DispositionProposal.of(bare(shaft, seen)).disposition())
                .isEqualTo(Disposition.REUSE);
    }
}
