package app.yunque.server;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The one clock of the app: the system's, except inside {@link #runAt}, with which the demo tells its history. */
@Component
public class WorkClock extends Clock {
    private volatile ZoneId zone = ZoneOffset.UTC;
    private final ThreadLocal<@Nullable Instant> held = new ThreadLocal<>();

    @Override
    public Instant instant() {
        var instant = held.get();
        return instant == null ? Instant.now() : instant;
    }

    /** Runs something as if it happened at a moment; other threads keep the time of day. */
    public void runAt(Instant moment, Runnable work) {
        held.set(moment);
        try {
            work.run();
        } finally {
            held.remove();
        }
    }

    /** The zone of the shop, as it was last read: what is due is due by the calendar that hangs in the shop. */
    @Override
    public ZoneId getZone() {
        return zone;
    }

    public void tellsTimeOf(ZoneId shop) {
        zone = shop;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.fixed(instant(), zone);
    }
}
