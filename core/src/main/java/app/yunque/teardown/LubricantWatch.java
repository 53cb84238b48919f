package app.yunque.teardown;

import app.yunque.teardown.WatchList.Warnings;
import java.util.Arrays;
import java.util.Set;
import java.util.regex.Pattern;

/** Parts that want one lubricant and no other; common practice, no source. */
final class LubricantWatch {
    private LubricantWatch() {}

    private enum Wants {
        OIL_ONLY(
                "pawls?|ratchets?",
                Set.of(GoesOn.OIL),
                "oil only",
                "Grease gums them: they hang and let the load go."),
        DRY(
                "friction|lining|brake|clutch (disc|plate)",
                Set.of(GoesOn.NOTHING),
                "dry",
                "Oil or grease on it, and it slips."),
        PLASTIC_SAFE(
                "fibre|plastic|nylon|polymer",
                Set.of(GoesOn.PLASTIC_SAFE_GREASE, GoesOn.NOTHING),
                "grease made for plastics",
                "Petroleum grease attacks it.");

        private final Pattern words;
        private final Set<GoesOn> allowed;
        private final String rule;
        private final String otherwise;

        Wants(String words, Set<GoesOn> allowed, String rule, String otherwise) {
            this.words = Pattern.compile("\\b(" + words + ")\\b", Pattern.CASE_INSENSITIVE);
            this.allowed = allowed;
            this.rule = rule;
            this.otherwise = otherwise;
        }
    }

    /** False where grease does harm: pawls, linings, plastics. */
    static boolean bearsGrease(TeardownStep step) {
        return Arrays.stream(Wants.values())
                .filter(w -> w.words.matcher(step.part()).find())
                .allMatch(w -> w.allowed.contains(GoesOn.GREASE));
    }

    /** True for what slips with oil or grease on it. */
    static boolean staysDry(TeardownStep step) {
        return Wants.DRY.words.matcher(step.part()).find()
                || Wants.DRY.words.matcher(step.goesIn()).find();
    }

    static void of(TeardownStep step, Warnings found) {
        var given = step.detail().back().goesOn();
        Arrays.stream(Wants.values())
                .filter(w -> w.words.matcher(step.part()).find())
                .findFirst()
                .ifPresent(
                        wants -> {
                            var title = WatchList.capital(step.part()) + ": " + wants.rule;
                            if (given == GoesOn.UNSAID || wants.allowed.contains(given)) {
                                found.caution(title, wants.otherwise, step);
                            } else {
                                found.danger(
                                        title,
                                        "The card says " + given.words() + ". " + wants.otherwise,
                                        step);
                            }
                        });
    }
}
