package app.yunque.server.parts;

import app.yunque.measure.Refused;
import app.yunque.server.job.JobText;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.NotThere;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.shim.ShimPack;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the shelf of shims: what they fit, how thick, how many; a pack is chosen from it. */
@Service
public class ShimService {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_PLACE = 60;
    private static final double UM_PER_MM = 1000;

    private final ShimRepository shims;
    private final AtTheBench bench;
    private final Clock clock;

    ShimService(ShimRepository shims, AtTheBench bench, Clock clock) {
        this.shims = shims;
        this.bench = bench;
        this.clock = clock;
    }

    /** By what they fit, the thinnest first. */
    @Transactional(readOnly = true)
    public List<ShimView> all() {
        return shims.findByRemovedFalse().stream()
                .map(ShimService::view)
                .sorted(
                        Comparator.comparing((ShimView s) -> s.given().name())
                                .thenComparing(ShimView::thicknessUm))
                .toList();
    }

    @Transactional
    public void keep(UUID id, ShimRequest request) {
        var found = shims.findById(id);
        found.ifPresent(s -> s.refuseStale(request.version(), () -> view(s)));
        var name = JobText.required("name", "What they fit", request.name(), LONGEST_NAME);
        var place = JobText.required("place", "Where they lie", request.place(), LONGEST_PLACE);
        var thickness =
                EnteredNumber.read(
                        request.thickness(), "thickness", "thickness of one", EntryKind.LENGTH);
        var stock =
                AtField.named(
                        "",
                        Map.of("thicknessUm", "thickness"),
                        () ->
                                new ShimPack.Stock(
                                        micrometres(thickness.canonical()), request.pieces()));
        shims.findByRemovedFalse().stream()
                .filter(s -> !s.id.equals(id) && s.name.equalsIgnoreCase(name))
                .filter(s -> micrometres(s.thickness.canonical()) == stock.thicknessUm())
                .findFirst()
                .ifPresent(
                        s -> {
                            throw Refused.because(
                                    "thickness",
                                    "Shims of %d µm for %s lie in %s already. Correct their number there."
                                            .formatted(stock.thicknessUm(), s.name, s.place));
                        });
        var shim = found.orElseGet(ShimEntity::new);
        shim.id = id;
        shim.name = name;
        shim.thickness = thickness;
        shim.pieces = stock.pieces();
        shim.place = place;
        shim.removed = false;
        shim.keep(bench.name(), clock.instant());
        shims.saveAndFlush(shim);
    }

    @Transactional
    public void remove(UUID id, long version) {
        var shim =
                shims.findById(id)
                        .orElseThrow(() -> new NotThere("Those shims are no longer there."));
        shim.refuseStale(version, () -> view(shim));
        shim.removed = true;
        shim.keep(bench.name(), clock.instant());
    }

    private static int micrometres(double mm) {
        return (int) Math.round(mm * UM_PER_MM);
    }

    private static ShimView view(ShimEntity s) {
        return new ShimView(
                s.id,
                new ShimRequest(
                        s.version(),
                        s.name,
                        new EnteredNumber(s.thickness.text(), s.thickness.unit()),
                        s.pieces,
                        s.place),
                micrometres(s.thickness.canonical()));
    }
}
