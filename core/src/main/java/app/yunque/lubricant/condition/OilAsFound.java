package app.yunque.lubricant.condition;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * What drained oil or old grease says by eye: its look, what the magnet holds, specks that are not magnetic. Tint of copper alloy
 * without grit is normal; the same with flakes, glitter or growing lash is not. Source: common practice, no source.
 */
public final class OilAsFound {
    private OilAsFound() {}

    /** How it looks and smells. */
    public enum Look {
        AS_NEW("as new", Verdict.CLEAR_PASS, "As it should be."),
        DARKER("darker, clear", Verdict.CLEAR_PASS, "Darker with age: normal."),
        TINTED(
                "gold-brown or green, no grit",
                Verdict.CLEAR_PASS,
                "Normal tint of copper alloy from a bronze wheel, bush or nut."),
        MILKY(
                "milky",
                Verdict.CLEAR_FAIL,
                "Water: find the seal, the breather or the cooler; dry the box before it is filled."),
        RED_BROWN(
                "red-brown",
                Verdict.CLEAR_FAIL,
                "Rust: water stood in it. Look at bearings and bores."),
        FROTHY("frothy", Verdict.DOUBTFUL, "Froth: too full, a suction leak, or two oils mixed."),
        BURNT(
                "black, burnt smell",
                Verdict.CLEAR_FAIL,
                "Overheated: level, load, bearing preload, grade."),
        GLITTERING(
                "metallic glitter throughout",
                Verdict.CLEAR_FAIL,
                "Fine metal throughout: something wears fast. Look at every flank and race.");

        private final String words;
        private final Verdict verdict;
        private final String says;

        Look(String words, Verdict verdict, String says) {
            this.words = words;
            this.verdict = verdict;
            this.says = says;
        }

        public String words() {
            return words;
        }
    }

    /** What the magnet or the filter holds, in four grades. */
    public enum Magnet {
        CLEAN("nothing", Verdict.CLEAR_PASS, "Nothing on the magnet."),
        GREY_PASTE(
                "grey paste",
                Verdict.CLEAR_PASS,
                "Grade 1, grey paste: run-in and mild wear, normal."),
        NEEDLES(
                "fine needles or hair",
                Verdict.DOUBTFUL,
                "Grade 2, needles: abrasive wear or burrs. Look again after 50 h."),
        FLAKES(
                "bright flat flakes, 0.2 to 1 mm",
                Verdict.CLEAR_FAIL,
                "Grade 3, flakes: pitting or bearing fatigue. Inspect flanks and races now."),
        CHIPS(
                "chips of teeth, curls, above 1 mm",
                Verdict.CLEAR_FAIL,
                "Grade 4, chips: something broke. Stop and find the piece.");

        private final String words;
        private final Verdict verdict;
        private final String says;

        Magnet(String words, Verdict verdict, String says) {
            this.words = words;
            this.verdict = verdict;
            this.says = says;
        }

        public String words() {
            return words;
        }
    }

    /** Specks that no magnet holds. */
    public enum Speck {
        BRONZE("gold or red", "bronze: worm wheel, bush or cage"),
        ALUMINIUM("silver and light", "aluminium: housing or thrust plate"),
        SAND("glass-like", "sand: breather and seals");

        private final String words;
        private final String part;

        Speck(String words, String part) {
            this.words = words;
            this.part = part;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What it all says, look first.
     *
     * @param lashGrew true when the backlash of the pair grew since last time: tint is then no longer harmless
     */
    @PublicRule(
            at = "lubricant/oil-as-found",
            title = "Oil as it was found",
            says = "What look, magnet and specks of drained oil say.",
            source = "common practice, no source")
    public static List<OilCondition.Finding> of(
            Look look, Magnet magnet, Set<Speck> specks, boolean lashGrew) {
        var found = new ArrayList<OilCondition.Finding>();
        boolean wearing = look == Look.TINTED && lashGrew;
        found.add(
                new OilCondition.Finding(
                        "look",
                        wearing ? Verdict.DOUBTFUL : look.verdict,
                        wearing
                                ? "Tinted, and the lash grew: the bronze is wearing. Measure its teeth."
                                : look.says));
        found.add(new OilCondition.Finding("magnet", magnet.verdict, magnet.says));
        for (var speck : Speck.values()) {
            if (specks.contains(speck)) {
                found.add(
                        new OilCondition.Finding(
                                "specks",
                                Verdict.DOUBTFUL,
                                "Specks, %s: %s.".formatted(speck.words, speck.part)));
            }
        }
        return List.copyOf(found);
    }
}
