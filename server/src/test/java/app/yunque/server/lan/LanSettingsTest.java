package app.yunque.server.lan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LanSettingsTest {
    private static LanSettings at(String publicAddress) {
        return new LanSettings(0, "", "", "", "", publicAddress, List.of());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "https://gears.example",
                "http://gears.example:8080",
                "https://192.168.1.20",
                "https://gears.example/"
            })
    void anAddressIsTaken(String address) {
        assertThat(at(address).publicAddress()).isEqualTo(address);
    }

    /** It stands in every code on every label. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "gears.example",
                "ftp://gears.example",
                "https://gears.example/bench",
                "https://gears example",
                "https://",
                "https://gears.example:",
                "javascript:alert(1)"
            })
    void anotherEndsTheStartWithWhatToSet(String address) {
        assertThatThrownBy(() -> at(address))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("YUNQUE_LAN_PUBLIC_ADDRESS is “" + address + "”")
                .hasMessageContaining("https://gears.example");
    }
}
