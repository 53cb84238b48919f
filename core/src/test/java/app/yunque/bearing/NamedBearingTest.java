package app.yunque.bearing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NamedBearingTest {

    // Source: dimension series of ISO 15 and ISO 355, from memory.
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ball bearing 6204 | deep-groove ball, 20 × 47 × 14 mm",
                "6204-2RS C3 at the input | deep-groove ball, 20 × 47 × 14 mm, C3",
                "6204ZZ/C4 | deep-groove ball, 20 × 47 × 14 mm, C4",
                "6204C2 | deep-groove ball, 20 × 47 × 14 mm, C2",
                "608 bearing | deep-groove ball, 8 × 22 × 7 mm",
                "roller bearing NU205 | cylindrical roller, 25 × 52 × 15 mm",
                "nj 205 c3 | cylindrical roller, 25 × 52 × 15 mm, C3",
                "taper bearing 30205 | tapered roller, 25 × 52 × 16.25 mm",
                "7205 b pair | angular-contact ball, 25 × 52 × 15 mm",
            })
    void byItsDesignation(String part, String words) {
        assertThat(NamedBearing.of(part)).map(NamedBearing::inWords).contains(words);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "input bearing",
                "6204 and 6205",
                "bearing 62045",
                "bearing 16204",
                "bearing X6204",
                "bearing 12.608",
                "needle bush 20 × 26 × 12",
                "taper bearing 205",
            })
    void nothingWhereNothingCertainIsNamed(String part) {
        assertThat(NamedBearing.of(part)).isEmpty();
    }

    @Test
    void aGroupStandsBehindItAndNowhereElse() {
        assertThat(NamedBearing.of("6204, tray, C3").orElseThrow().group()).isNull();
        assertThat(NamedBearing.of("C3 6204").orElseThrow().group()).isNull();
        assertThat(NamedBearing.of("6204 C31").orElseThrow().group()).isNull();
        assertThat(NamedBearing.of("6204 C6").orElseThrow().group()).isNull();
    }

    /** Every designation of the table names itself and nothing else; drawn cups are named by their sizes. */
    @Test
    void theWholeTable() {
        for (var size : BearingSizes.all()) {
            var named = NamedBearing.of("bearing " + size.designation());
            if (size.kind() == BearingSizes.Kind.NEEDLE) {
                assertThat(named).isEmpty();
            } else {
                assertThat(named).map(NamedBearing::size).contains(size);
            }
        }
    }
}
