package app.yunque.server.place;

import app.yunque.lubricant.DataSheet;
import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.compatibility.MixedPlaces;
import app.yunque.lubricant.interval.NextChange;
import app.yunque.server.job.JobService;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.store.StoreService;
import app.yunque.server.unit.UnitPapers;
import app.yunque.server.unit.UnitService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the lubricated places of units. */
@Service
public class PlaceService {
    private static final int LONGEST_NAME = 60;

    private final PlaceRepository places;
    private final FillRepository fills;
    private final SampleRepository samples;
    private final FillService filling;
    private final UnitService units;
    private final StoreService store;
    private final JobService jobs;
    private final AtTheBench bench;
    private final Clock clock;

    PlaceService(
            PlaceRepository places,
            FillRepository fills,
            SampleRepository samples,
            FillService filling,
            UnitService units,
            StoreService store,
            JobService jobs,
            AtTheBench bench,
            Clock clock) {
        this.places = places;
        this.fills = fills;
        this.samples = samples;
        this.filling = filling;
        this.units = units;
        this.store = store;
        this.jobs = jobs;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public PlacesOfUnit ofUnit(UUID unitId) {
        var papers = units.papers(unitId);
        var all = places.findByUnitIdAndRemovedFalseOrderByDescribedAt(unitId);
        var history = history(all);
        var views =
                all.stream()
                        .map(
                                p -> {
                                    var latestFirst = history.getOrDefault(p.id, List.of());
                                    var last = PlaceUpkeep.lastFilling(latestFirst);
                                    var sheet = FillService.sheet(p);
                                    return new PlaceView(
                                            p.id,
                                            new PlaceRequest(p.version(), p.name, p.entries),
                                            sheet.map(PlaceSheet::sort).orElse(null),
                                            sheet.map(s -> s.sort().words())
                                                    .orElse("its sheet wants a look"),
                                            sheet.map(s -> s.sort().takesGrease()).orElse(false),
                                            sheet.map(s -> s.sort().hasLevel()).orElse(false),
                                            sheet.map(PlaceSheet::wantedWords).orElse(""),
                                            PlacePapers.of(papers, last),
                                            last.map(f -> filling.view(f, p)).orElse(null),
                                            PlaceUpkeep.next(p, latestFirst)
                                                    .map(n -> NextView.of(n, today()))
                                                    .orElse(null),
                                            samples.countByPlaceIdAndRemovedFalse(p.id));
                                })
                        .toList();
        return new PlacesOfUnit(
                views,
                heed(all, history),
                PlacePapers.of(papers, Optional.empty()),
                all.isEmpty() ? PlacePapers.suggested(papers) : List.of());
    }

    /** What is in a place and harms there, and what must be kept apart between the places. */
    private static List<Compatibility.Finding> heed(
            List<PlaceEntity> all, Map<UUID, List<FillEntity>> history) {
        var told = new ArrayList<Compatibility.Finding>();
        for (var place : all) {
            var last = PlaceUpkeep.lastFilling(history.getOrDefault(place.id, List.of()));
            var sheet = FillService.sheet(place);
            if (last.isPresent() && last.get().fromShelf != null && sheet.isPresent()) {
                sheet.get()
                        .washed()
                        .of(StoreService.lubricant(last.get().fromShelf), DataSheet.UNKNOWN)
                        .grave()
                        .forEach(
                                f ->
                                        told.add(
                                                new Compatibility.Finding(
                                                        "%s, %s is in it"
                                                                .formatted(
                                                                        place.name, last.get().can),
                                                        f.weight(),
                                                        f.reason(),
                                                        f.instead())));
            }
        }
        told.addAll(MixedPlaces.of(filled(all, history)));
        return told;
    }

    private static List<MixedPlaces.Filled> filled(
            List<PlaceEntity> all, Map<UUID, List<FillEntity>> history) {
        var filled = new ArrayList<MixedPlaces.Filled>();
        for (var place : all) {
            var last = PlaceUpkeep.lastFilling(history.getOrDefault(place.id, List.of()));
            var sheet = FillService.sheet(place);
            if (last.isPresent() && last.get().fromShelf != null && sheet.isPresent()) {
                filled.add(
                        new MixedPlaces.Filled(
                                place.name,
                                sheet.get().sort(),
                                StoreService.lubricant(last.get().fromShelf),
                                last.get().can));
            }
        }
        return filled;
    }

    /** Keeps the sheet of a place, corrects it, or puts back a place that was taken off. */
    @Transactional
    public void keep(UUID unitId, UUID id, PlaceRequest request) {
        jobs.holdOpenOfUnit(unitId);
        var papers = units.papers(unitId);
        var name = JobText.required("name", "Name of the place", request.name(), LONGEST_NAME);
        var found = places.findById(id);
        var entries = PlaceSheet.completed(PlacePapers.under(request.entries(), papers));
        answer(entries);
        found.ifPresent(p -> refuseStranger(p, unitId));
        found.ifPresent(
                p ->
                        p.refuseStale(
                                request.version(),
                                () -> new PlaceRequest(p.version(), p.name, p.entries)));
        var place = found.orElseGet(PlaceEntity::new);
        if (found.isEmpty()) {
            place.id = id;
            place.unitId = unitId;
            place.describedAt = clock.instant();
        }
        place.removed = false;
        place.name = name;
        place.entries = entries;
        place.keep(bench.name(), clock.instant());
        places.saveAndFlush(place);
        jobs.touchOpenOfUnit(unitId);
    }

    /** The lubricant that the sheet of a place asks for, in words; empty where no sheet can be read. */
    @Transactional(readOnly = true)
    public Optional<String> wanted(UUID placeId) {
        return places.findById(placeId).flatMap(FillService::sheet).map(PlaceSheet::wantedWords);
    }

    private DrawerAnswer answer(DrawerEntries complete) {
        return PlaceAnswer.of(PlaceSheet.of(complete), store.all());
    }

    private static void refuseStranger(PlaceEntity place, UUID unitId) {
        if (!place.unitId.equals(unitId)) {
            throw new NotThere("That lubricated place belongs to another unit.");
        }
    }

    @Transactional
    public void remove(UUID unitId, UUID id, long version) {
        jobs.holdOpenOfUnit(unitId);
        var place = filling.place(id);
        refuseStranger(place, unitId);
        place.refuseStale(
                version, () -> new PlaceRequest(place.version(), place.name, place.entries));
        place.removed = true;
        place.keep(bench.name(), clock.instant());
        jobs.touchOpenOfUnit(unitId);
    }

    /** One place with its unit, and what its sheet answers today. */
    @Transactional(readOnly = true)
    public PlaceCard card(UUID placeId) {
        var place = filling.place(placeId);
        var unit = units.papers(place.unitId);
        var view =
                ofUnit(place.unitId).places().stream()
                        .filter(p -> p.id().equals(placeId))
                        .findFirst()
                        .orElseThrow();
        return new PlaceCard(
                unit.id(),
                unit.tag(),
                unit.name(),
                view,
                answer(PlaceSheet.completed(place.entries)));
    }

    /** Everything that was done at a place, the latest first. */
    @Transactional(readOnly = true)
    public List<FillView> history(UUID placeId) {
        var place = filling.place(placeId);
        return fills
                .findByPlaceIdInAndRemovedFalseOrderByDoneOnDescChangedAtDesc(List.of(placeId))
                .stream()
                .map(f -> filling.view(f, place))
                .toList();
    }

    /** What falls due, the soonest first; places that nobody filled yet are passed over. */
    @Transactional(readOnly = true)
    public List<DueLine> due() {
        var all = places.findByRemovedFalse();
        var history = history(all);
        var lines = new ArrayList<DueLine>();
        var papers = new HashMap<UUID, UnitPapers>();
        var putAway = units.putAway();
        for (var place : all) {
            if (putAway.contains(place.unitId)) {
                continue;
            }
            var latestFirst = history.getOrDefault(place.id, List.of());
            PlaceUpkeep.next(place, latestFirst)
                    .ifPresent(
                            n ->
                                    lines.add(
                                            line(
                                                    place,
                                                    papers.computeIfAbsent(
                                                            place.unitId, units::papers),
                                                    latestFirst,
                                                    n)));
        }
        lines.sort(Comparator.comparing((DueLine l) -> l.next().due()).thenComparing(DueLine::tag));
        return lines;
    }

    private DueLine line(
            PlaceEntity place, UnitPapers unit, List<FillEntity> latestFirst, NextChange next) {
        var last = PlaceUpkeep.lastFilling(latestFirst).orElseThrow();
        return new DueLine(
                unit.id(),
                unit.tag(),
                unit.name(),
                place.id,
                place.name,
                PlaceUpkeep.task(place, next),
                last.can,
                NextView.of(next, today()));
    }

    private Map<UUID, List<FillEntity>> history(List<PlaceEntity> all) {
        return fills
                .findByPlaceIdInAndRemovedFalseOrderByDoneOnDescChangedAtDesc(
                        all.stream().map(p -> p.id).toList())
                .stream()
                .collect(Collectors.groupingBy(f -> f.placeId));
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }
}
