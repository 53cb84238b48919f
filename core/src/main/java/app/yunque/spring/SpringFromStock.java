package app.yunque.spring;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * How long a piece of long spring stock is cut for a wanted force: n = k₁ (L − e)/(k₁ p − F), k₁ = G d⁴/(8 D³), e what its ends take. Source: derived from
 * EN 13906-1, from memory.
 *
 * @param activeCoils coils that move
 * @param freeMm      length to cut (mm)
 * @param told        words and working
 */
public record SpringFromStock(double activeCoils, double freeMm, Told told) {
    public static final Range FITTED = SpringForce.FITTED;
    public static final Range PITCH = Range.of("pitchMm", "pitch of the coils", 0.1, 200, "mm");
    public static final Range FORCE = Range.of("wantedN", "wanted force", 0.01, 100_000, "N");

    /**
     * The stock.
     *
     * @param wireMm     d (mm)
     * @param meanCoilMm D (mm)
     * @param pitchMm    p (mm), more than d
     * @param groundEnds true where the ends are closed and ground, false where they stay open
     * @param steel      what it is wound of
     */
    public record Stock(
            @Asks("wire") double wireMm,
            @Asks(value = "mean diameter of the coils", hint = "Outside less one wire.")
                    double meanCoilMm,
            double pitchMm,
            @Asks("its ends are closed and ground") boolean groundEnds,
            @Asks("wound of") SpringSteel steel) {
        public Stock {
            Refused.ifAny(
                    Coil.WIRE.judge(wireMm), Coil.MEAN.judge(meanCoilMm), PITCH.judge(pitchMm));
            if (pitchMm <= wireMm) {
                throw Refused.because(
                        "pitchMm",
                        "Coils of %s mm pitch and %s mm of wire lie on each other: that is no compression spring."
                                .formatted(PlainDigits.exact(pitchMm), PlainDigits.exact(wireMm)));
            }
        }

        double endsMm() {
            return groundEnds ? 2 * wireMm : wireMm;
        }

        /** Rate of one coil (N/mm). */
        double ofOneCoil() {
            return steel.shearModulusMpa() * Math.pow(wireMm, 4) / (8 * Math.pow(meanCoilMm, 3));
        }
    }

    /**
     * @param stock    the stock
     * @param wantedN  F when fitted (N)
     * @param fittedMm L it is fitted to (mm)
     * @throws Refused when this wire cannot give that force
     */
    @PublicRule(
            at = "spring/from-stock",
            title = "A spring cut from stock",
            says = "Where to cut a long spring for a wanted force.")
    public static SpringFromStock of(
            @Asks("the stock") Stock stock, double wantedN, double fittedMm) {
        Refused.ifAny(FORCE.judge(wantedN), FITTED.judge(fittedMm));
        double one = stock.ofOneCoil();
        if (wantedN >= one * stock.pitchMm) {
            throw Refused.because(
                    "wantedN",
                    "This wire cannot give %s N at any length: it is solid at %s N. Thicker wire or wider pitch."
                            .formatted(
                                    PlainDigits.exact(wantedN),
                                    PlainDigits.rounded(one * (stock.pitchMm - stock.wireMm), 1)));
        }
        double coils = one * (fittedMm - stock.endsMm()) / (one * stock.pitchMm - wantedN);
        double free = coils * stock.pitchMm + stock.endsMm();
        double solid = (coils + (stock.groundEnds ? 2 : 1)) * stock.wireMm;
        if (coils <= 0 || fittedMm <= solid) {
            throw Refused.because(
                    "fittedMm",
                    "%s coils would be solid at %s mm, and it is fitted to %s. Thicker wire, or less force."
                            .formatted(
                                    PlainDigits.rounded(coils, 1),
                                    PlainDigits.rounded(solid, 1),
                                    PlainDigits.exact(fittedMm)));
        }
        var told =
                Told.of("derived from EN 13906-1, from memory")
                        .figure("freeMm", "cut it to", free, "mm", 1)
                        .figure("activeCoils", "active coils", coils, "", 2)
                        .figure("solidMm", "solid at", solid, "mm", 1)
                        .figure("ratePerMm", "rate", one / coils, "N/mm", 3)
                        .line("n = k₁ (L − e) / (k₁ p − F)", "%s", PlainDigits.rounded(coils, 3))
                        .line("L₀ = n p + e", "%s mm", PlainDigits.rounded(free, 2))
                        .warn("Grind the end square, cool it, and weigh it before it goes in.")
                        .saying(
                                "Cut it to %s mm, %s active coils."
                                        .formatted(
                                                PlainDigits.rounded(free, 1),
                                                PlainDigits.rounded(coils, 1)));
        return new SpringFromStock(coils, free, told);
    }
}
