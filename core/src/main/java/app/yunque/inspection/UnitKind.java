package app.yunque.inspection;

import app.yunque.gear.ServiceDuty;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Kinds of unit, by the words that give one away; the mechanic confirms. Source: common practice, no source. */
public enum UnitKind {
    RED("reducer|gear ?reducer|helical", ServiceDuty.ENCLOSED_POWER),
    WGB("worm (reducer|gear ?box)", ServiceDuty.ENCLOSED_POWER),
    BVL("right-?angle|bevel|mower box", ServiceDuty.ENCLOSED_POWER),
    TWN("twin|two( \\w+)? outputs|spreader", ServiceDuty.FEED),
    CYC("cycloid\\w*", ServiceDuty.ENCLOSED_POWER),
    PLW("capstan|recovery winch|planetary winch|winch", ServiceDuty.LIFTING),
    HWN("deck winch|ratchet winch|hand winch|self-tailing", ServiceDuty.LIFTING),
    HOI("hoist|crane|davit|passenger lift|lift (table|platform)", ServiceDuty.LIFTING),
    /** Lifting where gravity or water pushes back. */
    ACT("actuator|gate|linear|rising stem", ServiceDuty.FEED),
    FDB("feed ?(box|gear\\w*)|power feed", ServiceDuty.FEED),
    HDS("headstock|mill head|quill|bull gear|spindle", ServiceDuty.FEED),
    SLD("lathe|quadrant|cross.?slide|compound|tailstock", ServiceDuty.FEED),
    MTP("metering|dosing", ServiceDuty.FEED),
    PGE("pump", ServiceDuty.ENCLOSED_POWER),
    REV("reversing|selector|shift|tractor|locomotive", ServiceDuty.FEED),
    THR("thrower|auger|blower", ServiceDuty.ENCLOSED_POWER),
    STE("steering|sector", ServiceDuty.FEED),
    STA("starter|recoil", ServiceDuty.ENCLOSED_POWER),
    WSH("washing head|spray head", ServiceDuty.ENCLOSED_POWER);

    private final Pattern words;
    private final ServiceDuty duty;

    UnitKind(String words, ServiceDuty duty) {
        this.words = Pattern.compile("\\b(" + words + ")\\b");
        this.duty = duty;
    }

    /** What it is there for where nobody says otherwise. */
    public ServiceDuty usualDuty() {
        return duty;
    }

    public Circumstance circumstance() {
        return Circumstance.valueOf(name());
    }

    /**
     * The kinds that some words give away: those with the longest match.
     *
     * @param said kind and name of a unit in words
     * @return one; several where the words do not tell them apart; none where nothing fits
     */
    public static List<UnitKind> of(String said) {
        var text = said.toLowerCase(Locale.ROOT);
        int longest = 1;
        var kinds = new ArrayList<UnitKind>();
        for (var kind : values()) {
            int length = kind.longestIn(text);
            if (length > longest) {
                kinds.clear();
                longest = length;
            }
            if (length == longest) {
                kinds.add(kind);
            }
        }
        return List.copyOf(kinds);
    }

    private int longestIn(String text) {
        var found = words.matcher(text);
        int longest = 0;
        while (found.find()) {
            longest = Math.max(longest, found.end() - found.start());
        }
        return longest;
    }
}
