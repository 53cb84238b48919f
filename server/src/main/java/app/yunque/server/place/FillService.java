package app.yunque.server.place;

import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.condition.SampleTrend;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.PlateText;
import app.yunque.lubricant.sump.FilledAmount;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.server.job.JobRef;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.Faults;
import app.yunque.server.problem.NotThere;
import app.yunque.server.quantity.Entered;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.store.LubricantView;
import app.yunque.server.store.StoreService;
import app.yunque.teardown.LubricantOfPlace;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what was filled, topped up or left at the places of units. */
@Service
public class FillService {
    private static final int LONGEST_CAN = 120;
    private static final int LONGEST_REASON = 300;

    /** From a drop on a pawl to the sump of a great drive. */
    /** Nobody wrote anything here before; an earlier day is a slip of the hand. */
    private static final LocalDate EARLIEST = LocalDate.of(1950, 1, 1);

    private final PlaceRepository places;
    private final FillRepository fills;
    private final StoreService store;
    private final AtTheBench bench;
    private final Clock clock;

    FillService(
            PlaceRepository places,
            FillRepository fills,
            StoreService store,
            AtTheBench bench,
            Clock clock) {
        this.places = places;
        this.fills = fills;
        this.store = store;
        this.bench = bench;
        this.clock = clock;
    }

    /**
     * Every place of a job's unit with what was done there at this job. A signed job keeps the places it had: one described
     * later is not its business, one removed later still shows what was filled.
     */
    @Transactional(readOnly = true)
    public List<PlaceAtJob> atJob(JobRef job) {
        return places.atJob(job.unitId(), job.id()).stream()
                .filter(p -> p.fill() != null || isThere(p.place(), job))
                .map(p -> atJob(p.place(), p.fill()))
                .toList();
    }

    private PlaceAtJob atJob(PlaceEntity place, @Nullable FillEntity fill) {
        var sheet = sheet(place);
        var filled = fill == null ? null : view(fill, place);
        return new PlaceAtJob(
                place.id,
                place.name,
                sheet.map(s -> s.sort().words()).orElse(""),
                sheet.map(PlaceSheet::takesAnything).orElse(true),
                sheet.map(s -> s.sort().takesOil()).orElse(false),
                sheet.filter(PlaceSheet::takesAnything)
                        .map(s -> new LubricantOfPlace(s.sort(), place.name, inIt(s, filled)))
                        .orElse(null),
                filled);
    }

    /** What goes in there: what was put in at this job, else what the plate says, else what is usual. */
    private static String inIt(PlaceSheet sheet, @Nullable FillView filled) {
        if (filled != null && !filled.can().isBlank()) {
            return filled.can();
        }
        return sheet.plate()
                .map(plate -> "by the plate, " + plate)
                .orElseGet(() -> sheet.sort().usually());
    }

    private static boolean isThere(PlaceEntity place, JobRef job) {
        return !place.removed
                && (job.signedAt() == null || !place.describedAt.isAfter(job.signedAt()));
    }

    /** Keeps what was done at a place of a job's unit. */
    @Transactional
    public void keep(JobRef job, UUID placeId, FillRequest request) {
        var place = place(placeId);
        if (!place.unitId.equals(job.unitId())) {
            throw new NotThere("That place belongs to another unit.");
        }
        if (request.kind() == FillKind.TOPPED_UP) {
            throw Refused.because(
                    "kind", "At a job a place is filled or left. Top-ups are kept on the unit.");
        }
        var found = fills.findByJobIdAndPlaceId(job.id(), placeId);
        found.ifPresent(f -> f.refuseStale(request.version(), () -> view(f, place)));
        var fill = found.orElseGet(FillEntity::new);
        if (found.isEmpty()) {
            fill.id = UUID.randomUUID();
            fill.jobId = job.id();
            fill.jobNumber = job.number();
        }
        // What was stripped was washed: nothing of the old is counted, unless the sheet says so.
        save(fill, place, place.entries, request);
    }

    /** Keeps a change, greasing or top-up that was made without a job; what was put in last is still in it. */
    @Transactional
    public void keep(UUID placeId, UUID id, FillRequest request) {
        var place = place(placeId);
        var found = fills.findById(id);
        found.ifPresent(
                f -> {
                    refuseStranger(f, placeId);
                    f.refuseStale(request.version(), () -> view(f, place));
                });
        var fill = found.orElseGet(FillEntity::new);
        fill.id = id;
        var before =
                fills
                        .findByPlaceIdInAndRemovedFalseOrderByDoneOnDescChangedAtDesc(
                                List.of(placeId))
                        .stream()
                        .filter(f -> !f.id.equals(id))
                        .toList();
        save(
                fill,
                place,
                PlacePapers.withOld(place.entries, PlaceUpkeep.lastFilling(before)),
                request);
    }

