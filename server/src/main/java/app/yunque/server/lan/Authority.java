package app.yunque.server.lan;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.cert.CertificateFactory;
import java.util.HexFormat;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The shop's own authority, as devices take it. */
@Component
class Authority {
    private static final HexFormat PAIRS = HexFormat.ofDelimiter(" ").withUpperCase();

    private final LanSettings lan;

    Authority(LanSettings lan) {
        this.lan = lan;
    }

    /** Empty where the network is not served, or with a certificate that devices trust already. */
    Optional<byte[]> certificate() {
        if (!lan.isServed() || lan.authority().isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(Files.readAllBytes(Path.of(lan.authority())));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** What a device tells of a certificate before it trusts it, to be compared by eye: SHA-256 in pairs. */
    Optional<String> fingerprint() {
        if (certificate().isEmpty()) {
            return Optional.empty();
        }
        try (var in = Files.newInputStream(Path.of(lan.authority()))) {
            var encoded =
                    CertificateFactory.getInstance("X.509").generateCertificate(in).getEncoded();
            return Optional.of(
                    PAIRS.formatHex(MessageDigest.getInstance("SHA-256").digest(encoded)));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        } catch (GeneralSecurityException defect) {
            throw new IllegalStateException("The certificate of the authority is none", defect);
        }
    }
}
