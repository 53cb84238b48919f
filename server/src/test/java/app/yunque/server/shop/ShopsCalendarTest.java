package app.yunque.server.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.yunque.server.WorkClock;
import app.yunque.server.people.AtTheBench;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is due is due by the calendar that hangs in the shop. Offsets of the zones: IANA time zone database. */
class ShopsCalendarTest {
    private static final Instant LATE_IN_THE_EVENING = Instant.parse("2026-11-30T23:30:00Z");

    private final ShopRepository shops = mock(ShopRepository.class);
    private final WorkClock clock = new WorkClock();
    private final ShopService service = new ShopService(shops, mock(AtTheBench.class), clock);

    private LocalDate today() {
        var day = new AtomicReference<LocalDate>();
        clock.runAt(LATE_IN_THE_EVENING, () -> day.set(LocalDate.now(clock)));
        return day.get();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "Europe/Madrid, 2026-12-01",
        "America/Santiago, 2026-11-30",
        "Pacific/Auckland, 2026-12-01"
    })
    void theDayIsTheShops(String zone, LocalDate day) {
        var shop = new ShopEntity();
        shop.zone = zone;
        when(shops.findById(ShopEntity.ONLY)).thenReturn(Optional.of(shop));
        service.tellTheTime();
        assertThat(today()).isEqualTo(day);
        assertThat(service.zone()).isEqualTo(ZoneId.of(zone));
    }

    @Test
    void beforeAShopHasBegunItIsWorldTime() {
        when(shops.findById(ShopEntity.ONLY)).thenReturn(Optional.empty());
        service.tellTheTime();
        assertThat(today()).isEqualTo(LocalDate.of(2026, 11, 30));
    }
}
