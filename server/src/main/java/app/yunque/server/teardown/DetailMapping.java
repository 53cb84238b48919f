package app.yunque.server.teardown;

import app.yunque.fastener.ScrewHole;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.Entered;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.teardown.Belongs;
import app.yunque.teardown.Envelope;
import app.yunque.teardown.Fastening;
import app.yunque.teardown.GoesOn;
import app.yunque.teardown.StepDetail;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Between the details of a step as entered and the core. */
final class DetailMapping {
    private static final Map<String, String> DETAIL =
            Map.of("thicknessMm", "thickness", "boreMm", "bore");
    private static final Map<String, String> ENVELOPE =
            Map.of("aMm", "width", "bMm", "height", "lengthMm", "length");
    private static final Map<String, String> SECTION =
            Map.of("diameterMm", "diameter", "lengthMm", "length", "wallBoreMm", "wallBore");
    private static final Map<String, String> HOLE =
            Map.of("gripMm", "grip", "threadMm", "thread", "freeMm", "free");

    private DetailMapping() {}

    static StepDetail core(@Nullable DetailRequest given) {
        if (given == null) {
            return StepDetail.NONE;
        }
        var faults = new Faults();
        var work =
                faults.gather(
                        at(
                                () ->
                                        new StepDetail.Work(
                                                text(given.tool()),
                                                text(given.position()),
                                                text(given.area()),
                                                given.minutes(),
                                                given.people() == null ? 1 : given.people())));
        var envelope = faults.gather(() -> new Maybe<>(envelope(given.envelope())));
        var thickness =
                faults.gather(
                        () ->
                                new Maybe<>(
                                        length(
                                                given.thickness(),
                                                "detail.thickness",
                                                "thickness")));
        var bore =
                faults.gather(
                        () -> new Maybe<>(length(given.bore(), "detail.bore", "bore of the part")));
        var body =
                envelope == null || thickness == null || bore == null
                        ? null
                        : faults.gather(
                                at(
                                        () ->
                                                new StepDetail.Body(
                                                        envelope.value(),
                                                        given.leavesBy() == null
                                                                ? List.of()
                                                                : given.leavesBy(),
                                                        given.massKg(),
                                                        thickness.value(),
                                                        given.teeth(),
                                                        bore.value(),
                                                        given.seat(),
                                                        given.drawn())));
        var found =
                faults.gather(
                        at(
                                () ->
                                        new StepDetail.Found(
                                                text(given.hard()),
                                                text(given.stuckTo()),
                                                text(given.notOriginal()),
                                                given.setting(),
                                                given.energy(),
                                                given.loose() == null
                                                        ? List.of()
                                                        : given.loose())));
        var screws = faults.gather(() -> new Maybe<>(ScrewsMapping.core(given.screws())));
        var back =
                faults.gather(
                        at(
                                () ->
                                        new StepDetail.Back(
                                                text(given.matchMark()),
                                                text(given.matchedWith()),
                                                given.positions(),
                                                given.goesOn() == null
                                                        ? GoesOn.UNSAID
                                                        : given.goesOn(),
                                                Boolean.TRUE.equals(given.facingMatters()),
                                                text(given.check()),
                                                belongs(given.belongs()),
                                                screws == null ? null : screws.value())));
        var further = faults.gather(() -> further(given.alsoHeldBy()));
        faults.throwIfAny();
        return at(() ->
                        new StepDetail(
                                Objects.requireNonNull(work),
                                Objects.requireNonNull(body),
                                Objects.requireNonNull(found),
                                Objects.requireNonNull(back),
                                text(given.subassembly()),
                                Boolean.TRUE.equals(given.leftAssembled()),
                                Objects.requireNonNull(further)))
                .get();
    }

    private static List<Fastening> further(@Nullable List<StepRequest.FasteningRequest> given) {
        var faults = new Faults();
        var sets = new ArrayList<Fastening>();
        for (int i = 0; given != null && i < given.size(); i++) {
            var set = given.get(i);
            var at = "detail.alsoHeldBy[%d].".formatted(i);
            var read = faults.gather(() -> StepMapping.further(set, at));
            if (read != null) {
                sets.add(read);
            }
        }
        faults.throwIfAny();
        return sets;
    }

