package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;

import app.yunque.plan.Before;
import app.yunque.plan.HandlingCost;
import app.yunque.teardown.Envelope.Section;
import app.yunque.teardown.Opening.Faces;
import app.yunque.teardown.Statement.Kind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A case of made-up parts that is put together part by part, by somebody who knows nothing of how plans are made: whether a part can go in
 * hangs on what is in. What the log holds is another rule with a test of its own. Trade facts: common practice, no source.
 */
record SimulatedUnit(
        List<TeardownStep> steps, List<Opening> openings, List<Statement> said, List<Before> kept) {
    static final List<String> SHAFTS = List.of("input shaft", "output shaft");
    private static final HandlingCost COST = HandlingCost.USUAL;

    SimulatedUnit(List<TeardownStep> steps, List<Opening> openings, List<Statement> said) {
        this(steps, openings, said, new ArrayList<>());
    }

    /** What the log shows, worked out once. */
    private List<Before> log() {
        if (kept.isEmpty()) {
            kept.addAll(LogOrder.of(steps, SHAFTS, this::ownsItsWay, this::areFree));
        }
        return kept;
    }

    /** Of two named in a sentence that is no must, the log says nothing. */
    private boolean areFree(String one, String other) {
        return said.stream()
                .filter(s -> s.kind() != Kind.MUST)
                .anyMatch(
                        s ->
                                Set.of(s.first(), s.then()).equals(Set.of(one, other))
                                        || (s.kind() == Kind.EITHER
                                                && Set.of(s.orElse(), s.then())
                                                        .equals(Set.of(one, other))));
    }

    StripModel model() {
        return new StripModel(steps, said, openings, SHAFTS);
    }

    static SimulatedUnit random(int seed) {
        var random = new Random(seed);
        int size = 4 + random.nextInt(seed % 10 == 0 ? 9 : 6);
        var openings = new ArrayList<Opening>();
        for (int i = 0; i < 1 + random.nextInt(3); i++) {
            double across = 30.5 + 20 * random.nextInt(3);
            openings.add(
                    new Opening(
                            "opening " + i,
                            Opening.Shape.ROUND,
                            across,
                            across,
                            random.nextInt(5) == 0 ? "" : "part " + (1 + random.nextInt(3)),
                            random.nextBoolean() ? Faces.LEFT : Faces.RIGHT,
                            0,
                            null));
        }
        var steps = new ArrayList<TeardownStep>();
        for (int n = 1; n <= size; n++) {
            steps.add(part(n, random, openings));
        }
        var said = new ArrayList<Statement>();
        for (int i = 0; i < random.nextInt(3); i++) {
            var three = distinct(random, size);
            said.add(
                    new Statement(
                            "x" + i,
                            Kind.values()[random.nextInt(3)],
                            "s" + three.get(0),
                            "s" + three.get(1),
                            "s" + three.get(2),
                            "so it is"));
        }
        return new SimulatedUnit(steps, openings, said);
    }

    private static List<Integer> distinct(Random random, int size) {
        var all = new ArrayList<>(IntStream.rangeClosed(1, size).boxed().toList());
        Collections.shuffle(all, random);
        return all.subList(0, 3);
    }

    private static TeardownStep part(int n, Random random, List<Opening> openings) {
        var kinds =
                new PartKind[] {
                    PartKind.COVER,
                    PartKind.GEAR,
                    PartKind.GEAR,
                    PartKind.SHAFT,
                    PartKind.CIRCLIP,
                    PartKind.SPRING,
                    PartKind.PLUG
                };
        var kind = n <= 2 ? PartKind.COVER : kinds[random.nextInt(kinds.length)];
        int shaft = kind == PartKind.COVER ? random.nextInt(2) : 1 + random.nextInt(2);
        var part =
                step(n, "part " + n, kind)
                        .on(shaft, Side.values()[random.nextInt(3)])
                        .work(
                                random.nextInt(3) == 0 ? "" : "tool " + random.nextInt(3),
                                random.nextInt(3) == 0 ? "" : "side " + random.nextInt(2),
                                1 + random.nextInt(4));
        var by =
                random.nextInt(4) == 0
                        ? new String[] {"opening " + random.nextInt(openings.size())}
                        : new String[0];
        if (kind == PartKind.SHAFT) {
            var outline = new ArrayList<Section>();
            for (int i = 0; i < 1 + random.nextInt(3); i++) {
                int thick = 20 + 10 * random.nextInt(4);
                outline.add(
                        new Section(
                                thick,
                                40,
                                random.nextInt(5) == 0 ? thick + 10.0 * random.nextInt(3) : null));
            }
            return part.envelope(Envelope.stepped(outline), by).build();
        }
        if (kind == PartKind.GEAR && random.nextInt(4) > 0) {
            return part.hub(
                            Envelope.round(30 + 20 * random.nextInt(4), 20),
                            random.nextInt(3) == 0 ? null : 20.0 + 10 * random.nextInt(4),
                            random.nextInt(3) == 0 ? 1 + random.nextInt(3) : null,
                            by)
                    .build();
        }
        return kind == PartKind.SPRING && random.nextBoolean()
                ? part.envelope(Envelope.round(10 + 20 * random.nextInt(3), 5), by).build()
                : part.build();
    }

    /** Everything about the unit, for a test that fails. */
    String told() {
        var lines = new StringBuilder();
        steps.forEach(
                s ->
                        lines.append("\n")
                                .append(s.id())
                                .append(' ')
                                .append(s.kind())
                                .append(" shaft ")
                                .append(s.shaft())
                                .append(' ')
                                .append(s.side())
                                .append(' ')
                                .append(s.detail().body()));
        openings.forEach(o -> lines.append("\n").append(o));
        said.forEach(x -> lines.append("\n").append(x));
        return lines + "\n";
    }

    // What follows is the simulator.

    private boolean closes(TeardownStep part, Opening opening) {
        return steps.stream()
                        .filter(s -> s.part().equals(opening.closedBy()))
                        .findFirst()
                        .orElse(null)
                == part;
    }

    private boolean isOpen(Opening opening, TeardownStep but, Set<TeardownStep> in) {
        return in.stream().noneMatch(p -> p != but && closes(p, opening));
    }

    private static boolean fits(TeardownStep part, Opening opening) {
        var size = part.detail().body().envelope();
        return size == null || size.aMm() + 0.5 <= opening.widthMm();
    }

    private List<Opening> named(TeardownStep part) {
        var by = part.detail().body().leavesBy();
        return openings.stream().filter(o -> by.isEmpty() || by.contains(o.name())).toList();
    }

    private static boolean isKnown(TeardownStep part) {
        var body = part.detail().body();
        return body.envelope() != null || !body.leavesBy().isEmpty();
    }

    /** Hubs of a shaft that do not come along by an opening and so are in before it. */
    private List<TeardownStep> staying(TeardownStep shaft, Opening opening) {
        return steps.stream()
                .filter(s -> s.shaft() == shaft.shaft())
                .filter(s -> s.kind() == PartKind.GEAR || s.kind() == PartKind.SPRING)
                .filter(s -> s.detail().body().envelope() != null)
                .filter(s -> !fits(s, opening) || isWalledIn(s, shaft, opening))
                .toList();
    }

    /** Something on a shaft has an inner wall with too small a bore between itself and the opening. */
    private static boolean isWalledIn(TeardownStep part, TeardownStep shaft, Opening opening) {
        var seat = seat(shaft, part);
        var outline = shaft.detail().body().envelope().outline();
        return seat != null
                && IntStream.rangeClosed(1, outline.size())
                        .filter(i -> opening.faces() == Faces.LEFT ? i < seat : i > seat)
                        .mapToObj(i -> outline.get(i - 1).wallBoreMm())
                        .anyMatch(
                                b -> b != null && part.detail().body().envelope().aMm() + 0.5 > b);
    }

    /** A part on a shaft stays behind its inner walls also when the shaft is out; unless somebody knows better. */
    private boolean isWalledOff(TeardownStep part, Opening opening) {
        return part.kind() != PartKind.SHAFT
                && part.detail().body().envelope() != null
                && part.detail().body().leavesBy().isEmpty()
                && steps.stream()
                        .filter(s -> s.kind() == PartKind.SHAFT && s.shaft() == part.shaft())
                        .anyMatch(s -> isWalledIn(part, s, opening));
    }

    /** The shaft itself goes through every inner wall that its far steps have to pass. */
    private static boolean passesItsWalls(TeardownStep shaft, Opening opening) {
        var outline = shaft.detail().body().envelope().outline();
        for (int wall = 0; wall < outline.size(); wall++) {
            var bore = outline.get(wall).wallBoreMm();
            for (int i = 0; bore != null && i < outline.size(); i++) {
                boolean isFar = opening.faces() == Faces.LEFT ? i > wall : i < wall;
                if (isFar && outline.get(i).diameterMm() > bore) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Ways by which a part can go in at all; how the rest of the unit stands is not asked. */
    private List<Opening> ways(TeardownStep part) {
        return named(part).stream()
                .filter(o -> fits(part, o) && !isWalledOff(part, o))
                .filter(
                        o ->
                                part.kind() != PartKind.SHAFT
                                        || (passesItsWalls(part, o)
                                                && staying(part, o).stream()
                                                        .allMatch(h -> letsThrough(part, h, o))))
                .toList();
    }

    /** The thicker steps of the shaft must not come from the far side of the hub. */
    private static boolean letsThrough(TeardownStep shaft, TeardownStep hub, Opening opening) {
        var bore = hub.detail().body().boreMm();
        if (bore == null) {
            return true;
        }
        var thick =
                shaft.detail().body().envelope().outline().stream()
                        .map(s -> s.diameterMm() > bore + 0.5)
                        .toList();
        var seat = seat(shaft, hub);
        if (seat == null) {
            return thick.contains(false);
        }
        return opening.faces() == Faces.LEFT
                ? !thick.subList(Math.min(seat, thick.size()), thick.size()).contains(true)
                : !thick.subList(0, Math.min(seat - 1, thick.size())).contains(true);
    }

    private static @Nullable Integer seat(TeardownStep shaft, TeardownStep hub) {
        var body = hub.detail().body();
        if (body.seat() != null || body.boreMm() == null) {
            return body.seat();
        }
        var outline = shaft.detail().body().envelope().outline();
        var alike =
                IntStream.range(0, outline.size())
                        .filter(i -> outline.get(i).diameterMm() == body.boreMm())
                        .boxed()
                        .toList();
        return alike.size() == 1 ? alike.get(0) + 1 : null;
    }

    /** A ring that was on the shaft already would meet the hub on the shaft's way in. */
    private boolean meets(
            TeardownStep ring, TeardownStep hub, TeardownStep shaft, Opening opening) {
        var one = ring.detail().body().seat();
        var other = seat(shaft, hub);
        int place =
                one != null && other != null && !one.equals(other)
                        ? one - other
                        : ring.side().ordinal() - hub.side().ordinal();
        return opening.faces() == Faces.LEFT ? place > 0 : place < 0;
    }

    boolean ownsItsWay(String id) {
        var part = byId(id);
        return isKnown(part)
                && ways(part).stream().anyMatch(o -> steps.stream().anyMatch(s -> closes(s, o)));
    }

    /** Whether a part can go in when these are in. */
    boolean mayGoIn(TeardownStep part, Set<TeardownStep> in) {
        for (var before : log()) {
            if (before.first().equals(part.id()) && !in.contains(byId(before.then()))) {
                return false;
            }
        }
        return said.stream().allMatch(s -> agrees(s, part, in)) && goesIn(part, in);
    }

    private boolean goesIn(TeardownStep part, Set<TeardownStep> in) {
        var ways = ways(part);
        if (!isKnown(part) || ways.isEmpty()) {
            // Where it passes nothing on record a size is wrong; that is told, and blocks
            // nothing.
            return true;
        }
        if (part.kind() != PartKind.SHAFT) {
            return ways.stream().anyMatch(o -> isOpen(o, part, in));
        }
        return ways.stream().anyMatch(o -> goesThrough(part, o, in)) && areHeld(part, ways, in);
    }

    private boolean goesThrough(TeardownStep shaft, Opening o, Set<TeardownStep> in) {
        return isOpen(o, shaft, in)
                && staying(shaft, o).stream().allMatch(in::contains)
                && in.stream()
                        .filter(r -> r.kind() == PartKind.CIRCLIP && r.shaft() == shaft.shaft())
                        .noneMatch(
                                r ->
                                        staying(shaft, o).stream()
                                                .anyMatch(h -> meets(r, h, shaft, o)));
    }

    /** What stays inside by whichever way has to be held, if the log had it so. */
    private boolean areHeld(TeardownStep shaft, List<Opening> ways, Set<TeardownStep> in) {
        for (var hub : staying(shaft, ways.get(0))) {
            boolean always = ways.stream().allMatch(o -> staying(shaft, o).contains(hub));
            var doors = ways(hub);
            if (always
                    && isKnown(hub)
                    && !doors.isEmpty()
                    && doors.stream()
                            .noneMatch(
                                    o ->
                                            in.stream()
                                                    .noneMatch(
                                                            p ->
                                                                    p != hub
                                                                            && p != shaft
                                                                            && p.number()
                                                                                    < shaft.number()
                                                                            && closes(p, o)))) {
                return false;
            }
        }
        return true;
    }

    private boolean agrees(Statement said, TeardownStep part, Set<TeardownStep> in) {
        if (said.kind() == Kind.MUST) {
            return !said.first().equals(part.id()) || in.contains(byId(said.then()));
        }
        return said.kind() == Kind.FREE
                || !said.then().equals(part.id())
                || !in.contains(byId(said.first()))
                || !in.contains(byId(said.orElse()));
    }

    TeardownStep byId(String id) {
        return steps.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    boolean canBeBuilt(List<String> order) {
        var in = new java.util.HashSet<TeardownStep>();
        for (var id : order) {
            if (!mayGoIn(byId(id), in)) {
                return false;
            }
            in.add(byId(id));
        }
        return true;
    }

    /** What is in, and what is in hand. */
    private record State(Set<String> in, String tool, String position) {}

    /** The cheapest way to have everything in, over all sets of parts; infinite when there is none. */
    double quickest() {
        Map<State, Double> now = Map.of(new State(Set.of(), "", ""), 0.0);
        for (int i = 0; i < steps.size(); i++) {
            var next = new HashMap<State, Double>();
            for (var entry : now.entrySet()) {
                var in = entry.getKey().in.stream().map(this::byId).collect(Collectors.toSet());
                for (var part : steps) {
                    if (!in.contains(part) && mayGoIn(part, in)) {
                        add(part, entry.getKey(), entry.getValue(), next);
                    }
                }
            }
            now = next;
        }
        return now.values().stream()
                .mapToDouble(Double::doubleValue)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static void add(TeardownStep part, State at, double minutes, Map<State, Double> next) {
        var work = part.detail().work();
        boolean tool = !work.tool().isEmpty() && !work.tool().equals(at.tool);
        boolean flip = !work.position().isEmpty() && !work.position().equals(at.position);
        var in = new java.util.HashSet<>(at.in);
        in.add(part.id());
        next.merge(
                new State(in, tool ? work.tool() : at.tool, flip ? work.position() : at.position),
                minutes
                        + work.minutesOrUsual()
                        + (tool ? COST.toolChange() : 0)
                        + (flip ? COST.flip() : 0),
                Math::min);
    }
}
