package app.yunque.teardown;

import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Pattern;

/** The kinds of part a gearbox comes apart into, in the trade's words; the words that give a kind away stand in order. */
public enum PartKind {
    O_RING("O-ring", Seat.OUTSIDE, Reuse.SINGLE, "o-?rings?"),
    TAB_WASHER("tab washer", Seat.OUTSIDE, Reuse.SINGLE, "(tab|lock) ?washers?|lock ?plates?"),
    COTTER_PIN("cotter pin", Seat.OUTSIDE, Reuse.SINGLE, "cotters?( pins?)?|split pins?"),
    FELT("felt", Seat.OUTSIDE, Reuse.SINGLE, "felts?"),
    CIRCLIP(
            "circlip",
            Seat.INSIDE,
            Reuse.ANY,
            "circlips?|(snap|retaining|e-?clip|c-?clip) ?rings?|e-?clips?"),
    COLLET(
            "collet or split ring",
            Seat.INSIDE,
            Reuse.ANY,
            "collets?|(split|half) (rings?|rounds?|sleeves?)"),
    BEARING("bearing", Seat.WALL, Reuse.ANY, "bearings?|(inner|outer) races?|cups?|cones?"),
    SEAL("shaft seal", Seat.OUTSIDE, Reuse.SINGLE, "seals?"),
    GASKET("gasket", Seat.OUTSIDE, Reuse.SINGLE, "gaskets?"),
    SHIM("shim", Seat.OUTSIDE, Reuse.ANY, "shims?"),
    SPACER("spacer", Seat.INSIDE, Reuse.ANY, "spacers?|distance (rings?|tubes?|pieces?)"),
    PLUG("plug", Seat.OUTSIDE, Reuse.ANY, "plugs?|dipsticks?|breathers?|sight glass(es)?"),
    COUPLING(
            "coupling or pulley",
            Seat.OUTSIDE,
            Reuse.ANY,
            "couplings?|pulleys?|sheaves?|sprockets?|hand ?wheels?|cranks?|drums?"),
    COVER("cover", Seat.OUTSIDE, Reuse.ANY, "covers?|caps?|flanges?|lids?|(end|side|top) plates?"),
    HOUSING(
            "housing or case half",
            Seat.OUTSIDE,
            Reuse.ANY,
            "housings?|case( halves| half)?|(ring )?housing"),
    NUT("nut", Seat.OUTSIDE, Reuse.ANY, "(lock)?nuts?"),
    WASHER("washer", Seat.INSIDE, Reuse.ANY, "washers?"),
    KEY("key", Seat.INSIDE, Reuse.ANY, "keys?|woodruff"),
    CARRIER("planet carrier", Seat.INSIDE, Reuse.ANY, "carriers?"),
    RING_GEAR("ring gear", Seat.INSIDE, Reuse.ANY, "(ring|internal|annulus) gears?|annulus"),
    WORM("worm", Seat.INSIDE, Reuse.ANY, "worms?(?! ?wheel)"),
    CAM_DISC("cycloidal disc", Seat.INSIDE, Reuse.ANY, "(cycloidal|cam) discs?"),
    ECCENTRIC("eccentric", Seat.INSIDE, Reuse.ANY, "eccentrics?"),
    GEAR(
            "gear",
            Seat.INSIDE,
            Reuse.ANY,
            "pinions?|(worm |ratchet )?wheels?|gears?|clusters?|planets?"),
    PAWL("pawl", Seat.INSIDE, Reuse.ANY, "pawls?"),
    SPRING("spring", Seat.INSIDE, Reuse.ANY, "springs?"),
    ROLLER("roller", Seat.INSIDE, Reuse.ANY, "rollers?|needles?"),
    BALL("ball", Seat.INSIDE, Reuse.ANY, "balls?"),
    PLUNGER("plunger", Seat.INSIDE, Reuse.ANY, "plungers?|detents?"),
    PIN("pin", Seat.INSIDE, Reuse.ANY, "(roll |shear |taper |dowel )?pins?|dowels?"),
    BUSH("bush", Seat.INSIDE, Reuse.ANY, "bush(es|ing|ings)?|sleeves?"),
    LEVER(
            "lever, fork or yoke",
            Seat.INSIDE,
            Reuse.ANY,
            "levers?|forks?|yokes?|(half|shift)? ?shoes?"),
    SHAFT("shaft", Seat.INSIDE, Reuse.ANY, "shafts?|spindles?|rods?|arbors?|layshafts?"),
    SCREW("screw", Seat.OUTSIDE, Reuse.ANY, "(set ?|grub ?)?screws?|bolts?|studs?"),
    OTHER("other part", Seat.INSIDE, Reuse.ANY, "(?!)");

