package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import app.yunque.plan.Before;
import app.yunque.plan.Before.Origin;
import app.yunque.plan.EitherWay;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The unit in space: by which openings each part can go out, what closes them, and what becomes of what sits on a shaft that is drawn
 * out. Strip, reach, rebuild, two mechanics and the watch list all ask it.
 *
 * <p>A part whose size is known, or of which somebody said by which opening it leaves, comes off after what closes its way and goes back
 * before it; of any other nobody knows the way, and the log alone speaks. What closes an opening is the part of that name in the strip,
 * with the gasket under it; an opening that no part of the strip closes is open. What stayed together on a shaft has to pass with it. A
 * hub that a shaft is drawn out of has to be held from an opening that is still open. Common practice, no source.
 */
final class Space {
    private static final int DIGITS = 3;

    private final List<TeardownStep> steps;
    private final List<Opening> openings;
    private final Set<String> onTheBench;
    private final Map<String, List<WayOut>> ways = new LinkedHashMap<>();
    private final List<Before> musts = new ArrayList<>();
    private final List<EitherWay> choices = new ArrayList<>();
    private final Map<String, String> trapped = new LinkedHashMap<>();
    private final Set<String> asks = new LinkedHashSet<>();

    private Space(List<TeardownStep> steps, List<Opening> openings) {
        this.steps = steps;
        this.openings = openings;
        this.onTheBench = LogOrder.onTheBench(steps);
    }

    static Space of(List<TeardownStep> steps, List<Opening> openings) {
        var space = new Space(steps, openings);
        if (!openings.isEmpty()) {
            steps.stream().filter(space::knowsItsWay).forEach(space::read);
            space.holdWhatStays();
            space.openings.forEach(space::askWhatCloses);
        }
        return space;
    }

    /** What must come off before what, whichever way is gone. */
    List<Before> musts() {
        return List.copyOf(musts);
    }

    /** Parts that may go out one of several ways. */
    List<EitherWay> choices() {
        return List.copyOf(choices);
    }

    /** The ways of each part whose way is known, by step, barred ones among them. */
    Map<String, List<WayOut>> ways() {
        return Map.copyOf(ways);
    }

    /** Parts that can go out nowhere, by step, each with a sentence: a size is wrong, or an opening is missing. */
    Map<String, String> trapped() {
        return new LinkedHashMap<>(trapped);
    }

    /** What nobody measured or said, and something hangs on it. */
    List<String> asks() {
        return List.copyOf(asks);
    }

    /** True for a part of which it is known by which openings it can go out, and one of them can be closed. */
    boolean ownsItsWay(String step) {
        return ways.getOrDefault(step, List.of()).stream()
                .filter(w -> !w.isBarred())
                .anyMatch(w -> closer(w.opening()).isPresent());
    }

    private boolean knowsItsWay(TeardownStep step) {
        var body = step.detail().body();
        return !onTheBench.contains(step.id())
                && (body.envelope() != null || !body.leavesBy().isEmpty());
    }

    private void read(TeardownStep step) {
        var found = new ArrayList<WayOut>();
        for (var opening : allowed(step)) {
            found.add(way(step, opening));
        }
        ways.put(step.id(), found);
        var open = found.stream().filter(w -> !w.isBarred()).toList();
        if (open.isEmpty()) {
            trap(step, found);
            return;
        }
        var common = new ArrayList<>(open.get(0).befores());
        open.forEach(w -> common.retainAll(w.befores()));
        musts.addAll(common);
        var left = open.stream().map(w -> w.asWay(common)).toList();
        if (left.stream().noneMatch(w -> w.befores().isEmpty())) {
            choices.add(new EitherWay(step.id(), left));
        }
    }

