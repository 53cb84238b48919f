package app.yunque.finding;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Refused;
import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: who may decide milder than what is proposed. */
class DecisionGateTest {
    @ParameterizedTest(name = "{0} proposed {1}, decided {2} by a lead {3}: {4}")
    @CsvSource(
            nullValues = "-",
            value = {
                "SOUND, REUSE, REUSE, false, -",
                "SOUND, REUSE, RENEW, false, -",
                "SOUND, RENEW, REUSE, false, -",
                "CRACKED, RENEW, REUSE, true, does not go back",
                "CRACKED, RENEW, DRESS, true, does not go back",
                "CRACKED, RENEW, RENEW, false, -"
            })
    void anOrdinaryPartIsDecidedByWhoeverGivesAReason(
            Condition found,
            Disposition proposed,
            Disposition decided,
            boolean lead,
            @Nullable String refusal) {
        judge("gear", PartKind.GEAR, found, proposed, decided, lead, refusal);
    }

    @ParameterizedTest(name = "pawl, proposed {0}, decided {1} by a lead {2}: {3}")
    @CsvSource(
            nullValues = "-",
            value = {
                "RENEW, REUSE, false, a lead decides milder than this",
                "RENEW, DRESS, false, a lead decides milder than this",
                "DRESS, REUSE, false, a lead decides milder than this",
                "-, REUSE, false, a lead decides milder than this",
                "-, REUSE, true, -",
                "RENEW, REUSE, true, -",
                "REUSE, DRESS, false, -",
                "REUSE, RENEW, false, -",
                "-, RENEW, false, -"
            })
    void onAPartThatHoldsALeadDecidesMilder(
            @Nullable Disposition proposed,
            Disposition decided,
            boolean lead,
            @Nullable String refusal) {
        judge("pawl", PartKind.PAWL, Condition.SOUND, proposed, decided, lead, refusal);
    }

    /** Whether it is a lead's is the same question that refuses everybody else. */
    @ParameterizedTest(name = "{0} proposed {1}, decided {2}: a lead’s {3}")
    @CsvSource(
            nullValues = "-",
            value = {
                "PAWL, RENEW, REUSE, true",
                "PAWL, RENEW, DRESS, true",
                "PAWL, DRESS, REUSE, true",
                "PAWL, -, REUSE, true",
                "PAWL, -, DRESS, true",
                "PAWL, -, RENEW, false",
                "PAWL, REUSE, REUSE, false",
                "PAWL, REUSE, DRESS, false",
                "PAWL, RENEW, RENEW, false",
                "GEAR, RENEW, REUSE, false",
                "GEAR, -, REUSE, false"
            })
    void isALeadsOrAnybodys(
            PartKind kind, @Nullable Disposition proposed, Disposition decided, boolean leads) {
        var part =
                PartRecord.of(
                        step(1, "part", kind).found(Condition.SOUND).build(), ServiceDuty.FEED);
        assertThat(
                        DecisionGate.isForALead(
                                part,
                                new DispositionProposal(proposed, "Because.", false),
                                decided))
                .isEqualTo(leads);
    }

    @Test
    void aLockThatHoldsOnceGoesBackByNobodysWord() {
        judge(
                "tab washer",
                PartKind.TAB_WASHER,
                Condition.SOUND,
                Disposition.RENEW,
                Disposition.REUSE,
                true,
                "does not go back");
    }

    private static void judge(
            String name,
            PartKind kind,
            Condition found,
            @Nullable Disposition proposed,
            Disposition decided,
            boolean lead,
            @Nullable String refusal) {
        var part = PartRecord.of(step(1, name, kind).found(found).build(), ServiceDuty.FEED);
        var proposal = new DispositionProposal(proposed, "Because.", false);
        if (refusal == null) {
            DecisionGate.refuseTooMild(part, proposal, decided, lead);
        } else {
            assertThatThrownBy(() -> DecisionGate.refuseTooMild(part, proposal, decided, lead))
                    .isInstanceOf(Refused.class)
                    .hasMessageContaining(name)
                    .hasMessageContaining(refusal)
                    .hasMessageContaining("Because.");
        }
    }
}
