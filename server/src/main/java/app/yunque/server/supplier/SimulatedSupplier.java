package app.yunque.server.supplier;

import app.yunque.parts.PartItem;
import app.yunque.server.supplier.Quote.Standing;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** A stand-in that answers from a file of invented parts. */
@Component
class SimulatedSupplier implements Supplier {
    private static final long LATE_MS = 800;

    private static final List<Sold> SOLD = read();

    private final Clock clock;

    SimulatedSupplier(Clock clock) {
        this.clock = clock;
    }

    private enum Answers {
        AT_ONCE,
        LATE,
        NEVER
    }

    /** A line of the file. */
    private record Sold(
            String number,
            String name,
            @Nullable Long priceCents,
            @Nullable String currency,
            @Nullable Integer stock,
            @Nullable Integer leadDays,
            @Nullable List<PartItem> replacedBy,
            @Nullable List<PartItem> contents,
            @Nullable Answers answers) {}

    private static List<Sold> read() {
        try (var file =
                Objects.requireNonNull(
                        SimulatedSupplier.class.getResourceAsStream("/supplier.json"))) {
            return Arrays.asList(
                    JsonMapper.builder().build().readValue(file.readAllBytes(), Sold[].class));
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    @Override
    public List<Quote> quote(Collection<String> numbers) {
        var asked = numbers.stream().map(n -> new PartItem(n, 1).number()).distinct().toList();
        var said = asked.stream().map(this::quote);
        var kits =
                SOLD.stream()
                        .filter(s -> s.contents != null && !asked.contains(s.number))
                        .filter(
                                s ->
                                        Objects.requireNonNull(s.contents).stream()
                                                .anyMatch(i -> asked.contains(i.number())))
                        .map(s -> of(s, Standing.OFFERED));
        return Stream.concat(said, kits).toList();
    }

    private Quote quote(String number) {
        var sold = SOLD.stream().filter(s -> s.number.equals(number)).findFirst().orElse(null);
        if (sold == null) {
            return unknown(number, Standing.NOT_KNOWN);
        }
        if (sold.answers == Answers.NEVER) {
            return unknown(number, Standing.NO_ANSWER);
        }
        if (sold.answers == Answers.LATE) {
            pause();
        }
        if (sold.replacedBy != null && !sold.replacedBy.isEmpty()) {
            return of(sold, Standing.REPLACED);
        }
        return of(sold, sold.priceCents == null ? Standing.NO_LONGER_MADE : Standing.OFFERED);
    }

    private static void pause() {
        try {
            Thread.sleep(LATE_MS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private Quote of(Sold sold, Standing standing) {
        return new Quote(
                sold.number,
                standing,
                sold.name,
                sold.priceCents,
                sold.currency == null ? "" : sold.currency,
                sold.stock == null ? 0 : sold.stock,
                sold.leadDays == null ? 0 : sold.leadDays,
                sold.replacedBy == null ? List.of() : sold.replacedBy,
                sold.contents == null ? List.of(new PartItem(sold.number, 1)) : sold.contents,
                clock.instant());
    }

    private Quote unknown(String number, Standing standing) {
        return new Quote(
                number, standing, "", null, "", 0, 0, List.of(), List.of(), clock.instant());
    }
}
