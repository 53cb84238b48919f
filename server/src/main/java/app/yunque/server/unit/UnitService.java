package app.yunque.server.unit;

import app.yunque.drive.Drive;
import app.yunque.inspection.Circumstance;
import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import app.yunque.server.history.PutAway;
import app.yunque.server.history.PutAwayRequest;
import app.yunque.server.history.WriteOnce;
import app.yunque.server.people.AtTheBench;
import app.yunque.server.problem.Faults;
import app.yunque.server.problem.NotThere;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the register of units. */
@Service
public class UnitService {
    private final UnitRepository units;
    private final WriteOnce writes;
    private final AtTheBench bench;
    private final Clock clock;

    UnitService(UnitRepository units, WriteOnce writes, AtTheBench bench, Clock clock) {
        this.units = units;
        this.writes = writes;
        this.bench = bench;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<UnitView> list(String afterTag) {
        return units.findTop200ByTagGreaterThanOrderByTag(afterTag).stream()
                .map(UnitMapping::view)
                .toList();
    }

    @Transactional(readOnly = true)
    public UnitView view(UUID id) {
        return UnitMapping.view(entity(id));
    }

    @Transactional(readOnly = true)
    public UnitPapers papers(UUID id) {
        return UnitMapping.papers(entity(id));
    }

    @Transactional
    public UnitView describe(UUID writeId, UnitRequest request) {
        writes.run(writeId, () -> save(request));
        return view(request.id());
    }

    /**
     * Keeps what is now known of shafts and openings.
     *
     * @param parts what the parts of the strip are called, of which one may close an opening
     * @throws Refused when the layout cannot be
     */
    @Transactional
    public void lay(UUID id, LayoutRequest request, Collection<String> parts) {
        var unit = entity(id);
        unit.refuseStale(request.version(), () -> UnitMapping.view(unit));
        LayoutMapping.refuseUnknownClosers(request.layout(), unit.layout, parts);
        unit.layout = LayoutMapping.checked(request.layout(), UnitMapping.drive(unit));
        unit.keep(bench.name(), clock.instant());
        units.flush();
    }

    /**
     * Keeps the surroundings of a unit, and its kind where the words of the papers do not tell it.
     *
     * @throws Refused when one of them is not said of a unit
     */
    @Transactional
    public void stands(UUID id, Set<Circumstance> said) {
        said.stream()
                .filter(c -> !c.isOfTheUnit())
                .findFirst()
                .ifPresent(
                        c -> {
                            throw Refused.because(
                                    "ofUnit",
                                    "“%s” is said of a job, not of the unit. Choose it there."
                                            .formatted(c.words()));
                        });
        var unit = entity(id);
        if (!unit.circumstances.equals(said)) {
            unit.circumstances = Set.copyOf(said);
            unit.keep(bench.name(), clock.instant());
            units.flush();
        }
    }

    /** Units that are out of use. */
    @Transactional(readOnly = true)
    public Set<UUID> putAway() {
        return Set.copyOf(units.putAway());
    }

    /**
     * Corrects the papers; open jobs follow them from then on.
     *
     * @param version version that was seen
     * @return what changed its number by it
     */
    @Transactional
    public PapersMoves correct(UUID id, long version, UnitRequest request) {
        var unit = entity(id);
        unit.refuseStale(version, () -> UnitMapping.view(unit));
        var before = UnitMapping.drive(unit);
        var layout = unit.layout;
        var stages = PapersMoves.stages(before.stages().size(), request.stages());
        fill(unit, request);
        var moves = PapersMoves.of(before, UnitMapping.drive(unit), stages);
        if (layout != null && layout.equals(unit.layout) && !moves.isNothing()) {
            unit.layout =
                    LayoutMapping.moved(layout, before, UnitMapping.drive(unit), moves.shafts());
        }
        units.saveAndFlush(unit);
        return moves;
    }

    /** Puts a unit away that is gone; nothing falls due on it and no job is opened. */
    @Transactional
    public void putAway(UUID id, PutAwayRequest request) {
        var unit = entity(id);
        unit.refuseStale(request.version(), () -> UnitMapping.view(unit));
        Refused.ifAny(text("why", "The reason", request.why(), PutAwayRequest.LONGEST_WHY));
        unit.putAway = new PutAway(bench.name(), clock.instant(), request.why().strip());
        unit.keep(bench.name(), clock.instant());
        units.flush();
    }

    @Transactional
    public void takeBack(UUID id, long version) {
        var unit = entity(id);
        unit.refuseStale(version, () -> UnitMapping.view(unit));
        unit.putAway = null;
        unit.keep(bench.name(), clock.instant());
        units.flush();
    }

    /** @throws Refused when the unit is put away: it is taken back before a job is opened on it */
    @Transactional(readOnly = true)
    public void refusePutAway(UUID id) {
        var unit = entity(id);
        if (unit.putAway != null) {
            throw Refused.because(
                    "unitId",
                    "%s was put away by %s (%s). Take it back on its own page first."
                            .formatted(unit.tag, unit.putAway.by(), unit.putAway.why()));
        }
    }

    private void save(UnitRequest request) {
        var unit = new UnitEntity();
        unit.id = request.id();
        fill(unit, request);
        units.saveAndFlush(unit);
    }

    private void fill(UnitEntity unit, UnitRequest request) {
        var faults = new Faults();
        faults.gather(() -> named(unit.id, request));
        var power =
                faults.gather(
                        () ->
                                Optional.ofNullable(
                                        EnteredNumber.readOptional(
                                                request.inputPower(),
                                                "inputPower",
                                                "input power",
                                                EntryKind.POWER)));
        faults.gather(() -> checkedSpeed(request.inputSpeedRpm()));
        var positions =
                request.positions() == null ? List.<PositionRequest>of() : request.positions();
        faults.gather(() -> DrivePapers.read(request.stages(), positions, null, 0));
        faults.throwIfAny();
        unit.tag = request.tag().strip();
        unit.name = request.name().strip();
        unit.kind = request.kind().strip();
        unit.duty = request.duty();
        unit.underWarranty = request.underWarranty();
        unit.stages = request.stages().stream().map(StageRequest::kept).toList();
        unit.positions = positions.isEmpty() ? null : positions;
        unit.inputSpeedRpm = request.inputSpeedRpm();
        unit.inputPower = power == null ? null : power.orElse(null);
        var drive = UnitMapping.drive(unit);
        if (request.layout() != null) {
            unit.layout = LayoutMapping.checked(request.layout(), drive);
        }
        unit.keep(bench.name(), clock.instant());
    }

    private static Boolean checkedSpeed(@Nullable Double rpm) {
        Refused.ifAny(rpm == null ? Optional.empty() : Drive.INPUT_SPEED.judge(rpm));
        return true;
    }

    private Boolean named(UUID id, UnitRequest request) {
        Refused.ifAny(
                text("tag", "Tag", request.tag(), 20),
                text("name", "Name", request.name(), 120),
                text("kind", "Kind of gearbox", request.kind(), 60));
        units.findByTagIgnoreCase(request.tag().strip())
                .filter(other -> !other.id.equals(id))
                .ifPresent(
                        other -> {
                            throw Refused.because(
                                    "tag",
                                    "Tag "
                                            + other.tag
                                            + " is already taken by "
                                            + other.name
                                            + ". Open the job on that unit, or use another tag.");
                        });
        return true;
    }

    private static Optional<Problem> text(String field, String label, String text, int most) {
        int length = text.strip().length();
        if (length == 0) {
            return Optional.of(Problem.told(field, label + " is missing."));
        }
        return length <= most
                ? Optional.empty()
                : Optional.of(
                        Problem.told(
                                field,
                                "%s has %d characters; at most %d fit. Shorten it."
                                        .formatted(label, length, most)));
    }

    private UnitEntity entity(UUID id) {
        return units.findById(id)
                .orElseThrow(() -> new NotThere("There is no such unit. Look under Units."));
    }
}