    /**
     * The openings a part may use: those named for it, else all. The bore of a shaft serves what sits on that shaft. A shaft sits in its
     * walls, so where an opening lies along it, it is lifted out sideways only when somebody said so.
     */
    private List<Opening> allowed(TeardownStep step) {
        var named = step.detail().body().leavesBy();
        if (!named.isEmpty()) {
            return openings.stream().filter(o -> named.contains(o.name())).toList();
        }
        var serving =
                openings.stream().filter(o -> o.shaft() == 0 || o.shaft() == step.shaft()).toList();
        boolean isInItsWalls =
                step.kind() == PartKind.SHAFT
                        && step.shaft() > 0
                        && serving.stream().anyMatch(o -> o.faces().isAlongTheShafts());
        return isInItsWalls
                ? serving.stream().filter(o -> !o.faces().isAcrossTheShafts()).toList()
                : serving;
    }

    private WayOut way(TeardownStep step, Opening opening) {
        var befores = new ArrayList<Before>();
        for (var closer : closers(opening)) {
            if (!closer.id().equals(step.id())) {
                befores.add(
                        passage(
                                closer,
                                step,
                                "%s goes out by the %s, which the %s closes"
                                        .formatted(step.part(), opening.name(), closer.part())));
            }
        }
        var barred = tooLarge(step, opening);
        if (barred.isEmpty()) {
            barred = walledOff(step, opening);
        }
        if (step.kind() == PartKind.SHAFT && step.shaft() > 0) {
            var drawn = new DrawnOut(step, opening);
            barred = barred.isEmpty() ? drawn.heldByAWall() : barred;
            var onIt = onShaft(step);
            for (var part : onIt) {
                var told = drawn.of(part, onIt);
                switch (told.fate()) {
                    case STAYS_INSIDE -> befores.add(passage(step, part, told.reason()));
                    case OFF_FIRST -> befores.add(passage(part, step, told.reason()));
                    case BARS_THE_WAY -> barred = barred.isEmpty() ? told.reason() : barred;
                    case AS_LOGGED -> {}
                }
                if (barred.isEmpty() && !drawn.asks(part).isEmpty()) {
                    asks.add(drawn.asks(part));
                }
            }
        }
        if (barred.isEmpty()) {
            askDepth(step, opening);
        }
        return new WayOut(opening, befores, barred);
    }

    /** Why a part on a shaft cannot go out along it; empty when it can, or when somebody said that it goes out there. */
    private String walledOff(TeardownStep step, Opening opening) {
        if (step.kind() == PartKind.SHAFT || !step.detail().body().leavesBy().isEmpty()) {
            return "";
        }
        return steps.stream()
                .filter(s -> s.kind() == PartKind.SHAFT && s.shaft() > 0)
                .filter(s -> s.shaft() == step.shaft() && !onTheBench.contains(s.id()))
                .map(s -> new DrawnOut(s, opening).walledOff(step))
                .filter(says -> !says.isEmpty())
                .findFirst()
                .orElse("");
    }

    /** Why a part, with all that stayed on it, does not pass an opening; empty when it does. */
    private String tooLarge(TeardownStep step, Opening opening) {
        for (var part : whole(step)) {
            var size = part.detail().body().envelope();
            if (size != null && Passage.through(opening, size) == null) {
                return (part == step
                                ? size.inWords()
                                : "the %s on it, %s,".formatted(part.part(), size.inWords()))
                        + " does not pass "
                        + opening.inWords();
            }
        }
        return "";
    }

    /** The part and what stayed together with it: it is taken apart on the bench. */
    private List<TeardownStep> whole(TeardownStep step) {
        var group = step.detail().subassembly();
        return steps.stream()
                .filter(
                        s ->
                                s == step
                                        || (!group.isEmpty()
                                                && group.equals(s.detail().subassembly())
                                                && onTheBench.contains(s.id())))
                .toList();
    }

    private List<TeardownStep> onShaft(TeardownStep shaft) {
        return steps.stream()
                .filter(
                        s ->
                                s.kind() != PartKind.SHAFT
                                        && s.shaft() == shaft.shaft()
                                        && !onTheBench.contains(s.id()))
                .toList();
    }

