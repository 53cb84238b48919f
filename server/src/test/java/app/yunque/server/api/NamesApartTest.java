package app.yunque.server.api;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class NamesApartTest {
    private record Limits(double high) {}

    private static final class Other {
        private record Limits(double low) {}
    }

    @Test
    void refusesTwoRecordsOfOneNameAndNamesBoth() {
        var names = new NamesApart();
        names.described(Limits.class, "#/components/schemas/Limits");
        names.described(Other.Limits.class, "#/components/schemas/Limits");
        assertThatThrownBy(names::refuseTwoOfOneName)
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("NamesApartTest$Limits and")
                .hasMessageContaining("NamesApartTest$Other$Limits as Limits");
    }

    @Test
    void oneRecordIsDescribedAsOftenAsItIsAnswered() {
        var names = new NamesApart();
        names.described(Limits.class, "#/components/schemas/Limits");
        names.described(Limits.class, "#/components/schemas/Limits");
        names.described(Other.Limits.class, "#/components/schemas/OtherLimits");
        assertThatCode(names::refuseTwoOfOneName).doesNotThrowAnyException();
    }
}