    /** Takes back what was kept without a job; what it took from the shelf stands there again. */
    @Transactional
    public void remove(UUID placeId, UUID id, long version) {
        var place = place(placeId);
        var fill =
                fills.findById(id)
                        .filter(f -> !f.removed)
                        .orElseThrow(() -> new NotThere("That fill is no longer there."));
        refuseStranger(fill, placeId);
        fill.refuseStale(version, () -> view(fill, place));
        giveBack(fill);
        fill.removed = true;
        fill.keep(bench.name(), clock.instant());
    }

    /** What was filled at a job is that job's record and changes only there. */
    private static void refuseStranger(FillEntity fill, UUID placeId) {
        if (!fill.placeId.equals(placeId)) {
            throw new NotThere("That fill belongs to another place.");
        }
        if (fill.jobId != null) {
            throw Refused.because(
                    "kind",
                    "That was filled at job %d. Correct it there, at Fill."
                            .formatted(fill.jobNumber));
        }
    }

    private void save(
            FillEntity fill, PlaceEntity place, DrawerEntries sheet, FillRequest request) {
        giveBack(fill);
        fill.removed = false;
        fill.placeId = place.id;
        fill.kind = request.kind();
        fill.doneOn = day(request.on());
        fill.meter = meter(request.meter());
        fill.source = JobText.optional("source", "Why another", request.source(), LONGEST_REASON);
        fill.despite =
                JobText.optional(
                        "despite", "Why in spite of it", request.despite(), LONGEST_REASON);
        if (request.drained() != null) {
            DrainedOil.answer(request.drained());
        }
        fill.drained = request.drained();
        if (request.kind() == FillKind.LEFT) {
            leave(fill, request);
        } else {
            pour(fill, PlaceSheet.of(sheet), request);
        }
        fill.keep(bench.name(), clock.instant());
        fills.saveAndFlush(fill);
    }

    private static void leave(FillEntity fill, FillRequest request) {
        fill.source =
                JobText.required(
                        "source", "Why it is left as it is", request.source(), LONGEST_REASON);
        fill.lubricantId = null;
        fill.fromShelf = null;
        fill.can = "";
        fill.amount = null;
        fill.toTheMark = false;
    }

    private void pour(FillEntity fill, PlaceSheet sheet, FillRequest request) {
        if (!sheet.takesAnything()) {
            throw Refused.because(
                    "kind",
                    "Nothing goes on %s unless the manual says so. Leave it as it is."
                            .formatted(sheet.sort().words()));
        }
        var shelf = Optional.ofNullable(request.lubricant()).map(this::onTheShelf);
        var faults = new Faults();
        var amount =
                faults.gather(
                        () ->
                                Optional.ofNullable(
                                        amount(
                                                request,
                                                sheet,
                                                shelf.map(LubricantView::lubricant))));
        var can =
                faults.gather(
                        () ->
                                shelf.isPresent()
                                        ? shelf.get().given().name()
                                        : JobText.required(
                                                "can",
                                                "Name on the can",
                                                request.can(),
                                                LONGEST_CAN));
        shelf.ifPresent(
                l -> {
                    faults.gather(() -> refuseFire(l, sheet));
                    faults.gather(
                            () ->
                                    refuseHarm(
                                            l.given().name(),
                                            sheet.judgement().of(l.lubricant(), l.sheet()),
                                            request));
                    faults.gather(() -> refuseOther(l, sheet, request));
                });
        // A can that is not on the shelf is judged by what stands on it, so far as that tells its
        // kind.
        if (shelf.isEmpty() && can != null) {
            PlateText.tried(can)
                    .text()
                    .ifPresent(
                            t ->
                                    faults.gather(
                                            () ->
                                                    refuseHarm(
                                                            can,
                                                            sheet.judgement().of(t),
                                                            request)));
        }
        faults.throwIfAny();
        fill.lubricantId = request.lubricant();
        fill.fromShelf = shelf.map(LubricantView::given).orElse(null);
        fill.can = Objects.requireNonNull(can);
        fill.amount = Objects.requireNonNull(amount).orElse(null);
        fill.toTheMark = sheet.sort().hasLevel() && Boolean.TRUE.equals(request.toTheMark());
        if (shelf.isPresent() && fill.amount != null) {
            store.draw(shelf.get().id(), fill.amount.canonical());
        }
    }

    private LubricantView onTheShelf(UUID id) {
        return store.find(id)
                .orElseThrow(
                        () ->
                                Refused.because(
                                        "lubricant",
                                        "That can is not on the shelf any more. Choose another, or enter the name on the can."));
    }

    private static boolean refuseFire(LubricantView can, PlaceSheet sheet) {
        can.sheet()
                .refuseAboveFlash(
                        Math.max(sheet.hottest(), sheet.temperature().degC()), "lubricant");
        return true;
    }