    private static Before passage(TeardownStep first, TeardownStep then, String reason) {
        return new Before(first.id(), then.id(), reason, Origin.PASSAGE);
    }

    private void trap(TeardownStep step, List<WayOut> found) {
        var size = step.detail().body().envelope();
        var what = size == null ? step.part() : step.part() + ", " + size.inWords() + ",";
        String says;
        if (found.isEmpty()) {
            says =
                    "%s is said to go out by the %s, and no opening is called so. Say on the picture by which it goes out."
                            .formatted(
                                    step.part(),
                                    String.join(", ", step.detail().body().leavesBy()));
        } else if (found.stream().allMatch(w -> !tooLarge(step, w.opening()).isEmpty())) {
            says =
                    "%s passes no opening on record (%s). A size is wrong, or an opening or a split line is missing."
                            .formatted(
                                    what,
                                    found.stream()
                                            .map(w -> w.opening().inWords())
                                            .collect(Collectors.joining(", ")));
        } else {
            says =
                    "%s can go out nowhere: %s. A size is wrong, or an opening or a split line is missing."
                            .formatted(
                                    step.part(),
                                    found.stream()
                                            .map(w -> w.inWords() + ", " + w.barred())
                                            .collect(Collectors.joining("; ")));
        }
        trapped.put(step.id(), says);
    }

    /** Each shaft before what it is drawn out of and what stays inside, whichever way the shaft goes. */
    List<Before> staysInside() {
        return musts.stream()
                .filter(
                        b ->
                                step(b.first()).kind() == PartKind.SHAFT
                                        && step(b.first()).shaft() == step(b.then()).shaft()
                                        && step(b.then()).kind() != PartKind.SHAFT)
                .toList();
    }

    /** What stays inside while a shaft is drawn out of it is held from an opening, which is then still open. */
    private void holdWhatStays() {
        for (var must : staysInside()) {
            var shaft = step(must.first());
            if (ways.containsKey(must.then())) {
                var open = ways.get(must.then()).stream().filter(w -> !w.isBarred()).toList();
                var held =
                        open.stream()
                                .map(
                                        w ->
                                                new EitherWay.OneWay(
                                                        w.inWords(), hold(shaft, must.then(), w)))
                                .toList();
                if (held.isEmpty() || held.stream().anyMatch(w -> w.befores().isEmpty())) {
                    continue;
                }
                if (held.size() == 1) {
                    musts.addAll(held.get(0).befores());
                } else {
                    choices.add(new EitherWay(shaft.id(), held));
                }
            }
        }
    }

    /** What has to be off for it; not where the log shows that it went without. */
    private List<Before> hold(TeardownStep shaft, String hub, WayOut way) {
        return closers(way.opening()).stream()
                .filter(c -> !c.id().equals(shaft.id()) && !c.id().equals(hub))
                .filter(c -> c.number() < shaft.number())
                .map(
                        c ->
                                passage(
                                        c,
                                        shaft,
                                        "the %s is held by the %s while the %s goes through it, and the %s closes that"
                                                .formatted(
                                                        step(hub).part(),
                                                        way.opening().name(),
                                                        shaft.part(),
                                                        c.part())))
                .toList();
    }

    /** What is done while a shaft is half in, by the step whose card says it; for each way that a shaft may come. */
    Map<String, List<String>> halfIn() {
        var told = new LinkedHashMap<String, List<String>>();
        for (var shaft : steps) {
            if (shaft.kind() == PartKind.SHAFT && shaft.shaft() > 0) {
                ways.getOrDefault(shaft.id(), List.of()).stream()
                        .filter(w -> !w.isBarred())
                        .map(w -> new HalfIn(new DrawnOut(shaft, w.opening()), onShaft(shaft)))
                        .flatMap(h -> h.told().entrySet().stream())
                        .forEach(
                                e -> {
                                    var of =
                                            told.computeIfAbsent(
                                                    e.getKey(), k -> new ArrayList<>());
                                    if (!of.contains(e.getValue())) {
                                        of.add(e.getValue());
                                    }
                                });
            }
        }
        return told;
    }

