package app.yunque.teardown;

import app.yunque.measure.PlainDigits;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;

/**
 * What to lay out before the first screw: tools and keys, pullers and lifting, spares that go in whatever is found, consumables. From the
 * last strip of this unit or one like it, where there is one; else what any gearbox of its kind asks for. Common practice, no source.
 *
 * @param items in the order of the groups
 */
public record LayOutList(List<Item> items) {
    private static final Pattern PULLER =
            Pattern.compile("puller|press|hoist|sling|crane", Pattern.CASE_INSENSITIVE);

    /** What the things are for. */
    public enum Group {
        TOOL("tools and keys"),
        PULLER("pullers and lifting"),
        SPARE("spares that go in anyway"),
        CONSUMABLE("consumables");

        private final String words;

        Group(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param group   what it is for
     * @param what    what to lay out
     * @param because what asks for it
     */
    public record Item(Group group, String what, String because) {}

    public LayOutList {
        items = List.copyOf(items);
    }

    /**
     * @param last     the last strip of this unit or one like it, as it stands since it was rebuilt; empty where there is none
     * @param lifts    true where it lifts a load
     * @param holdsOil true where it holds oil
     */
    public static LayOutList of(List<TeardownStep> last, boolean lifts, boolean holdsOil) {
        var items = new LinkedHashMap<String, Item>();
        keys(last).forEach((what, of) -> add(items, Group.TOOL, what, "for " + of));
        torque(last, items);
        tools(last, items);
        always(last, lifts, items);
        spares(last, items);
        consumables(last, holdsOil, items);
        return new LayOutList(
                items.values().stream()
                        .sorted(java.util.Comparator.comparing(Item::group))
                        .toList());
    }

    private static void add(Map<String, Item> items, Group group, String what, String because) {
        items.putIfAbsent(what.toLowerCase(Locale.ROOT), new Item(group, what, because));
    }

    private static Map<String, String> keys(List<TeardownStep> last) {
        var parts = new LinkedHashMap<String, Set<String>>();
        for (var step : last) {
            for (var set : step.fastenings()) {
                if (!set.drive().isBlank()) {
                    parts.computeIfAbsent(set.drive(), d -> new LinkedHashSet<>()).add(step.part());
                }
            }
        }
        var keys = new LinkedHashMap<String, String>();
        parts.forEach((drive, of) -> keys.put(drive, some(of)));
        return keys;
    }

    private static void torque(List<TeardownStep> last, Map<String, Item> items) {
        var torques = new TreeSet<Double>();
        last.stream()
                .flatMap(s -> s.fastenings().stream())
                .map(Fastening::torqueNm)
                .filter(Objects::nonNull)
                .forEach(torques::add);
        if (!torques.isEmpty()) {
            var from = PlainDigits.about(torques.first(), 3);
            var to = PlainDigits.about(torques.last(), 3);
            add(
                    items,
                    Group.TOOL,
                    "torque wrench, " + (from.equals(to) ? to : from + " to " + to) + " N·m",
                    "for what was tightened by figure");
        }
    }

    private static void tools(List<TeardownStep> last, Map<String, Item> items) {
        var of = new LinkedHashMap<String, Set<String>>();
        for (var step : last) {
            var tool = step.detail().work().tool();
            if (!tool.isBlank()) {
                of.computeIfAbsent(tool, t -> new LinkedHashSet<>()).add(step.part());
            }
        }
        of.forEach(
                (tool, parts) ->
                        add(
                                items,
                                PULLER.matcher(tool).find() ? Group.PULLER : Group.TOOL,
                                tool,
                                "used last time on " + some(parts)));
    }

    private static void always(List<TeardownStep> last, boolean lifts, Map<String, Item> items) {
        if (last.isEmpty()) {
            add(
                    items,
                    Group.TOOL,
                    "hex keys and sockets, metric and inch",
                    "nobody noted its screws yet");
            add(
                    items,
                    Group.TOOL,
                    "circlip pliers, inside and outside",
                    "nobody noted its clips yet");
            add(
                    items,
                    Group.TOOL,
                    "soft mallet, drifts, pin punches",
                    "for covers, shafts and pins");
            add(
                    items,
                    Group.PULLER,
                    "two- and three-leg puller, bearing splitter",
                    "for what is tight on its shaft");
        } else if (last.stream().anyMatch(s -> s.kind() == PartKind.CIRCLIP)) {
            add(
                    items,
                    Group.TOOL,
                    "circlip pliers, inside and outside",
                    "circlips came off last time");
        }
        add(
                items,
                Group.TOOL,
                "dial indicator on its stand, feeler gauges, caliper",
                "for what is measured as found");
        add(
                items,
                Group.TOOL,
                "marker, scriber, tags; trays and bags, numbered",
                "for marks and places");
        var heavy = last.stream().filter(WatchList::isHeavy).map(TeardownStep::part).toList();
        if (!heavy.isEmpty() || lifts) {
            add(
                    items,
                    Group.PULLER,
                    "hoist and slings, looked over before use",
                    heavy.isEmpty() ? "it lifts a load: secure it first" : "for " + some(heavy));
        }
    }

    private static void spares(List<TeardownStep> last, Map<String, Item> items) {
        for (var step : last) {
            if (step.singleUse()) {
                add(items, Group.SPARE, step.inWords(), "single use");
            }
            for (var set : step.fastenings()) {
                if (set.locking().isSingleUse()) {
                    add(
                            items,
                            Group.SPARE,
                            "%d × %s for %s %s"
                                    .formatted(
                                            set.count(),
                                            set.locking().words(),
                                            set.thread(),
                                            step.part()),
                            "holds once");
                }
            }
        }
    }

    private static void consumables(
            List<TeardownStep> last, boolean holdsOil, Map<String, Item> items) {
        if (holdsOil) {
            add(
                    items,
                    Group.CONSUMABLE,
                    "drain tray larger than the fill, funnel, sample bottle",
                    "it holds oil; hot oil burns, gloves on");
        }
        last.stream()
                .flatMap(s -> s.fastenings().stream())
                .map(Fastening::locking)
                .filter(l -> l.name().startsWith("THREADLOCK"))
                .distinct()
                .forEach(l -> add(items, Group.CONSUMABLE, l.words(), "on screws last time"));
        last.stream()
                .map(s -> s.detail().back().goesOn())
                .filter(g -> g != GoesOn.UNSAID && g != GoesOn.NOTHING)
                .distinct()
                .forEach(
                        g ->
                                add(
                                        items,
                                        Group.CONSUMABLE,
                                        g.words(),
                                        "goes on parts when they go in"));
        add(
                items,
                Group.CONSUMABLE,
                "lint-free rag, cleaner, thread chaser",
                "for faces and threads");
    }

    /** Three names at most, and how many more. */
    private static String some(java.util.Collection<String> parts) {
        var first = new ArrayList<>(parts).subList(0, Math.min(3, parts.size()));
        return String.join(", ", first)
                + (parts.size() > 3 ? " and %d more".formatted(parts.size() - 3) : "");
    }
}
