package app.yunque.server.shop;

import app.yunque.server.history.WriteOnce;
import java.util.UUID;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the shop says of itself, for a lead to change. */
@RestController
@RequestMapping("/api/shop")
class ShopController {
    private final ShopService shop;
    private final WriteOnce writes;

    ShopController(ShopService shop, WriteOnce writes) {
        this.shop = shop;
        this.writes = writes;
    }

    @PutMapping
    ShopSettings change(
            @RequestHeader("Write-Id") UUID writeId, @RequestBody ShopSettings settings) {
        writes.run(writeId, () -> shop.change(settings));
        return shop.settings().orElseThrow();
    }
}
