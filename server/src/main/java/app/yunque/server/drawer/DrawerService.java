package app.yunque.server.drawer;

import app.yunque.measure.Refused;
import app.yunque.server.instrument.InstrumentService;
import app.yunque.server.instrument.InstrumentView;
import app.yunque.server.problem.NotThere;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.sheet.DrawerSheet;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Knows every drawer and asks it. */
@Service
public class DrawerService {
    private static final Map<String, String> ANSWERS =
            Map.of(
                    "span", "GER-3",
                    "over-pins", "GER-3",
                    "tooth-caliper", "GER-3",
                    "by-eye", "GER-8",
                    "tip-diameter", "GER-4");

    private final List<Drawer> written;
    private final RuleDrawers rules;
    private final InstrumentService instruments;
    private volatile @Nullable Map<String, Drawer> known;

    DrawerService(List<Drawer> written, RuleDrawers rules, InstrumentService instruments) {
        this.written = written;
        this.rules = rules;
        this.instruments = instruments;
    }

    /** Put together when somebody first asks, so that no start waits for the rules to be found. */
    private Map<String, Drawer> drawers() {
        var there = known;
        if (there == null) {
            var all = new LinkedHashMap<String, Drawer>();
            Stream.concat(written.stream(), rules.all().stream())
                    .sorted(
                            Comparator.comparing(Drawer::section)
                                    .thenComparing(d -> DrawerExamples.place(d.name())))
                    .forEach(d -> all.put(d.name(), d));
            there = all;
            known = all;
        }
        return there;
    }

    public List<DrawerView> all() {
        return drawers().values().stream().map(DrawerService::view).toList();
    }

    /** What a drawer makes of these entries. */
    public DrawerAnswer answer(String name, DrawerEntries entries) {
        var drawer = find(name);
        return drawer.answer().apply(DrawerSheet.read(drawer.fields(), entries, chosen(entries)));
    }

    /** The check of a part that a drawer's answer is usually kept for; empty when there is none. */
    String answers(String name) {
        var served = find(name).serves().checks();
        return ANSWERS.getOrDefault(name, served.size() == 1 ? served.get(0) : "");
    }

    String title(String name) {
        return find(name).title();
    }

    private @Nullable InstrumentView chosen(DrawerEntries entries) {
        if (entries.instrument() == null) {
            return null;
        }
        return instruments
                .find(entries.instrument())
                .orElseThrow(
                        () ->
                                Refused.because(
                                        "instrument",
                                        "That instrument is not on the shop's list any more. Choose another."));
    }

    private Drawer find(String name) {
        var drawer = drawers().get(name);
        if (drawer == null) {
            throw new NotThere("There is no drawer “" + name + "”. Look under Drawers.");
        }
        return drawer;
    }

    private static DrawerView view(Drawer d) {
        return new DrawerView(
                d.name(),
                d.title(),
                d.purpose(),
                d.section().words(),
                d.takes(),
                d.fields(),
                d.folded(),
                d.serves().checks(),
                d.serves().steps(),
                d.serves().isRule(),
                DrawerExamples.of(d.name()).stream()
                        .map(
                                e ->
                                        new DrawerView.Example(
                                                e.title(), DrawerExamples.entries(e, d.fields())))
                        .toList());
    }
}
