package app.yunque.server.lan;

import app.yunque.server.paper.QrCode;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How tablets reach this app. */
@RestController
@RequestMapping("/api/lan")
class LanController {
    private final PublicAddress address;
    private final Authority authority;

    LanController(PublicAddress address, Authority authority) {
        this.address = address;
        this.authority = authority;
    }

    /**
     * @param address         address of the app on the shop's network; missing while it is for this machine only
     * @param code            the same as a picture that a camera reads
     * @param certificate     page where a device takes the certificate first; missing where none is needed
     * @param certificateCode the same as a picture
     * @param fingerprint     of the certificate, to be compared with what the device tells
     */
    record LanView(
            @Nullable String address,
            @Nullable String code,
            @Nullable String certificate,
            @Nullable String certificateCode,
            @Nullable String fingerprint) {}

    @GetMapping
    LanView lan() {
        var app = address.ofTheShop();
        var page = address.certificatePage();
        return new LanView(
                app.orElse(null),
                app.map(QrCode::asPicture).orElse(null),
                page.orElse(null),
                page.map(QrCode::asPicture).orElse(null),
                authority.fingerprint().orElse(null));
    }
}
