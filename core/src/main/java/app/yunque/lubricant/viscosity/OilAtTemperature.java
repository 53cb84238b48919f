package app.yunque.lubricant.viscosity;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * An oil at one temperature.
 *
 * @param kinematicMm2PerS ν there (mm²/s)
 * @param densityKgPerM3   ρ there (kg/m³)
 * @param dynamicMpaS      η there (mPa·s)
 */
public record OilAtTemperature(double kinematicMm2PerS, double densityKgPerM3, double dynamicMpaS) {
    public static final Range AT_40 = ViscosityIndex.AT_40;
    public static final Range INDEX = ViscosityIndex.INDEX;
    public static final Range TEMPERATURE = ViscosityLine.TEMPERATURE;
    public static final Range DENSITY =
            Range.of("densityAt15", "density at 15 °C", 700, 1300, "kg/m³")
                    .advising("Enter kg/m³, not g/cm³.");
    public static final Range VISCOSITY = ViscosityLine.VISCOSITY;

    /**
     * @param at40           ν at 40 °C (mm²/s)
     * @param viscosityIndex its index
     * @param temperatureDegC where it is asked (°C)
     * @param base           what it is made from
     * @param densityAt15    ρ at 15 °C (kg/m³); empty takes the usual one of the base oil
     */
    @PublicRule(
            at = "lubricant/at-temperature",
            title = "Oil at a temperature",
            says = "Viscosity, density and dynamic viscosity of an oil at any temperature.",
            source = "ASTM D341, ISO 2909, from memory; densities common practice, no source")
    public static OilAtTemperature of(
            double at40,
            double viscosityIndex,
            double temperatureDegC,
            BaseOil base,
            Optional<Double> densityAt15) {
        Refused.ifAny(densityAt15.flatMap(DENSITY::judge));
        double kinematic = ViscosityLine.of(at40, viscosityIndex).viscosityAt(temperatureDegC);
        double usual = base.densityAt(temperatureDegC);
        double density = densityAt15.map(d -> d * usual / base.densityAt15()).orElse(usual);
        return new OilAtTemperature(kinematic, density, kinematic * density / 1000);
    }

    /**
     * @param at40             ν at 40 °C (mm²/s)
     * @param viscosityIndex   its index
     * @param viscosityMm2PerS the viscosity that is asked for (mm²/s)
     * @return the temperature at which it has it (°C)
     */
    @PublicRule(
            at = "lubricant/temperature-for",
            title = "Temperature for a viscosity",
            says = "At which temperature an oil has a viscosity.",
            source = "ASTM D341, ISO 2909, from memory")
    public static double temperatureDegC(
            double at40, double viscosityIndex, double viscosityMm2PerS) {
        double found = ViscosityLine.of(at40, viscosityIndex).temperatureOf(viscosityMm2PerS);
        if (!TEMPERATURE.holds(found)) {
            throw Refused.because(
                    "viscosityMm2PerS",
                    "This oil has that viscosity nowhere from −60 to 250 °C, where the equation holds. Choose another.");
        }
        return found;
    }
}
