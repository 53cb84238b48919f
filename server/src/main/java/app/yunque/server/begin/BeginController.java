package app.yunque.server.begin;

import app.yunque.server.problem.Forbidden;
import app.yunque.server.shop.ShopService;
import app.yunque.server.shop.ShopSettings;
import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The first start, before anybody can sign in. */
@RestController
@RequestMapping("/api/begin")
class BeginController {
    private final Begin begin;
    private final Origin origin;
    private final ShopService shop;

    BeginController(Begin begin, Origin origin, ShopService shop) {
        this.begin = begin;
        this.origin = origin;
        this.shop = shop;
    }

    /**
     * @param kind whose records these are
     * @param shop what the shop says of itself; missing until it has begun
     */
    record BeginView(Origin.Kind kind, @Nullable ShopSettings shop) {}

    /**
     * @param shop what the shop says of itself
     * @param lead name of its first lead
     * @param pin  that person's PIN, 4 characters or more
     */
    record OwnShopRequest(ShopSettings shop, String lead, String pin) {}

    @GetMapping
    BeginView begun() {
        return new BeginView(origin.kind(), shop.settings().orElse(null));
    }

    @PostMapping("/demo")
    BeginView demo(HttpServletRequest http) {
        refuseFromElsewhere(http);
        begin.withTheDemo();
        return begun();
    }

    @PostMapping("/shop")
    BeginView ownShop(@RequestBody OwnShopRequest request, HttpServletRequest http) {
        refuseFromElsewhere(http);
        begin.withOwnShop(request.shop, request.lead, request.pin);
        return begun();
    }

    /** Nobody is known yet, so whoever sits at the machine itself is its owner, and nobody else in the network is. */
    private static void refuseFromElsewhere(HttpServletRequest http) {
        if (!isLoopback(http.getRemoteAddr())) {
            throw new Forbidden(
                    "A shop is begun at the machine on which Yunque runs. Open it there first.");
        }
    }

    private static boolean isLoopback(String number) {
        try {
            // A number, so nothing is looked up.
            return InetAddress.getByName(number).isLoopbackAddress();
        } catch (UnknownHostException none) {
            return false;
        }
    }
}
