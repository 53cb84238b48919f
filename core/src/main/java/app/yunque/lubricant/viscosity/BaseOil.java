package app.yunque.lubricant.viscosity;

/**
 * What an oil is made from, with what is usual where a data sheet is missing. Index, density and expansion common practice,
 * no source; sump limits: mineral AGMA 9005 from memory, the others common practice.
 */
public enum BaseOil {
    MINERAL("mineral", 95, 890, 0.0007, 80, 95, 5000, 24),
    PAO("synthetic hydrocarbon (PAO)", 150, 850, 0.0007, 100, 110, 10_000, 36),
    ESTER("ester", 150, 950, 0.00075, 100, 110, 10_000, 36),
    PAG("polyglycol (PAG)", 200, 1050, 0.0008, 110, 120, 15_000, 48),
    SILICONE("silicone", 250, 970, 0.001, 150, 180, 10_000, 36);

    private final String words;
    private final double usualIndex;
    private final double densityAt15;
    private final double expansion;
    private final double warnDegC;
    private final double limitDegC;
    private final double lifeHoursAt80;
    private final int mostMonths;

    BaseOil(
            String words,
            double usualIndex,
            double densityAt15,
            double expansion,
            double warnDegC,
            double limitDegC,
            double lifeHoursAt80,
            int mostMonths) {
        this.words = words;
        this.usualIndex = usualIndex;
        this.densityAt15 = densityAt15;
        this.expansion = expansion;
        this.warnDegC = warnDegC;
        this.limitDegC = limitDegC;
        this.lifeHoursAt80 = lifeHoursAt80;
        this.mostMonths = mostMonths;
    }

    public String words() {
        return words;
    }

    public double usualIndex() {
        return usualIndex;
    }

    /** ρ₁₅ (kg/m³). */
    public double densityAt15() {
        return densityAt15;
    }

    /** Thermal expansion of the volume (1/K). */
    public double expansionPerKelvin() {
        return expansion;
    }

    /** Sump temperature from which it ages fast (°C). */
    public double warnDegC() {
        return warnDegC;
    }

    /** Sump temperature it must not pass (°C). */
    public double limitDegC() {
        return limitDegC;
    }

    /** Usual life of clean dry oil at 80 °C (h). */
    public double lifeHoursAt80() {
        return lifeHoursAt80;
    }

    /** Calendar cap of its life. */
    public int mostMonths() {
        return mostMonths;
    }

    /** ρ(t) = ρ₁₅/(1 + α (t − 15)) (kg/m³). */
    public double densityAt(double temperatureDegC) {
        return densityAt15 / (1 + expansion * (temperatureDegC - 15));
    }
}
