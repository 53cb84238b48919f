package app.yunque.lubricant.grade;

import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.OilAtTemperature;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;

/**
 * Oil that carries a loss away by forced circulation: q = P/(ρ c Δt). Source: heat balance; specific heat by Cragoe's form, handbook,
 * from memory.
 *
 * @param litresPerMin flow (L/min)
 * @param heatKjPerKgK specific heat c (kJ/kgK)
 */
public record CirculationFlow(double litresPerMin, double heatKjPerKgK) {
    public static final Range LOSS = Range.of("lossW", "loss to carry away", 1, 1e7, "W");
    public static final Range RISE = Range.of("riseK", "rise of the oil", 1, 60, "K");
    public static final Range OIL = Range.of("oilDegC", "oil temperature", -20, 150, "°C");
    public static final Range DENSITY = OilAtTemperature.DENSITY;
    private static final double WATER = 1000;

    /**
     * @param lossW       loss to carry away (W)
     * @param riseK       rise from inlet to outlet (K)
     * @param oilDegC     mean temperature of the oil (°C)
     * @param densityAt15 ρ at 15 °C (kg/m³)
     * @param base        what it is made from, for its density when warm
     */
    @PublicRule(
            at = "lubricant/circulation-flow",
            title = "Flow of a circulation",
            says = "How much oil a minute carries a loss away.",
            source = "heat balance; Cragoe, handbook, from memory")
    public static CirculationFlow of(
            double lossW, double riseK, double oilDegC, double densityAt15, BaseOil base) {
        Refused.ifAny(
                LOSS.judge(lossW),
                RISE.judge(riseK),
                OIL.judge(oilDegC),
                DENSITY.judge(densityAt15));
        double heat = specificHeat(oilDegC, densityAt15);
        double density = densityAt15 * base.densityAt(oilDegC) / base.densityAt15();
        return new CirculationFlow(flow(lossW, riseK, density, heat), heat);
    }

    /** c = (1.685 + 0.0034 t)/√(ρ₁₅/1000) (kJ/kgK). */
    static double specificHeat(double oilDegC, double densityAt15) {
        return (1.685 + 0.0034 * oilDegC) / Math.sqrt(densityAt15 / WATER);
    }

    /** @param heat c (kJ/kgK) */
    static double flow(double lossW, double riseK, double density, double heat) {
        return lossW / 1000 / (density * heat * riseK) * 1000 * 60;
    }
}
