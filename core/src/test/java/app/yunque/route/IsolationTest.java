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
        assertThatThrownBy(() -> new Isolation(Set.of(), " x ", false))
                .isInstanceOfSatisfying(
                        Refused.class,
                        r ->
                                assertThat(r.problems())
                                        .extracting(Problem::component)
                                        .containsExactly("sources", "how", "triedToStart"));
        assertThatThrownBy(() -> new Isolation(EnumSet.of(Energy.ELECTRIC), "x".repeat(501), true))
                .hasMessageContaining("3 to 500 characters");
    }

    @Test
    void aLockedOutUnitThatDidNotStartIsSafe() {
        var safe =
                new Isolation(
                        EnumSet.of(Energy.ELECTRIC, Energy.GRAVITY), "  lock 14, tag  ", true);
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
