package app.yunque.tooth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import org.junit.jupiter.api.Test;

class HardnessByDimpleTest {

    // Source: Brinell table of ISO 6506-4 for a 10 mm ball at 3000 kgf, from memory: dimple 4.00 mm
    // is 229 HB,
    // 3.00 mm is 415 HB, 5.00 mm is 143 HB.
    @Test
    void agreesWithTheBrinellTable() {
        assertThat(HardnessByDimple.of(10, 229, 4.00, 3.00, 0.02).hardness())
                .isCloseTo(415, within(1.5));
        assertThat(HardnessByDimple.of(10, 229, 4.00, 5.00, 0.02).hardness())
                .isCloseTo(143, within(0.8));
    }

    @Test
    void refusesADimpleTooShallowToRead() {
        assertThatThrownBy(() -> HardnessByDimple.of(10, 229, 1.0, 3.0, 0.02))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Dimple in the known piece 1 mm is outside 2 to 7 mm")
                .hasMessageContaining("Squeeze again");
    }
}
