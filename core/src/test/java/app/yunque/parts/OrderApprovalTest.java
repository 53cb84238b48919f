package app.yunque.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Refused;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Who may order, over every combination of sum, limit, approval, currency and role. A rule of the shop, no published source. */
class OrderApprovalTest {
    private static final List<Long> SUMS = List.of(0L, 4_999L, 5_000L, 5_001L, 9_000L);

    private static List<Optional<Long>> noneOr(Long... cents) {
        return Stream.concat(Stream.of(Optional.<Long>empty()), Stream.of(cents).map(Optional::of))
                .toList();
    }

    private interface Case {
        void is(
                long sum,
                boolean other,
                Optional<Long> limit,
                Optional<Long> approved,
                boolean lead,
                OrderApproval says);
    }

    private static void everyCase(Case law) {
        for (long sum : SUMS) {
            for (var limit : noneOr(0L, 5_000L)) {
                for (var approved : noneOr(5_000L, 5_001L, 9_000L)) {
                    for (boolean other : List.of(true, false)) {
                        for (boolean lead : List.of(true, false)) {
                            law.is(
                                    sum,
                                    other,
                                    limit,
                                    approved,
                                    lead,
                                    OrderApproval.of(sum, other, limit, approved, lead));
                        }
                    }
                }
            }
        }
    }

    @Test
    void nothingAboveTheLimitIsOrderedWithoutALeadsYesToThatSum() {
        everyCase(
                (sum, other, limit, approved, lead, says) -> {
                    boolean over = limit.isPresent() && sum > limit.get();
                    boolean covered = approved.isPresent() && sum <= approved.get();
                    assertThat(says.isOverLimit()).isEqualTo(over);
                    if (over && !covered) {
                        assertThat(says.mayOrder()).isFalse();
                        assertThat(says.sentence())
                                .contains(
                                        Money.inWords(sum),
                                        Money.inWords(limit.get()),
                                        "a lead approves them");
                    }
                });
    }

    @Test
    void anotherCurrencyIsForALeadWhereThereIsALimitAndNothingElseHinders() {
        everyCase(
                (sum, other, limit, approved, lead, says) -> {
                    boolean over = limit.isPresent() && sum > limit.get();
                    boolean covered = approved.isPresent() && sum <= approved.get();
                    boolean free = !over || covered;
                    boolean foreign = other && limit.isPresent() && !lead;
                    assertThat(says.mayOrder()).isEqualTo(free && !foreign);
                    assertThat(says.sentence().isEmpty()).isEqualTo(says.mayOrder());
                    if (free && foreign) {
                        assertThat(says.sentence())
                                .contains("another currency", "a lead orders it");
                    }
                });
    }

    @Test
    void amountsThatCannotBe() {
        assertThatThrownBy(
                        () ->
                                OrderApproval.of(
                                        -1, false, Optional.empty(), Optional.empty(), false))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Parts −1 cents");
        assertThatThrownBy(
                        () -> OrderApproval.of(0, false, Optional.of(-1L), Optional.empty(), false))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(
                        () -> OrderApproval.of(0, false, Optional.empty(), Optional.of(-1L), false))
                .isInstanceOf(Refused.class);
    }
}
