package app.yunque.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Refused;
import app.yunque.parts.AlternateGrade.Duty;
import app.yunque.parts.AlternateGrade.Grade;
import app.yunque.parts.BillOfParts.BillLine;
import app.yunque.parts.Supersession.Replacement;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Only the maker's number, or what is known well enough for what it does, goes in: common practice, no source. */
class AlternateTest {
    private static final BillOfParts BILL =
            BillOfParts.of(
                    List.of(
                            new BillLine(
                                    "1", new PartItem("S-9", 1), "shaft seal", SerialRange.ALL),
                            new BillLine("2", new PartItem("G-2", 1), "gasket", SerialRange.ALL)),
                    Optional.empty());
    private static final BillOfParts NO_BILL = BillOfParts.of(List.of(), Optional.empty());
    private static final List<Replacement> REPLACED =
            List.of(new Replacement("S-9", List.of(new PartItem("S-10", 1)), SerialRange.ALL));

    private static Alternate of(
            BillOfParts bill, String name, String number, @Nullable Grade known, Duty duty) {
        return of(bill, name, number, List.of(), known, duty);
    }

    private static Alternate of(
            BillOfParts bill,
            String name,
            String number,
            List<PartItem> holds,
            @Nullable Grade known,
            Duty duty) {
        return Alternate.of(
                new Alternate.Meant(name, number, holds),
                bill,
                REPLACED,
                Optional.empty(),
                known,
                duty);
    }

    /** The maker's own number goes in whatever the part does and whatever anybody said; nothing else does before somebody says something. */
    @ParameterizedTest
    @EnumSource(Duty.class)
    void whateverThePartDoes(Duty duty) {
        for (var known : Grade.values()) {
            for (var makers : List.of("S-9", "S-10")) {
                assertThat(of(BILL, "shaft seal", makers, known, duty))
                        .isEqualTo(new Alternate(false, true, ""));
            }
            for (var bill : List.of(BILL, NO_BILL)) {
                var other = of(bill, "shaft seal", "X", known, duty);
                assertThat(other.isOne()).isTrue();
                assertThat(other.mayFit()).isEqualTo(AlternateGrade.judged(known, duty).allowed());
                assertThat(other.says()).startsWith(known + ": ");
            }
        }
        var unknown = of(BILL, "shaft seal", "X", null, duty);
        assertThat(unknown.isOne()).isTrue();
        assertThat(unknown.mayFit()).isFalse();
        assertThatThrownBy(unknown::refuseUnknown)
                .isInstanceOf(Refused.class)
                .hasMessageContaining("X is not the maker’s number for the shaft seal");
        assertThatCode(of(BILL, "shaft seal", "S-9", null, duty)::refuseUnknown)
                .doesNotThrowAnyException();
    }

    @Test
    void whereNoBillTellsNothingIsSaid() {
        for (var duty : Duty.values()) {
            assertThat(of(NO_BILL, "shaft seal", "X", null, duty).isOne()).isFalse();
            assertThat(of(BILL, "paint", "P-1", null, duty).isOne()).isFalse();
        }
    }

    /** "gasket set" contains the name of a line: it is told by what is in it, not by its own number. */
    @Test
    void aKitIsTheMakersByWhatIsInIt() {
        var own = List.of(new PartItem("G-2", 3), new PartItem("Z", 1));
        var replaced = List.of(new PartItem("S-10", 1));
        var foreign = List.of(new PartItem("Y", 3), new PartItem("Z", 1));
        for (var duty : Duty.values()) {
            assertThat(of(BILL, "gasket set", "K-1", own, null, duty).isOne()).isFalse();
            assertThat(of(BILL, "seal kit", "K-1", replaced, null, duty).isOne()).isFalse();
            assertThat(of(BILL, "gasket set", "K-1", foreign, null, duty).mayFit()).isFalse();
            assertThat(of(NO_BILL, "gasket set", "K-1", foreign, null, duty).isOne()).isFalse();
        }
    }
}
