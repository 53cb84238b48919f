package app.yunque.server.teardown;

import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.Entered;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.teardown.Fastening;
import app.yunque.teardown.GearPlace;
import app.yunque.teardown.StepDetail;
import app.yunque.teardown.TeardownStep;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Between a step as entered, its columns and the core. */
final class StepMapping {
    private static final Map<String, String> FASTENING =
            Map.of("fasteningCount", "count", "lengthMm", "length", "torqueNm", "torque");

    private StepMapping() {}

    /** Fills the columns from a request; a value that cannot be is refused before anything changes. */
    static void fill(StepEntity step, StepRequest request) {
        var faults = new Faults();
        var fastening = request.fastening();
        var length =
                faults.gather(
                        () ->
                                optional(
                                        fastening == null ? null : fastening.length(),
                                        "fastening.length",
                                        "screw length",
                                        EntryKind.LENGTH));
        var torque =
                faults.gather(
                        () ->
                                optional(
                                        fastening == null ? null : fastening.torque(),
                                        "fastening.torque",
                                        "torque",
                                        EntryKind.TORQUE));
        faults.throwIfAny();
        step.part = request.part().strip();
        step.kind = request.kind();
        step.count = request.count();
        step.shaft = request.shaft();
        step.side = request.side();
        step.gearStage = request.gear() == null ? null : request.gear().stage();
        step.gearMember = request.gear() == null ? null : request.gear().member();
        step.wayRound = request.wayRound().strip();
        step.screwCount = fastening == null ? null : fastening.count();
        step.screwThread = fastening == null ? null : fastening.thread();
        step.screwLength = length == null ? null : length.orElse(null);
        step.screwLeftHand = fastening != null && fastening.leftHand();
        step.screwTorque = torque == null ? null : torque.orElse(null);
        step.screwTorqueSource = fastening == null ? "" : fastening.torqueSource().strip();
        step.singleUse = request.singleUse();
        step.tray = request.tray().strip();
        step.condition = request.condition();
        step.note = request.note().strip();
        step.detail =
                request.detail() == null && fastening == null
                        ? null
                        : new KeptDetail(
                                request.detail(),
                                fastening == null ? null : fastening.drive(),
                                fastening == null ? null : fastening.locking(),
                                fastening == null ? null : fastening.hole(),
                                fastening == null ? null : fastening.byFeel());
        var checked = core(step, 1).fastening();
        if (checked != null) {
            step.screwThread = checked.thread();
        }
    }

    /** What a step said before; its place stays, since the places of a strip can have been spread anew. */
    static void copy(StepEntity from, StepEntity to) {
        fill(to, given(from));
        to.removed = from.removed;
    }

    static TeardownStep core(StepEntity step, int number) {
        var faults = new Faults();
        var fastening =
                faults.gather(
                        () ->
                                AtField.named(
                                        "fastening.",
                                        FASTENING,
                                        () -> Optional.ofNullable(fastening(step))));
        var detail =
                faults.gather(
                        () ->
                                DetailMapping.core(
                                        step.detail == null ? null : step.detail.detail()));
        var core =
                faults.gather(
                        () ->
                                new TeardownStep(
                                        step.id.toString(),
                                        number,
                                        step.part,
                                        step.kind,
                                        step.count,
                                        step.shaft,
                                        step.side,
                                        gear(step),
                                        step.wayRound,
                                        fastening == null ? null : fastening.orElse(null),
                                        step.singleUse,
                                        step.tray,
                                        step.condition,
                                        step.note,
                                        detail == null ? StepDetail.NONE : detail));
        faults.throwIfAny();
        return Objects.requireNonNull(core);
    }

    static StepRequest given(StepEntity step) {
        return new StepRequest(
                step.version(),
                step.part,
                step.kind,
                step.count,
                step.shaft,
                step.side,
                step.gearStage == null || step.gearMember == null
                        ? null
                        : new StepRequest.GearRequest(step.gearStage, step.gearMember),
                step.wayRound,
                step.screwCount == null || step.screwThread == null
                        ? null
                        : new StepRequest.FasteningRequest(
                                step.screwCount,
                                step.screwThread,
                                EnteredNumber.of(step.screwLength),
                                step.screwLeftHand,
                                EnteredNumber.of(step.screwTorque),
                                step.screwTorqueSource,
                                step.detail == null ? null : step.detail.drive(),
                                step.detail == null ? null : step.detail.locking(),
                                step.detail == null ? null : step.detail.hole(),
                                step.detail == null ? null : step.detail.byFeel()),
                step.singleUse,
                step.tray,
                step.condition,
                step.note,
                step.detail == null ? null : step.detail.detail());
    }

    private static Optional<Entered> optional(
            @Nullable EnteredNumber number, String field, String label, EntryKind kind) {
        return Optional.ofNullable(EnteredNumber.readOptional(number, field, label, kind));
    }

    private static @Nullable GearPlace gear(StepEntity step) {
        return step.gearStage == null || step.gearMember == null
                ? null
                : new GearPlace(step.gearStage, step.gearMember);
    }

    private static @Nullable Fastening fastening(StepEntity step) {
        if (step.screwCount == null || step.screwThread == null) {
            return null;
        }
        var kept = step.detail;
        return new Fastening(
                step.screwCount,
                step.screwThread,
                Entered.valueOf(step.screwLength),
                step.screwLeftHand,
                Entered.valueOf(step.screwTorque),
                step.screwTorqueSource,
                kept == null || kept.drive() == null ? "" : kept.drive(),
                kept == null || kept.locking() == null ? Fastening.Locking.NONE : kept.locking(),
                DetailMapping.hole(kept == null ? null : kept.hole()),
                new Fastening.AsTyped(
                        typed(step.screwLength, EntryUnit.MM),
                        typed(step.screwTorque, EntryUnit.NEWTON_METRE)),
                kept == null || kept.byFeel() == null ? "" : kept.byFeel());
    }

    /** A further set of screws as entered; its fields are told by where it stands. */
    static Fastening further(StepRequest.FasteningRequest given, String at) {
        var faults = new Faults();
        var length =
                faults.gather(
                        () ->
                                optional(
                                        given.length(),
                                        at + "length",
                                        "screw length",
                                        EntryKind.LENGTH));
        var torque =
                faults.gather(
                        () -> optional(given.torque(), at + "torque", "torque", EntryKind.TORQUE));
        faults.throwIfAny();
        var lengthOr = Objects.requireNonNull(length).orElse(null);
        var torqueOr = Objects.requireNonNull(torque).orElse(null);
        return AtField.named(
                at,
                FASTENING,
                () ->
                        new Fastening(
                                given.count(),
                                given.thread(),
                                Entered.valueOf(lengthOr),
                                given.leftHand(),
                                Entered.valueOf(torqueOr),
                                given.torqueSource(),
                                given.drive() == null ? "" : given.drive(),
                                given.locking() == null ? Fastening.Locking.NONE : given.locking(),
                                DetailMapping.hole(given.hole()),
                                new Fastening.AsTyped(
                                        typed(lengthOr, EntryUnit.MM),
                                        typed(torqueOr, EntryUnit.NEWTON_METRE)),
                                given.byFeel() == null ? "" : given.byFeel()));
    }

    /** As it stood in the field; empty where that was the unit we count in. */
    private static String typed(@Nullable Entered entered, EntryUnit ours) {
        return entered == null || entered.unit().equals(ours.code()) ? "" : entered.asEntered();
    }
}
