package app.yunque.finding;

import static app.yunque.measure.Working.line;

import app.yunque.gear.ServiceDuty;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import java.util.List;

/**
 * What a finding by eye on a gear means: some modes renew it whatever the numbers say, pitting and spalls by the share of
 * the flank they cover.
 *
 * <p>Pitting: through-hardened teeth 2 % of all active flank; surface-hardened 0.5 % of all or 4 % of one flank (life
 * criterion of ISO 6336-2, from memory). Outer limit of crane practice: 30 % of the meshing area with pits a tenth of the
 * tooth deep (GB/T 6067.1, from memory).
 *
 * @param verdict  whether the gear may go back
 * @param sentence the verdict in words
 * @param working  what decided
 */
public record SurfaceDamage(Verdict verdict, String sentence, Working working) {
    public static final Range AREA =
            Range.of("areaPercent", "share of one flank that is damaged", 0, 100, "%");
    public static final Range TEETH_HIT =
            Range.count("teethHit", "number of damaged teeth", 1, 2000);

    /**
     * @param mode        what is seen
     * @param areaPercent share of one damaged flank (%), the worst tooth
     * @param severe      true when it is at its worst: deep, torn, growing
     * @param teethHit    teeth that show it, at most all of them
     * @param teeth       teeth of the gear
     * @param hardened    true for surface-hardened teeth
     * @param duty        what the drive is there for
     */
    @PublicRule(
            at = "finding/surface-damage",
            title = "Damage of flanks",
            says = "What an area of damage on so many teeth means.")
    public static SurfaceDamage of(
            WearMode mode,
            double areaPercent,
            boolean severe,
            int teethHit,
            int teeth,
            boolean hardened,
            ServiceDuty duty) {
        Refused.ifAny(AREA.judge(areaPercent), TEETH_HIT.judge(teethHit));
        if (teethHit > teeth) {
            throw Refused.because(
                    "teethHit",
                    "%d teeth are said to show it, but the gear has %d."
                            .formatted(teethHit, teeth));
        }
        double whole = areaPercent * teethHit / teeth;
        if (mode.renews()) {
            return told(
                    Verdict.CLEAR_FAIL,
                    "%s: renew whatever the numbers say%s."
                            .formatted(
                                    capital(mode.words()),
                                    duty == ServiceDuty.LIFTING ? ", its mate too" : ""),
                    mode,
                    whole);
        }
        boolean pits = mode == WearMode.INITIAL_PITTING || mode == WearMode.PROGRESSIVE_PITTING;
        if (pits) {
            return pitting(mode, areaPercent, whole, hardened, duty);
        }
        if (severe && duty == ServiceDuty.LIFTING) {
            return told(
                    Verdict.CLEAR_FAIL,
                    "%s, severe, on lifting duty: renew.".formatted(capital(mode.words())),
                    mode,
                    whole);
        }
        return told(
                Verdict.DOUBTFUL,
                "%s: %s. Judge it with the measured thickness, and compare next time."
                        .formatted(capital(mode.words()), mode.remedy()),
                mode,
                whole);
    }

    private static SurfaceDamage pitting(
            WearMode mode, double area, double whole, boolean hardened, ServiceDuty duty) {
        double limit = hardened ? 0.5 : 2;
        boolean over = whole > limit || (hardened && area > 4);
        var verdict =
                over
                        ? Verdict.CLEAR_FAIL
                        : mode == WearMode.PROGRESSIVE_PITTING || duty == ServiceDuty.LIFTING
                                ? Verdict.DOUBTFUL
                                : Verdict.CLEAR_PASS;
        return told(
                verdict,
                "%s over %s %% of all flank; the limit for %s teeth is %s %%%s. %s"
                        .formatted(
                                capital(mode.words()),
                                PlainDigits.rounded(whole, 2),
                                hardened ? "surface-hardened" : "through-hardened",
                                PlainDigits.exact(limit),
                                hardened ? " or 4 % of one flank" : "",
                                over
                                        ? "Renew."
                                        : verdict == Verdict.DOUBTFUL
                                                ? "Below it, but it grows: look again soon."
                                                : "Keep a picture and compare next time."),
                mode,
                whole);
    }

    private static SurfaceDamage told(
            Verdict verdict, String sentence, WearMode mode, double whole) {
        return new SurfaceDamage(
                verdict,
                sentence,
                new Working(
                        List.of(
                                line("looks like", mode.looks()),
                                line("usual cause", mode.cause()),
                                line("usually done", mode.remedy()),
                                line(
                                        "share of all flank = area × damaged teeth / teeth",
                                        PlainDigits.rounded(whole, 2) + " %")),
                        "modes after ISO 10825-1, from memory; area limits life criterion of ISO 6336-2, from memory; causes and remedies common practice",
                        List.of(
                                "Crane practice scraps at 30 % of the meshing area with pits a tenth of the tooth deep (GB/T 6067.1, from memory): an outer limit only.")));
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
