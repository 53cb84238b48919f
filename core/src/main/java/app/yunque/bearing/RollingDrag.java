package app.yunque.bearing;

import app.yunque.measure.Asks;
import app.yunque.measure.GuardBand;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Optional;

/**
 * Preload of bearings by their rolling drag: a cord round the shaft and a spring scale, pulled steadily while it turns; T = F (r + cord/2), less the drag
 * of seals and of what turns with it. Source: mechanics; common practice, no source.
 *
 * @param dragNm drag of the bearings alone (N·m)
 * @param told   verdict against the maker's band, and words
 */
public record RollingDrag(double dragNm, Told told) {
    public static final Range PULL = Range.of("pullsN", "pull", 0.01, 5000, "N");
    public static final Range RADIUS = Range.of("radiusMm", "radius of the wrap", 1, 1000, "mm");
    public static final Range CORD = Range.of("cordMm", "cord", 0, 20, "mm");
    public static final Range SEALS = Range.of("sealsNm", "drag of the seals", 0, 500, "N·m");
    public static final Range OTHERS =
            Range.of("otherNm", "drag of the shaft in mesh with it", 0, 500, "N·m");
    public static final Range RATIO =
            Range.of("ratio", "turns of this shaft for one of that", 0.01, 1000, "");
    private static final int ENOUGH = 3;
    private static final double SCALE = 0.05;

    /**
     * What turns with it through a mesh.
     *
     * @param otherNm drag of that shaft, measured at it (N·m)
     * @param ratio   turns of this shaft for one of that
     */
    public record Behind(double otherNm, double ratio) {
        public Behind {
            Refused.ifAny(OTHERS.judge(otherNm), RATIO.judge(ratio));
        }
    }

    /**
     * What the maker wants.
     *
     * @param leastNm least (N·m)
     * @param mostNm  most (N·m)
     */
    public record Wanted(@Asks("least drag") double leastNm, @Asks("most drag") double mostNm) {
        public Wanted {
            if (!(0 <= leastNm && leastNm < mostNm)) {
                throw Refused.because(
                        "mostNm",
                        "The most wanted drag, %s N·m, has to be more than the least, %s. Look again at the sheet."
                                .formatted(PlainDigits.exact(mostNm), PlainDigits.exact(leastNm)));
            }
        }
    }

    /**
     * @param pullsN   steady pull while it turns, one for each try (N); not the pull that breaks it loose
     * @param radiusMm radius the cord is wrapped on (mm)
     * @param cordMm   thickness of the cord (mm)
     * @param sealsNm  drag of the seals (N·m), 0 while they are out
     * @param behind   a shaft that turns with it; empty when it turns alone
     * @param wanted   the maker's band; empty when it is not known
     */
    @PublicRule(
            at = "bearing/rolling-drag",
            title = "Preload by rolling drag",
            says = "A cord and a spring scale prove a preload that no indicator can.",
            sets = {"S-02", "S-04", "S-07", "S-14"})
    public static RollingDrag of(
            List<Double> pullsN,
            double radiusMm,
            double cordMm,
            double sealsNm,
            @Asks("a shaft that turns with it") Optional<Behind> behind,
            @Asks("what the maker wants") Optional<Wanted> wanted) {
        var pulls = new RepeatedReadings(pullsN);
        pullsN.forEach(p -> Refused.ifAny(PULL.judge(p)));
        Refused.ifAny(RADIUS.judge(radiusMm), CORD.judge(cordMm), SEALS.judge(sealsNm));
        double total = pulls.meanMm() * (radiusMm + cordMm / 2) / 1000;
        double others = behind.map(b -> b.otherNm / b.ratio).orElse(0.0);
        double drag = total - sealsNm - others;
        if (drag < 0) {
            throw Refused.because(
                    "sealsNm",
                    "Seals and the other shaft, %s N·m, drag more than the whole, %s N·m. Measure both again."
                            .formatted(
                                    PlainDigits.rounded(sealsNm + others, 3),
                                    PlainDigits.rounded(total, 3)));
        }
        double uncertainty = Math.max(SCALE * total, pulls.spreadMm() / 2 * radiusMm / 1000);
        var verdict =
                wanted.map(
                                w ->
                                        GuardBand.atMost(drag, uncertainty, w.mostNm)
                                                .worse(
                                                        GuardBand.atLeast(
                                                                drag, uncertainty, w.leastNm)))
                        .orElse(Verdict.NOT_JUDGED);
        var told =
                Told.of("mechanics; a scale good to 5 %: common practice, no source")
                        .verdict(verdict)
                        .figure("dragNm", "drag of the bearings", drag, "N·m", 3)
                        .figure("totalNm", "drag of all", total, "N·m", 3)
                        .figure("uncertaintyNm", "good to ±", uncertainty, "N·m", 3)
                        .warnIf(
                                pullsN.size() < ENOUGH,
                                "Pull three times, over three turns or more: the pull that breaks it loose does not count.")
                        .line(
                                "T = F (r + cord / 2)",
                                "%s × (%s + %s / 2) = %s N·m",
                                PlainDigits.rounded(pulls.meanMm(), 2),
                                PlainDigits.exact(radiusMm),
                                PlainDigits.exact(cordMm),
                                PlainDigits.rounded(total, 3))
                        .line(
                                "less seals and the shaft behind",
                                "%s − %s − %s = %s N·m",
                                PlainDigits.rounded(total, 3),
                                PlainDigits.exact(sealsNm),
                                PlainDigits.rounded(others, 3),
                                PlainDigits.rounded(drag, 3))
                        .saying(
                                PlainDigits.rounded(drag, 3)
                                        + " N·m"
                                        + wanted.map(w -> " " + inWords(drag, verdict, w))
                                                .orElse(
                                                        ": the maker's band is not entered, so it is not judged."));
        return new RollingDrag(drag, told);
    }

    private static String inWords(double drag, Verdict verdict, Wanted wanted) {
        var band =
                "(%s to %s wanted)"
                        .formatted(
                                PlainDigits.exact(wanted.leastNm),
                                PlainDigits.exact(wanted.mostNm));
        return switch (verdict) {
            case CLEAR_PASS -> band + ": as wanted.";
            case DOUBTFUL -> band + ": too near to an edge to tell. Pull again with a finer scale.";
            case CLEAR_FAIL ->
                    band
                            + (drag > wanted.mostNm
                                    ? ": too tight. Ease the preload, and never by backing off a nut on a crush sleeve."
                                    : ": too loose. More preload.");
            case NOT_JUDGED -> band + ": not judged.";
        };
    }
}
