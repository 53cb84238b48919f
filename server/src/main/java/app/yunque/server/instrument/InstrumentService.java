package app.yunque.server.instrument;

import app.yunque.measure.Gauge;
import app.yunque.measure.InDoubt;
import app.yunque.measure.Refused;
import app.yunque.server.history.ReadOnce;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.problem.NotThere;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the shop's instruments. */
@Service
public class InstrumentService {
    private static final int LONGEST_NAME = 80;

    private final InstrumentRepository instruments;
    private final AtTheBench bench;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    InstrumentService(
            InstrumentRepository instruments,
            AtTheBench bench,
            Clock clock,
            ApplicationEventPublisher events) {
        this.events = events;
        this.instruments = instruments;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<InstrumentView> all() {
        return instruments.findByRemovedFalseOrderByName().stream().map(this::view).toList();
    }

    /** An instrument once used is still known after it was put away. */
    @Transactional(readOnly = true)
    public Optional<InstrumentView> find(UUID id) {
        return instruments.findById(id).map(this::view);
    }

    /** Keeps a card, corrects it, or puts back one that was put away. */
    @Transactional
    public void keep(UUID id, InstrumentRequest request) {
        var found = instruments.findById(id);
        found.ifPresent(i -> i.refuseStale(request.version(), () -> view(i)));
        var instrument = found.orElseGet(InstrumentEntity::new);
        instrument.id = id;
        instrument.removed = false;
        var before = doubts(instrument);
        fill(instrument, request);
        instrument.keep(bench.name(), clock.instant());
        instruments.saveAndFlush(instrument);
        if (!before.equals(doubts(instrument))) {
            events.publishEvent(new InstrumentDoubted(id));
        }
    }

    /** Which of the shop's instruments were in doubt and when, those put away among them. */
    @Transactional(readOnly = true)
    public Doubts doubts() {
        return ReadOnce.of(
                "instruments",
                "in doubt",
                () ->
                        new Doubts(
                                instruments.findByInDoubtIsNotNull().stream()
                                        .collect(
                                                Collectors.toMap(
                                                        i -> i.id,
                                                        i -> new Doubts.Of(i.name, doubts(i)))),
                                clock.getZone()));
    }

    private static List<InDoubt> doubts(InstrumentEntity instrument) {
        return instrument.inDoubt == null ? List.of() : instrument.inDoubt;
    }

    @Transactional
    public void remove(UUID id, long version) {
        var instrument =
                instruments
                        .findById(id)
                        .orElseThrow(() -> new NotThere("That instrument is no longer there."));
        instrument.refuseStale(version, () -> view(instrument));
        instrument.removed = true;
        instrument.keep(bench.name(), clock.instant());
    }

    private static void fill(InstrumentEntity instrument, InstrumentRequest r) {
        var faults = new Faults();
        faults.gather(
                () -> JobText.required("name", "Name of the instrument", r.name(), LONGEST_NAME));
        var resolution = faults.gather(() -> length(r.resolution(), "resolution", "one division"));
        var maxError = faults.gather(() -> length(r.maxError(), "maxError", "calibration limit"));
        var low = faults.gather(() -> length(r.low(), "low", "smallest reading"));
        var high = faults.gather(() -> length(r.high(), "high", "largest reading"));
        faults.throwIfAny();
        AtField.named(
                Map.of("resolutionMm", "resolution", "maxErrorMm", "maxError"),
                () ->
                        new Gauge(
                                Objects.requireNonNull(resolution).canonical(),
                                Objects.requireNonNull(maxError).canonical()));
        if (Objects.requireNonNull(low).canonical() >= Objects.requireNonNull(high).canonical()) {
            throw Refused.because(
                    "high",
                    "The largest reading must be above the smallest, " + low.asEntered() + ".");
        }
        if (!r.dueOn().isAfter(r.calibratedOn())) {
            throw Refused.because(
                    "dueOn",
                    "The next calibration must be due after the last one, "
                            + r.calibratedOn()
                            + ".");
        }
        instrument.name = r.name().strip();
        instrument.kind = r.kind();
        instrument.resolution = Objects.requireNonNull(resolution);
        instrument.maxError = Objects.requireNonNull(maxError);
        instrument.low = low;
        instrument.high = high;
        instrument.calibratedOn = r.calibratedOn();
        instrument.dueOn = r.dueOn();
        instrument.inDoubt = r.inDoubt().isEmpty() ? null : r.inDoubt();
    }

    private static app.yunque.server.quantity.Entered length(
            EnteredNumber number, String field, String label) {
        return EnteredNumber.read(number, field, label, EntryKind.LENGTH);
    }

    private InstrumentView view(InstrumentEntity i) {
        return new InstrumentView(
                i.id,
                new InstrumentRequest(
                        i.version(),
                        i.name,
                        i.kind,
                        EnteredNumber.given(i.resolution),
                        EnteredNumber.given(i.maxError),
                        EnteredNumber.given(i.low),
                        EnteredNumber.given(i.high),
                        i.calibratedOn,
                        i.dueOn,
                        doubts(i)),
                i.name,
                i.kind,
                i.resolution.canonical(),
                i.maxError.canonical(),
                i.low.canonical(),
                i.high.canonical(),
                i.dueOn,
                ChronoUnit.DAYS.between(LocalDate.now(clock), i.dueOn),
                i.dueOn.isBefore(LocalDate.now(clock)));
    }
}
