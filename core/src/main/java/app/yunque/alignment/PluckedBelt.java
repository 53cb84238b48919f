package app.yunque.alignment;

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
 * Tension of a belt from the note of its free span when it is plucked: T = 4 m t² f², m its mass for a metre, t the span. Source: the stretched string (Mersenne); its
 * stiffness is left out, which reads a short thick belt too tight.
 *
 * @param tensionN static tension (N)
 * @param told     verdict against the maker's band, and words
 */
public record PluckedBelt(double tensionN, Told told) {
    public static final Range MASS =
            Range.of("massPerMetreKg", "mass of a metre of belt", 0.002, 10, "kg");
    public static final Range SPAN = Range.of("spanMm", "free span", 30, 10_000, "mm");
    public static final Range FREQUENCY =
            Range.of("frequenciesHz", "note of the span", 2, 1000, "Hz");
    private static final int ENOUGH = 3;

    /**
     * The maker's band.
     *
     * @param leastN least (N)
     * @param mostN  most (N)
     */
    public record Wanted(@Asks("least tension") double leastN, @Asks("most tension") double mostN) {
        public Wanted {
            if (!(0 <= leastN && leastN < mostN)) {
                throw Refused.because(
                        "mostN",
                        "The most wanted tension, %s N, has to be more than the least, %s. Look again at the sheet."
                                .formatted(PlainDigits.exact(mostN), PlainDigits.exact(leastN)));
            }
        }
    }

    /**
     * @param massPerMetreKg mass of a metre of belt (kg)
     * @param spanMm         free span (mm)
     * @param frequenciesHz  note of the span when plucked, one for each try (Hz)
     * @param wanted         the maker's band; empty where it is not known
     */
    @PublicRule(
            at = "alignment/plucked-belt",
            title = "Belt by its note",
            says = "Tension from the note of the plucked span.",
            sets = {"S-15"})
    public static PluckedBelt of(
            double massPerMetreKg,
            double spanMm,
            @Asks("note of the plucked span") List<Double> frequenciesHz,
            @Asks("what the maker wants") Optional<Wanted> wanted) {
        Refused.ifAny(MASS.judge(massPerMetreKg), SPAN.judge(spanMm));
        var notes = new RepeatedReadings(frequenciesHz);
        frequenciesHz.forEach(f -> Refused.ifAny(FREQUENCY.judge(f)));
        double perHz2 = 4 * massPerMetreKg * Math.pow(spanMm / 1000, 2);
        double tension = perHz2 * notes.meanMm() * notes.meanMm();
        double uncertainty = perHz2 * notes.meanMm() * notes.spreadMm();
        var verdict =
                wanted.map(
                                w ->
                                        GuardBand.atMost(tension, uncertainty, w.mostN)
                                                .worse(
                                                        GuardBand.atLeast(
                                                                tension, uncertainty, w.leastN)))
                        .orElse(Verdict.NOT_JUDGED);
        return new PluckedBelt(
                tension,
                Told.of(
                                "the stretched string; stiffness of the belt left out; the maker's band wins")
                        .verdict(verdict)
                        .figure("tensionN", "tension", tension, "N", 0)
                        .figure(
                                "uncertaintyN",
                                "good to ±, by the spread of the notes",
                                uncertainty,
                                "N",
                                0)
                        .warnIf(
                                notes.count() < ENOUGH,
                                "Pluck it three times, with the pulleys turned on between: one note tells little.")
                        .warn("Isolated and locked first; fingers out of the pulley.")
                        .line(
                                "T = 4 m t² f²",
                                "4 × %s × %s² × %s² = %s N",
                                PlainDigits.exact(massPerMetreKg),
                                PlainDigits.rounded(spanMm / 1000, 4),
                                PlainDigits.rounded(notes.meanMm(), 2),
                                PlainDigits.rounded(tension, 1))
                        .school(
                                "Pressing it in the middle of the span does without the mass: see Belt.")
                        .saying(
                                PlainDigits.rounded(tension, 0)
                                        + " N"
                                        + wanted.map(w -> inWords(tension, verdict, w))
                                                .orElse(
                                                        ": the maker's band is not entered, so it is not judged.")));
    }

    private static String inWords(double tension, Verdict verdict, Wanted wanted) {
        var band =
                " (%s to %s wanted)"
                        .formatted(
                                PlainDigits.exact(wanted.leastN), PlainDigits.exact(wanted.mostN));
        return switch (verdict) {
            case CLEAR_PASS -> band + ": as wanted.";
            case CLEAR_FAIL ->
                    band
                            + (tension > wanted.mostN
                                    ? ": too tight. It loads the bearings; slacken it."
                                    : ": too slack. Tighten it.");
            default -> band + ": too near to an edge to tell. Pluck it again.";
        };
    }
}