    /** Where on a shaft a part of this kind usually sits, seen from the nearest end. */
    enum Seat {
        OUTSIDE,
        WALL,
        INSIDE
    }

    private enum Reuse {
        ANY,
        SINGLE
    }

    private final String words;
    private final Seat seat;
    private final Reuse reuse;
    private final String hint;
    private final Pattern pattern;

    PartKind(String words, Seat seat, Reuse reuse, String hint) {
        this.words = words;
        this.seat = seat;
        this.reuse = reuse;
        this.hint = "\\b(" + hint + ")\\b";
        this.pattern = Pattern.compile(this.hint, Pattern.CASE_INSENSITIVE);
    }

    /**
     * The kind that the words of a part give away: of several the one named last, which is the thing itself ("coupling
     * key" is a key), unless a later word only says where it belongs ("seal of the input shaft").
     */
    public static Optional<PartKind> guess(String part) {
        var thing = part.split("\\b(of|for|in|on|from|under|behind|with|to)\\b|,|\\(", 2)[0];
        return furthest(thing).or(() -> furthest(part));
    }

    private static Optional<PartKind> furthest(String text) {
        PartKind best = OTHER;
        int end = -1;
        for (var kind : values()) {
            var m = kind.pattern.matcher(text);
            while (m.find()) {
                if (m.end() > end) {
                    end = m.end();
                    best = kind;
                }
            }
        }
        return end < 0 ? Optional.empty() : Optional.of(best);
    }

    /** Every kind with a word for it, as a screen offers them. */
    public static java.util.List<PartKind> inOrder() {
        return Arrays.stream(values())
                .sorted(
                        java.util.Comparator.comparing(
                                k -> k == OTHER ? "~" : k.words.toLowerCase(java.util.Locale.ROOT)))
                .toList();
    }

    public String words() {
        return words;
    }

    /** The words that give the kind away, as a regular expression without regard to case. */
    public String hint() {
        return hint;
    }

    Seat seat() {
        return seat;
    }

    /** True for kinds that common practice renews whenever they have been disturbed. */
    public boolean isSingleUse() {
        return reuse == Reuse.SINGLE;
    }

    /** True for small things that fall, roll or fly when they come free. */
    public boolean falls() {
        return this == BALL
                || this == ROLLER
                || this == SPRING
                || this == KEY
                || this == PIN
                || this == COLLET
                || this == PLUNGER;
    }

    /** True for parts whose number and thickness set a depth or a play. */
    public boolean setsADimension() {
        return this == SHIM || this == GASKET;
    }

    /** True for parts that nearly always have two different faces. */
    public boolean usuallyFaces() {
        return this == SEAL || this == TAB_WASHER;
    }

    /** True for what lies between a cover and its face. */
    boolean sealsAJoint() {
        return this == GASKET || this == O_RING;
    }

    /** True for a part that opens the case for all that comes after it. */
    boolean opensTheCase() {
        return this == COVER || this == HOUSING;
    }

    /** True for a part that leaves through the inside of the case. */
    boolean isInside() {
        return seat == Seat.INSIDE
                && !falls()
                && this != WASHER
                && this != SPACER
                && this != CIRCLIP
                && this != BUSH;
    }
}
