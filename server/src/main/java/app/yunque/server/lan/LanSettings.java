package app.yunque.server.lan;

import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How the shop's network is served; nothing of it without a port.
 *
 * @param port      port of TLS; 0 while the network is not served. The certificate is handed out at the port after it
 * @param address   name or number by which tablets reach this machine
 * @param keystore  file with the certificate and its key (PKCS #12)
 * @param password  of that file
 * @param authority file with the certificate of the shop's own authority (PEM); empty with a certificate that devices trust already
 * @param publicAddress address of all codes and links, for an app behind a proxy: https://gears.example; empty takes what the
 *     network's is
 * @param hosts     further names by which this app may be asked for
 */
@ConfigurationProperties("yunque.lan")
record LanSettings(
        @DefaultValue("0") int port,
        @DefaultValue("") String address,
        @DefaultValue("") String keystore,
        @DefaultValue("") String password,
        @DefaultValue("") String authority,
        @DefaultValue("") String publicAddress,
        @DefaultValue List<String> hosts) {
    /** @throws IllegalArgumentException with what to set, where the start must end */
    LanSettings {
        if (!publicAddress.isEmpty()
                && !publicAddress.matches("https?://[A-Za-z0-9.-]+(:\\d+)?/*")) {
            throw new IllegalArgumentException(
                    "YUNQUE_LAN_PUBLIC_ADDRESS is “%s”. It is an address like https://gears.example, with nothing behind the name."
                            .formatted(publicAddress));
        }
    }

    boolean isServed() {
        return port > 0;
    }

    /** Port at which the certificate is handed out, without TLS because nobody trusts it yet. */
    int certificatePort() {
        return port + 1;
    }

    /** https://192.168.1.20:8743 */
    String ownAddress() {
        return "https://%s:%d".formatted(address, port);
    }
}
