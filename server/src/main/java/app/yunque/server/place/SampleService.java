package app.yunque.server.place;

import app.yunque.lubricant.condition.SampleTrend;
import app.yunque.lubricant.condition.WearMetal;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerEntries;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the oil samples of places and what they say over the years. */
@Service
public class SampleService {

    /** What stays the same from sample to sample of one fill. */
    private static final List<String> OF_THE_OIL = List.of("base", "fresh");

    private final SampleRepository samples;
    private final FillRepository fills;
    private final FillService filling;
    private final AtTheBench bench;
    private final Clock clock;

    SampleService(
            SampleRepository samples,
            FillRepository fills,
            FillService filling,
            AtTheBench bench,
            Clock clock) {
        this.samples = samples;
        this.fills = fills;
        this.filling = filling;
        this.bench = bench;
        this.clock = clock;
    }

    /** Keeps a sample, corrects it, or puts back one that was taken away. */
    @Transactional
    public void keep(UUID placeId, UUID id, SampleRequest request) {
        filling.place(placeId);
        SampleDrawer.answer(request.entries());
        if (request.takenOn().isAfter(LocalDate.now(clock))) {
            throw Refused.because(
                    "takenOn",
                    "%s is still to come. Enter the day it was drawn."
                            .formatted(request.takenOn()));
        }
        var meter =
                EnteredNumber.read(
                        request.meter(), "meter", "hours on the meter", EntryKind.NUMBER);
        Refused.ifAny(
                SampleTrend.HOURS.named("meter", "hours on the meter").judge(meter.canonical()));
        refuseBackwards(placeId, id, request.takenOn(), meter.canonical());
        var found = samples.findById(id);
        found.ifPresent(
                s -> {
                    if (!s.placeId.equals(placeId)) {
                        throw new NotThere("That sample belongs to another place.");
                    }
                    s.refuseStale(request.version(), () -> given(s));
                });
        var sample = found.orElseGet(SampleEntity::new);
        sample.id = id;
        sample.placeId = placeId;
        sample.takenOn = request.takenOn();
        sample.meter = meter;
        sample.entries = request.entries();
        sample.removed = false;
        sample.keep(bench.name(), clock.instant());
        samples.saveAndFlush(sample);
    }

    /** The meter runs with the calendar. */
    private void refuseBackwards(UUID placeId, UUID id, LocalDate on, double hours) {
        for (var other : samples.findByPlaceIdAndRemovedFalseOrderByTakenOn(placeId)) {
            boolean before = other.takenOn.isBefore(on) && other.meter.canonical() > hours;
            boolean after = other.takenOn.isAfter(on) && other.meter.canonical() < hours;
            if (!other.id.equals(id) && (before || after)) {
                throw Refused.because(
                        "meter",
                        "On %s the meter stood at %s h. It cannot stand at %s h on %s. Check day and hours."
                                .formatted(
                                        other.takenOn,
                                        other.meter.text(),
                                        PlainDigits.exact(hours),
                                        on));
            }
        }
    }

    @Transactional
    public void remove(UUID placeId, UUID id, long version) {
        var sample =
                samples.findById(id)
                        .filter(s -> s.placeId.equals(placeId) && !s.removed)
                        .orElseThrow(() -> new NotThere("That sample is no longer there."));
        sample.refuseStale(version, () -> given(sample));
        sample.removed = true;
        sample.keep(bench.name(), clock.instant());
    }

    @Transactional(readOnly = true)
    public SampleSeries series(UUID placeId) {
        var place = filling.place(placeId);
        var all = samples.findByPlaceIdAndRemovedFalseOrderByTakenOn(placeId);
        var history =
                SampleHistory.of(
                        place,
                        fills.findByPlaceIdInAndRemovedFalseOrderByDoneOnDescChangedAtDesc(
                                List.of(placeId)));
        var views = new ArrayList<SampleView>();
        for (int i = 0; i < all.size(); i++) {
            var sample = all.get(i);
            var before =
                    all.subList(0, i).stream()
                            .filter(s -> history.fillsBetween(s, sample) == 0)
                            .toList();
            var judged = inItsBox(withEarlier(sample.entries, before), history.box());
            views.add(
                    new SampleView(
                            sample.id, given(sample), judged, answer(judged), sample.changedBy()));
        }
        return new SampleSeries(
                views, all.isEmpty() ? List.of() : lines(all, history), next(all, history));
    }