    private static @Nullable Belongs belongs(DetailRequest.@Nullable BelongsRequest given) {
        return given == null
                ? null
                : new Belongs(
                        given.standing(), text(given.part()), given.kind(), text(given.because()));
    }

    static @Nullable ScrewHole hole(StepRequest.@Nullable HoleRequest given) {
        if (given == null) {
            return null;
        }
        var at = "hole.";
        var faults = new Faults();
        var grip = faults.gather(() -> must(given.grip(), at + "grip", "clamped thickness"));
        var thread = faults.gather(() -> must(given.thread(), at + "thread", "depth of thread"));
        var free =
                faults.gather(
                        () ->
                                new Maybe<>(
                                        length(
                                                given.free(),
                                                at + "free",
                                                "free room behind the hole")));
        faults.throwIfAny();
        return AtField.named(
                at,
                HOLE,
                () ->
                        new ScrewHole(
                                Objects.requireNonNull(grip),
                                Objects.requireNonNull(thread),
                                given.through(),
                                Objects.requireNonNull(free).value(),
                                given.behind(),
                                given.into()));
    }

    /** Holds a value that may be missing, since a refusal is told by null. */
    private record Maybe<T>(@Nullable T value) {}

    private static <T> Supplier<T> at(Supplier<T> make) {
        return () -> AtField.named("detail.", DETAIL, make);
    }

    private static @Nullable Envelope envelope(DetailRequest.@Nullable EnvelopeRequest given) {
        if (given == null) {
            return null;
        }
        if (given.steps() != null && !given.steps().isEmpty()) {
            return stepped(given.steps());
        }
        var faults = new Faults();
        var width =
                faults.gather(
                        () -> must(given.width(), "detail.envelope.width", "diameter or width"));
        var height =
                faults.gather(
                        () ->
                                given.shape() == Envelope.Shape.ROUND
                                        ? Objects.requireNonNullElse(width, Double.NaN)
                                        : must(given.height(), "detail.envelope.height", "height"));
        var length =
                faults.gather(
                        () -> must(given.length(), "detail.envelope.length", "length of the part"));
        faults.throwIfAny();
        return AtField.named(
                "detail.envelope.",
                ENVELOPE,
                () ->
                        new Envelope(
                                given.shape(),
                                Objects.requireNonNull(width),
                                Objects.requireNonNull(height),
                                Objects.requireNonNull(length)));
    }

    private static Envelope stepped(List<DetailRequest.ShaftStepRequest> given) {
        var faults = new Faults();
        var outline = new ArrayList<Envelope.Section>();
        for (int i = 0; i < given.size(); i++) {
            var at = "detail.envelope.steps[" + i + "].";
            var step = given.get(i);
            var diameter =
                    faults.gather(
                            () -> must(step.diameter(), at + "diameter", "diameter of the step"));
            var length =
                    faults.gather(() -> must(step.length(), at + "length", "length of the step"));
            var wall =
                    faults.gather(
                            () ->
                                    length(
                                            step.wallBore(),
                                            at + "wallBore",
                                            "bore of the inner wall"));
            if (diameter != null && length != null) {
                var section =
                        faults.gather(
                                () ->
                                        AtField.named(
                                                at,
                                                SECTION,
                                                () ->
                                                        new Envelope.Section(
                                                                diameter, length, wall)));
                if (section != null) {
                    outline.add(section);
                }
            }
        }
        faults.throwIfAny();
        return AtField.named(
                "detail.envelope.", Map.of("outline", "steps"), () -> Envelope.stepped(outline));
    }

    private static double must(@Nullable EnteredNumber number, String field, String label) {
        return EnteredNumber.read(number, field, label, EntryKind.LENGTH).canonical();
    }

    private static @Nullable Double length(
            @Nullable EnteredNumber number, String field, String label) {
        return Entered.valueOf(EnteredNumber.readOptional(number, field, label, EntryKind.LENGTH));
    }

    private static String text(@Nullable String given) {
        return given == null ? "" : given.strip();
    }
}