    private void askDepth(TeardownStep step, Opening opening) {
        var size = step.detail().body().envelope();
        var depth = size == null ? OptionalDouble.empty() : Passage.depthToMeasure(opening, size);
        if (size != null && depth.isPresent()) {
            asks.add(
                    "%s, %s, goes out by the %s only where %s mm are free behind it: measure the depth, or say that the opening lies along the shaft."
                            .formatted(
                                    step.part(),
                                    size.inWords(),
                                    opening.inWords(),
                                    PlainDigits.about(depth.getAsDouble(), DIGITS)));
        }
    }

    private void askWhatCloses(Opening opening) {
        if (!opening.closedBy().isEmpty() && closer(opening).isEmpty()) {
            asks.add(
                    "The %s is closed by “%s”, and no part of the strip is called so: it is taken to be open. Choose what closes it."
                            .formatted(opening.name(), opening.closedBy()));
        }
    }

    /** What closes an opening: the first part of that name in the strip, and what seals it. */
    private List<TeardownStep> closers(Opening opening) {
        var closer = closer(opening);
        if (closer.isEmpty()) {
            return List.of();
        }
        var found = new ArrayList<>(List.of(closer.get()));
        for (var step : steps.subList(steps.indexOf(closer.get()) + 1, steps.size())) {
            if (step.kind().opensTheCase()) {
                break;
            }
            if (step.kind().sealsAJoint() && step.shaft() == closer.get().shaft()) {
                found.add(step);
                break;
            }
        }
        return found;
    }

    private Optional<TeardownStep> closer(Opening opening) {
        var name = opening.closedBy();
        return steps.stream()
                .filter(s -> !name.isEmpty() && s.part().equalsIgnoreCase(name))
                .findFirst();
    }

    /** What the log says and sizes or openings do not allow, each in a sentence with the reason of both. */
    List<String> againstTheLog() {
        var found = new LinkedHashSet<String>();
        for (var must : musts) {
            if (isLaterLogged(must)) {
                found.add(against(step(must.first()), step(must.then()), must.reason()));
            }
        }
        for (var choice : choices) {
            if (choice.ways().stream()
                    .allMatch(w -> w.befores().stream().anyMatch(this::isLaterLogged))) {
                var part = step(choice.task());
                found.add(
                        "%d %s is logged where every way out of it is still closed: %s. The order, a size or what closes an opening is wrong: correct one of them."
                                .formatted(
                                        part.number(),
                                        part.part(),
                                        choice.ways().stream()
                                                .flatMap(w -> w.befores().stream())
                                                .filter(this::isLaterLogged)
                                                .map(Before::reason)
                                                .distinct()
                                                .collect(Collectors.joining(", or "))));
            }
        }
        return List.copyOf(found);
    }

    private boolean isLaterLogged(Before must) {
        return step(must.first()).number() > step(must.then()).number();
    }

    private static String against(TeardownStep first, TeardownStep then, String reason) {
        return "%d %s is logged before %d %s, but %s. The order, a size or what closes the opening is wrong: correct one of them."
                .formatted(then.number(), then.part(), first.number(), first.part(), reason);
    }

    /** What follows for the rebuild, in words, each once. */
    List<String> follows() {
        var told = new LinkedHashSet<String>();
        for (var must : musts) {
            if (step(must.first()).kind().sealsAJoint()) {
                // Its cover says it already.
                continue;
            }
            told.add(
                    "%s goes in before the %s: %s."
                            .formatted(
                                    WatchList.capital(step(must.then()).part()),
                                    step(must.first()).part(),
                                    must.reason()));
        }
        return List.copyOf(told);
    }

    private TeardownStep step(String id) {
        return steps.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }
}