    /** The oil and the samples of the fill that is in now; of a fresh fill what the can says. */
    private DrawerEntries next(List<SampleEntity> all, SampleHistory history) {
        var today = LocalDate.now(clock);
        var ofThisFill = all.stream().filter(s -> history.fillsSince(s, today) == 0).toList();
        var fields = new HashMap<>(history.freshOil());
        if (!ofThisFill.isEmpty()) {
            var last = ofThisFill.get(ofThisFill.size() - 1).entries.fields();
            for (var name : OF_THE_OIL) {
                if (last.containsKey(name)) {
                    fields.put(name, last.get(name));
                }
            }
        }
        return inItsBox(
                withEarlier(new DrawerEntries(fields, Map.of(), null), ofThisFill), history.box());
    }

    private static List<SampleSeries.SampleLine> lines(
            List<SampleEntity> all, SampleHistory history) {
        var last = all.get(all.size() - 1);
        var ofThisFill = all.stream().filter(s -> history.fillsBetween(s, last) == 0).toList();
        var lines = new ArrayList<SampleSeries.SampleLine>();
        for (var figure : SampleFigures.all(history.box())) {
            var points =
                    all.stream()
                            .flatMap(
                                    s ->
                                            figure.of(s.entries).stream()
                                                    .map(
                                                            v ->
                                                                    new SampleSeries.SamplePoint(
                                                                            s.meter.canonical(),
                                                                            v,
                                                                            history.fillsBetween(
                                                                                    s, last))))
                            .toList();
            if (!points.isEmpty()) {
                lines.add(line(figure, points, history.wearWithTopUps(figure, ofThisFill)));
            }
        }
        return lines;
    }

    private static SampleSeries.SampleLine line(
            SampleFigures.Figure figure,
            List<SampleSeries.SamplePoint> points,
            Optional<String> wear) {
        var trend =
                SampleTrend.of(
                        points.stream()
                                .filter(p -> p.fillsAgo() == 0)
                                .map(p -> new SampleTrend.Sample(p.hours(), p.value()))
                                .toList(),
                        figure.act(),
                        figure.unit());
        return new SampleSeries.SampleLine(
                figure.name(),
                figure.unit(),
                points,
                figure.watch(),
                figure.act(),
                Stream.concat(trend.map(SampleTrend::sentence).stream(), wear.stream())
                        .collect(Collectors.joining("; ")),
                trend.flatMap(SampleTrend::hoursLeft).orElse(null));
    }

    private DrawerAnswer answer(DrawerEntries judged) {
        try {
            return SampleDrawer.answer(judged);
        } catch (Refused | NotApplicable refused) {
            return DrawerAnswer.saying(String.valueOf(refused.getMessage())).build();
        }
    }

    /** The record's own earlier samples stand over what was typed as earlier. */
    private static DrawerEntries withEarlier(DrawerEntries entries, List<SampleEntity> before) {
        if (before.isEmpty()) {
            return entries;
        }
        var readings = new HashMap<>(entries.readings());
        for (var metal : WearMetal.values()) {
            var earlier =
                    before.stream()
                            .map(s -> s.entries.fields().get(SampleFigures.field(metal)))
                            .filter(v -> v != null && !v.text().isBlank())
                            .toList();
            if (!earlier.isEmpty()) {
                readings.put(SampleFigures.earlier(metal), earlier);
            }
        }
        return new DrawerEntries(entries.fields(), readings, entries.instrument());
    }

    /** What turns in the box is known from its sheet. */
    private static DrawerEntries inItsBox(DrawerEntries entries, WearMetal.Box box) {
        var fields = new HashMap<>(entries.fields());
        fields.put("box", new EnteredNumber(box.name(), ""));
        return new DrawerEntries(fields, entries.readings(), entries.instrument());
    }

    private static SampleRequest given(SampleEntity s) {
        return new SampleRequest(s.version(), s.takenOn, EnteredNumber.given(s.meter), s.entries);
    }
}
