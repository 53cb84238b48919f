package app.yunque.mesh;

/**
 * What a gear or a housing is made of, as far as heat is concerned. Linear expansion per kelvin: handbook values, from
 * memory.
 */
public enum Material {
    STEEL("steel", 11.5),
    GREY_IRON("grey cast iron", 10.5),
    NODULAR_IRON("nodular cast iron", 11.5),
    ALUMINIUM("aluminium alloy", 22),
    MAGNESIUM("magnesium alloy", 26),
    TIN_BRONZE("tin bronze", 18),
    ALUMINIUM_BRONZE("aluminium bronze", 17),
    BRASS("brass", 19),
    ZINC("zinc alloy", 27),
    NYLON("nylon, dry", 90),
    GLASS_NYLON("nylon with 30 % glass", 30),
    ACETAL("acetal", 110);

    private final String words;
    private final double perMillionPerKelvin;

    Material(String words, double perMillionPerKelvin) {
        this.words = words;
        this.perMillionPerKelvin = perMillionPerKelvin;
    }

    public String words() {
        return words;
    }

    /** α (1/K). */
    public double expansionPerKelvin() {
        return perMillionPerKelvin * 1e-6;
    }

    public boolean isPlastic() {
        return this == NYLON || this == GLASS_NYLON || this == ACETAL;
    }
}
