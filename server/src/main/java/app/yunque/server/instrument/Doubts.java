package app.yunque.server.instrument;

import app.yunque.measure.InDoubt;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Which instruments were in doubt and when, asked once for many readings. */
public record Doubts(Map<UUID, Of> of, ZoneId zone) {
    record Of(String name, List<InDoubt> days) {}

    /**
     * What took the value of a reading away: its instrument was found out of calibration afterwards.
     *
     * @param instrument that read it; null where none of the shop did
     * @param at         when it was read
     */
    public Optional<String> about(@Nullable UUID instrument, Instant at) {
        var known = instrument == null ? null : of.get(instrument);
        var day = LocalDate.ofInstant(at, zone);
        return known == null
                ? Optional.empty()
                : known.days.stream()
                        .filter(d -> d.covers(day))
                        .map(d -> d.says(known.name))
                        .findFirst();
    }
}
