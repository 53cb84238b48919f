package app.yunque.server.bench;

import app.yunque.line.LineReading;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.teardown.DetailRequest;
import app.yunque.server.teardown.StepRequest;
import app.yunque.teardown.Belongs;
import app.yunque.teardown.Condition;
import app.yunque.teardown.Fastening.Locking;
import app.yunque.teardown.LooseItem;
import app.yunque.teardown.Side;
import app.yunque.teardown.StripAct;
import app.yunque.teardown.StripCautions;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A typed line, ready to be kept: as the parts that came off, or as something else that was done.
 *
 * @param act      what it is kept as; TAKE_OFF where it is kept as parts
 * @param says     the same in words
 * @param steps    the parts, in the order of the line; empty where none came off
 * @param pieces   what was understood, word by word
 * @param carried  what the line did not say and was taken from the step before, in words
 * @param cautions what can hurt somebody here, two at most
 * @param problems what was seen and cannot be, or has to be said first
 */
public record LineAnswer(
        StripAct act,
        String says,
        List<StepRequest> steps,
        List<LineReading.Piece> pieces,
        List<String> carried,
        List<String> cautions,
        List<String> problems) {

    /**
     * @param line   what was read
     * @param typed  the line as typed
     * @param before the last step, whose place and tray go on while the line does not say otherwise; null for the first
     * @param shafts names of the shafts
     * @param oilIsIn whether oil stands in the unit and nothing was drained
     */
    static LineAnswer of(
            LineReading line,
            String typed,
            @Nullable StepRequest before,
            List<String> shafts,
            BooleanSupplier oilIsIn) {
        var problems = new ArrayList<>(line.problems());
        var carried = new ArrayList<String>();
        boolean isMissing = line.act() == StripAct.MISSING && !line.parts().isEmpty();
        if (!line.takesOff() && !isMissing) {
            var act = line.act() == null ? StripAct.NOTE : line.act();
            return new LineAnswer(
                    act,
                    act.words(),
                    List.of(),
                    line.pieces(),
                    carried,
                    StripCautions.of(act, List.of(), typed, line.massKg(), () -> false),
                    problems);
        }
        problems.addAll(uncounted(line));
        var steps = steps(line, before, carried, shafts);
        var act = isMissing ? StripAct.MISSING : StripAct.TAKE_OFF;
        return new LineAnswer(
                act,
                act.words(),
                steps,
                line.pieces(),
                List.copyOf(carried),
                StripCautions.of(
                        act,
                        steps.stream().map(StepRequest::kind).toList(),
                        typed,
                        line.massKg(),
                        oilIsIn),
                problems);
    }

    /** "No circlip" is one that is missing; "no springs" are several. */
    private static final Pattern PLURAL = Pattern.compile(".*[^s]s");

    /** A ledger balances only over what was counted. */
    private static List<String> uncounted(LineReading line) {
        var parts =
                line.parts().stream()
                        .filter(p -> p.count() == null)
                        .filter(
                                p ->
                                        line.act() != StripAct.MISSING
                                                || PLURAL.matcher(p.name()).matches())
                        .map(
                                p ->
                                        PLURAL.matcher(p.name()).matches()
                                                ? "How many %s? Count them and say it: “3 %s”."
                                                        .formatted(p.name(), p.name())
                                                : "How many of %s? Count them and say it: “%s x3”."
                                                        .formatted(p.name(), p.name()));
        var loose =
                line.loose().stream()
                        .filter(l -> l.count() == null)
                        .map(l -> "How many %s? Count them.".formatted(l.name()));
        var screws =
                line.fasteners().stream()
                        .filter(f -> f.count() == null && !f.thread().isEmpty())
                        .map(
                                f ->
                                        "How many %s held it? Say it: “4x %s”."
                                                .formatted(f.thread(), f.thread()));
        return Stream.of(parts, loose, screws).flatMap(s -> s).toList();
    }

    private static List<StepRequest> steps(
            LineReading line,
            @Nullable StepRequest before,
            List<String> carried,
            List<String> shafts) {
        var steps = new ArrayList<StepRequest>();
        var previous = before;
        for (int i = 0; i < line.parts().size(); i++) {
            var step = step(line, i, previous, carried, shafts);
            steps.add(step);
            previous = step;
        }
        if (steps.isEmpty()) {
            for (int i = 0; i < line.loose().size(); i++) {
                var step = ofLoose(line, i, previous, carried, shafts);
                steps.add(step);
                previous = step;
            }
        }
        return List.copyOf(steps);
    }

    private record Place(int shaft, Side side, String tray) {}

    private static Place place(
            @Nullable Integer saidShaft,
            @Nullable Side saidSide,
            String saidTray,
            @Nullable StepRequest before,
            List<String> carried,
            List<String> shafts) {
        int shaft = saidShaft != null ? saidShaft : before == null ? 0 : before.shaft();
        Side side = saidSide != null ? saidSide : before == null ? Side.MIDDLE : before.side();
        var tray = saidTray;
        boolean isFirst = carried.isEmpty();
        if (before != null && saidShaft == null && isFirst) {
            carried.add(
                    "on the "
                            + (shaft == 0 || shaft > shafts.size()
                                    ? "housing"
                                    : shafts.get(shaft - 1)));
        }
        if (before != null && saidSide == null && shaft > 0 && isFirst) {
            carried.add(
                    side == Side.MIDDLE
                            ? "in the middle"
                            : side == Side.LEFT ? "left end" : "right end");
        }
        if (tray.isEmpty() && before != null && !before.tray().isEmpty()) {
            tray = before.tray();
            if (isFirst) {
                carried.add("tray " + tray);
            }
        }
        return new Place(shaft, shaft == 0 ? Side.MIDDLE : side, tray);
    }

    private static StepRequest step(
            LineReading line,
            int place,
            @Nullable StepRequest before,
            List<String> carried,
            List<String> shafts) {
        var part = line.parts().get(place);
        var at = place(part.shaft(), part.side(), line.tray(), before, carried, shafts);
        var own = line.fasteners().stream().filter(f -> f.part() == place).toList();
        var held = own.stream().filter(f -> !f.thread().isEmpty()).toList();
        var gear = part.gear();
        return new StepRequest(
                null,
                named(part),
                part.kind(),
                part.count() == null ? 1 : part.count(),
                at.shaft(),
                at.side(),
                gear == null ? null : new StepRequest.GearRequest(gear.stage(), gear.member()),
                part.wayRound(),
                held.isEmpty() ? null : fastening(held.get(0)),
                part.renew() || part.kind().isSingleUse(),
                line.act() == StripAct.MISSING ? line.tray() : at.tray(),
                part.condition(),
                note(line, place, part, held),
                detail(line, place, part, held));
    }

    /** With its size, which tells it from its like. */
    private static String named(LineReading.Part part) {
        var size =
                Stream.of(part.size(), part.position())
                        .filter(s -> !s.isEmpty())
                        .collect(Collectors.joining(", "));
        return size.isEmpty() ? part.name() : part.name() + " " + size;
    }

    /** Everything that has no field of its own; what was not understood stands with the first part, in the words typed. */
    private static String note(
            LineReading line, int place, LineReading.Part part, List<LineReading.Fastener> held) {
        return Stream.of(
                        part.foundBeside(),
                        part.with().isEmpty() ? "" : "with " + part.with(),
                        beside(line, place, held),
                        place == 0 && !line.goesOn().isEmpty() ? line.goesOn() + " goes on" : "",
                        place == 0 && !line.together().isEmpty() ? "came out together" : "",
                        place == 0 ? line.note() : "")
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining("; "));
    }

    /** What was said of screws and of loose things and has no field: a torque without a thread, the size of a ball. */
    private static String beside(LineReading line, int place, List<LineReading.Fastener> held) {
        var screws =
                line.fasteners().stream()
                        .filter(f -> f.part() == place || place == 0 && f.part() < 0)
                        .filter(f -> !held.contains(f))
                        .map(f -> "also held by " + f.inFull());
        var loose =
                line.loose().stream()
                        .filter(l -> place == 0)
                        .map(l -> ("loose: " + l.name() + " " + l.size()).strip());
        return Stream.concat(screws, loose).collect(Collectors.joining("; "));
    }

    private static StepRequest.FasteningRequest fastening(LineReading.Fastener screw) {
        return new StepRequest.FasteningRequest(
                screw.count() == null ? 1 : screw.count(),
                screw.thread(),
                number(screw.length()),
                Boolean.TRUE.equals(screw.leftHand()),
                number(screw.torque()),
                screw.torque() != null && screw.source().isEmpty()
                        ? "typed at the bench, no source"
                        : screw.source(),
                screw.drive(),
                screw.locking() == null ? Locking.NONE : screw.locking(),
                null,
                screw.byFeel().isEmpty() ? null : screw.byFeel());
    }

    private static StepRequest ofLoose(
            LineReading line,
            int place,
            @Nullable StepRequest before,
            List<String> carried,
            List<String> shafts) {
        var loose = line.loose().get(place);
        var at = place(null, null, line.tray(), before, carried, shafts);
        return new StepRequest(
                null,
                loose.size().isEmpty() ? loose.name() : loose.name() + " " + loose.size(),
                loose.kind(),
                loose.count() == null ? 1 : loose.count(),
                at.shaft(),
                at.side(),
                null,
                "",
                null,
                false,
                at.tray(),
                Condition.NOT_SAID,
                place > 0
                        ? ""
                        : Stream.concat(
                                        line.fasteners().stream()
                                                .map(f -> "also held by " + f.inFull()),
                                        Stream.of(line.note()))
                                .filter(n -> !n.isEmpty())
                                .collect(Collectors.joining("; ")),
                detail(line, place, null, null, null, null, null));
    }

    private static DetailRequest detail(
            LineReading line, int place, LineReading.Part part, List<LineReading.Fastener> held) {
        var loose =
                place > 0 || line.loose().isEmpty()
                        ? null
                        : line.loose().stream().map(LineAnswer::item).toList();
        return detail(
                line,
                place,
                loose,
                number(part.thickness()),
                part.teeth(),
                belongs(line, part),
                held.size() < 2 ? null : held.stream().skip(1).map(LineAnswer::fastening).toList());
    }

    /** Nothing was there, or something else than what belongs there. */
    private static DetailRequest.@Nullable BelongsRequest belongs(
            LineReading line, LineReading.Part part) {
        if (line.act() == StripAct.MISSING) {
            return new DetailRequest.BelongsRequest(Belongs.Standing.MISSING, null, null, null);
        }
        return part.insteadOf().isEmpty()
                ? null
                : new DetailRequest.BelongsRequest(
                        Belongs.Standing.WRONG, part.insteadOf(), null, null);
    }

    private static LooseItem item(LineReading.Loose loose) {
        int count = loose.count() == null ? 1 : loose.count();
        return new LooseItem(loose.kind(), count, count);
    }

    /** Minutes, mass, mark and what made it hard were said once, so they stand with the first part and are not counted again. */
    private static DetailRequest detail(
            LineReading line,
            int place,
            @Nullable List<LooseItem> loose,
            @Nullable EnteredNumber thickness,
            @Nullable Integer teeth,
            DetailRequest.@Nullable BelongsRequest belongs,
            @Nullable List<StepRequest.FasteningRequest> alsoHeldBy) {
        boolean isFirst = place == 0;
        return new DetailRequest(
                line.tool(),
                null,
                null,
                isFirst ? line.minutes() : null,
                isFirst ? line.people() : null,
                isFirst ? line.mark() : "",
                null,
                null,
                null,
                null,
                null,
                isFirst ? line.hard() : "",
                isFirst ? line.stuckTo() : "",
                null,
                null,
                null,
                loose,
                null,
                null,
                isFirst ? line.massKg() : null,
                thickness,
                teeth,
                null,
                null,
                belongs,
                alsoHeldBy,
                null,
                null,
                null,
                null);
    }

    private static @Nullable EnteredNumber number(LineReading.@Nullable Amount amount) {
        return amount == null ? null : new EnteredNumber(amount.text(), amount.unit());
    }
}
