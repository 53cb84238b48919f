package app.yunque.fit;

import app.yunque.mesh.Material;

/**
 * What a hub, a shaft or a case is made of: stiffness, expansion, and where an ordinary grade of it yields. Source: handbook values, from memory;
 * expansions are those of {@link Material}; the yield points are those of weak grades, judgement, no source.
 */
public enum SeatMaterial {
    STEEL("steel", 206_000, 0.30, Material.STEEL.expansionPerKelvin(), 240, 150),
    BEARING_STEEL("bearing steel", 206_000, 0.30, 12.5e-6, 1000, 120),
    CAST_IRON("grey cast iron", 110_000, 0.25, Material.GREY_IRON.expansionPerKelvin(), 150, 150),
    BRONZE("bronze", 110_000, 0.34, Material.TIN_BRONZE.expansionPerKelvin(), 120, 150),
    ALUMINIUM("aluminium", 71_000, 0.33, Material.ALUMINIUM.expansionPerKelvin(), 130, 120);

    private final String words;
    private final double modulusMpa;
    private final double poisson;
    private final double expansionPerK;
    private final double yieldMpa;
    private final double hottestDegC;

    SeatMaterial(
            String words,
            double modulusMpa,
            double poisson,
            double expansionPerK,
            double yieldMpa,
            double hottestDegC) {
        this.words = words;
        this.modulusMpa = modulusMpa;
        this.poisson = poisson;
        this.expansionPerK = expansionPerK;
        this.yieldMpa = yieldMpa;
        this.hottestDegC = hottestDegC;
    }

    public String words() {
        return words;
    }

    double modulusMpa() {
        return modulusMpa;
    }

    double poisson() {
        return poisson;
    }

    /** Linear expansion (1/K). */
    public double expansionPerK() {
        return expansionPerK;
    }

    double yieldMpa() {
        return yieldMpa;
    }

    /** Hottest a part of it is heated to for mounting (°C), where the maker says nothing; common practice, no source. */
    double hottestDegC() {
        return hottestDegC;
    }
}