    private static boolean refuseHarm(String name, Compatibility told, FillRequest request) {
        if (told.verdict().isFail() && request.despite().isBlank()) {
            var worst = told.findings().get(0);
            throw Refused.because(
                    "despite",
                    "%s may not go there. %s %s If it must, say why; your name stands beside it."
                            .formatted(name, worst.reason(), worst.instead()));
        }
        return true;
    }

    private static boolean refuseOther(LubricantView can, PlaceSheet sheet, FillRequest request) {
        if (!sheet.suits(can.lubricant()) && request.source().isBlank()) {
            throw Refused.because(
                    "source",
                    "%s is another kind or grade than the wanted one, %s. Say which plate or maker's table allows it."
                            .formatted(can.given().name(), sheet.wantedWords()));
        }
        return true;
    }

    /** Volume of an oil, mass of a grease; a drop or a film needs none. */
    private static @Nullable Entered amount(
            FillRequest request, PlaceSheet sheet, Optional<Lubricant> lubricant) {
        boolean grease = lubricant.map(Lubricant::isGrease).orElse(sheet.sort().takesGrease());
        var kind = grease ? EntryKind.MASS : EntryKind.VOLUME;
        var entered =
                EnteredNumber.readOptional(request.amount(), "amount", "quantity filled", kind);
        if (entered == null) {
            if (sheet.sort().hasLevel() && !Boolean.TRUE.equals(request.toTheMark())) {
                throw Refused.because(
                        "amount",
                        "How much went in is missing. Read it off the can or the pump, or say that it was filled to its plug or mark.");
            }
            return null;
        }
        Refused.ifAny(
                (grease ? FilledAmount.KILOGRAMS : FilledAmount.LITRES).judge(entered.canonical()));
        return entered;
    }

    private LocalDate day(@Nullable LocalDate on) {
        var today = LocalDate.now(clock);
        if (on != null && on.isAfter(today)) {
            throw Refused.because(
                    "on", "%s is still to come. Enter the day it was done.".formatted(on));
        }
        if (on != null && on.isBefore(EARLIEST)) {
            throw Refused.because("on", "%s is before %s. Check the year.".formatted(on, EARLIEST));
        }
        return on == null ? today : on;
    }

    private static @Nullable Entered meter(@Nullable EnteredNumber given) {
        var entered =
                EnteredNumber.readOptional(given, "meter", "hours on the meter", EntryKind.NUMBER);
        if (entered != null) {
            Refused.ifAny(
                    SampleTrend.HOURS
                            .named("meter", "hours on the meter")
                            .judge(entered.canonical()));
        }
        return entered;
    }

    /** What an earlier version of this record took from the shelf goes back before the new is drawn. */
    private void giveBack(FillEntity fill) {
        if (!fill.removed && fill.lubricantId != null && fill.amount != null) {
            store.giveBack(fill.lubricantId, fill.amount.canonical());
        }
    }

    PlaceEntity place(UUID id) {
        return places.findById(id)
                .filter(p -> !p.removed)
                .orElseThrow(() -> new NotThere("That lubricated place is no longer there."));
    }

    /** A rule that has become stricter since must not hide the record. */
    static Optional<PlaceSheet> sheet(PlaceEntity place) {
        try {
            return Optional.of(PlaceSheet.of(place.entries));
        } catch (Refused | NotApplicable unreadable) {
            return Optional.empty();
        }
    }

    FillView view(FillEntity f, PlaceEntity place) {
        var against = against(f, place);
        return new FillView(
                f.id,
                new FillRequest(
                        f.version(),
                        f.kind,
                        f.doneOn,
                        f.lubricantId,
                        f.can,
                        EnteredNumber.of(f.amount),
                        f.toTheMark,
                        EnteredNumber.of(f.meter),
                        f.drained,
                        f.source,
                        f.despite),
                f.can,
                f.fromShelf == null ? "" : StoreService.sort(f.fromShelf),
                Verdict.orNotJudged(against.map(FilledAmount::verdict).orElse(null)),
                against.map(FilledAmount::sentence)
                        .orElse(f.toTheMark && f.amount == null ? FilledAmount.TO_THE_MARK : ""),
                drained(f),
                f.jobNumber,
                f.changedBy(),
                f.changedAt());
    }

    private @Nullable DrawerAnswer drained(FillEntity f) {
        if (f.drained == null) {
            return null;
        }
        try {
            return DrainedOil.answer(f.drained);
        } catch (Refused | NotApplicable refused) {
            return null;
        }
    }

    private static Optional<FilledAmount> against(FillEntity f, PlaceEntity place) {
        boolean grease = f.fromShelf != null && f.fromShelf.thickener() != null;
        if (f.kind != FillKind.FILLED || f.amount == null || grease) {
            return Optional.empty();
        }
        double amount = f.amount.canonical();
        try {
            return sheet(place)
                    .flatMap(PlaceSheet::litresToFill)
                    .filter(l -> l > 0)
                    .map(l -> FilledAmount.of(amount, l));
        } catch (Refused | NotApplicable unreadable) {
            return Optional.empty();
        }
    }
}
