package app.yunque.finding;

import java.util.List;

/**
 * What an eye sees on a tooth, in the terms of ISO 10825-1 and AGMA 1010, from memory; causes and remedies common
 * practice, no source.
 */
public enum WearMode {
    POLISHING(
            "polishing",
            "mirror-bright flanks",
            "fine abrasive in the oil, or thin oil at slow speed",
            "watch; cleaner or thicker oil",
            false),
    ABRASION(
            "abrasive wear",
            "scratches along the sliding direction",
            "grit, scale or sand in the oil",
            "clean the housing, find where the dirt gets in",
            false),
    NORMAL_WEAR(
            "moderate wear",
            "metal gone above and below the pitch line, which stays as a ridge",
            "slow speed, thin oil film",
            "measure the thickness",
            false),
    CORROSION(
            "corrosion",
            "pits and stains over the whole flank, also where nothing touches",
            "water or salt in the oil, wrong additive, long standing",
            "dry the unit, renew oil and breather",
            false),
    SCUFFING(
            "scuffing",
            "torn, rough bands in the sliding direction, near tip and root",
            "oil film broken: load, heat, thin oil, shock at start",
            "dress light cases, then a scuffing-resistant oil the bronze can bear",
            false),
    MICROPITTING(
            "micropitting",
            "dull grey patches, crystals under a loupe",
            "rough surfaces under thin films",
            "smoother finish, cleaner and thicker oil; measure the profile",
            false),
    INITIAL_PITTING(
            "initial pitting",
            "small pits near the pitch line, in patches, that stop",
            "high spots running in",
            "watch: photograph and compare next time",
            false),
    PROGRESSIVE_PITTING(
            "progressive pitting",
            "pits that grow and join below the pitch line",
            "overload, misalignment, soft teeth",
            "renew above the area limit; mend alignment first",
            false),
    SPALLING(
            "spalling",
            "large shallow craters with sharp edges",
            "overload of a hardened tooth",
            "renew, and look at the mate",
            true),
    CASE_CRUSHING(
            "case crushing",
            "long cracks along the flank, pieces of the case broken out",
            "case too thin for the load",
            "renew both",
            true),
    ROLLING(
            "plastic flow",
            "fins at the tips and ends, a groove or ridge at the pitch line",
            "soft teeth under overload",
            "renew; harder material or less load",
            false),
    RIPPLING(
            "rippling",
            "scale-like waves across the sliding direction",
            "high load at low speed with thin oil",
            "thicker oil; watch",
            false),
    BENDING_CRACK(
            "fatigue crack at the root",
            "a fine line at the fillet of the loaded side",
            "overload, notch, misalignment",
            "renew at once; look at every tooth with dye",
            true),
    BROKEN_TOOTH(
            "broken tooth",
            "a tooth gone: beach marks mean fatigue, a rough grey face overload",
            "fatigue, shock, foreign body, a too strong shear pin",
            "renew; find the cause before the new gear goes in",
            true),
    CHIPPED_END(
            "chipped tooth end",
            "a corner gone at one end of the face",
            "load on the end of the face: misaligned or shifted under load",
            "renew when it reaches the lower third; mend alignment",
            false),
    FEATHER_EDGE(
            "feathered tip",
            "a knife edge at the tip, often with a burr",
            "wear past the tip land, typical of bronze wheels",
            "renew",
            true),
    INDENTED(
            "dents and raised edges",
            "single marks with a raised rim",
            "a hard piece went through",
            "stone the raised edge down, find the piece",
            false),
    MELTED(
            "melted or deformed plastic",
            "glazed, smeared or swollen teeth",
            "heat, load, grease or solvent the plastic cannot bear",
            "renew; check the drive for what made it work hard",
            true);

    private final String words;
    private final String looks;
    private final String cause;
    private final String remedy;
    private final boolean renews;

    WearMode(String words, String looks, String cause, String remedy, boolean renews) {
        this.words = words;
        this.looks = looks;
        this.cause = cause;
        this.remedy = remedy;
        this.renews = renews;
    }

    public String words() {
        return words;
    }

    /** What it looks like. */
    public String looks() {
        return looks;
    }

    /** Usual causes. */
    public String cause() {
        return cause;
    }

    /** What is usually done. */
    public String remedy() {
        return remedy;
    }

    /** True when the gear is renewed whatever the numbers say. */
    public boolean renews() {
        return renews;
    }

    /** Every mode, in the order from harmless to grave within its family. */
    public static List<WearMode> all() {
        return List.of(values());
    }
}
