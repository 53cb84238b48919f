package app.yunque.server.place;

import app.yunque.lubricant.condition.OilAsFound;
import app.yunque.lubricant.condition.OilCondition;
import app.yunque.lubricant.interval.OilLoss;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What oil says that was drained: its amount against the fill, look, magnet, specks. */
public final class DrainedOil {
    private static final String AMOUNT = "Amount";
    private static final String LOOK = "Look and metal";
    private static final int SPECKS = 2;

    private final DrawerSheet sheet;

    DrainedOil(DrawerSheet sheet) {
        this.sheet = sheet;
    }

    /** What it says of what somebody entered. */
    static DrawerAnswer answer(DrawerEntries entries) {
        return new DrainedOil(DrawerSheet.read(fields(), entries, null)).answer();
    }

    /** What is asked. */
    public static List<Field> fields() {
        var fields = new ArrayList<Field>();
        fields.add(Field.quantity("drainedL", "Drained", "", "L", "US qt").mayBeEmpty().in(AMOUNT));
        fields.add(
                Field.quantity("filledL", "Filled at the last change", "", "L", "US qt")
                        .mayBeEmpty()
                        .in(AMOUNT));
        fields.add(Field.quantity("toppedL", "Topped up since", "0", "L", "US qt").in(AMOUNT));
        fields.add(
                Field.quantity("hours", "Running hours since, h", "", "").mayBeEmpty().in(AMOUNT));
        fields.add(
                choice(
                        "look",
                        "It looks",
                        Arrays.stream(OilAsFound.Look.values())
                                .map(l -> new Option(l.name(), l.words()))));
        fields.add(
                choice(
                        "magnet",
                        "On the magnet",
                        Arrays.stream(OilAsFound.Magnet.values())
                                .map(m -> new Option(m.name(), m.words()))));
        for (int i = 1; i <= SPECKS; i++) {
            fields.add(
                    choice(
                            "speck" + i,
                            i == 1 ? "Specks the magnet leaves" : "and",
                            Stream.concat(
                                    Stream.of(new Option("NONE", "none")),
                                    Arrays.stream(OilAsFound.Speck.values())
                                            .map(s -> new Option(s.name(), s.words())))));
        }
        fields.add(
                choice(
                        "lash",
                        "Backlash since last time",
                        Stream.of(
                                new Option("SAME", "as before, or not measured"),
                                new Option("GREW", "grew"))));
        return List.copyOf(fields);
    }

    private static Field choice(String name, String label, Stream<Option> options) {
        var all = options.toArray(Option[]::new);
        return Field.choice(name, label, all[0].value(), all).in(LOOK);
    }

    DrawerAnswer answer() {
        var loss = loss();
        var found = new ArrayList<OilCondition.Finding>();
        loss.ifPresent(
                l -> found.add(new OilCondition.Finding("amount", l.verdict(), l.sentence())));
        var specks = EnumSet.noneOf(OilAsFound.Speck.class);
        for (int i = 1; i <= SPECKS; i++) {
            if (!sheet.is("speck" + i, "NONE")) {
                specks.add(sheet.choice("speck" + i, OilAsFound.Speck.class));
            }
        }
        found.addAll(
                OilAsFound.of(
                        sheet.choice("look", OilAsFound.Look.class),
                        sheet.choice("magnet", OilAsFound.Magnet.class),
                        specks,
                        sheet.is("lash", "GREW")));
        var together = OilCondition.ofDrained(found);
        var answer = DrawerAnswer.saying(together.sentence()).verdict(together.verdict());
        loss.ifPresent(
                l -> {
                    answer.figure("gone", l.lostL(), "L", 2)
                            .figure("of the fill", 100 * l.share(), "%", 0);
                    if (l.per1000h() > 0) {
                        answer.figure("in 1000 h", l.per1000h(), "L", 2);
                    }
                });
        return answer.table(
                        List.of("what", "state", "in words"),
                        found.stream()
                                .map(f -> List.of(f.what(), f.state(), f.sentence()))
                                .toList())
                .warn(
                        List.of(
                                "Hot oil burns from 60 °C: drain between 40 and 60 °C, open the breather first. Wipe spills at once; used oil harms the skin, and local rules and the data sheet say where it goes."))
                .working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "gone = filled + topped up − drained − 5 % that stays",
                                                loss.map(OilLoss::sentence)
                                                        .orElse("amounts not entered"))),
                                "common practice, no source"))
                .build();
    }

    private Optional<OilLoss> loss() {
        if (!sheet.has("drainedL") && !sheet.has("filledL")) {
            return Optional.empty();
        }
        if (!sheet.has("drainedL") || !sheet.has("filledL")) {
            throw Refused.because(
                    sheet.has("drainedL") ? "filledL" : "drainedL",
                    "A leak shows when both amounts are known, drained and filled. Enter this one too, or empty the other.");
        }
        double filled = sheet.number("filledL");
        return Optional.of(
                OilLoss.of(
                        filled,
                        sheet.number("toppedL"),
                        sheet.number("drainedL"),
                        OilLoss.USUAL_RESIDUE * filled,
                        sheet.orElse("hours", 0)));
    }
}
