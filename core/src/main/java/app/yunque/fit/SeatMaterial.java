package app.yunque.fit;

/**
 * What a hub, a shaft or a case is made of: stiffness, expansion, and where an ordinary grade of it yields. Source: handbook values, from memory;
 * the yield points are those of weak grades, judgement, no source.
 */
public enum SeatMaterial {
    STEEL("steel", 206_000, 0.30, 11.5e-6, 240, 150),
    BEARING_STEEL("bearing steel", 206_000, 0.30, 12.5e-6, 1000, 120),
    CAST_IRON("grey cast iron", 110_000, 0.25, 10.5e-6, 150, 150),
    BRONZE("bronze", 110_000, 0.34, 18e-6, 120, 150),
    ALUMINIUM("aluminium", 71_000, 0.33, 23e-6, 130, 120);

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
