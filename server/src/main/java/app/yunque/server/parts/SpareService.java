package app.yunque.server.parts;

import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.parts.KitsOrSingles;
import app.yunque.parts.PartItem;
import app.yunque.parts.ReorderPoint;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.NotThere;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the spares of the shop. */
@Service
public class SpareService {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_PLACE = 60;
    private static final Range EACH = KitsOrSingles.PRICE.named("eachCents", "price of one");

    private final SpareRepository spares;
    private final OrderRepository orders;
    private final AtTheBench bench;
    private final Clock clock;

    SpareService(SpareRepository spares, OrderRepository orders, AtTheBench bench, Clock clock) {
        this.spares = spares;
        this.orders = orders;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<SpareView> all() {
        var wanted = orders.findByStateIn(List.of(OrderState.WANTED, OrderState.ORDERED));
        return spares.findByRemovedFalseOrderByName().stream().map(s -> view(s, wanted)).toList();
    }

    private static SpareView view(SpareEntity spare, List<OrderEntity> open) {
        int reserved = pieces(spare, open, OrderState.WANTED);
        int onItsWay = pieces(spare, open, OrderState.ORDERED);
        return new SpareView(
                spare.id,
                given(spare),
                reserved,
                onItsWay,
                ReorderPoint.of(
                        spare.perYear,
                        spare.leadDays,
                        spare.levelPercent,
                        spare.onShelf,
                        reserved,
                        // What a job ordered is the job's, and does not come onto the shelf.
                        0));
    }

    private static int pieces(SpareEntity spare, List<OrderEntity> open, OrderState state) {
        return open.stream()
                .filter(o -> o.state == state && o.number.equals(spare.number))
                .mapToInt(o -> o.quantity)
                .sum();
    }

    private static SpareRequest given(SpareEntity s) {
        return new SpareRequest(
                s.version(),
                s.name,
                s.number,
                s.place,
                s.onShelf,
                s.perYear,
                s.leadDays,
                s.levelPercent,
                s.eachCents);
    }

    @Transactional
    public void keep(UUID id, SpareRequest request) {
        var found = spares.findById(id);
        found.ifPresent(s -> s.refuseStale(request.version(), () -> new Standing(given(s))));
        var number = new PartItem(request.number(), 1).number();
        spares.findByNumberAndRemovedFalse(number)
                .filter(s -> !s.id.equals(id))
                .ifPresent(
                        s -> {
                            throw Refused.because(
                                    "number",
                                    "%s lies in %s already, as %s. Correct that card."
                                            .formatted(number, s.place, s.name));
                        });
        ReorderPoint.of(
                request.perYear(),
                request.leadDays(),
                request.levelPercent(),
                request.onShelf(),
                0,
                0);
        Refused.ifAny(Optional.ofNullable(request.eachCents()).flatMap(c -> EACH.judge(c)));
        var spare = found.orElseGet(SpareEntity::new);
        spare.id = id;
        spare.name = JobText.required("name", "What it is", request.name(), LONGEST_NAME);
        spare.number = number;
        spare.place = JobText.required("place", "Where it lies", request.place(), LONGEST_PLACE);
        spare.onShelf = request.onShelf();
        spare.perYear = request.perYear();
        spare.leadDays = request.leadDays();
        spare.levelPercent = request.levelPercent();
        spare.eachCents = request.eachCents();
        spare.removed = false;
        spare.keep(bench.name(), clock.instant());
        spares.saveAndFlush(spare);
    }

    /** What stands on a card, for two people on one. */
    private record Standing(SpareRequest given) {}

    @Transactional
    public void remove(UUID id, long version) {
        var spare =
                spares.findById(id)
                        .orElseThrow(() -> new NotThere("That spare is no longer there."));
        spare.refuseStale(version, () -> new Standing(given(spare)));
        spare.removed = true;
        spare.keep(bench.name(), clock.instant());
    }

    /** What lies in stores of a number; empty where the shop holds none. */
    @Transactional(readOnly = true)
    public Optional<PartsOfJob.InStores> of(String number) {
        return spares.findByNumberAndRemovedFalse(number)
                .map(s -> new PartsOfJob.InStores(s.onShelf, s.place));
    }

    private SpareEntity held(String number, String otherwise) {
        return spares.findByNumberAndRemovedFalse(number)
                .orElseThrow(() -> Refused.because("number", otherwise.formatted(number)));
    }

    /** Where taken pieces lay, and what one cost the shop (cents); missing where nobody knows it. */
    public record Taken(String place, @Nullable Long eachCents) {}

    /**
     * Takes pieces off the shelf.
     *
     * @return where they lay and what one cost
     * @throws Refused when fewer lie there
     */
    @Transactional
    public Taken take(String number, int pieces) {
        var spare = held(number, "%s does not lie in stores.");
        if (spare.onShelf < pieces) {
            throw Refused.because(
                    "quantity",
                    "%d of %s lie in %s; %d are wanted. Take what is there, or ask the supplier."
                            .formatted(spare.onShelf, number, spare.place, pieces));
        }
        spare.onShelf -= pieces;
        spare.keep(bench.name(), clock.instant());
        return new Taken(spare.place, spare.eachCents);
    }

    /**
     * Puts pieces back on the shelf they were taken from.
     *
     * @throws Refused when the shop does not hold that number any more
     */
    @Transactional
    public void putBack(String number, int pieces) {
        var spare = held(number, "%s is not held in stores any more. Enter it under Spares first.");
        spare.onShelf += pieces;
        spare.keep(bench.name(), clock.instant());
    }
}
