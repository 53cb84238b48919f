package app.yunque.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Nothing is opened before it is safe. Principles of lock-out, ISO 14118, from memory. */
class IsolationTest {
    @Test
    void everythingThatIsMissingIsNamedAtOnce() {
        assertThatThrownBy(() -> new Isolation(Set.of(), " x ", false, Set.of()))
                .isInstanceOfSatisfying(
                        Refused.class,
                        r ->
                                assertThat(r.problems())
                                        .extracting(Problem::component)
                                        .containsExactly("sources", "how", "triedToStart"));
        assertThatThrownBy(() -> isolated(EnumSet.of(Energy.ELECTRIC), "x".repeat(501)))
                .hasMessageContaining("3 to 500 characters");
    }

    private static Isolation isolated(Set<Energy> sources, String how) {
        return new Isolation(sources, how, true, Set.copyOf(IsolationStep.of(sources)));
    }

    /** Of any sources, every step but one is not enough, and the one is named; those of another source help nothing. */
    @Test
    void everyStepOfEverySourceIsConfirmed() {
        for (var first : Energy.values()) {
            for (var second : Energy.values()) {
                var sources = EnumSet.of(first, second);
                assertThat(IsolationStep.of(sources)).hasSizeGreaterThanOrEqualTo(sources.size());
                for (var open : IsolationStep.of(sources)) {
                    var done = EnumSet.allOf(IsolationStep.class);
                    done.remove(open);
                    assertThatThrownBy(() -> new Isolation(sources, "locked", true, done))
                            .isInstanceOfSatisfying(
                                    Refused.class,
                                    r -> {
                                        assertThat(r.problems())
                                                .extracting(Problem::component)
                                                .containsExactly("done");
                                        assertThat(r.getMessage())
                                                .isEqualTo(
                                                        "Not confirmed yet: “"
                                                                + open.says()
                                                                + "”.");
                                    });
                }
            }
        }
    }

    @Test
    void ofSeveralOpenStepsTheFirstIsNamedAndTheRestCounted() {
        assertThatThrownBy(
                        () ->
                                new Isolation(
                                        EnumSet.of(Energy.AIR, Energy.HEAT),
                                        "locked",
                                        true,
                                        Set.of(IsolationStep.HEAT_COOLED)))
                .hasMessage("Not confirmed yet: “Supply shut and locked”, and 1 more.");
    }

    @Test
    void aStepThatWasTakenAwaySinceIsToldByItsName() {
        assertThat(IsolationStep.saysOf("AIR_SHUT")).isEqualTo("Supply shut and locked");
        assertThat(IsolationStep.saysOf("STEAM_SHUT")).isEqualTo("STEAM_SHUT");
    }

    @Test
    void everySourceHasItsSteps() {
        for (var energy : Energy.values()) {
            assertThat(IsolationStep.of(Set.of(energy)))
                    .isNotEmpty()
                    .allMatch(s -> s.energy() == energy);
        }
    }

    @Test
    void aLockedOutUnitThatDidNotStartIsSafe() {
        var safe = isolated(EnumSet.of(Energy.ELECTRIC, Energy.GRAVITY), "  lock 14, tag  ");
        assertThat(safe.how()).isEqualTo("lock 14, tag");
        assertThat(safe.sources()).containsExactlyInAnyOrder(Energy.ELECTRIC, Energy.GRAVITY);
    }

    @Test
    void stripOpensOnlyWithPermissionAndIsolation() {
        StripGate.refuseUnless(true, true);
        assertThatThrownBy(() -> StripGate.refuseUnless(false, true))
                .hasMessageContaining("permission to open is not on record");
        assertThatThrownBy(() -> StripGate.refuseUnless(true, false))
                .hasMessageContaining("not isolated");
    }
}
