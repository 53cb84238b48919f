package app.yunque.lubricant.grade;

import app.yunque.lubricant.sump.ImmersedGear;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * How hard the flanks of a spur or helical stage are pressed.
 *
 * @param tangentialN     F_t at the pitch circle (N)
 * @param faceMm          common face width b (mm)
 * @param pinionMm        pitch diameter of the pinion d₁ (mm)
 * @param ratio           u = z₂/z₁, at least 1
 * @param roughnessUm     composite roughness √(Rq₁² + Rq₂²) (µm)
 * @param toothDegC       temperature of the oil at the teeth (°C)
 */
public record ToothLoad(
        double tangentialN,
        double faceMm,
        double pinionMm,
        double ratio,
        double roughnessUm,
        double toothDegC) {
    public static final Range TANGENTIAL =
            Range.of("tangentialN", "tangential load", 0.1, 1e8, "N")
                    .advising("The film check and the load-speed factor need a load.");
    public static final Range RATIO =
            Range.of("ratio", "ratio of the stage", 1, 1000, "")
                    .advising("Enter wheel teeth over pinion teeth, at least 1.");
    public static final Range PINION = Range.of("pinionMm", "pitch diameter", 1, 5000, "mm");

    /**
     * Z_H² Z_ε² with Z_H² = 1/(cos² α tan α), the factor the rule was made with, rounded to 3; today's is twice that and must
     * not be used here.
     */
    private static final double FLANK = 3;

    /** Rq over Ra for a surface of random heights, √(π/2). */
    private static final double RQ_OF_RA = Math.sqrt(Math.PI / 2);

    /** Ra of ground or shaved flanks where nobody measured it (µm). Common practice, no source. */
    private static final double USUAL_RA_UM = 0.8;

    /** The flank runs warmer than the oil by about this much (K). Common practice, no source. */
    private static final double FLANK_RISE_K = 15;

    /**
     * Composite roughness of two equal flanks (µm), √2 Rq.
     *
     * @param raUm Ra of one flank (µm); empty takes the usual one
     */
    public static double roughnessOfPair(Optional<Double> raUm) {
        return raUm.orElse(USUAL_RA_UM) * RQ_OF_RA * Math.sqrt(2);
    }

    /** Temperature of the oil at the teeth from that of the sump (°C). */
    public static double flankDegC(double oilDegC) {
        return oilDegC + FLANK_RISE_K;
    }

    public ToothLoad {
        Refused.ifAny(
                TANGENTIAL.judge(tangentialN),
                ImmersedGear.FACE_WIDTH.named("faceMm", "face width").judge(faceMm),
                PINION.judge(pinionMm),
                RATIO.judge(ratio),
                FilmCheck.ROUGHNESS.judge(roughnessUm),
                ViscosityLine.TEMPERATURE
                        .named("toothDegC", "temperature at the teeth")
                        .judge(toothDegC));
    }

    /** k_s = 3 F_t/(b d₁) (u + 1)/u (N/mm²). Source: DIN 51509-1, from memory. */
    public double pressure() {
        return FLANK * tangentialN / (faceMm * pinionMm) * (ratio + 1) / ratio;
    }

    /** Film between the flanks with an oil, as spur teeth at 20° would have it. */
    FilmCheck film(ViscosityLine oil, BaseOil base, double velocityMPerS) {
        double eta = oil.viscosityAt(toothDegC) * base.densityAt(toothDegC) / 1000;
        double line = tangentialN / (faceMm / 1000 * Math.cos(Math.toRadians(20)));
        return FilmCheck.spur(
                pinionMm / 2,
                pinionMm / 2 * ratio,
                20,
                velocityMPerS,
                line,
                eta,
                FilmCheck.pressureCoefficient(base, eta),
                roughnessUm);
    }
}
