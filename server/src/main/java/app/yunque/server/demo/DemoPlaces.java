package app.yunque.server.demo;

import app.yunque.server.WorkClock;
import app.yunque.server.job.JobRef;
import app.yunque.server.place.FillKind;
import app.yunque.server.place.FillRequest;
import app.yunque.server.place.FillService;
import app.yunque.server.place.PlaceRequest;
import app.yunque.server.place.PlaceService;
import app.yunque.server.place.SampleRequest;
import app.yunque.server.place.SampleService;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.store.StoreService;
import app.yunque.server.unit.UnitService;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** The lubricated places of the demo: what each is, what goes in, and its samples over the years. */
@Component
class DemoPlaces {
    private final UnitService units;
    private final PlaceService places;
    private final FillService fills;
    private final SampleService samples;
    private final StoreService store;
    private final WorkClock clock;
    private final ObjectMapper mapper;

    DemoPlaces(
            UnitService units,
            PlaceService places,
            FillService fills,
            SampleService samples,
            StoreService store,
            WorkClock clock,
            ObjectMapper mapper) {
        this.units = units;
        this.places = places;
        this.fills = fills;
        this.samples = samples;
        this.store = store;
        this.clock = clock;
        this.mapper = mapper;
    }

    /**
     * A place of the demo.
     *
     * @param tag     of its unit
     * @param name    of the place
     * @param entries its sheet
     * @param filled  changes and greasings without a job
     * @param samples oil samples
     */
    private record Told(
            String tag,
            String name,
            DrawerEntries entries,
            @Nullable List<Filled> filled,
            @Nullable List<Sampled> samples) {}

    private record Filled(int daysAgo, String can, @Nullable EnteredNumber amount) {}

    private record Sampled(int daysAgo, EnteredNumber meter, Map<String, EnteredNumber> fields) {}

    void describe() {
        for (var told : read()) {
            places.keep(
                    unit(told.tag),
                    UUID.randomUUID(),
                    new PlaceRequest(null, told.name, told.entries));
        }
    }

    /** What was changed and sampled without a job. */
    void keepUp() {
        for (var told : read()) {
            var place = place(unit(told.tag), told.name);
            for (var filled : told.filled == null ? List.<Filled>of() : told.filled) {
                clock.runAt(
                        ago(filled.daysAgo),
                        () ->
                                fills.keep(
                                        place,
                                        UUID.randomUUID(),
                                        request(
                                                FillKind.FILLED,
                                                filled.can,
                                                filled.amount,
                                                null,
                                                "")));
            }
            for (var sampled : told.samples == null ? List.<Sampled>of() : told.samples) {
                clock.runAt(
                        ago(sampled.daysAgo),
                        () ->
                                samples.keep(
                                        place,
                                        UUID.randomUUID(),
                                        new SampleRequest(
                                                null,
                                                LocalDate.now(clock),
                                                sampled.meter,
                                                new DrawerEntries(
                                                        sampled.fields, Map.of(), null))));
            }
        }
    }

    /** What was done at the places of a job's unit. */
    void fill(JobRef job, Map<String, DemoJob.FilledInDemo> told) {
        told.forEach(
                (name, filled) ->
                        fills.keep(
                                job,
                                place(job.unitId(), name),
                                request(
                                        filled.kind(),
                                        filled.can(),
                                        filled.amount(),
                                        filled.drained(),
                                        filled.source())));
    }

    private FillRequest request(
            FillKind kind,
            @Nullable String can,
            @Nullable EnteredNumber amount,
            @Nullable DrawerEntries drained,
            String source) {
        var shelf =
                store.all().stream()
                        .filter(l -> l.given().name().equals(can))
                        .map(l -> l.id())
                        .findFirst()
                        .orElse(null);
        return new FillRequest(
                null,
                kind,
                LocalDate.now(clock),
                shelf,
                shelf == null && can != null ? can : "",
                amount,
                null,
                null,
                drained,
                source,
                "");
    }

    private UUID unit(String tag) {
        return units.list("").stream()
                .filter(u -> u.tag().equals(tag))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private UUID place(UUID unitId, String name) {
        return places.ofUnit(unitId).places().stream()
                .filter(p -> p.given().name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("Impossible: no place " + name))
                .id();
    }

    private static Instant ago(int days) {
        return Instant.now().minus(Duration.ofDays(days));
    }

    private List<Told> read() {
        try (var stream = new ClassPathResource("demo/places.json").getInputStream()) {
            return mapper.readValue(stream, new TypeReference<List<Told>>() {});
        } catch (IOException defect) {
            throw new IllegalStateException("Impossible: the demo places are missing", defect);
        }
    }
}
