package app.yunque.fastener;

/**
 * Strength of screws by the mark on the head (MPa). Source: ISO 898-1, SAE J429, ISO 3506-1, from memory. Without a mark the lowest counts for a torque; for a
 * shear pin it counts as unknown. Stainless has no proof load there: nine tenths of its yield, judgement.
 */
public enum StrengthClass {
    C4_6("4.6", 225, 240, 400, 225, 240, 400, 16),
    C5_8("5.8", 380, 420, 520, 380, 420, 520, 16),
    C8_8("8.8", 580, 640, 800, 600, 660, 830, 16),
    C10_9("10.9", 830, 940, 1040, 830, 940, 1040, 16),
    C12_9("12.9", 970, 1100, 1220, 970, 1100, 1220, 16),
    A2_70("A2-70, stainless", 405, 450, 700, 405, 450, 700, 16),
    SAE_2(
            "SAE 2",
            55 * Ksi.MPA,
            57 * Ksi.MPA,
            74 * Ksi.MPA,
            33 * Ksi.MPA,
            36 * Ksi.MPA,
            60 * Ksi.MPA,
            19.05),
    SAE_5(
            "SAE 5",
            85 * Ksi.MPA,
            92 * Ksi.MPA,
            120 * Ksi.MPA,
            74 * Ksi.MPA,
            81 * Ksi.MPA,
            105 * Ksi.MPA,
            25.4),
    SAE_8(
            "SAE 8",
            120 * Ksi.MPA,
            130 * Ksi.MPA,
            150 * Ksi.MPA,
            120 * Ksi.MPA,
            130 * Ksi.MPA,
            150 * Ksi.MPA,
            38.1),
    UNMARKED("no mark on the head", 225, 240, 400, 225, 240, 400, 16);

    private static final class Ksi {
        private static final double MPA = 6.894757;
    }

    private static final double SLACK = 1e-9;

    private final String words;
    private final double proof;
    private final double yield;
    private final double tensile;
    private final double proofLarge;
    private final double yieldLarge;
    private final double tensileLarge;
    private final double smallUpToMm;

    StrengthClass(
            String words,
            double proof,
            double yield,
            double tensile,
            double proofLarge,
            double yieldLarge,
            double tensileLarge,
            double smallUpToMm) {
        this.words = words;
        this.proof = proof;
        this.yield = yield;
        this.tensile = tensile;
        this.proofLarge = proofLarge;
        this.yieldLarge = yieldLarge;
        this.tensileLarge = tensileLarge;
        this.smallUpToMm = smallUpToMm;
    }

    public String words() {
        return words;
    }

    /** Proof stress S_p (MPa). */
    public double proofMpa(double diameterMm) {
        return isSmall(diameterMm) ? proof : proofLarge;
    }

    /** Yield, R_p0.2 (MPa). */
    public double yieldMpa(double diameterMm) {
        return isSmall(diameterMm) ? yield : yieldLarge;
    }

    /** Tensile strength R_m (MPa). */
    public double tensileMpa(double diameterMm) {
        return isSmall(diameterMm) ? tensile : tensileLarge;
    }

    private boolean isSmall(double diameterMm) {
        return diameterMm <= smallUpToMm + SLACK;
    }
}
