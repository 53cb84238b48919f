package app.yunque.lubricant.grade;

import static app.yunque.measure.Working.line;

import app.yunque.lubricant.sump.SumpShape;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Sump temperature from losses and the surface of the case: t = t_amb + [P (1 − η) + P₀ (ν(t)/ν_ref)^m]/(h A), m = 0.25. The
 * right side falls as the oil warms, so there is one answer, found by bisection. Source: heat balance; coefficients common
 * practice.
 *
 * @param temperatureDegC sump temperature (°C)
 * @param viscosity       ν of the oil there (mm²/s)
 * @param lossW           losses there (W)
 * @param warnings        limits of the oil and thin films
 * @param working         formula and numbers
 */
public record SumpHeat(
        double temperatureDegC,
        double viscosity,
        double lossW,
        List<String> warnings,
        Working working) {
    /** What the base oil bears: beyond its limit a fail, from its warning on doubtful. */
    public Verdict verdict(BaseOil base) {
        return temperatureDegC > base.limitDegC()
                ? Verdict.CLEAR_FAIL
                : temperatureDegC > base.warnDegC() ? Verdict.DOUBTFUL : Verdict.CLEAR_PASS;
    }

    public static final Range POWER = Range.of("powerW", "power through the box", 1, 1e8, "W");
    public static final Range EFFICIENCY =
            Range.of("efficiency", "efficiency of the meshes", 0.01, 1, "");
    public static final Range AREA =
            Range.of("areaM2", "free surface of the case", 0.001, 1000, "m²");
    public static final Range TRANSFER = Range.of("transfer", "heat transfer", 3, 100, "W/m²K");
    public static final Range AMBIENT = Range.of("ambientDegC", "ambient", -50, 110, "°C");
    public static final Range CHURNING =
            Range.of("churningW", "churning loss as measured", 0, 1e6, "W");
    public static final Range REFERENCE =
            Range.of("referenceViscosity", "viscosity at which it was measured", 0.3, 1e6, "mm²/s");
    public static final Range EXPONENT =
            Range.of(
                    "churningExponent", "exponent of the viscosity in the churning loss", 0, 1, "");

    /** Where nobody measured it. Common practice, no source. */
    public static final double USUAL_EXPONENT = 0.25;

    private static final double THIN = 15;
    private static final double LITTLE_L_PER_KW = 3;

    /**
     * @param powerW      power through the box (W)
     * @param efficiency  η of all meshes
     * @param areaM2      free outer surface (m²)
     * @param transfer    h (W/m²K), 15 small room to 30 with a fan
     * @param ambientDegC (°C)
     * @param churningW   no-load loss at the reference viscosity (W); 0 when unknown
     * @param referenceViscosity ν_ref at which it was measured (mm²/s)
     * @param oil         the oil
     * @param base        what it is made from
     * @param churningExponent how the churning loss goes with the viscosity, 0 to 1; empty for the usual 0.25
     */
    @PublicRule(
            at = "lubricant/sump-heat",
            title = "Heat of a sump",
            says = "How warm a sump gets.")
    public static SumpHeat of(
            double powerW,
            double efficiency,
            double areaM2,
            double transfer,
            double ambientDegC,
            double churningW,
            double referenceViscosity,
            ViscosityLine oil,
            BaseOil base,
            Optional<Double> churningExponent) {
        Refused.ifAny(
                churningExponent.flatMap(e -> EXPONENT.judge(e)),
                POWER.judge(powerW),
                EFFICIENCY.judge(efficiency),
                AREA.judge(areaM2),
                TRANSFER.judge(transfer),
                AMBIENT.judge(ambientDegC),
                CHURNING.judge(churningW),
                churningW == 0 ? Optional.empty() : REFERENCE.judge(referenceViscosity));
        double exponent = churningExponent.orElse(USUAL_EXPONENT);
        double low = ambientDegC;
        double high =
                Math.min(
                        249,
                        ambientDegC
                                + loss(
                                                powerW,
                                                efficiency,
                                                churningW,
                                                referenceViscosity,
                                                exponent,
                                                oil.viscosityAt(ambientDegC))
                                        / (transfer * areaM2));
        for (int i = 0; i < 100; i++) {
            double middle = (low + high) / 2;
            double would =
                    ambientDegC
                            + loss(
                                            powerW,
                                            efficiency,
                                            churningW,
                                            referenceViscosity,
                                            exponent,
                                            oil.viscosityAt(middle))
                                    / (transfer * areaM2);
            if (would > middle) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double t = (low + high) / 2;
        double v = oil.viscosityAt(t);
        double loss = loss(powerW, efficiency, churningW, referenceViscosity, exponent, v);
        return new SumpHeat(
                t,
                v,
                loss,
                warnings(t, v, base),
                new Working(
                        List.of(
                                line(
                                        "P_loss = P (1 − η) + P₀ (ν/ν_ref)^"
                                                + PlainDigits.exact(exponent),
                                        PlainDigits.rounded(loss, 1) + " W"),
                                line(
                                        "t = t_amb + P_loss / (h A)",
                                        "%s + %s / (%s × %s) = %s °C"
                                                .formatted(
                                                        PlainDigits.exact(ambientDegC),
                                                        PlainDigits.rounded(loss, 1),
                                                        PlainDigits.exact(transfer),
                                                        PlainDigits.exact(areaM2),
                                                        PlainDigits.rounded(t, 1)))),
                        "heat balance; coefficients common practice, no source",
                        List.of(
                                "A thermometer in the oil just after stopping beats any balance.")));
    }

    /**
     * Whether a splash box holds little oil for the heat it has to carry: 5 to 10 L for each kW of loss are usual, below 3 the oil
     * ages fast. Common practice, no source.
     *
     * @param litres in the box (L)
     * @return what to say; empty when it holds enough
     */
    public Optional<String> littleOil(double litres) {
        double perKw = 1000 * litres / lossW;
        return perKw < LITTLE_L_PER_KW
                ? Optional.of(
                        "Little oil for the heat: %s L for each kW lost, 5 to 10 are usual. Check level and losses; the oil ages fast."
                                .formatted(PlainDigits.rounded(perKw, 1)))
                : Optional.empty();
    }

    /** Outer surface of a box-shaped case (m²), the base counted only when it stands free. */
    @PublicRule(
            at = "lubricant/box-area",
            title = "Surface of a case",
            says = "Outer surface of a box-shaped case.",
            source = "geometry")
    public static double boxAreaM2(
            double lengthMm, double widthMm, double heightMm, boolean baseFree) {
        Refused.ifAny(
                SumpShape.LENGTH.judge(lengthMm),
                SumpShape.WIDTH.judge(widthMm),
                SumpShape.HEIGHT.judge(heightMm));
        double sides = 2 * (lengthMm + widthMm) * heightMm;
        double flat = lengthMm * widthMm * (baseFree ? 2 : 1);
        return (sides + flat) / 1e6;
    }

    private static double loss(
            double power,
            double efficiency,
            double churning,
            double reference,
            double exponent,
            double viscosity) {
        double mesh = power * (1 - efficiency);
        return churning == 0 ? mesh : mesh + churning * Math.pow(viscosity / reference, exponent);
    }

    private static List<String> warnings(double t, double v, BaseOil base) {
        var told = new ArrayList<String>();
        if (t > base.limitDegC()) {
            told.add(
                    "%s °C is above the limit of %s °C for %s oil: less load, a cooler, or a synthetic grade."
                            .formatted(
                                    PlainDigits.rounded(t, 0),
                                    PlainDigits.exact(base.limitDegC()),
                                    base.words()));
        } else if (t > base.warnDegC()) {
            told.add(
                    "%s °C ages %s oil fast: halve the change interval for every 10 K above 80."
                            .formatted(PlainDigits.rounded(t, 0), base.words()));
        }
        if (v < THIN) {
            told.add(
                    "%s mm²/s is thin for teeth: 15 is usual for spur and helical, 40 for a worm."
                            .formatted(PlainDigits.rounded(v, 1)));
        }
        return List.copyOf(told);
    }
}
