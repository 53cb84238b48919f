package app.yunque.server.lan;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The address that stands in codes and links: it opens on every device of the shop, whoever printed it where. */
@Component
public class PublicAddress {
    private final LanSettings lan;

    PublicAddress(LanSettings lan) {
        this.lan = lan;
    }

    /** Without a slash at its end. While the network is not served, the address by which the request came. */
    public String base() {
        return ofTheShop()
                .orElseGet(
                        () ->
                                ServletUriComponentsBuilder.fromCurrentContextPath()
                                        .build()
                                        .toUriString());
    }

    /** Empty while this app is for this machine only. */
    Optional<String> ofTheShop() {
        if (!lan.publicAddress().isEmpty()) {
            return Optional.of(lan.publicAddress().replaceAll("/+$", ""));
        }
        return lan.isServed() ? Optional.of(lan.ownAddress()) : Optional.empty();
    }

    /** Where a tablet takes the certificate; empty where devices trust it already, or none is needed. */
    Optional<String> certificatePage() {
        return lan.isServed() && !lan.authority().isEmpty()
                ? Optional.of(
                        "http://%s:%d%s"
                                .formatted(
                                        lan.address(),
                                        lan.certificatePort(),
                                        CertificateController.PAGE))
                : Optional.empty();
    }
}
