package app.yunque.server.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EnteredNumberTest {

    // Exact by definition: inch 25.4 mm, US gallon 231 in³, pound-force 4.4482216152605 N, hp 550
    // ft·lbf/s.
    @ParameterizedTest(name = "{0} {1} = {3}")
    @CsvSource({
        "'0,35', mm, LENGTH, 0.35",
        "1, in, LENGTH, 25.4",
        "12.5, thou, LENGTH, 0.3175",
        "8, DP, TOOTH_SIZE, 3.175",
        "4, US qt, VOLUME, 3.785411784",
        "131, °F, TEMPERATURE, 55",
        "-40, °F, TEMPERATURE, -40",
        "10, hp, POWER, 7.4569987158",
        "35, lbf·ft, TORQUE, 47.453628191"
    })
    void convertsOnceAndKeepsWhatWasTyped(
            String text, String unit, EntryKind kind, double canonical) {
        var entered = EnteredNumber.read(new EnteredNumber(text, unit), "f", "value", kind);
        assertThat(entered.canonical()).isCloseTo(canonical, within(1e-9));
        assertThat(entered.text()).isEqualTo(text);
        assertThat(entered.unit()).isEqualTo(unit);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1e308",
                "1.234,5",
                "0x10",
                "12 mm",
                "1/8",
                "--1",
                ".",
                "1,2,3",
                "٣",
                "NaN",
                "1234567890123"
            })
    void refusesWhatIsNoPlainNumber(String text) {
        assertThatThrownBy(
                        () ->
                                EnteredNumber.read(
                                        new EnteredNumber(text, "mm"),
                                        "f",
                                        "span",
                                        EntryKind.LENGTH))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("is not a number for span");
    }

    @Test
    void tellsMissingFromZero() {
        var empty = new EnteredNumber("  ", "mm");
        assertThatThrownBy(() -> EnteredNumber.read(empty, "f", "span", EntryKind.LENGTH))
                .hasMessage("Span is missing. Measure it and enter it.");
        assertThat(EnteredNumber.readOptional(empty, "f", "span", EntryKind.LENGTH)).isNull();
    }
}
