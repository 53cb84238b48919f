package app.yunque.server.shop;

import app.yunque.measure.Refused;
import app.yunque.server.WorkClock;
import app.yunque.server.people.AtTheBench;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop whose records these are: its name, its units first, its time. */
@Service
public class ShopService {
    private static final int LONGEST_NAME = 80;

    private final ShopRepository shops;
    private final AtTheBench bench;
    private final WorkClock clock;

    ShopService(ShopRepository shops, AtTheBench bench, WorkClock clock) {
        this.shops = shops;
        this.bench = bench;
        this.clock = clock;
    }

    /** Empty until the shop has begun. */
    @Transactional(readOnly = true)
    public Optional<ShopSettings> settings() {
        var settings = shops.findById(ShopEntity.ONLY).map(ShopService::view);
        // Another node may have changed it; every page that is opened asks for the settings.
        settings.ifPresent(s -> clock.tellsTimeOf(ZoneId.of(s.zone())));
        return settings;
    }

    /** From the start on, before anybody opens a page. */
    @EventListener(ApplicationReadyEvent.class)
    void tellTheTime() {
        settings();
    }

    /** The time of the shop; UTC until it has begun. */
    @Transactional(readOnly = true)
    public ZoneId zone() {
        return settings().map(s -> ZoneId.of(s.zone())).orElse(ZoneOffset.UTC);
    }

    /** @param by who begins it */
    @Transactional
    public void begin(ShopSettings settings, String by) {
        keep(new ShopEntity(), settings, by);
    }

    @Transactional
    void change(ShopSettings settings) {
        bench.actAsLead("Only a lead changes what stands on every paper.");
        var shop =
                shops.findById(ShopEntity.ONLY)
                        .orElseThrow(() -> Refused.because("name", "This shop has not begun yet."));
        shop.refuseStale(settings.version(), () -> view(shop));
        keep(shop, settings, bench.name());
    }

    private void keep(ShopEntity shop, ShopSettings settings, String by) {
        var name = settings.name().strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Refused.because(
                    "name", "The name of a shop has 1 to %d characters.".formatted(LONGEST_NAME));
        }
        if (!settings.decimal().equals(".") && !settings.decimal().equals(",")) {
            throw Refused.because("decimal", "The decimal separator is a point or a comma.");
        }
        shop.name = name;
        shop.system = settings.system();
        shop.decimal = settings.decimal();
        shop.zone = zone(settings.zone());
        shop.keep(by, clock.instant());
        shops.saveAndFlush(shop);
        clock.tellsTimeOf(ZoneId.of(shop.zone));
    }

    private static String zone(String name) {
        try {
            return ZoneId.of(name.strip()).getId();
        } catch (DateTimeException unknown) {
            throw Refused.because(
                    "zone",
                    "“%s” is no time zone. Choose one by its name, for example Europe/Madrid."
                            .formatted(name.strip()));
        }
    }

    private static ShopSettings view(ShopEntity s) {
        return new ShopSettings(s.version(), s.name, s.system, s.decimal, s.zone);
    }
}
