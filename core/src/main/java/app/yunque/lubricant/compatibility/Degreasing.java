package app.yunque.lubricant.compatibility;

import app.yunque.lubricant.compatibility.Compatibility.Finding;
import app.yunque.lubricant.compatibility.Compatibility.Weight;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/**
 * Whether parts may be washed in a cleaner: what it does to plastics and metals, what burns, what must be dry before the oil goes
 * in. Source: common practice, no source; the data sheet of the cleaner and the maker of the part come first.
 */
public final class Degreasing {
    private Degreasing() {}

    /** What parts are washed in. */
    public enum Cleaner {
        DETERGENT("detergent and water"),
        ALCOHOL("isopropyl alcohol"),
        HIGH_FLASH("high-flash cold cleaner"),
        PETROL("petrol"),
        KETONE("acetone or another ketone"),
        CHLORINATED("chlorinated solvent"),
        ACID("strong acid, rust remover"),
        HOT_CAUSTIC("hot caustic");

        private final String words;

        Cleaner(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        boolean burns() {
            return this == ALCOHOL || this == HIGH_FLASH || this == PETROL || this == KETONE;
        }
    }

    /** What a part is made of. */
    public enum Material {
        STEEL("steel or cast iron"),
        ALUMINIUM("aluminium"),
        ZINC("zinc, zinc-plated"),
        BRONZE("bronze or brass"),
        NYLON("nylon"),
        ACETAL("acetal"),
        CLEAR_PLASTIC("clear plastic, ABS"),
        POLYETHYLENE("polyethylene, polypropylene"),
        RUBBER("rubber seals that stay in"),
        LINING("brake or clutch lining"),
        FIBRE("fibre, felt, wood");

        private final String words;

        Material(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Every finding that applies, the gravest first. */
    public static List<Finding> of(Cleaner cleaner, Set<Material> materials) {
        var found = new ArrayList<Finding>();
        fire(found, cleaner);
        for (var material : Material.values()) {
            if (materials.contains(material)) {
                on(found, cleaner, material);
            }
        }
        if (cleaner != Cleaner.DETERGENT) {
            found.add(
                    new Finding(
                            "left in the box",
                            Weight.WARNS,
                            "One per cent of thin solvent takes an ISO VG 220 to about 194 mm²/s.",
                            "Drain, wipe and dry fully before the oil goes in."));
        } else {
            found.add(
                    new Finding(
                            "water",
                            Weight.INFORMS,
                            "Water left in bores and bearings rusts them and ages the oil.",
                            "Blow out away from people, dry warm, oil at once."));
        }
        found.sort(Comparator.comparing(Finding::weight));
        return List.copyOf(found);
    }

    private static void fire(List<Finding> found, Cleaner cleaner) {
        if (cleaner == Cleaner.PETROL) {
            found.add(
                    new Finding(
                            "petrol",
                            Weight.FORBIDS,
                            "Fire and explosion, poisonous vapour.",
                            "Detergent, isopropyl alcohol or a high-flash cleaner."));
        } else if (cleaner.burns()) {
            found.add(
                    new Finding(
                            "fire",
                            Weight.WARNS,
                            "It burns.",
                            "Ventilate, no sparks, a small quantity in a closed metal can; earth when pouring."));
        }
        if (cleaner == Cleaner.ACID
                || cleaner == Cleaner.HOT_CAUSTIC
                || cleaner == Cleaner.CHLORINATED) {
            found.add(
                    new Finding(
                            "skin, eyes, lungs",
                            Weight.WARNS,
                            "It burns or poisons.",
                            "Gloves, goggles and ventilation as its data sheet says; local rules decide about waste."));
        }
    }

    private static void on(List<Finding> found, Cleaner cleaner, Material material) {
        var weight = weight(cleaner, material);
        if (weight == Weight.INFORMS) {
            return;
        }
        found.add(
                new Finding(
                        material.words,
                        weight,
                        "%s: %s.".formatted(cleaner.words, harm(cleaner, material)),
                        weight == Weight.FORBIDS
                                ? "Detergent and water, or wipe it with a cloth."
                                : "A brief wipe, not a bath."));
    }

    private static Weight weight(Cleaner cleaner, Material material) {
        return switch (material) {
            case STEEL, BRONZE -> cleaner == Cleaner.ACID ? Weight.WARNS : Weight.INFORMS;
            case ALUMINIUM, ZINC ->
                    cleaner == Cleaner.HOT_CAUSTIC || cleaner == Cleaner.ACID
                            ? Weight.FORBIDS
                            : Weight.INFORMS;
            case NYLON, ACETAL ->
                    cleaner == Cleaner.ACID || cleaner == Cleaner.PETROL
                            ? Weight.FORBIDS
                            : Weight.INFORMS;
            case CLEAR_PLASTIC ->
                    switch (cleaner) {
                        case DETERGENT -> Weight.INFORMS;
                        case ALCOHOL -> Weight.WARNS;
                        default -> Weight.FORBIDS;
                    };
            case POLYETHYLENE ->
                    cleaner == Cleaner.PETROL
                            ? Weight.FORBIDS
                            : cleaner == Cleaner.CHLORINATED || cleaner == Cleaner.HIGH_FLASH
                                    ? Weight.WARNS
                                    : Weight.INFORMS;
            case RUBBER ->
                    cleaner == Cleaner.DETERGENT
                            ? Weight.INFORMS
                            : cleaner == Cleaner.ALCOHOL ? Weight.WARNS : Weight.FORBIDS;
            case LINING ->
                    cleaner == Cleaner.DETERGENT || cleaner == Cleaner.ALCOHOL
                            ? Weight.WARNS
                            : Weight.FORBIDS;
            case FIBRE -> cleaner == Cleaner.ALCOHOL ? Weight.WARNS : Weight.FORBIDS;
        };
    }

    private static String harm(Cleaner cleaner, Material material) {
        return switch (material) {
            case STEEL, BRONZE -> "it etches the surface; rinse, neutralise and oil at once";
            case ALUMINIUM, ZINC -> "it dissolves the metal";
            case NYLON, ACETAL, POLYETHYLENE -> "it attacks or swells the plastic";
            case CLEAR_PLASTIC -> "it crazes, cracks or dissolves it";
            case RUBBER -> "it swells or hardens the rubber";
            case LINING -> "it soaks in, and the brake slips";
            case FIBRE ->
                    cleaner == Cleaner.DETERGENT ? "it swells in water" : "it soaks in and stays";
        };
    }
}
