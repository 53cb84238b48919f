package app.yunque.finding;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.measure.Verdict;
import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
        "GEAR, SOUND, DOUBTFUL,"
    })
    void proposes(PartKind kind, Condition condition, Verdict measured, Disposition expected) {
        var part = step(1, "part", kind).found(condition).build();
        var evidence = List.of(new DispositionProposal.Evidence(measured, "3 % gone."));
        assertThat(DispositionProposal.of(part, evidence).disposition()).isEqualTo(expected);
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
