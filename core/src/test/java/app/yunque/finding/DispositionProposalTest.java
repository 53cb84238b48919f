package app.yunque.finding;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Verdict;
import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class DispositionProposalTest {

    // Common practice, no source: first rule that fires, hardest first.
    @ParameterizedTest(name = "{0} {1}, measured {2}: {3}")
    @CsvSource({
        "GEAR, SOUND, CLEAR_PASS, REUSE",
        "GEAR, SOUND, CLEAR_FAIL, RENEW",
        "GEAR, CRACKED, CLEAR_PASS, RENEW",
        "SEAL, SOUND, NOT_JUDGED, RENEW",
        "BEARING, WORN, NOT_JUDGED, RENEW",
        "SHAFT, RAISED_METAL, NOT_JUDGED, DRESS",
        "GEAR, WORN, CLEAR_PASS, REUSE",
        "GEAR, WORN, NOT_JUDGED,",
        "GEAR, SOUND, DOUBTFUL,",
        "GEAR, SOUND, NOT_JUDGED, REUSE",
        "GEAR, NOT_SAID, NOT_JUDGED,",
        "GEAR, NOT_SAID, CLEAR_PASS, REUSE",
        "GEAR, NOT_SAID, CLEAR_FAIL, RENEW",
        "BEARING, NOT_SAID, NOT_JUDGED,",
        "SEAL, NOT_SAID, NOT_JUDGED, RENEW"
    })
    void proposes(PartKind kind, Condition condition, Verdict measured, Disposition expected) {
        var part = step(1, "part", kind).found(condition).build();
        var evidence = List.of(new DispositionProposal.Evidence(measured, "3 % gone."));
        assertThat(DispositionProposal.of(part, evidence).disposition()).isEqualTo(expected);
    }

    /** Over every kind of part: of what nobody looked at, nothing is proposed but to renew what is renewed anyway. */
    @ParameterizedTest
    @EnumSource(PartKind.class)
    void silenceIsNeverSoundness(PartKind kind) {
        var part = step(1, "part", kind).found(Condition.NOT_SAID).build();

        var proposal = DispositionProposal.of(part, List.of());

        assertThat(proposal.disposition()).isEqualTo(part.singleUse() ? Disposition.RENEW : null);
        assertThat(proposal.reason().toLowerCase()).doesNotContain("sound");
        assertThat(PartEvidence.of(part, List.of(), ServiceDuty.ENCLOSED_POWER).lookedAt())
                .isFalse();
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
        "NOT_SAID, false, false, false", "SOUND, true, false, false",
                "RAISED_METAL, true, false, false",
        "CORRODED, true, false, false", "WORN, true, true, false", "PITTED, true, true, false",
        "CRACKED, true, true, true", "BROKEN, true, true, true"
    })
    void knowsOnlyWhatWasSaid(
            Condition found, boolean lookedAt, boolean damaged, boolean condemned) {
        var part = step(1, "part", PartKind.TAB_WASHER).found(found).build();
        var known = PartEvidence.of(part, List.of(), ServiceDuty.FEED);

        assertThat(known.lookedAt()).isEqualTo(lookedAt);
        assertThat(known.damaged()).isEqualTo(damaged);
        assertThat(known.condemned()).isEqualTo(condemned);
        assertThat(known.worst()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(known.lock()).isTrue();
        var measured =
                List.of(
                        new DispositionProposal.Evidence(Verdict.CLEAR_PASS, ""),
                        new DispositionProposal.Evidence(Verdict.DOUBTFUL, ""),
                        new DispositionProposal.Evidence(Verdict.NOT_JUDGED, ""));
        assertThat(PartEvidence.of(part, measured, ServiceDuty.FEED).worst())
                .isEqualTo(Verdict.DOUBTFUL);
        assertThat(PartEvidence.of(part, measured, ServiceDuty.FEED).lookedAt()).isTrue();
        var unjudged = List.of(new DispositionProposal.Evidence(Verdict.NOT_JUDGED, ""));
        assertThat(PartEvidence.of(part, unjudged, ServiceDuty.FEED).lookedAt())
                .isEqualTo(lookedAt);
    }

    @ParameterizedTest
    @EnumSource(PartKind.class)
    void onlyTabWashersAndCotterPinsLockOnce(PartKind kind) {
        assertThat(
                        PartEvidence.of(step(1, "part", kind).build(), List.of(), ServiceDuty.FEED)
                                .lock())
                .isEqualTo(kind == PartKind.TAB_WASHER || kind == PartKind.COTTER_PIN);
    }

    @Test
    void givesTheMeasurementAsItsReason() {
        var gear = step(1, "wheel", PartKind.GEAR).build();
        var failed =
                new DispositionProposal.Evidence(Verdict.CLEAR_FAIL, "22 % of the tooth is gone.");
        assertThat(DispositionProposal.of(gear, List.of(failed)).reason())
                .isEqualTo("Measured and failed: 22 % of the tooth is gone.");
    }
}
